import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment, type JudgedMisplug } from "@/core/assessment";
import { portOf } from "@/core/plan-model";
import { type UnitSystem } from "@/core/engine/units";
import {
  asMatrix,
  type Joint,
  joiningParts,
  type PortArray,
  type PortArrayRef,
  partsOfKey,
  type Step,
  type PanelKey,
  tilesOfStrings,
} from "@/core/engine/array";
import { amount, counted, given } from "../format";
import { shortName } from "../names";
import { findingSentence } from "../rules";

function panelName(plan: Plan, key: PanelKey): string {
  const { panelId, piece } = partsOfKey(key);
  return `${shortName(plan.panels.find(({ id }) => id === panelId)?.label.name ?? "panel")} ${piece}`;
}

/** A port by its short names: "Haybarn Loft, PV 2". */
export function portWords(plan: Plan, ref: PortArrayRef): string {
  const found = portOf(plan, ref);
  return found === undefined ? "no input yet" : `${shortName(found.device.name)}, ${shortName(found.port.name)}`;
}

/** A port array in a line: "Haybarn Loft, PV 2: 4 in series × 1 string of MG-195". */
export function portArrayWords(plan: Plan, portArray: PortArray): string {
  const name = portWords(plan, portArray);
  const matrix = asMatrix(portArray.strings);
  const kind = (panelId: string) => shortName(plan.panels.find(({ id }) => id === panelId)?.label.name ?? "");
  if (matrix !== null)
    return `${name}: ${matrix.series} in series × ${counted(matrix.strings, "string")} of ${kind(matrix.panelId)}`;
  return `${name}: strings of ${portArray.strings.map((string) => tilesOfStrings([string]).length).join(", ")}, mixed`;
}

/** What joining the panels so asks for, add-on modules included. */
export function partsWords(plan: Plan, { portArrays }: Pick<Wiring, "portArrays">): string {
  const { branchPairs, blockingDiodes } = joiningParts(portArrays);
  const modules = plan.inputs.flatMap(({ id, device }) =>
    device.modules.filter((addOn) =>
      portArrays.some(
        (portArray) =>
          portArray.inputId === id &&
          device.ports.some((port) => port.id === portArray.portId && port.moduleId === addOn.id),
      ),
    ),
  );
  const words = [
    branchPairs > 0 ? counted(branchPairs, "pair of branch connectors", "pairs of branch connectors") : null,
    blockingDiodes > 0 ? counted(blockingDiodes, "blocking diode") : null,
    ...modules.map(({ name }) => name),
  ].filter((part) => part !== null);
  return words.length === 0 ? "nothing to buy" : words.join(", ");
}

export function stepWords(plan: Plan, { type, keys, inputId, portId, joints }: Step): string {
  const panels = keys.map((key) => panelName(plan, key)).join(", ");
  const leads = (between: "from" | "to") => joints.map((joint) => jointWords(plan, joint, between)).join(", ");
  const port = portWords(plan, { inputId, portId });
  switch (type) {
    case "isolate":
      return `Switch off the PV isolator at ${port} and cover all of its panels. Without an isolator: wait until dark, or cover them fully and see with a DC clamp that no current flows.`;
    case "unplug":
      return `Disconnect at ${port}: ${leads("from")}. Every other connection stays as it is.`;
    case "stow":
      return `Stow ${panels}.`;
    case "setUp":
      return `Set up ${panels}.`;
    case "plug": {
      const between = joints.filter(({ minusOf, plusOf }) => minusOf !== null && plusOf !== null);
      const jumper = between.length === 1 ? " Only one joint between panels is new: one lead joins them." : "";
      return `With the panels still covered and the isolator off, connect at ${port}: ${leads("to")}. Without an isolator, leave the last connector at the PV input open until it is measured.${jumper}`;
    }
    case "measure":
      return `Uncover. With the isolator at ${port} still off (or its last connector open), measure + to − of the array: no minus sign, and below ${maxPvWords(plan, { inputId, portId })}. Only then switch on.`;
  }
}

function maxPvWords(plan: Plan, ref: PortArrayRef): string {
  const maxV = portOf(plan, ref)?.port.maxV ?? null;
  return `its max PV voltage${maxV === null ? "" : ` of ${given(maxV, "V")}`}`;
}

/** "MG-195 2 − from MG-195 3 +", or a lead and the port. */
function jointWords(plan: Plan, { minusOf, plusOf }: Joint, between: "from" | "to"): string {
  if (minusOf === null) return `${plusOf === null ? "" : panelName(plan, plusOf)} + ${between} the PV input`;
  return `${panelName(plan, minusOf)} − ${between} ${plusOf === null ? "the PV input" : `${panelName(plan, plusOf)} +`}`;
}

/** Volts from which DC is a shock hazard in the dry. */
const shockV = 60;

/** What a person must not meet unwarned on the way from one wiring to another. */
export function dangerWords(
  verdicts: readonly (Assessment | undefined)[],
  toName: string,
  steps: readonly Step[],
): string[] {
  const found: string[] = [];
  const highestV = verdicts.reduce(
    (most, verdict) =>
      verdict?.type === "assessed"
        ? verdict.portArrays.reduce((high, portArray) => Math.max(high, portArray.skies.coldDawn.openV), most)
        : most,
    0,
  );
  const moves = steps.some(({ type }) => type === "unplug" || type === "plug");
  if (moves && highestV > shockV)
    found.push(
      `The cables you handle can stand at ${amount(highestV, "V")} DC: a shock hazard. Cover the panels or wait until dark, and never disconnect a connector while current flows.`,
    );
  if (moves && steps.some(({ type }) => type === "unplug") && steps.some(({ type }) => type === "plug"))
    found.push(
      "Unplug everything that moves before you plug anything in. Old and new wiring together could exceed the max PV voltage or tie two PV inputs together.",
    );
  const last = verdicts.at(-1);
  if (last?.type === "assessed" && last.worst === "stop") found.push(`“${toName}” itself must not be connected.`);
  return found;
}

/** What a misplug would do: harm, or nothing. */
export function misplugWords(plan: Plan, { misplug, stops }: JudgedMisplug, system: UnitSystem): string {
  const why =
    stops.length === 0 ? "no limit would be exceeded." : stops.map((stop) => findingSentence(stop, system)).join(" ");
  const [here, there] = [portWords(plan, misplug.portArray), portWords(plan, misplug.meant)];
  switch (misplug.type) {
    case "bothIn":
      return `At ${here}, unplug the old strings before the new ones go in. With both: ${why}`;
    case "crossed":
      return `What is meant for ${there} must not be plugged in at ${here}: ${why}`;
    case "unaltered":
      return `What was wired for ${there} must not be plugged in at ${here} before it is rewired: ${why}`;
  }
}
