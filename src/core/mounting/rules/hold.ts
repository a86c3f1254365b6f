import { gravityMs2 } from "../../engine/numeric";
import { type Hold, type Load, mountingMethods } from "..";
import { type Amount, type Level } from "../../checks";
import { careShare, factsOf, heldIn, told, type MountContext, type MountJudged, type MountRule } from "./context";

type Of<T extends Hold["type"]> = Extract<Hold, { readonly type: T }>;

/** What holds some panels against the wind, against their weight, from falling over and from sliding. */
export type HoldReason = { readonly type: "hold"; readonly fixingName: string; readonly load: Load } & (
  | { readonly outcome: "bondWind"; readonly hold: Of<"bond">; readonly use: number | null }
  | { readonly outcome: "bondRest"; readonly hold: Of<"bond">; readonly use: number }
  | { readonly outcome: "peel"; readonly hold: Of<"peel">; readonly use: null }
  | { readonly outcome: "screws"; readonly hold: Of<"screws">; readonly use: number | null }
  | { readonly outcome: "falls" | "slides"; readonly hold: Of<"standing">; readonly use: number }
);

function levelOf(use: number): Level {
  return use > 1 ? "stop" : use > careShare ? "care" : "good";
}

/** A glued film is judged by its front edge alone: lifted it is torn off; nobody who has not looked may pass. */
const edgeLevels = { covered: "note", open: "care", lifted: "stop" } as const;

function hold(context: MountContext): readonly MountJudged<HoldReason>[] {
  return heldIn(context).flatMap(({ report: { fixing }, held: { hold: by, load } }): MountJudged<HoldReason>[] => {
    const common = { type: "hold", fixingName: fixing.name, load } as const;
    const judged = (
      about: string,
      use: number,
      value: Amount,
      limit: Amount,
      reason: HoldReason,
      level: Level = levelOf(use),
    ): MountJudged<HoldReason> =>
      told(fixing.id, about, { level, value, limit, marginPct: 100 * (1 - Math.min(use, 1e6)), reason });
    switch (by.type) {
      case "bond": {
        const restN = by.on.kg * gravityMs2;
        const wind: HoldReason = { ...common, outcome: "bondWind", hold: by, use: by.windUse };
        return [
          by.windUse === null
            ? told(fixing.id, "wind", { level: "open", reason: wind })
            : judged("wind", by.windUse, share(by.windUse), share(1), wind),
          ...(by.restUse === null
            ? []
            : [
                judged("rest", by.restUse, newton(restN), newton(restN / by.restUse), {
                  ...common,
                  outcome: "bondRest",
                  hold: by,
                  use: by.restUse,
                }),
              ]),
        ];
      }
      case "peel":
        return [
          told(fixing.id, "wind", {
            level: by.frontEdge === null ? "open" : edgeLevels[by.frontEdge],
            reason: { ...common, outcome: "peel", hold: by, use: null },
          }),
        ];
      case "screws": {
        const reason: HoldReason = { ...common, outcome: "screws", hold: by, use: by.use };
        // what pulls a screw out is its maker's to say or a test's: a question, never a guess
        return by.use === null || by.bearsEachN === null
          ? [told(fixing.id, "wind", { level: "open", value: { value: by.eachN, unit: "N" }, reason })]
          : [judged("wind", by.use, newton(by.eachN), newton(by.bearsEachN), reason)];
      }
      case "standing": {
        const falls: HoldReason = { ...common, outcome: "falls", hold: by, use: by.anchoredUse };
        const slides: HoldReason = { ...common, outcome: "slides", hold: by, use: by.slideShare };
        // what a peg fixes, and what is put away in wind, is no Stop
        const comesIn = mountingMethods[fixing.method].comesIn === "always";
        return [
          judged("falls", by.anchoredUse, share(by.anchoredUse), share(1), falls, fallLevel(by, comesIn)),
          judged(
            "slides",
            by.slideShare,
            share(by.slideShare),
            share(1),
            slides,
            softened(levelOf(by.slideShare), comesIn),
          ),
        ];
      }
    }
  });
}

/** With anchors that have their reserve it holds; else by how much of its weight is used. */
function fallLevel(
  { neededN, neededEachN, perSide, anchorEachN, anchoredUse }: Of<"standing">,
  comesIn: boolean,
): Level {
  if (neededN > 0 && anchorEachN >= neededEachN * (1 - 1e-9)) return "good";
  if (neededN > 0 && anchorEachN * perSide >= neededN) return "care";
  return softened(levelOf(anchoredUse), comesIn);
}

function softened(level: Level, comesIn: boolean): Level {
  return comesIn && level === "stop" ? "care" : level;
}
/** A frame that wind lifts whole slides by any drag: shown as far over as a bar goes. */
const maxShare = 100;

function newton(value: number): Amount {
  return { value, unit: "N" };
}

function share(value: number): Amount {
  return { value: 100 * Math.min(maxShare, value), unit: "%" };
}

export const holdRule: MountRule<"hold", HoldReason> = { id: "hold", ...factsOf, fixedBy: "base", judge: hold };
