import { type Plan } from "../../plan";
import { sizeThatCounts } from "../cabling";
import { type Item, keyOfItem } from "./items";
import { type ListLine, lineOf, orderedLines } from "./list";
import { type ProtectReport } from "./report";

/** So many of a part for one use; of a family a larger one serves in the place of a smaller. */
type Use = {
  readonly family: string;
  readonly item: Item;
  /** How large it is among its family. */ readonly rank: number;
  readonly count: number;
  readonly areaMm2: number;
};

type Wired = Pick<ProtectReport, "lines" | "portArrays" | "batteries">;

/**
 * One parts list for all wirings of a plan: what is bought once and serves each of them. Of a part as many as the wiring with most needs;
 * of shared cables, strings' cables, isolators, boxes and busbars a larger one serves where another wiring asks for a smaller.
 */
export function installationLines(plan: Plan, reports: readonly Wired[]): ListLine[] {
  const wirings = reports.map(usesOf);
  const all = wirings.flat();
  const bought = [...new Set(all.map(({ family }) => family))].flatMap((family) => {
    const inFamily = (uses: readonly Use[]) => uses.filter((use) => use.family === family);
    const sizes = [...new Map(inFamily(all).map((use) => [use.rank, use])).values()].sort((a, b) => b.rank - a.rank);
    let larger = 0;
    return sizes.flatMap((use): Use[] => {
      const needed = wirings.map((uses) => sum(inFamily(uses).filter(({ rank }) => rank >= use.rank)));
      const count = Math.max(...needed) - larger;
      if (count <= dust) return [];
      larger += count;
      return [{ ...use, count }];
    });
  });
  const byKey = new Map<string, Use>();
  for (const use of bought) {
    const key = keyOfItem(use.item);
    byKey.set(key, { ...use, count: use.count + (byKey.get(key)?.count ?? 0) });
  }
  return orderedLines([...byKey].map(([key, use]) => lineOf(plan, key, use)));
}
/** Metres that are only the rounding of sums. */
const dust = 1e-9;

function sum(uses: readonly Use[]): number {
  return uses.reduce((total, { count }) => total + count, 0);
}

/** Of cables each use apart, as a thick shared one does not end in a panel's connector; of all else what the list counts. */
function usesOf({ lines, portArrays, batteries }: Wired): readonly Use[] {
  const runs = [...portArrays.flatMap((portArray) => portArray.runs), ...batteries.map(({ run }) => run)];
  const cables = runs.flatMap((run): Use[] => {
    const size = sizeThatCounts(run)?.size;
    if (size === undefined) return [];
    const { name, areaMm2 } = size;
    const use = run.part === "string" ? "string" : run.part === "battery" ? "battery" : "shared";
    return (["red", "black"] as const).map((colour) => ({
      family: `cable ${use} ${colour}`,
      item: { type: "cable", size: name, colour },
      rank: areaMm2,
      count: run.lengthMm / 1000,
      areaMm2,
    }));
  });
  const others = lines.flatMap(({ item, count, areaMm2 }): Use[] =>
    item.type === "cable" && item.colour !== "greenYellow"
      ? []
      : [{ family: familyOf(item), item, rank: rankOf(item, areaMm2), count, areaMm2 }],
  );
  return [...cables, ...others];
}

/** Parts of which a larger one serves in the place of a smaller are one family; all others stand for themselves. */
function familyOf(item: Item): string {
  switch (item.type) {
    case "cable":
    case "box":
    case "bar":
    case "conduit":
      return item.type;
    case "switch":
      return `switch ${item.volts}`;
    default:
      return keyOfItem(item);
  }
}

function rankOf(item: Item, areaMm2: number): number {
  switch (item.type) {
    case "switch":
      return item.ratedA;
    case "box":
      return item.wideMm * item.highMm * item.deepMm;
    case "bar":
      return item.studs;
    case "conduit":
      return item.nominalMm;
    default:
      return areaMm2;
  }
}
