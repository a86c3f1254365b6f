import { usedTiles } from "../cabling";
import { type Plan, type Wiring } from "../../plan";
import { panelsOn, shortLeads, defaultLeadMm } from "../../layout/roof";
import { copperContext } from "../rules";
import { parkedIn, type SolvableWiring } from "../../plan-model";
import { type Assembly, assemblyOf } from "./assembly";
import { type BatteryReport, batteryReport } from "./battery-report";
import { portArrayReport, type PortArrayReport } from "./port-array-report";
import { type ListLine, needsOf, partsList, type PlacedNeed } from "./list";

/** Everything Protection tells of a wiring, worked out: what joins it, what that takes, and what it costs. Plain data. */
export type ProtectReport = {
  readonly wiringId: string;
  readonly assembly: Assembly;
  readonly portArrays: readonly PortArrayReport[];
  readonly batteries: readonly BatteryReport[];
  /** Every part where it belongs, and the same as a list. */ readonly needs: readonly PlacedNeed[];
  readonly lines: readonly ListLine[];
  readonly money: Money;
  /** Cables whose length nobody has said. */ readonly assumedLengths: number;
  /** Highest volts of any port on the coldest dawn. */ readonly highestV: number;
};

export type Money = {
  readonly parts: number;
  readonly panels: number;
  readonly inputs: number;
  readonly whole: number;
  readonly wattsW: number;
  /** Of the panels wired; null with none. */ readonly perW: number | null;
  /** Panels and inputs whose labels name no price. */ readonly unpriced: number;
  readonly weightKg: number;
};

export function protectReport(ready: SolvableWiring): ProtectReport {
  const { plan, wiringId, portArrays: contexts, positions } = ready;
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in the plan`);
  const copper = copperContext(plan, wiringId, contexts, positions[0]?.id ?? "");
  const portArrays = copper === null ? [] : copper.portArrays.map((parts) => portArrayReport(copper, parts));
  const batteries = (copper?.batteries ?? []).flatMap((run) =>
    run.to.type === "bank" ? [batteryReport(plan, run.to.inputId, run)] : [],
  );
  const needs = needsOf(plan, wiring, portArrays, batteries, leadsTooShort(plan, wiring, positions[0]?.id ?? ""));
  const lines = partsList(plan, needs);
  // a fuse that none fits is drawn too: it is missing
  const fused = new Set(
    portArrays.flatMap(({ branches }) =>
      branches.flatMap(({ isNeeded, fitted, string }) => (isNeeded || fitted !== null ? (string.id ?? []) : [])),
    ),
  );
  const runs = [...portArrays.flatMap((portArray) => portArray.runs), ...batteries.map(({ run }) => run)];
  return {
    wiringId,
    assembly: assemblyOf(plan, wiring, {
      isFused: ({ id }) => id !== null && fused.has(id),
      isSwitched: ({ inputId, portId }) =>
        portArrays.some(
          (portArray) => portArray.hasSwitch && portArray.inputId === inputId && portArray.portId === portId,
        ),
    }),
    portArrays,
    batteries,
    needs,
    lines,
    money: moneyOf(plan, wiring, lines),
    assumedLengths: runs.filter(({ lengthBy }) => lengthBy === "assumed").length,
    highestV: Math.max(0, ...portArrays.map(({ coldV }) => coldV)),
  };
}

/** Neighbours in a string whose own leads do not reach each other on the roof. */
function leadsTooShort(plan: Plan, wiring: Wiring, positionId: string): number {
  const strings = wiring.portArrays.flatMap((portArray) => portArray.strings);
  return plan.space.surfaces
    .map((surface) => panelsOn(plan, surface, positionId, parkedIn(plan)))
    .reduce(
      (sum, panels) =>
        sum +
        shortLeads(strings, new Map(panels.map((panel) => [panel.id, panel])), plan.space.leadMm ?? defaultLeadMm)
          .length,
      0,
    );
}

/** What a wiring costs from panels to battery with the parts of a list, what is there already left out of them. */
export function moneyOf(plan: Plan, wiring: Wiring, lines: readonly ListLine[]): Money {
  const tiles = usedTiles(wiring.portArrays);
  const labels = tiles.map(({ panelId }) => plan.panels.find(({ id }) => id === panelId)?.label ?? null);
  const inputIds = new Set(wiring.portArrays.filter(({ strings }) => strings.length > 0).map(({ inputId }) => inputId));
  const devices = plan.inputs.filter(({ id }) => inputIds.has(id)).map(({ device }) => device);
  const sum = (prices: readonly (number | null)[]) => prices.reduce<number>((total, price) => total + (price ?? 0), 0);
  const panels = sum(labels.map((label) => label?.price ?? null));
  const inputs = sum(devices.map(({ price }) => price));
  const parts = sum(lines.map(({ money }) => money));
  const wattsW = sum(labels.map((label) => label?.pmaxW ?? null));
  const whole = parts + panels + inputs;
  return {
    parts,
    panels,
    inputs,
    whole,
    wattsW,
    perW: wattsW > 0 ? whole / wattsW : null,
    unpriced: [...labels.map((label) => label?.price ?? null), ...devices.map(({ price }) => price)].filter(
      (price) => price === null,
    ).length,
    weightKg: sum(lines.map(({ weightKg }) => weightKg)),
  };
}
