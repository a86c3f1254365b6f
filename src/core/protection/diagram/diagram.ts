import { type Box, type Graph, type Lead } from "./graph";

/** The drawing with everything in its place, in units of the drawing. */
export type Diagram = {
  readonly wide: number;
  readonly high: number;
  readonly boxes: readonly (Box & { readonly left: number; readonly top: number })[];
  readonly lines: readonly (Lead & { readonly points: readonly Point[] })[];
};
export type Point = readonly [number, number];

/** The graph in the JSON form of the layout package, and what of its answer is used. */
export type LayoutAsk = {
  readonly id: string;
  readonly layoutOptions: Readonly<Record<string, string>>;
  readonly children: readonly object[];
  readonly edges: readonly object[];
};
export type LayoutAnswer = {
  readonly width?: number;
  readonly height?: number;
  readonly children?: readonly { readonly id: string; readonly x?: number; readonly y?: number }[];
  readonly edges?: readonly {
    readonly id: string;
    readonly sections?: readonly {
      readonly startPoint: { readonly x: number; readonly y: number };
      readonly endPoint: { readonly x: number; readonly y: number };
      readonly bendPoints?: readonly { readonly x: number; readonly y: number }[];
    }[];
  }[];
};

/** Room round everything, and between what lies beside and under each other. */
const margin = 14;

export function layoutAsk({ boxes, leads }: Graph): LayoutAsk {
  return {
    id: "drawing",
    layoutOptions: {
      "elk.algorithm": "layered",
      "elk.direction": "DOWN",
      "elk.edgeRouting": "ORTHOGONAL",
      "elk.spacing.nodeNode": "18",
      "elk.spacing.edgeNode": "12",
      "elk.spacing.edgeEdge": "10",
      "elk.layered.spacing.nodeNodeBetweenLayers": "22",
      "elk.layered.spacing.edgeNodeBetweenLayers": "10",
      "elk.layered.spacing.edgeEdgeBetweenLayers": "9",
      "elk.spacing.componentComponent": "36",
      "elk.padding": `[top=${margin},left=${margin},bottom=${margin},right=${margin}]`,
      // strings stay side by side in their order: there is little to try, and trying took half the time
      "elk.layered.considerModelOrder.strategy": "NODES_AND_EDGES",
      "elk.layered.crossingMinimization.forceNodeModelOrder": "true",
      "elk.layered.thoroughness": "1",
    },
    children: boxes.map(({ id, wide, high, ports }) => ({
      id,
      width: wide,
      height: high,
      layoutOptions: { "elk.portConstraints": "FIXED_POS" },
      ports: ports.map(({ id: portId, side, x, y }) => ({
        id: portId,
        width: 0,
        height: 0,
        x,
        y,
        layoutOptions: { "elk.port.side": side === "north" ? "NORTH" : "SOUTH" },
      })),
    })),
    edges: leads.map(({ id, from, to }) => ({ id, sources: [from], targets: [to] })),
  };
}

/** Boxes and lines as they were placed. Throws where the answer is not to the question. */
export function diagramOf({ boxes, leads }: Graph, answer: LayoutAnswer): Diagram {
  const places = new Map((answer.children ?? []).map((each) => [each.id, each]));
  const ways = new Map((answer.edges ?? []).map((each) => [each.id, each]));
  return {
    wide: answer.width ?? 0,
    high: answer.height ?? 0,
    boxes: boxes.map((box) => {
      const { x, y } = places.get(box.id) ?? {};
      if (x === undefined || y === undefined) throw new Error(`the layout has no place for "${box.id}"`);
      return { ...box, left: x, top: y };
    }),
    lines: leads.map((lead) => {
      const points = (ways.get(lead.id)?.sections ?? []).flatMap(({ startPoint, bendPoints = [], endPoint }) =>
        [startPoint, ...bendPoints, endPoint].map(({ x, y }): Point => [x, y]),
      );
      if (points.length < 2) throw new Error(`the layout has no way for "${lead.id}"`);
      return { ...lead, points };
    }),
  };
}

/**
 * The drawing parted into what hangs together, an input with all that feeds it, each moved to its own top left corner: for paper on
 * which the whole would be too small to read.
 */
export function partsOfDiagram({ boxes, lines }: Diagram): Diagram[] {
  const groupOf = new Map(boxes.map(({ id }) => [id, id]));
  const find = (id: string): string => {
    const up = groupOf.get(id) ?? id;
    return up === id ? id : find(up);
  };
  const boxOfPort = new Map(boxes.flatMap(({ id, ports }) => ports.map((port) => [port.id, id] as const)));
  const ends = ({ from, to }: Lead) => [boxOfPort.get(from) ?? "", boxOfPort.get(to) ?? ""] as const;
  for (const line of lines) {
    const [a, b] = ends(line);
    groupOf.set(find(a), find(b));
  }
  return [...new Set(boxes.map(({ id }) => find(id)))].map((group) => {
    const theirs = boxes.filter(({ id }) => find(id) === group);
    const ways = lines.filter((line) => find(ends(line)[0]) === group);
    const xs = [
      ...theirs.flatMap(({ left, wide }) => [left, left + wide]),
      ...ways.flatMap(({ points }) => points.map(([x]) => x)),
    ];
    const ys = [
      ...theirs.flatMap(({ top, high }) => [top, top + high]),
      ...ways.flatMap(({ points }) => points.map(([, y]) => y)),
    ];
    const [x0, y0] = [Math.min(...xs) - margin, Math.min(...ys) - margin];
    return {
      wide: Math.max(...xs) - x0 + margin,
      high: Math.max(...ys) - y0 + margin,
      boxes: theirs.map((box) => ({ ...box, left: box.left - x0, top: box.top - y0 })),
      lines: ways.map((line) => ({ ...line, points: line.points.map(([x, y]): Point => [x - x0, y - y0]) })),
    };
  });
}
