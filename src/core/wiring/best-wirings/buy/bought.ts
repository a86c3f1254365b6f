import { type Change, type Plan } from "@/core/plan";
import { type SolveCache } from "@/core/plan-model";
import { type WeatherYear } from "@/core/engine/weather";
import { countsOf, newTile } from "@/core/engine/array";
import { createBench, firstLook } from "../arrange";
import { freeId, type InputOffer, type PanelOffer, planWith } from "./options";
import { type Purchase } from "./purchase";

export type BuyAsk = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherYear | null;
  readonly panels: readonly PanelOffer[];
  readonly inputs: readonly InputOffer[];
};

/** Sets of strings gone through for one purchase, at most. */
const maxNets = 3000;

/** The best at a glance of all panels of a plan on all its inputs, lying as the plan has them. */
export function* tried({ wiringId, weather }: BuyAsk, plan: Plan, memory: SolveCache) {
  const tiles = plan.panels.flatMap(({ id, pieces }) => pieces.map(({ number }) => newTile(id, number)));
  const ports = plan.inputs.flatMap(({ id, device }) =>
    device.ports.filter(({ moduleId }) => moduleId === null).map((port) => ({ inputId: id, portId: port.id })),
  );
  if (tiles.length === 0 || ports.length === 0) return null;
  const among = { tiles, ports, maxNets };
  const bench = createBench({ plan, wiringId, weather, goal: { type: "year" }, withAddOns: false, among }, memory);
  yield undefined;
  return yield* firstLook(bench);
}

/** A plan with what is bought in it. */
export function planBought(
  plan: Plan,
  panel: PanelOffer,
  count: number,
  input: InputOffer | null,
): { readonly plan: Plan; readonly panelId: string; readonly inputId: string | null } {
  const { plan: withPanels, panelId } = planWith(plan, panel, count);
  if (input === null) return { plan: withPanels, panelId, inputId: null };
  const inputId = freeId(
    `bought-${input.id}`,
    plan.inputs.map(({ id }) => id),
  );
  const inputs = [...withPanels.inputs, { id: inputId, libraryId: input.id, device: input.sheet }];
  return { plan: { ...withPanels, inputs }, panelId, inputId };
}

/** What puts a purchase into a plan, wired: one step of undo. */
export function buyChanges(plan: Plan, wiringId: string, { panel, count, input, portArrays }: Purchase): Change[] {
  const { panelId, inputId } = planBought(plan, panel, count, input);
  return [
    ...(input === null || inputId === null
      ? []
      : [{ type: "addInput", id: inputId, libraryId: input.id, device: input.sheet } as const]),
    { type: "addPanel", id: panelId, libraryId: panel.id, label: panel.sheet },
    { type: "setCount", panelId, count },
    { type: "rewire", wiringId, portArrays, counts: countsOf(portArrays) },
  ];
}
