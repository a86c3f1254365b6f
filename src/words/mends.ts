import { type Finding, type Mend, type MendKind, type Need, type RuleId } from "@/core/rules";
import { amount, counted, given, trueMinus } from "./format";
import { headOf, mountWords } from "./names";
import { sizeWords } from "./copper";
import { ruleTitle } from "./rules";
import { copperName } from "./rules/copper";

/** What a mend does, what it asks for besides, what it costs in watts, and what it leaves undone. */
export function mendSentence({ kind, cost: { bought, shelved }, wattsPct, fuseA, leaves }: Mend): string {
  const rules = [...new Set(leaves.map(({ rule }) => ruleTitle(rule)))];
  const extras = [
    bought > 0 ? `${counted(bought, "panel")} more to buy` : null,
    shelved > 0 && kind.type !== "shelve" ? `${shelved} to the shelf` : null,
    Math.abs(wattsPct) < leastWattsPct
      ? null
      : `${wattsPct > 0 ? "+" : ""}${trueMinus(wattsPct.toFixed(0))} % watts at noon`,
    fuseA === null ? null : `a ${given(fuseA, "A")} fuse in each row`,
    rules.length === 0 ? null : `still a Stop: ${rules.join(", ")}`,
  ].filter((part) => part !== null);
  return `${kindSentence(kind)}${extras.length === 0 ? "" : ` (${extras.join(", ")})`}`;
}

/** A difference in watts smaller than this is not worth a word, %. */
const leastWattsPct = 1;

/** What is said where the search is over and nothing it tried would do. */
export function notMendedWords({
  rule,
  level,
  sense,
  needs,
}: Pick<Finding, "rule" | "level" | "sense" | "needs">): string {
  if (rule === "label") return "No wiring mends a label. Look at it again at Panels, or measure the panel.";
  if (rule === "roofLoad") return "Take panels off, choose lighter ones, or ask the maker of the roof what it bears.";
  if (rule === "clearHeight") return "Lay the panels flat, take down what folds, or go another way.";
  if (rule === "layout") return "No free place for it was found here.";
  const byHand = copperNotMended[rule];
  if (byHand !== undefined) return byHand;
  const tried =
    "Of the wirings tried for this port (equal rows of all lengths, rows by volts and by amps, a panel less, panels on the shelf, a free port)";
  if (level !== "stop") return `${tried} none does better.`;
  return needs === null
    ? `${tried} none passes.`
    : `${tried} none passes: it takes an input that ${needWords(rule, sense, needs)}.`;
}

/** What is left to do where no part known mends it. */
const copperNotMended: Partial<Readonly<Record<RuleId, string>>> = {
  fuses: "No standard fuse fits: fewer rows in parallel, or panels that bear more.",
  cableAmps:
    "No cable of this school does: a cooler way, a shorter one, two side by side, or fewer amps by more panels in series.",
  cableDrop: "No thicker cable of this school does: a shorter way, or more panels in series.",
  guards: "Look at its plate, and choose another at Protect.",
  hold: "Another way to fix it, a lower speed, or a more sheltered place: say it at Mount.",
  glueHeat: "Another adhesive, a lighter roof, or feet that let air under: say it at Mount.",
  skin: "Say at Mount what it is fixed to, or fix it another way.",
  movement: "A softer bed or slots: ask who makes the feet.",
  gates: "Measure it at Mount.",
  plugs: "Look at the plugs with a meter, and say at Protect what you found.",
};

/** The limit another input would need, and the wiring that asks for so little. */
function needWords(rule: RuleId, sense: Finding["sense"], { limit: least, kind }: Need): string {
  const value = amount(least.value, least.unit);
  const what =
    sense === "atLeast"
      ? rule === "wake"
        ? `wakes at ${value} or less`
        : `works from ${value} or less`
      : `bears ${value} or more`;
  return kind === null ? `${what}, as wired now` : `${what} (${lowerFirst(kindSentence(kind))})`;
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

function kindSentence(kind: MendKind): string {
  switch (kind.type) {
    case "matrix":
      return `Wire ${kind.series} in series × ${counted(kind.strings, "row")}`;
    case "rows":
      return `Wire ${kind.rows.length === 1 ? "one row" : "rows"} of ${kind.rows.map(rowWords).join(" | ")}`;
    case "shelve":
      return `Leave ${kind.panelName} on the shelf`;
    case "instead":
      return `Wire ${kind.series} in series × ${counted(kind.strings, "row")} of ${headOf(kind.panelName)} from the shelf instead`;
    case "exchange":
      return `Take out ${kind.count} × ${headOf(kind.outName)} and put ${kind.count} × ${headOf(kind.inName)} from the shelf in ${kind.count === 1 ? "its place" : "their places"}`;
    case "moveOnRoof":
      return `${kind.turned ? "Turn" : "Move"} ${kind.panelName}${kind.turned ? " by a quarter and lay it" : ""}${shiftWords(kind)}`;
    case "raiseOnRoof":
      return `Set ${kind.panelName} ${given(kind.gapMm, "mm")} above the roof`;
    case "liftOff":
      return `Take ${kind.panelName} off the roof`;
    case "joinPast":
      return "Take the stowed panels out and join their leads past them";
    case "gauge":
      return `Take ${sizeWords(kind.size)} for it: ${lowerFirst(copperName(kind.name))}`;
    case "fitFuses":
      return `Put a ${given(kind.amps, "A")} fuse in ${kind.rows === 1 ? "that row" : `each of ${kind.rows} rows`}`;
    case "fitSwitch":
      return `Choose a switch for ${given(kind.amps, "A")} and ${given(kind.volts, "V")} DC, both poles`;
    case "fitBatteryFuse":
      return `Choose a ${given(kind.amps, "A")} fuse near the battery`;
    case "useBox":
      return "Join the rows in a box with bars";
    case "otherChain":
      return kind.names.length === 0 ? "Plug straight in" : `Take this chain instead: ${kind.names.join(", then ")}`;
    case "moreFeet":
      return `Give each panel ${kind.more} more feet: ${kind.feet} in all`;
    case "longerFeet":
      return `Take brackets or feet ${given(kind.footLongMm, "mm")} long`;
    case "anchors":
      return `Set anchors on its windward edge that bear ${given(kind.newton, "N")} together`;
    case "ballast":
      return `Make the base ${given(kind.kg, "kg")} heavy`;
    case "reckonHeat":
      return `Reckon with “${mountWords[kind.mount]}” for these panels`;
    case "move":
      return `Move ${counted(kind.panels, "panel")} to ${kind.portName}${kind.moduleName === null ? "" : ` (needs ${kind.moduleName})`}`;
  }
}

function shiftWords({ rightMm, frontMm }: Extract<MendKind, { type: "moveOnRoof" }>): string {
  const parts = [
    [rightMm, rightMm > 0 ? "right" : "left"] as const,
    [frontMm, frontMm > 0 ? "front" : "back"] as const,
  ].filter(([by]) => Math.abs(by) >= 1);
  return parts.length === 0
    ? " where it is"
    : ` ${parts.map(([by, to]) => `${amount(Math.abs(by), "mm")} to the ${to}`).join(" and ")}`;
}

function rowWords(row: readonly { readonly panelName: string; readonly count: number }[]): string {
  return row.map(({ panelName, count }) => `${count} × ${headOf(panelName)}`).join(" + ");
}
