import { type Plan } from "@/core/plan";
import { type WeatherYear } from "@/core/engine/weather";
import { type PortArray, type PanelRef } from "@/core/engine/array";
import { type Goal } from "./goal";

/** A question of the finder: how the panels of a plan could be wired, in the positions of one of its wirings. */
export type ArrangeAsk = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherYear | null;
  readonly goal: Goal;
  /** Whether ports count that an add-on brings which no wiring uses yet. */ readonly withAddOns: boolean;
  /** Only these panels on these ports, and no more nets than so many; absent: all. */
  readonly among?: {
    readonly tiles: readonly PanelRef[];
    readonly ports: readonly Pick<PortArray, "inputId" | "portId">[];
    readonly maxNets: number;
  };
};
