import { type Plan } from "@/core/plan";
import { type FillAnswer, fillAnswers, type FillPlanAsk } from "@/core/layout/roof";
import { keptLightOf, type ShadeMap, shadeMap } from "@/core/wiring/year";
import { type Job } from "../rpc";
import { type WeatherMemory, type WeatherText } from "./year";

export type ShadeMapInput = {
  readonly plan: Plan;
  readonly surfaceId: string;
  readonly positionId: string;
  readonly weather: WeatherText | null;
};
export type RoofProgress = { readonly share: number };

/** What shadows take of a surface's light in a year. Throws where the plan has no such surface. */
export function shadeMapJob(weatherOf: WeatherMemory): Job<ShadeMapInput, RoofProgress, ShadeMap> {
  return ({ weather, ...asked }) => shadeMap({ ...asked, weather: weatherOf(weather) });
}

export type FillInput = Omit<FillPlanAsk, "kept"> & { readonly map: ShadeMap | null };

/** Ways to fill a surface. Throws where the plan has no such surface. */
export const fillJob: Job<FillInput, RoofProgress, readonly FillAnswer[]> = ({ map, ...asked }) =>
  fillAnswers({ ...asked, kept: map === null ? null : keptLightOf(map) });
