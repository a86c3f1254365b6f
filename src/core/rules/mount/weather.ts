import { msPerKn, surfacesUnder } from "../../mount";
import { factsOf, heldIn, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type WeatherReason = {
  readonly type: "weather";
  readonly fixingName: string;
} & (
  | { readonly outcome: "stow"; readonly stowKn: number; readonly isAssumed: boolean; readonly pullN: number }
  | { readonly outcome: "snowLies" | "snowSlides"; readonly tiltDeg: number }
  | { readonly outcome: "warranty" }
);

/** From this tilt on snow slides off, °. */
const snowSlidesDeg = 50;

/** What the weather asks of who lives with it: when to stow, where snow lies; and what a drill does to a warranty. */
function weather(context: MountContext): readonly MountJudged<WeatherReason>[] {
  const { plan } = context;
  const snows = plan.site.recordLowC !== null && plan.site.recordLowC < 0;
  return heldIn(context).flatMap(({ report: { fixing, way }, held: { load } }): MountJudged<WeatherReason>[] => {
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
      ...(snows && (fixing.school === "screwedFeet" || fixing.school === "groundFrame")
        ? [note("snow", { ...common, outcome: tiltDeg >= snowSlidesDeg ? "snowSlides" : "snowLies", tiltDeg })]
        : []),
      ...(way.drillsFrame ? [note("warranty", { ...common, outcome: "warranty" })] : []),
    ];
  });
}

export const weatherRule: MountRule<"weather", WeatherReason> = {
  id: "weather",
  ...factsOf,
  mendedBy: "nothing",
  judge: weather,
};
