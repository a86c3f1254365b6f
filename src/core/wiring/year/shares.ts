import { type Site } from "../../plan";

/** What is taken where a site does not say, as shares of the light, the volts or the energy they take. */
export const assumedLossPct = {
  dirtPct: 3,
  hazePct: 0,
  ageingPct: 1,
  cablePct: 2,
  storingPct: 6,
  groundPct: 20,
} as const;

/** What a site takes off, as shares from 0 to 1. */
export type Shares = {
  readonly dirt: number;
  readonly haze: number;
  readonly ageing: number;
  /** Of the volts, at the amps of full sun. */ readonly cable: number;
  /** Lost in controllers and batteries. */ readonly storing: number;
  /** Of the light on the ground, what it sends back. */ readonly ground: number;
};

export function sharesOf({ losses }: Pick<Site, "losses">): Shares {
  const share = (name: keyof typeof assumedLossPct) => (losses[name] ?? assumedLossPct[name]) / 100;
  return {
    dirt: share("dirtPct"),
    haze: share("hazePct"),
    ageing: share("ageingPct"),
    cable: share("cablePct"),
    storing: share("storingPct"),
    ground: share("groundPct"),
  };
}
