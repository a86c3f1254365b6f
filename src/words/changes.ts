import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment, type JudgedMisplug } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import {
  asMatrix,
  type Joint,
  joiningParts,
  type Lane,
  type LaneRef,
  partsOfKey,
  type Step,
  type TileKey,
  tilesOfRows,
} from "@/core/wiring";
import { amount, counted } from "./format";
import { headOf } from "./names";
import { findingSentence } from "./rules";

function panelName(plan: Plan, key: TileKey): string {
  const { panelId, piece } = partsOfKey(key);
  return `${headOf(plan.panels.find(({ id }) => id === panelId)?.label.name ?? "panel")} ${piece}`;
}

/** A port by its short names: "Haybarn Loft, Port 2". */
export function portWords(plan: Plan, { inputId, portId }: LaneRef): string {
  const device = plan.inputs.find(({ id }) => id === inputId)?.device;
  const port = device?.ports.find(({ id }) => id === portId);
  return device === undefined || port === undefined ? "no input yet" : `${headOf(device.name)}, ${headOf(port.name)}`;
}

/** A lane in a line: "Haybarn Loft, Port 2: 4 in series × 1 row of MG-195". */
export function laneWords(plan: Plan, lane: Lane): string {
  const name = portWords(plan, lane);
  const matrix = asMatrix(lane.rows);
  const kind = (panelId: string) => headOf(plan.panels.find(({ id }) => id === panelId)?.label.name ?? "");
  if (matrix !== null)
    return `${name}: ${matrix.series} in series × ${counted(matrix.strings, "row")} of ${kind(matrix.panelId)}`;
  return `${name}: rows of ${lane.rows.map((row) => tilesOfRows([row]).length).join(", ")}, mixed`;
}

/** What joining the panels so asks for, add-on modules included. */
export function partsWords(plan: Plan, { lanes }: Pick<Wiring, "lanes">): string {
  const { branchPairs, blockingDiodes } = joiningParts(lanes);
  const modules = plan.inputs.flatMap(({ id, device }) =>
    device.modules.filter((addOn) =>
      lanes.some(
        (lane) =>
          lane.inputId === id && device.ports.some((port) => port.id === lane.portId && port.moduleId === addOn.id),
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
    case "unplug":
      return `Cover the panels, then unplug at ${port}: ${leads("from")}.`;
    case "stow":
      return `Stow ${panels}.`;
    case "setUp":
      return `Set up ${panels}.`;
    case "plug":
      return `Plug in at ${port}: ${leads("to")}.`;
  }
}

/** "MG-195 2 − from MG-195 3 +", or a lead and the port. */
function jointWords(plan: Plan, { minusOf, plusOf }: Joint, between: "from" | "to"): string {
  if (minusOf === null) return `${plusOf === null ? "" : panelName(plan, plusOf)} + ${between} the port`;
  return `${panelName(plan, minusOf)} − ${between} ${plusOf === null ? "the port" : `${panelName(plan, plusOf)} +`}`;
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
        ? verdict.lanes.reduce((high, lane) => Math.max(high, lane.skies.coldDawn.openV), most)
        : most,
    0,
  );
  const moves = steps.some(({ type }) => type === "unplug" || type === "plug");
  if (moves && highestV > shockV)
    found.push(
      `The leads you handle can stand at ${amount(highestV, "V")}: a shock hazard. Cover the panels or wait for dusk, and never part a plug under load.`,
    );
  if (moves && steps.some(({ type }) => type === "unplug") && steps.some(({ type }) => type === "plug"))
    found.push(
      "Unplug all that moves before you plug anything: half of one wiring joined to half of the other may pass a ceiling or join two inputs.",
    );
  const last = verdicts.at(-1);
  if (last?.type === "assessed" && last.worst === "stop") found.push(`“${toName}” itself must not be connected.`);
  return found;
}

/** What a misplug would do: harm, or nothing. */
export function misplugWords(plan: Plan, { misplug, stop }: JudgedMisplug, system: UnitSystem): string {
  const why = stop === null ? "Nothing would pass a limit." : findingSentence(stop, system);
  const [here, there] = [portWords(plan, misplug.lane), portWords(plan, misplug.meant)];
  switch (misplug.type) {
    case "bothIn":
      return `At ${here} the old rows must be out before the new ones go in. With both: ${why}`;
    case "crossed":
      return `What is meant for ${there} must not be plugged in at ${here}: ${why}`;
    case "unaltered":
      return `What stood at ${there} must not be plugged in at ${here} as it is, before it is wired anew: ${why}`;
  }
}
