import {
  blankDevice,
  blankLabel,
  type DeviceSheet,
  emptyPlan,
  newPieces,
  type PanelSheet,
  type Plan,
  type PortSheet,
} from "@/core/plan";
import {
  isChanged,
  type Item,
  type PortArray,
  nameStrings,
  newTile,
  type PvString,
  stringOf,
  type Stance,
  type PanelRef,
} from "@/core/engine/array";
import { createRandom, type Random } from "@/core/engine/random";

/**
 * A plan drawn from a seed, with all that limits may depend on: groups inside strings, panels taken out, stowed and shaded,
 * blocking diodes, tiers of both kinds, limits that ports share, PWM, values nobody knows. Its limits are set near what
 * its panels reach, so that about half of them are passed.
 */
export function randomPlan(seed: number): Plan {
  const draw = createRandom(seed);
  const kinds = draw.list(draw.whole(1, 3), (k) => ({ id: `k${k}`, label: randomLabel(draw, `Kind ${k}`) }));
  const counts = new Map<string, number>();
  const stands: Plan["positions"][number]["stands"] = [];
  const others: Plan["positions"][number]["stands"] = [];
  const panel = (): PanelRef => {
    const { id } = kinds[draw.whole(0, kinds.length - 1)] ?? { id: "k0" };
    const piece = (counts.get(id) ?? 0) + 1;
    counts.set(id, piece);
    const tile = { ...newTile(id, piece), bypassed: draw.chance(0.1) };
    const stand = randomStand(draw);
    if (isChanged(stand)) stands.push({ panelId: id, piece, ...stand });
    const other = draw.chance(0.2) ? randomStand(draw) : stand;
    if (isChanged(other)) others.push({ panelId: id, piece, ...other });
    return tile;
  };
  const inputs = draw.list(draw.whole(1, 2), (k) => ({
    id: `i${k}`,
    portIds: draw.list(draw.whole(1, 3), (n) => `p${n}`),
  }));
  const portArrays = inputs.flatMap(({ id, portIds }) =>
    portIds.map((portId): PortArray => ({ inputId: id, portId, strings: randomStrings(draw, panel) })),
  );
  const vocOf = new Map(kinds.map(({ id, label }) => [id, label]));
  const wired = portArrays.filter((portArray) => portArray.portId === "p0" || draw.chance(0.7));
  const named = nameStrings(wired, 0);
  const several = draw.chance(0.4);
  const empty = emptyPlan(`Plan ${seed}`);
  const [wiring] = empty.wirings;
  const [position] = empty.positions;
  if (wiring === undefined || position === undefined) throw new Error("a plan has a wiring and a position");
  return {
    ...empty,
    positions: several
      ? [
          { ...position, stands },
          { id: "pose-2", name: "Other", stands: others, hours: null },
        ]
      : [{ ...position, stands }],
    site: {
      ...empty.site,
      recordLowC: draw.chance(0.9) ? draw.whole(-42, 12) : null,
      recordHighC: draw.chance(0.9) ? draw.whole(20, 45) : null,
      latitudeDeg: draw.chance(0.8) ? draw.whole(-60, 60) : null,
      mount: draw.chance(0.8) ? draw.pick(["freeStanding", "tilted", "roofGap", "flush", "glued"]) : null,
    },
    panels: kinds
      .filter(({ id }) => counts.has(id))
      .map(({ id, label }) => ({ id, libraryId: null, label, ...newPieces(counts.get(id) ?? 1), measured: null })),
    inputs: inputs.map(({ id, portIds }) => ({
      id,
      libraryId: null,
      device: randomDevice(draw, id, portIds, (portId) =>
        sizeOf(
          portArrays.find((portArray) => portArray.inputId === id && portArray.portId === portId)?.strings ?? [],
          vocOf,
        ),
      ),
    })),
    wirings: [
      {
        ...wiring,
        positionIds: several ? ["pose-1", "pose-2"] : ["pose-1"],
        portArrays: [...named.portArrays],
        stringsGiven: named.stringsGiven,
      },
    ],
  };
}

function randomLabel(draw: Random, name: string): PanelSheet {
  const cells = draw.pick([32, 33, 36, 40, 60, 66, 72]);
  const cellType = draw.pick<PanelSheet["cellType"]>(["mono", "mono", "poly", "cigs"]);
  const vocV = round(cells * draw.number(0.59, 0.69), 1);
  const iscA = round(draw.number(2, 13), 2);
  const vmpV = round(vocV * draw.number(0.8, 0.845), 1);
  const impA = round(iscA * draw.number(0.92, 0.955), 2);
  return {
    ...blankLabel(name),
    cellType,
    pmaxW: round(vmpV * impA * draw.number(0.985, 1.015), 0),
    vocV,
    iscA,
    vmpV,
    impA,
    tempCoVocPctPerC: draw.chance(0.75) ? round(draw.number(-0.36, -0.24), 2) : null,
    tempCoIscPctPerC: draw.chance(0.5) ? round(draw.number(0.02, 0.07), 3) : null,
    cellsInSeries: draw.chance(0.7) ? cells : null,
    bypassDiodes: draw.chance(0.7) ? draw.whole(1, 3) : null,
    maxSeriesFuseA: draw.chance(0.7) ? draw.pick([10, 15, 15, 20, 25]) : null,
    maxSystemV: draw.chance(0.6) ? draw.pick([50, 100, 150, 600, 1000]) : null,
  };
}

function randomStand(draw: Random) {
  const stance: Stance = draw.chance(0.1) ? "stowed" : "out";
  const light = draw.chance(0.12) ? [round(draw.number(0, 1), 2), 1] : [1];
  return { stance, light, tiltDeg: draw.chance(0.1) ? draw.whole(-45, 45) : 0, azimuthDeg: null };
}

function randomStrings(draw: Random, panel: () => PanelRef): PvString[] {
  return draw.list(draw.pick([1, 1, 2, 2, 3, 4]), () => randomString(draw, panel, 1));
}

function randomString(draw: Random, panel: () => PanelRef, deeper: number): PvString {
  const items = draw.list(draw.whole(1, 4), (): Item => {
    if (deeper === 0 || !draw.chance(0.15)) return panel();
    return { type: "group", strings: draw.list(draw.whole(2, 3), () => randomString(draw, panel, deeper - 1)) };
  });
  return { ...stringOf(items), blockingDiode: draw.chance(0.12) };
}

type Size = { readonly vocV: number; readonly iscA: number; readonly pmaxW: number };

/** About what strings reach by their labels: limits are drawn around it. */
function sizeOf(strings: readonly PvString[], labels: ReadonlyMap<string, PanelSheet>): Size {
  const along = (string: PvString): Size =>
    string.items.reduce<Size>(
      (sum, item) => {
        const label = item.type === "panel" ? labels.get(item.panelId) : undefined;
        const part =
          item.type === "group"
            ? sizeOf(item.strings, labels)
            : { vocV: label?.vocV ?? 0, iscA: label?.iscA ?? 0, pmaxW: label?.pmaxW ?? 0 };
        return { vocV: sum.vocV + part.vocV, iscA: Math.max(sum.iscA, part.iscA), pmaxW: sum.pmaxW + part.pmaxW };
      },
      { vocV: 0, iscA: 0, pmaxW: 0 },
    );
  return strings.map(along).reduce(
    (sum, string) => ({
      vocV: Math.max(sum.vocV, string.vocV),
      iscA: sum.iscA + string.iscA,
      pmaxW: sum.pmaxW + string.pmaxW,
    }),
    { vocV: 12, iscA: 1, pmaxW: 20 },
  );
}

function randomDevice(
  draw: Random,
  name: string,
  portIds: readonly string[],
  sizeAt: (portId: string) => Size,
): DeviceSheet {
  const sizes = portIds.map(sizeAt);
  const sum = (key: "pmaxW" | "iscA") => sizes.reduce((total, size) => total + size[key], 0);
  const groups = draw.list(draw.chance(0.35) ? draw.whole(1, 2) : 0, (k) => ({
    id: `g${k}`,
    name: `Group ${k}`,
    portIds: portIds.filter(() => draw.chance(0.8)),
    maxW: draw.chance(0.7) ? round(sum("pmaxW") * draw.number(0.5, 1.6), 0) : null,
    maxA: draw.chance(0.4) ? round(1.25 * sum("iscA") * draw.number(0.5, 1.6), 1) : null,
    nature: draw.pick(["drawsUpTo", "neverExceed"] as const),
  }));
  return {
    ...blankDevice(name),
    ports: portIds.map((id, k) => randomPort(draw, id, sizes[k] ?? { vocV: 20, iscA: 5, pmaxW: 100 })),
    groups,
    modules: [],
  };
}

function randomPort(draw: Random, id: string, { vocV, iscA, pmaxW }: Size): PortSheet {
  const [blank] = blankDevice("x").ports;
  if (blank === undefined) throw new Error("a device has a port");
  const maxV = draw.chance(0.9) ? round(vocV * draw.number(0.85, 1.5), 0) : null;
  const onBattery = draw.chance(0.4);
  const pwm = draw.chance(0.15);
  return {
    ...blank,
    id,
    name: `Port ${id}`,
    minV: onBattery ? null : round(vocV * draw.number(0.1, 0.6), 0),
    maxV,
    ceilingBasis: draw.pick(["voc", "voc", "voc", "vmp", "unknown"]),
    overVoltage: draw.pick(["shutsOut", "mayDestroy", "unknown"]),
    batteryV: onBattery || pwm ? (draw.chance(0.85) ? draw.pick([12.8, 25.6, 51.2]) : null) : null,
    wakeMarginV: onBattery ? draw.whole(1, 6) : null,
    stayMarginV: onBattery ? 1 : null,
    conversion: pwm ? "pwm" : "mppt",
    tracker: draw.pick(["fullScan", "hillClimb", "unknown"]),
    maxW: draw.chance(0.7) ? round(pmaxW * draw.number(0.6, 1.5), 0) : null,
    maxWNature: draw.pick(["drawsUpTo", "neverExceed"]),
    currentLimits: draw.list(draw.pick([0, 1, 1, 2, 3]), () => {
      const fromV = draw.chance(0.5) ? round(draw.number(0, vocV), 0) : null;
      const toV = draw.chance(0.5) ? round((fromV ?? 0) + draw.number(1, vocV), 0) : null;
      const nature = draw.pick(["drawsUpTo", "neverExceed"] as const);
      return { fromV, toV, amps: draw.chance(0.03) ? null : round(1.25 * iscA * draw.number(0.6, 1.6), 1), nature };
    }),
  };
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
