import { type Finding, type Fix, type FixKind, type RequiredLimit, type RuleId } from "@/core/assessment";
import { type UnitSystem } from "@/core/engine/units";
import { type FuseCount } from "@/core/checks";
import { amount, counted, given, lowerFirst, money, percent } from "../format";
import { matrixName, shortName, mountWords } from "../names";
import { sizeWords } from "../protection/cables";
import { ruleTitle } from "../rules";
import { copperName } from "../rules/copper";

/** What a fix does, what it asks for besides, what it costs in watts, and what it leaves undone. */
export function fixSentence(
  { kind, cost: { bought, shelved }, noonW, beside, vocMarginPct, fuses, money: cost, leaves }: Fix,
  system: UnitSystem,
): string {
  const rules = [...new Set(leaves.map(({ rule }) => ruleTitle(rule)))];
  const extras = [
    bought > 0 ? `${counted(bought, "panel")} more to buy` : null,
    shelved > 0 && kind.type !== "shelve" ? `${shelved} to the shelf` : null,
    besideWords(noonW, beside, vocMarginPct !== null),
    vocMarginPct === null || vocMarginPct < 0 ? null : `Voc margin ${percent(vocMarginPct)}`,
    fuses.length === 0 ? null : `with ${fuseCounts(fuses)}`,
    cost === null
      ? null
      : `parts about ${money(Math.abs(cost.more), cost.currency)} ${cost.more > 0 ? "more" : "less"}`,
    rules.length === 0 ? null : `still a Stop: ${rules.join(", ")}`,
  ].filter((part) => part !== null);
  return `${kindSentence(kind, system)}${extras.length === 0 ? "" : ` (${extras.join(", ")})`}`;
}

/** "540 W at noon; at most 758 W possible", "540 W at noon, now 500 W", "540 W at noon, as now"; of parts only what differs. */
function besideWords(noonW: number, beside: Fix["beside"], isRewired: boolean): string | null {
  if (beside === null) return null;
  const noon = `${given(Math.round(noonW), "W")} at noon`;
  if (Math.abs(noonW - beside.watts) < minShare * beside.watts)
    return isRewired ? (beside.type === "now" ? `${noon}, as now` : noon) : null;
  const other = given(Math.round(beside.watts), "W");
  return beside.type === "could" ? `${noon}; at most ${other} possible` : `${noon}, now ${other}`;
}
/** A difference in watts smaller than this is not worth a word. */
const minShare = 0.01;

/** What is said where the search is over and nothing it tried would do. */
export function notFixedWords(
  { rule, level, sense, needs }: Pick<Finding, "rule" | "level" | "sense" | "needs">,
  system: UnitSystem,
): string {
  if (rule === "label") return "Rewiring can’t fix a label. Check it at Panels, or measure the panel.";
  if (rule === "roofLoad") return "Remove panels, choose lighter ones, or ask the maker of the roof what it can carry.";
  if (rule === "clearHeight") return "Lay the panels flat, fold down what folds, or take another route.";
  if (rule === "layout") return "No free place for it was found here.";
  const byHand = copperNotFixed[rule];
  if (byHand !== undefined) return byHand;
  const tried =
    "Of the wirings tried (equal strings, strings sorted by volts and amps, one panel fewer, panels on the shelf, a free PV input)";
  if (level !== "stop") return `${tried} none does better.`;
  return needs === null
    ? `${tried} none is safe.`
    : `${tried} none is safe. You need a PV input that ${needWords(rule, sense, needs, system)}.`;
}

/** What is left to do where no part known fixes it. */
const copperNotFixed: Partial<Readonly<Record<RuleId, string>>> = {
  fuses: "No standard fuse fits: use fewer strings in parallel, or panels with a higher max series fuse rating.",
  cableAmps:
    "No single cable in this standard is enough. Options: a cooler or shorter route, two cables in parallel, or more panels in series (check max PV voltage).",
  cableDrop:
    "No thicker cable in this standard is enough: use a shorter route, or more panels in series (check max PV voltage).",
  terminals: "Look it up in the manual and enter it at Protection, Cables.",
  guards: "Check its rating label, and choose another at Protection.",
  hold: "Choose another mounting method, a lower top speed or a more sheltered zone at Mounting.",
  glueHeat: "Choose another adhesive, a lighter-colored roof, or feet that let air under the panels, at Mounting.",
  roofSurface: "Enter at Mounting what it is fixed to, or choose another mounting method.",
  movement: "Use a softer adhesive bed or slotted feet: ask the maker of the feet.",
  gates: "Measure it at Mounting.",
  plugs: "Check the connectors’ polarity with a meter, and enter the result at Protection, Connectors.",
};

/** The limit another input would need, and the wiring that asks for so little. */
function needWords(
  rule: RuleId,
  sense: Finding["sense"],
  { limit: least, kind }: RequiredLimit,
  system: UnitSystem,
): string {
  const value = amount(least.value, least.unit, system);
  const what =
    sense === "atLeast"
      ? rule === "wake"
        ? `has a start-up voltage of at most ${value}`
        : `works from at most ${value}`
      : `has a limit of at least ${value}`;
  return kind === null ? `${what}, as wired now` : `${what} (${lowerFirst(kindSentence(kind, system))})`;
}

/** "Wire 2 in series × 3 strings in parallel (2S3P)". */
function matrixWords({ series, strings }: { readonly series: number; readonly strings: number }): string {
  return strings === 1
    ? `Wire ${series} in series (${matrixName({ series, strings })})`
    : `Wire ${series} in series × ${strings} strings in parallel (${matrixName({ series, strings })})`;
}

/** "2 × 10 A fuse, 1 × 15 A fuse". */
function fuseCounts(sizes: readonly FuseCount[]): string {
  return sizes.map(({ amps, count }) => `${count} × ${given(amps, "A")} fuse`).join(", ");
}

function kindSentence(kind: FixKind, system: UnitSystem): string {
  switch (kind.type) {
    case "matrix":
      return matrixWords(kind);
    case "strings":
      return `Wire ${kind.strings.length === 1 ? "one string" : "strings"} of ${kind.strings.map(stringWords).join(" | ")}`;
    case "shelve":
      return `Leave ${kind.panelName} on the shelf`;
    case "instead":
      return `${matrixWords(kind)} of ${shortName(kind.panelName)} from the shelf instead`;
    case "exchange":
      return `Replace ${kind.count} × ${shortName(kind.outName)} by ${kind.count} × ${shortName(kind.inName)} from the shelf`;
    case "moveOnRoof":
      return `${kind.turned ? "Turn" : "Move"} ${kind.panelName}${kind.turned ? " by 90° and place it" : ""}${shiftWords(kind, system)}`;
    case "raiseOnRoof":
      return `Set ${kind.panelName} ${given(kind.gapMm, "mm", system)} above the roof`;
    case "liftOff":
      return `Remove ${kind.panelName} from the roof`;
    case "setBypassed":
      return "Bypass the stowed panels: unplug them and connect their neighbours’ leads to each other";
    case "gauge":
      return `Use ${sizeWords(kind.size)}: ${lowerFirst(copperName(kind.name))}`;
    case "fitFuses":
      return `Fit ${fuseCounts(kind.sizes)}`;
    case "fitSwitch":
      return `Fit a 2-pole DC isolator (disconnect), ${given(kind.amps, "A")}, ${given(kind.volts, "V")} DC`;
    case "fitBatteryFuse":
      return `Fit a ${given(kind.amps, "A")} battery fuse${kind.volts === null ? "" : ` for at least ${given(kind.volts, "V")} DC`} that can interrupt ${given(kind.breaksA, "A")}`;
    case "useBox":
      return "Join the strings in a combiner box with busbars";
    case "otherChain":
      return kind.names.length === 0
        ? "Plug straight in without adapters"
        : `Use these adapters instead: ${kind.names.join(", then ")}`;
    case "moreFeet":
      return `Fit ${kind.more} more feet per panel: ${kind.feet} in total`;
    case "longerFeet":
      return `Use brackets or feet ${given(kind.footLongMm, "mm", system)} long`;
    case "anchors":
      return `Set ${kind.perSide} anchors on each side, at all corners, each tested to hold at least ${given(kind.eachN, "N", system)}`;
    case "ballast":
      return `Make the base ${given(kind.kg, "kg", system)} heavy`;
    case "reckonHeat":
      return `Calculate with “${mountWords[kind.mount]}” for these panels`;
    case "move":
      return `Move ${counted(kind.panels, "panel")} to ${kind.portName}${kind.moduleName === null ? "" : ` (needs ${kind.moduleName})`}`;
  }
}

function shiftWords({ rightMm, frontMm }: Extract<FixKind, { type: "moveOnRoof" }>, system: UnitSystem): string {
  const parts = [
    [rightMm, rightMm > 0 ? "right" : "left"] as const,
    [frontMm, frontMm > 0 ? "front" : "back"] as const,
  ].filter(([by]) => Math.abs(by) >= 1);
  return parts.length === 0
    ? " where it is"
    : ` ${parts.map(([by, to]) => `${amount(Math.abs(by), "mm", system)} to the ${to}`).join(" and ")}`;
}

function stringWords(string: readonly { readonly panelName: string; readonly count: number }[]): string {
  return string.map(({ panelName, count }) => `${count} × ${shortName(panelName)}`).join(" + ");
}
