import { type Plan } from "../../plan";
import { type Item, keyOfItem } from "./items";
import { type ListLine, partsList, type PlacedNeed } from "./list";
import { type ProtectReport } from "./report";

/**
 * One parts list for all wirings of a plan: an installation that stays while the panels are wired otherwise. Place by place (a PV input, a
 * battery) of each part as many as the wiring that needs most there; of cables, isolators, boxes and busbars a larger one serves where
 * another wiring asks for a smaller.
 */
export function installationLines(plan: Plan, reports: readonly Pick<ProtectReport, "needs">[]): ListLine[] {
  const all = reports.flatMap(({ needs }) => needs);
  const needed = [...new Set(all.map(familyOf))].flatMap((family) => {
    const inFamily = (needs: readonly PlacedNeed[]) => needs.filter((need) => familyOf(need) === family);
    const sizes = [...new Map(inFamily(all).map((need) => [rankOf(need), need])).values()].sort(
      (a, b) => rankOf(b) - rankOf(a),
    );
    let larger = 0;
    return sizes.flatMap((need): PlacedNeed[] => {
      const most = reports.map(({ needs }) =>
        inFamily(needs)
          .filter((each) => rankOf(each) >= rankOf(need))
          .reduce((sum, each) => sum + each.count, 0),
      );
      const count = Math.max(...most) - larger;
      if (count <= dust) return [];
      larger += count;
      return [{ ...need, count }];
    });
  });
  return partsList(plan, needed);
}
/** Metres that are only the rounding of sums. */
const dust = 1e-9;

/** Parts at one place of which a larger one serves in the place of a smaller are one family; all others stand for themselves. */
function familyOf({ item, place, part }: PlacedNeed): string {
  return `${place} ${kindOf(item, part)}`;
}

function kindOf(item: Item, part: PlacedNeed["part"]): string {
  switch (item.type) {
    case "cable":
      return `cable ${part ?? ""} ${item.colour}`;
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

function rankOf({ item, areaMm2 }: PlacedNeed): number {
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
