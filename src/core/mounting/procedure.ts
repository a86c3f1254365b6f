import { branchesOfStrings, isFuseStrict, jointOfPortArray, needsFuse, ratedPanel } from "../protection/cabling";
import { type Fixing, fuseAt, type GateId, type MountingMethodId, type Plan, switchAt } from "../plan";
import { keyOf, usedIn } from "../engine/array";
import { surfacesUnder } from "./load";
import { type Conditions, mountingMethods, roofSurfaceOf } from "./methods";
import { edgeIsPainted } from "./roof-surfaces";
import { type StepId, stepFacts } from "./steps";

/** What is so where the panels of a mounting lie: a gland that exists, or is to be cut, and what the panels feed. */
export function conditionsOf(plan: Plan, fixing: Fixing): Conditions {
  const on = surfacesUnder(plan, fixing);
  const here = plan.space.glands.filter(({ surfaceId }) => on.some(({ id }) => id === surfaceId));
  const { drillsFrame } = mountingMethods[fixing.method];
  return {
    roofSurface: roofSurfaceOf(fixing),
    // an existing hole before a new one; with none drawn one is cut
    hole: here.some(({ existing }) => existing) ? "old" : "new",
    drillsFrame: fixing.frameDrilled ?? drillsFrame,
    ...joinedTo(plan, fixing),
  };
}

/** What stands between the panels of a fixing and what they feed, in any of the plan's wirings. */
function joinedTo(
  plan: Plan,
  { pieces, method }: Fixing,
): Pick<Conditions, "hasBattery" | "hasFuses" | "hasSwitch" | "hasBox"> {
  const held = new Set(pieces.map(keyOf));
  const portArrays = plan.wirings.flatMap((wiring) =>
    wiring.portArrays
      .filter(({ strings }) => usedIn(strings).some((tile) => held.has(keyOf(tile))))
      .map((portArray) => ({ portArray, guards: wiring.guards })),
  );
  const isStrict = isFuseStrict(plan);
  return {
    hasBattery: portArrays.some(
      ({ portArray }) => plan.inputs.find(({ id }) => id === portArray.inputId)?.device.kind === "chargeController",
    ),
    hasFuses: portArrays.some(({ portArray, guards }) =>
      (branchesOfStrings(portArray.strings, (tile) => ratedPanel(plan, tile)) ?? []).some(
        (branch) =>
          needsFuse(branch, isStrict) ||
          (branch.string.id !== null && fuseAt(guards, { type: "string", stringId: branch.string.id }) !== null),
      ),
    ),
    hasSwitch:
      portArrays.some(({ portArray: { inputId, portId }, guards }) =>
        inputId === null || portId === null ? false : switchAt(guards, { type: "isolator", inputId, portId }) !== null,
      ) ||
      (portArrays.length > 0 && mountingMethods[method].expectsIsolator),
    hasBox: portArrays.some(({ portArray }) => jointOfPortArray(plan, portArray) === "box"),
  };
}

/**
 * The steps of a mounting in their order, from a bare place to the first watts: what lies under the panels (hole, gland, combiner box)
 * is done and every panel tested before any is fixed for good.
 */
export function procedureOf(method: MountingMethodId, conditions: Conditions): readonly StepId[] {
  const { preparing, fixing, cables, travels, afterDrive } = mountingMethods[method];
  return [
    ...preparing(conditions),
    ...(cables === "throughRoof" ? opening(conditions) : []),
    ...(conditions.hasBox ? (["fitBox"] as const) : []),
    "testPanels",
    ...fixing(conditions),
    cables === "buried"
      ? "layBuried"
      : cables === "lead"
        ? "layLead"
        : conditions.hole === "old"
          ? "threadOld"
          : "threadCables",
    ...connecting(conditions),
    // what shakes loose shows after the first drive
    ...(travels && afterDrive !== null ? [afterDrive] : []),
  ];
}

/** The hole for the cables and its gland: cut before a panel covers the place. */
function opening({ hole, roofSurface }: Conditions): StepId[] {
  if (hole === "old") return ["openGland"];
  return [
    "measureRoofHole",
    "pilotRoofHole",
    "cutRoofHole",
    ...(edgeIsPainted(roofSurface) ? (["finishEdge"] as const) : []),
    "setGland",
  ];
}

/** Joined dark; fuses in, then the meter, then the battery's side, then the isolator, then light. */
function connecting({ hasBattery, hasFuses, hasSwitch }: Conditions): StepId[] {
  return [
    "coverUp",
    "joinRows",
    ...(hasFuses ? (["putFuses"] as const) : []),
    "polarity",
    ...((hasBattery ? ["batteryFirst", "setCutOff"] : ["wakeStation"]) satisfies StepId[]),
    "plugIn",
    ...(hasSwitch ? (["switchOn"] as const) : []),
    "uncover",
    "readDisplay",
  ];
}

/** The gates of a procedure, in their order. */
export function gatesOf(steps: readonly StepId[]): readonly { readonly gate: GateId; readonly step: StepId }[] {
  return steps.flatMap((step) => {
    const { gate } = stepFacts[step];
    return gate === undefined ? [] : [{ gate, step }];
  });
}

/** The first step that cannot be undone and comes of what a gate measures, by way of whatever steps. */
export function guardedBy(steps: readonly StepId[], gateStep: StepId): StepId | null {
  const sure = new Set<string>(stepFacts[gateStep].gives);
  for (const step of steps.slice(steps.indexOf(gateStep) + 1)) {
    const { needs, gives, isOnce } = stepFacts[step];
    if (!needs.some((thing) => sure.has(thing))) continue;
    if (isOnce === true) return step;
    for (const made of gives) sure.add(made);
  }
  return null;
}
