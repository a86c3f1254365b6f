import { applyChange, type Change, type Place, type Plan, type Surface } from "../../plan";
import { parkedIn, type SolvableWiring } from "../../plan-model";
import { type LayoutReason } from "../../layout/rules";
import { type Fix, type FixKind, type FindingWithoutFixes } from "../../assessment";
import {
  groundOf,
  handMm,
  type JudgedPanel,
  judgedPanels,
  type LayoutFault,
  layoutFaults,
  nearestSpot,
} from "../../layout/roof";
import { partsOfKey } from "../../engine/array";
import { fixInPlace } from "./changed-wiring";

/** Above ribs and bulges, so that air gets under, mm. */
const airMm = 10;

/**
 * Ways to lay a panel so that what is wrong with it is not any more: moved as little as can be, turned, set higher, taken off.
 * Each was tried: it leaves nothing wrong with the panel that was not wrong before.
 */
export function layoutFixes(
  { plan, positions }: Pick<SolvableWiring, "plan" | "positions">,
  finding: FindingWithoutFixes,
): readonly Fix[] {
  const reason = finding.reason as LayoutReason;
  const { fault } = reason;
  const positionName = finding.position?.type === "in" ? finding.position.name : null;
  const positionId = (positions.find(({ name }) => name === positionName) ?? positions[0])?.id ?? "";
  const parked = parkedIn(plan);
  if (fault.type === "drill") return [];
  const { panel: key } = fault;
  const ref = partsOfKey(key);
  const place = plan.space.places.find((each) => each.panelId === ref.panelId && each.piece === ref.piece);
  const surface = plan.space.surfaces.find(({ id }) => id === place?.surfaceId);
  if (place === undefined || surface === undefined) return [];
  const panels = judgedPanels(plan, surface, positionId, parked);
  const panel = panels.find(({ id }) => id === key);
  if (panel === undefined) return [];
  const faultsNow = faultsOfPanel(plan);
  const patch = (change: Extract<Change, { type: "patchPlaces" }>["patch"]): Change => ({
    type: "patchPlaces",
    refs: [ref],
    positionId,
    patch: change,
  });

  return [...tries(fault, panel, surface, place)].flatMap(({ kind, change }): Fix[] => {
    const after = faultsOfPanel(applyChange(plan, change));
    if (after.some((type) => type === fault.type || !faultsNow.includes(type))) return [];
    return [fixInPlace({ kind, changes: [change], leaves: [] })];
  });

  function faultsOfPanel(of: Plan): readonly string[] {
    return layoutFaults(of, surface as Surface, positionId, parked)
      .filter((each) => each.panel === key || (each.type === "overlap" && each.other === key))
      .map(({ type }) => type);
  }

  function* tries(
    fault: LayoutFault,
    panel: JudgedPanel,
    surface: Surface,
    { turnedDeg }: Place,
  ): Generator<{ readonly kind: FixKind; readonly change: Change }> {
    if (fault.type === "onRib" || fault.type === "onCamber") {
      const least = fault.type === "onRib" ? fault.heightMm : fault.bulgeMm;
      const gapMm = Math.ceil((least + airMm) / 5) * 5;
      yield { kind: { type: "raiseOnRoof", panelName: reason.name, gapMm }, change: patch({ gapMm }) };
    }
    const others = panels.filter(({ id }) => id !== key);
    const ground = groundOf(plan, surface, others, panel.legsTiltToDeg === null ? 0 : handMm);
    for (const turnDeg of [0, 90]) {
      const turned = { ...panel, turnDeg: panel.turnDeg + turnDeg };
      const spot = nearestSpot(turned, [panel.xMm, panel.yMm], ground);
      if (spot === null) continue;
      const [xMm, yMm] = spot;
      const kind: FixKind = {
        type: "moveOnRoof",
        panelName: reason.name,
        rightMm: xMm - panel.xMm,
        frontMm: yMm - panel.yMm,
        turned: turnDeg !== 0,
      };
      yield { kind, change: patch({ xMm, yMm, turnedDeg: (turnedDeg + turnDeg) % 360 }) };
    }
    yield { kind: { type: "liftOff", panelName: reason.name }, change: { type: "liftPanels", refs: [ref] } };
  }
}
