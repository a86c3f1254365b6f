import { usedTiles } from "../cabling";
import { type Plan, type Wiring } from "../../plan";
import { panelsOn, shortLeads, defaultLeadMm } from "../../layout/roof";
import { copperContext } from "../rules";
import { parkedIn, type SolvableWiring } from "../../plan-model";
import { type Assembly, assemblyOf } from "./assembly";
import { type BatteryReport, batteryReport } from "./battery-report";
import { laneReport, type LaneReport } from "./lane-report";
import { type ListLine, partsList } from "./list";

/** Everything Protection tells of a wiring, worked out: what joins it, what that takes, and what it costs. Plain data. */
export type ProtectReport = {
  readonly wiringId: string;
  readonly assembly: Assembly;
  readonly lanes: readonly LaneReport[];
  readonly batteries: readonly BatteryReport[];
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
  const { plan, wiringId, lanes: contexts, poses } = ready;
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in the plan`);
  const copper = copperContext(plan, wiringId, contexts, poses[0]?.id ?? "");
  const lanes = copper === null ? [] : copper.lanes.map((parts) => laneReport(copper, parts));
  const batteries = (copper?.batteries ?? []).flatMap((run) =>
    run.to.type === "bank" ? [batteryReport(plan, run.to.inputId, run)] : [],
  );
  const lines = partsList(plan, wiring, lanes, batteries, leadsTooShort(plan, wiring, poses[0]?.id ?? ""));
  // a fuse that none fits is drawn too: it is missing
  const fused = new Set(
    lanes.flatMap(({ branches }) =>
      branches.flatMap(({ isNeeded, fitted, row }) => (isNeeded || fitted !== null ? (row.id ?? []) : [])),
    ),
  );
  const runs = [...lanes.flatMap((lane) => lane.runs), ...batteries.map(({ run }) => run)];
  return {
    wiringId,
    assembly: assemblyOf(plan, wiring, {
      isFused: ({ id }) => id !== null && fused.has(id),
      isSwitched: ({ inputId, portId }) =>
        lanes.some((lane) => lane.hasSwitch && lane.inputId === inputId && lane.portId === portId),
    }),
    lanes,
    batteries,
    lines,
    money: moneyOf(plan, wiring, lines),
    assumedLengths: runs.filter(({ lengthBy }) => lengthBy === "assumed").length,
    highestV: Math.max(0, ...lanes.map(({ coldV }) => coldV)),
  };
}

/** Neighbours in a row whose own leads do not reach each other on the roof. */
function leadsTooShort(plan: Plan, wiring: Wiring, poseId: string): number {
  const rows = wiring.lanes.flatMap((lane) => lane.rows);
  return plan.space.surfaces
    .map((surface) => panelsOn(plan, surface, poseId, parkedIn(plan)))
    .reduce(
      (sum, panels) =>
        sum +
        shortLeads(rows, new Map(panels.map((panel) => [panel.id, panel])), plan.space.leadMm ?? defaultLeadMm).length,
      0,
    );
}

/** What the wiring costs from panels to battery, what is there already left out of the parts. */
function moneyOf(plan: Plan, wiring: Wiring, lines: readonly ListLine[]): Money {
  const tiles = usedTiles(wiring.lanes);
  const labels = tiles.map(({ panelId }) => plan.panels.find(({ id }) => id === panelId)?.label ?? null);
  const inputIds = new Set(wiring.lanes.filter(({ rows }) => rows.length > 0).map(({ inputId }) => inputId));
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
