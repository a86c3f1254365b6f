import { type Plan } from "../../plan";
import { type DrillFault, drillFaults, faultsOf, type LayoutFault } from "../roof";
import { partsOfKey } from "../../engine/array";
import { type Amount } from "../../checks";
import { nameOnRoof, type RoofContext, type RoofJudged, type RoofRule } from "./context";

/** Something wrong with how panels lie, and what the things in it are called. */
export type LayoutReason = {
  readonly type: "layout";
  readonly fault: LayoutFault | ({ readonly type: "drill" } & DrillFault);
  readonly name: string;
  readonly otherName: string;
  /** Of a zone. */ readonly zoneKind: Plan["space"]["zones"][number]["kind"] | null;
};

/** Panels over one another, over the edge, in the way of what opens, out of reach: legal, and foolish. */
function layout({ plan, surfaces }: RoofContext): readonly RoofJudged<LayoutReason>[] {
  return surfaces.flatMap(({ surface, panels }) => {
    const faults: readonly LayoutReason["fault"][] = [
      ...faultsOf(plan, surface, panels),
      ...drillFaults(plan, surface).map((fault) => ({ type: "drill", ...fault }) as const),
    ];
    return faults.map((fault) => {
      const other = otherOf(fault);
      const zone = plan.space.zones.find(({ id }) => id === other);
      return {
        // a hole through what is hidden under the skin may meet a cable or a pipe
        level: fault.type === "drill" && zone?.kind === "hidden" ? "stop" : "care",
        ...measureOf(fault),
        marginPct: null,
        assumptions: [],
        reason: {
          type: "layout",
          fault,
          name: nameOnRoof(plan, fault.type === "drill" ? fault.glandId : fault.panel),
          otherName: other === null ? surface.name : nameOnRoof(plan, other),
          zoneKind: zone?.kind ?? null,
        },
        tiles: [],
        subject:
          fault.type === "drill"
            ? { type: "surface", surfaceId: surface.id }
            : { type: "piece", ...partsOfKey(fault.panel) },
        about: `${fault.type}/${fault.type === "drill" ? `${fault.glandId}/` : ""}${other ?? ""}`,
      };
    });
  });
}

/** What else a fault is about: another panel, a thing, a zone; null: the surface. */
function otherOf(fault: LayoutReason["fault"]): string | null {
  switch (fault.type) {
    case "overlap":
      return fault.other;
    case "onObstacle":
    case "clearance":
      return fault.obstacleId;
    case "inZone":
    case "drill":
      return fault.zoneId;
    case "noHand":
      return fault.by;
    case "overEdge":
    case "onRib":
    case "onCamber":
      return null;
  }
}

const mm = (value: number): Amount => ({ value, unit: "mm" });

function measureOf(fault: LayoutReason["fault"]): { readonly value: Amount | null; readonly limit: Amount | null } {
  switch (fault.type) {
    case "onRib":
      return { value: mm(fault.gapMm), limit: mm(fault.heightMm) };
    case "onCamber":
      return { value: mm(fault.gapMm), limit: mm(fault.bulgeMm) };
    case "noHand":
      return { value: mm(fault.freeMm), limit: mm(fault.neededMm) };
    default:
      return { value: null, limit: null };
  }
}

export const layoutRule: RoofRule<"layout", LayoutReason> = {
  id: "layout",
  step: "layout",
  sense: "atLeast",
  chart: { skies: [], edge: null },
  fixedBy: "layout",
  ofInput: false,
  judge: layout,
};
