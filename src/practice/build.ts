import { type Random } from "@/core/engine/random";
import {
  applyChanges,
  blankPort,
  type Change,
  type DeviceSheet,
  emptyPlan,
  type PanelSheet,
  type Plan,
  type PortSheet,
} from "@/core/plan";
import { assess } from "@/core/assessment";
import { type PortArray, newTile, type PvString, stringOf } from "@/core/engine/array";
import { demoPanels } from "@/demo";

/** Pieces that drills are made of: panels of the worked examples with cells of another size, inputs made for the drill. */

export const wiringId = "wiring-1";
export const inputId = "i";

/** What the panels of a drill bear from others beside them, where the drill is of something else, A. */
const wideFuseA = 30;

/** The panel with so many times its amps: cells of another size give as many volts. */
export function sized(label: PanelSheet, times: number): PanelSheet {
  const [impA, iscA] = [round(label.impA ?? 0, 2, times), round(label.iscA ?? 0, 2, times)];
  return { ...label, impA, iscA, pmaxW: Math.round((label.vmpV ?? 0) * impA), maxSeriesFuseA: wideFuseA };
}

const kinds: readonly [PanelSheet, ...PanelSheet[]] = [demoPanels.rigid120, demoPanels.rigid195, demoPanels.poly240];
export function anyPanel(draw: Random): PanelSheet {
  return sized(draw.pick(kinds), draw.number(0.75, 1.2));
}

export function round(value: number, digits = 0, times = 1): number {
  return Number((value * times).toFixed(digits));
}

export function portWith(patch: Partial<PortSheet>, id = "pv", name = "Solar input"): PortSheet {
  return { ...blankPort(id, name), ceilingBasis: "voc", overVoltage: "mayDestroy", ...patch };
}

export function drawsUpTo(amps: number, fromV: number | null = null, toV: number | null = null) {
  return { fromV, toV, amps, nature: "drawsUpTo" as const };
}

export type Given = {
  readonly panels: readonly { readonly id: string; readonly label: PanelSheet; readonly count: number }[];
  readonly ports: readonly PortSheet[];
  readonly kind?: DeviceSheet["kind"];
  readonly recordLowC: number;
};

/** A plan with these panels on the shelf, and one input. */
export function drillPlan({ panels, ports, kind = "chargeController", recordLowC }: Given): Plan {
  const device: DeviceSheet = {
    name: kind === "powerStation" ? "The station of this drill" : "The controller of this drill",
    kind,
    ports: [...ports],
    groups: [],
    modules: [],
    weightKg: null,
    price: null,
    currency: "EUR",
  };
  const changes: Change[] = [
    ...panels.map(({ id, label }): Change => ({ type: "addPanel", id, libraryId: null, label })),
    { type: "addInput", id: inputId, libraryId: null, device },
    { type: "setSite", patch: { recordLowC, recordHighC: 33, latitudeDeg: 48, longitudeDeg: 8, mount: "roofGap" } },
    {
      type: "rewire",
      wiringId,
      portArrays: ports.map(({ id }) => portArray([], id)),
      counts: Object.fromEntries(panels.map(({ id, count }) => [id, count])),
    },
  ];
  return applyChanges(emptyPlan("Practice"), changes);
}

/** A port array of strings, each a list of panels as `kind.number`. */
export function portArray(strings: readonly (readonly string[])[], portId = "pv"): PortArray {
  return {
    inputId,
    portId,
    strings: strings.map((keys): PvString => {
      return stringOf(
        keys.map((key) => {
          const [panelId = "", piece = "1"] = key.split(".");
          return newTile(panelId, Number(piece));
        }),
      );
    }),
  };
}

/** Panels of one kind in so many strings of as many each. */
export function grid(series: number, strings: number, panelId = "p"): string[][] {
  return Array.from({ length: strings }, (_, k) =>
    Array.from({ length: series }, (__, n) => `${panelId}.${k * series + n + 1}`),
  );
}

export function wiredAs(plan: Plan, portArrays: readonly PortArray[]): Plan {
  return applyChanges(plan, [{ type: "rewire", wiringId, portArrays, counts: {} }]);
}

/** Volts of so many in series on the coldest dawn, as the rules reckon them. */
export function coldVolts(label: PanelSheet, series: number, recordLowC: number): number {
  const plan = drillPlan({
    panels: [{ id: "p", label, count: series }],
    ports: [portWith({ minV: 1, maxV: 1500, currentLimits: [drawsUpTo(100)] })],
    recordLowC,
  });
  const assessment = assess(wiredAs(plan, [portArray(grid(series, 1))]), wiringId);
  const found =
    assessment.type === "assessed" ? assessment.findings.find(({ rule }) => rule === "coldVoc")?.value : null;
  if (found === null || found === undefined) throw new Error("a panel of the examples has its cold volts");
  return found.value;
}
