import { msPerKn } from "../load";
import { mountingMethods, surfacesUnder } from "..";
import { factsOf, heldIn, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type WeatherReason = {
  readonly type: "weather";
  readonly fixingName: string;
} & (
  | { readonly outcome: "stow"; readonly stowKn: number; readonly isAssumed: boolean; readonly pullN: number }
  | { readonly outcome: "snowLies" | "snowSlides" | "snowAsked"; readonly tiltDeg: number }
  | { readonly outcome: "snowLoad"; readonly tiltDeg: number; readonly snowN: number; readonly snowKnM2: number }
  | { readonly outcome: "warranty" }
);

/** From this tilt on snow slides off, °. */
const snowSlidesDeg = 50;
/** Until here its load counts (EN 1991-1-3), °. */
const snowGoneDeg = 60;

function isLimited(plan: MountContext["plan"], fixing: Parameters<typeof surfacesUnder>[1]): boolean {
  return surfacesUnder(plan, fixing).some(({ loadKg }) => loadKg !== null);
}

/** What the weather asks of who lives with it: when to stow, where snow lies; and what a drill does to a warranty. */
function weather(context: MountContext): readonly MountJudged<WeatherReason>[] {
  const { plan } = context;
  const snows = plan.site.recordLowC !== null && plan.site.recordLowC < 0;
  return heldIn(context).flatMap(({ report: { fixing, conditions }, held: { load } }): MountJudged<WeatherReason>[] => {
    const common = { type: "weather", fixingName: fixing.name } as const;
    const note = (about: string, reason: WeatherReason) =>
      told<WeatherReason>(fixing.id, about, { level: "note", reason });
    const tiltDeg = load.tiltDeg + Math.max(0, ...surfacesUnder(plan, fixing).map(({ slopeDeg }) => slopeDeg));
    return [
      ...(load.stowMs === null
        ? []
        : [
            note("stow", {
              ...common,
              outcome: "stow",
              stowKn: load.stowMs / msPerKn,
              isAssumed: load.stowIsAssumed,
              pullN: Math.hypot(load.all.upliftN, load.all.dragN),
            }),
          ]),
      ...(load.snowN !== null && fixing.snowKnM2 !== null
        ? [
            note("snow", {
              ...common,
              outcome: "snowLoad",
              tiltDeg,
              snowN: load.snowN,
              snowKnM2: fixing.snowKnM2,
            }),
          ]
        : snows && mountingMethods[fixing.method].collectsSnow
          ? [
              // where a roof has a limit, snow has to be known: a doubt is a question
              isLimited(plan, fixing) && tiltDeg < snowGoneDeg
                ? told<WeatherReason>(fixing.id, "snow", {
                    level: "open",
                    reason: { ...common, outcome: "snowAsked", tiltDeg },
                  })
                : note("snow", { ...common, outcome: tiltDeg >= snowSlidesDeg ? "snowSlides" : "snowLies", tiltDeg }),
            ]
          : []),
      ...(conditions.drillsFrame ? [note("warranty", { ...common, outcome: "warranty" })] : []),
    ];
  });
}

export const weatherRule: MountRule<"weather", WeatherReason> = {
  id: "weather",
  ...factsOf,
  fixedBy: "nothing",
  judge: weather,
};
