import { type Random } from "@/core/engine/random";
import { type PanelSheet } from "@/core/plan";
import { demoPanels } from "@/demo";
import { drillPlan, grid, portArray, portWith, sized } from "./build";
import { type BoardCase } from "./case";

/** So many panels of one kind, in so many strings, on one port. */
export function onOnePort(
  given: {
    readonly label: PanelSheet;
    readonly remedy: readonly [series: number, strings: number];
    readonly mistake: readonly [series: number, strings: number];
    readonly recordLowC: number;
    readonly port: Parameters<typeof portWith>[0];
    readonly kind?: "powerStation" | "chargeController";
  },
  facts: BoardCase["facts"] = {},
): BoardCase {
  const { label, remedy, mistake, recordLowC, port, kind = "chargeController" } = given;
  const count = remedy[0] * remedy[1];
  return {
    type: "board",
    plan: drillPlan({ panels: [{ id: "p", label, count }], ports: [portWith(port)], recordLowC, kind }),
    remedy: [portArray(grid(...remedy))],
    mistake: [portArray(grid(...mistake))],
    facts: {
      count,
      recordLowC,
      vocV: label.vocV ?? 0,
      vmpV: label.vmpV ?? 0,
      iscA: label.iscA ?? 0,
      pmaxW: label.pmaxW ?? 0,
      maxV: port.maxV ?? 0,
      minV: port.minV ?? 0,
      ...facts,
    },
  };
}

/** Panels of the 12 V class: their volts alone are in the lower tier. */
export function twelve(draw: Random, least = 0.8, most = 0.98): PanelSheet {
  return sized(demoPanels.rigid120, draw.number(least, most));
}

/** Two panels of the 12 V class end to end in one frame. */
export function twentyFour(label: PanelSheet): PanelSheet {
  return {
    ...label,
    name: "Brindlewick BR-240, 24 V class",
    vmpV: 2 * (label.vmpV ?? 0),
    vocV: 2 * (label.vocV ?? 0),
    pmaxW: 2 * (label.pmaxW ?? 0),
    cellsInSeries: 72,
  };
}
