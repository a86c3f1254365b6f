import { type ColdBy, type PortArrayContext, keysOf, kindOf, labelAssumed, siteAssumed } from "../../plan-model";
import { longestString, usedIn } from "../../engine/array";
import { maxColdVolts } from "./cold-voc";
import { type RuleOutcome, type PortArrayRule } from "../../checks";

export type SystemVoltageReason =
  | {
      readonly type: "systemVoltage";
      readonly outcome: "over" | "inside";
      readonly judgedV: number;
      readonly by: ColdBy;
      readonly maxSystemV: number;
      readonly panelName: string;
      readonly series: number;
    }
  | { readonly type: "noSystemVoltage"; readonly judgedV: number; readonly panelName: string };

/** Rule 6: a panel's insulation is rated for the most volts, in the cold, of the string it stands in. */
export function systemVoltage(context: PortArrayContext): RuleOutcome<SystemVoltageReason> {
  const assumptions = [...siteAssumed(context, "recordLow"), ...labelAssumed(context, "tempCoVocPctPerC")];
  const strings = context.portArray.strings.map((string) => {
    const tiles = usedIn([string]);
    const rated = tiles.map((tile) => ({
      name: kindOf(context, tile).name,
      maxSystemV: kindOf(context, tile).fit.label.maxSystemV,
    }));
    const known = rated.filter((panel): panel is { name: string; maxSystemV: number } => panel.maxSystemV !== null);
    const weakest = known.reduce<{ name: string; maxSystemV: number } | null>(
      (least, panel) => (least === null || panel.maxSystemV < least.maxSystemV ? panel : least),
      null,
    );
    const { volts, by } = maxColdVolts(context, [string]);
    return {
      tiles,
      volts,
      by,
      weakest,
      silent: rated.find((panel) => panel.maxSystemV === null)?.name ?? null,
      series: longestString([string], (tile) => (tile.bypassed ? 0 : 1)).total,
    };
  });
  const rated = strings.flatMap((string) =>
    string.weakest === null
      ? []
      : [{ ...string, weakest: string.weakest, share: string.volts / string.weakest.maxSystemV }],
  );
  const worst = rated.reduce<(typeof rated)[number] | null>(
    (most, string) => (most === null || string.share > most.share ? string : most),
    null,
  );
  const [silent] = strings.flatMap((string) =>
    string.silent === null ? [] : [{ ...string, panelName: string.silent }],
  );
  if (silent !== undefined && (worst === null || worst.share <= 1)) {
    const { volts, panelName, tiles } = silent;
    return {
      level: "note",
      value: { value: volts, unit: "V" },
      limit: null,
      marginPct: null,
      assumptions,
      reason: { type: "noSystemVoltage", judgedV: volts, panelName },
      tiles: keysOf(tiles),
    };
  }
  if (worst === null) throw new Error("a port array in use has a string with a panel");
  const { maxSystemV, name } = worst.weakest;
  const over = worst.volts > maxSystemV;
  return {
    level: over ? "stop" : "good",
    value: { value: worst.volts, unit: "V" },
    limit: { value: maxSystemV, unit: "V" },
    marginPct: 100 * (1 - worst.share),
    assumptions,
    reason: {
      type: "systemVoltage",
      outcome: over ? "over" : "inside",
      judgedV: worst.volts,
      by: worst.by,
      maxSystemV,
      panelName: name,
      series: worst.series,
    },
    tiles: keysOf(worst.tiles),
  };
}

export const systemVoltageRule: PortArrayRule<"systemVoltage", SystemVoltageReason> = {
  id: "systemVoltage",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["coldDawn"], edge: null },
  fixedBy: "wiring",
  ofInput: false,
  judge: systemVoltage,
};
