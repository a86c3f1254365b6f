/** Where the energy of a year stays, in the order in which it is lost between the light and the appliance. */
export const lossNames = [
  "slant",
  "skyline",
  "shade",
  "stowed",
  "dirt",
  "haze",
  "ageing",
  "heat",
  "unequal",
  "cable",
  "clippedAmps",
  "clippedWatts",
  "clippedVolts",
  "lowPeak",
  "pwm",
  "asleep",
  "overVoltage",
  "storing",
  "batteryFull",
] as const;
export type LossName = (typeof lossNames)[number];
/** kWh; heat is below 0 where the cold gives more than the label says. */
export type Losses = Record<LossName, number>;

/** Energy of a month, kWh: `couldKwh` less all losses is `usedKwh`. */
export type MonthAccount = {
  /** What all panels would give in the open, clean, square to the light, at 25 °C, each at its own best. */
  readonly couldKwh: number;
  readonly losses: Readonly<Losses>;
  /** The most the joined panels give at the ports. */ readonly offeredKwh: number;
  /** What the ports take of it. */ readonly takenKwh: number;
  /** What comes out of controllers and batteries for the appliances. */ readonly usedKwh: number;
};

const none = Object.fromEntries(lossNames.map((name) => [name, 0])) as Losses;

export function noLosses(): Losses {
  return { ...none };
}

/** Several months as one. */
export function inAll(months: readonly MonthAccount[]): MonthAccount {
  const sum = (of: (month: MonthAccount) => number) => months.reduce((all, month) => all + of(month), 0);
  const losses = noLosses();
  for (const name of lossNames) losses[name] = sum((month) => month.losses[name]);
  return {
    couldKwh: sum(({ couldKwh }) => couldKwh),
    losses,
    offeredKwh: sum(({ offeredKwh }) => offeredKwh),
    takenKwh: sum(({ takenKwh }) => takenKwh),
    usedKwh: sum(({ usedKwh }) => usedKwh),
  };
}
