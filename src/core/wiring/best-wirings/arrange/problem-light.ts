import { type ArrangeAsk } from "./ask";
import { type PanelLight, underSkyScene } from "@/core/engine/light";
import { substringCount } from "@/core/engine/net";
import { type SharedContext, kindOf, type NamedPosition } from "@/core/plan-model";
import { namedSky } from "@/core/engine/sky";
import { type WeatherYear } from "@/core/engine/weather";
import { type PanelRef } from "@/core/engine/array";
import { createSuns } from "../../year";

type Light = {
  readonly hours: readonly number[];
  readonly months: readonly (number | null)[];
  readonly newDay: readonly boolean[];
  readonly lightOn: (tile: PanelRef) => readonly PanelLight[];
  readonly cable: number;
};

export function sunsOf(
  { wiringId, plan, goal }: ArrangeAsk,
  ready: Parameters<typeof createSuns>[0],
  weather: WeatherYear | null,
): Light {
  const positionIds = plan.wirings.find(({ id }) => id === wiringId)?.positionIds ?? [];
  const suns = createSuns(ready, positionIds, weather, goal.type === "month" ? goal.month : null);
  return {
    hours: suns.hours.map(({ hours }) => hours),
    newDay: suns.hours.map(({ isNewDay }) => isNewDay),
    months: suns.hours.map(({ month }) => month),
    lightOn: suns.lightOn,
    cable: suns.cable,
  };
}

/** Bright noon in the usual position, as the verdict has it. */
export function noon(common: SharedContext, positions: readonly NamedPosition[]): Light {
  const scene = underSkyScene(namedSky("brightNoon", common.site), positions[0]?.position ?? common.fixed, common.site);
  return {
    hours: [1],
    months: [null],
    newDay: [true],
    lightOn: (tile) => [scene(tile, substringCount(kindOf(common, tile).model))],
    cable: 0,
  };
}
