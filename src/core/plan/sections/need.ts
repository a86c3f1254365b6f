import { z } from "zod";
import { withKeptCopper } from "../copper";
import { type Plan } from "../document";
import { field, id, name, stated } from "../fields";
import { isJson, type Json, listOf, type Loose, type Parts, patchById, renamedInLists, twiceIn } from "../section";

/** What uses the electricity, what stores it, and what else brings some. */

export const seasons = ["winter", "spring", "summer", "autumn"] as const;
export type Season = (typeof seasons)[number];
const seasonsOf = z.array(z.enum(seasons)).max(seasons.length);

/** When in the day something runs: spread over all of it, while it is light, in the evening, in the night. */
export const dayTimes = ["allDay", "day", "evening", "night"] as const;
export type DayTime = (typeof dayTimes)[number];

const loadSchema = z.strictObject({
  id,
  name,
  count: field("count"),
  /** What it takes while it runs: watts, or amps at the volts of its battery. One of them; watts where both are said. */
  watts: stated("loadW"),
  amps: stated("loadA"),
  /** How long it runs in a day, or how often, and what each time takes. */
  use: z.enum(["hours", "times"]),
  hoursADay: stated("hoursADay"),
  timesADay: stated("timesADay"),
  timesWh: stated("timesWh"),
  /** Straight from the battery, or mains made by the inverter. */
  supply: z.enum(["dc", "mains"]),
  seasons: seasonsOf,
  when: z.enum(dayTimes),
  /** The battery it runs from; null: the first. */
  batteryId: id.nullable(),
});
export type Load = z.infer<typeof loadSchema>;

export const chemistries = ["lithium", "lead"] as const;
export type Chemistry = (typeof chemistries)[number];

const batterySchema = z.strictObject({
  id,
  name,
  chemistry: z.enum(chemistries),
  volts: stated("batteryV"),
  capacityAh: stated("capacityAh"),
  usablePct: stated("sharePct"),
  maxChargeA: stated("batteryMaxA"),
  /** Whether it is kept from freezing, as inside a heated room. */
  keptWarm: z.boolean(),
  /** What is on by itself, day and night: an idle controller, a monitor, an alarm. */
  standingW: stated("standingW"),
  /** The inputs that charge it; none: all that charge no other. */
  inputIds: z.array(id).max(20),
});
export type Battery = z.infer<typeof batterySchema>;

export const sourceKinds = ["alternator", "shore", "generator"] as const;

const sourceSchema = z.strictObject({
  id,
  name,
  kind: z.enum(sourceKinds),
  watts: stated("loadW"),
  /** On a day on which it is used. */ hoursADay: stated("hoursADay"),
  daysAWeek: stated("daysAWeek"),
  seasons: seasonsOf,
});
export type EnergySource = z.infer<typeof sourceSchema>;

export const version = 3;
export const schema = z.strictObject({
  /** Whether the day's use is the list of loads, or the one line. */
  by: z.enum(["list", "line"]),
  line: z.strictObject({ wh: stated("dailyWh"), ah: stated("dailyAh") }),
  loads: z.array(loadSchema).max(100),
  batteries: z.array(batterySchema).max(20),
  sources: z.array(sourceSchema).max(20),
  inverter: z.strictObject({
    efficiencyPct: stated("efficiencyPct"),
    standingW: stated("standingW"),
    hoursADay: stated("hoursADay"),
  }),
  /** Days without sun the battery should last. */
  autonomyDays: stated("autonomyDays"),
});
export type Need = z.infer<typeof schema>;

export const empty: Need = {
  by: "list",
  line: { wh: null, ah: null },
  loads: [],
  batteries: [],
  sources: [],
  inverter: { efficiencyPct: null, standingW: null, hoursADay: null },
  autonomyDays: null,
};
export const parts: Parts = { kind: "need", by: "field" };

const blankLoad: Omit<Load, "id"> = {
  name: "Appliance",
  count: 1,
  watts: null,
  amps: null,
  use: "hours",
  hoursADay: null,
  timesADay: null,
  timesWh: null,
  supply: "dc",
  seasons: [...seasons],
  when: "allDay",
  batteryId: null,
};
const blankBattery: Omit<Battery, "id"> = {
  name: "Battery",
  chemistry: "lithium",
  volts: null,
  capacityAh: null,
  usablePct: null,
  maxChargeA: null,
  keptWarm: false,
  standingW: null,
  inputIds: [],
};
const blankSource: Omit<EnergySource, "id"> = {
  name: "Alternator",
  kind: "alternator",
  watts: null,
  hoursADay: null,
  daysAWeek: null,
  seasons: [...seasons],
};

type Lists = { loads: Load; batteries: Battery; sources: EnergySource };
const blanks: { [List in keyof Lists]: Omit<Lists[List], "id"> } = {
  loads: blankLoad,
  batteries: blankBattery,
  sources: blankSource,
};
type AddTo<List extends keyof Lists> = {
  readonly type: "addToNeed";
  readonly list: List;
  readonly id: string;
  readonly like: Partial<Lists[List]>;
};
type PatchIn<List extends keyof Lists> = {
  readonly type: "patchInNeed";
  readonly list: List;
  readonly id: string;
  readonly patch: Partial<Lists[List]>;
};
type Any<T extends Record<keyof Lists, unknown>> = T[keyof Lists];

export const changes = {
  setNeed: (
    plan: Plan,
    {
      patch,
    }: { readonly type: "setNeed"; readonly patch: Partial<Pick<Need, "by" | "line" | "inverter" | "autonomyDays">> },
  ): Plan => ({ ...plan, need: { ...plan.need, ...patch } }),
  /** Puts a thing at the end of its list, blank but for what it is to be like. */
  addToNeed: (plan: Plan, change: Any<{ [List in keyof Lists]: AddTo<List> }>): Plan =>
    withList(plan, change.list, (items) => [...items, { ...blanks[change.list], ...change.like, id: change.id }]),
  patchInNeed: (plan: Plan, change: Any<{ [List in keyof Lists]: PatchIn<List> }>): Plan =>
    withList(plan, change.list, (items) =>
      patchById(items, change.id, (item) => ({ ...item, ...change.patch, id: item.id })),
    ),
  /** Takes a thing out; loads of a battery that goes run from the first again. */
  removeFromNeed: (
    plan: Plan,
    { list, id: gone }: { readonly type: "removeFromNeed"; readonly list: keyof Lists; readonly id: string },
  ): Plan => {
    const without = withList(plan, list, (items) => items.filter((item) => item.id !== gone));
    if (list !== "batteries") return without;
    return withList(withKeptCopper(without), "loads", (items) =>
      items.map((item) => ("batteryId" in item && item.batteryId === gone ? { ...item, batteryId: null } : item)),
    );
  },
  /** Moves a thing of a list to another place in it. */
  moveInNeed: (
    plan: Plan,
    change: { readonly type: "moveInNeed"; readonly list: keyof Lists; readonly id: string; readonly to: number },
  ): Plan =>
    withList(plan, change.list, (items) => {
      const item = items.find((each) => each.id === change.id);
      return item === undefined ? items : items.filter((each) => each !== item).toSpliced(change.to, 0, item);
    }),
};

type Item = Lists[keyof Lists];

function withList(plan: Plan, list: keyof Lists, change: (items: Item[]) => Item[]): Plan {
  return { ...plan, need: { ...plan.need, [list]: change(plan.need[list]) } };
}

export function looseIn({ need, inputs }: Plan): Loose | null {
  const twice =
    twiceIn("need.loads", need.loads) ??
    twiceIn("need.batteries", need.batteries) ??
    twiceIn("need.sources", need.sources);
  if (twice !== null) return twice;
  for (const [k, { batteryId }] of need.loads.entries())
    if (batteryId !== null && need.batteries.every((battery) => battery.id !== batteryId))
      return { path: `need.loads.${k}.batteryId`, problem: `no battery "${batteryId}" in this plan` };
  for (const [k, { inputIds }] of need.batteries.entries()) {
    const lost = inputIds.find((inputId) => inputs.every((input) => input.id !== inputId));
    if (lost !== undefined) return { path: `need.batteries.${k}.inputIds`, problem: `no input "${lost}" in this plan` };
  }
  return null;
}

/** What an input that goes leaves behind here: nothing. */
export function withoutInput(plan: Plan, inputId: string): Plan {
  const batteries = plan.need.batteries.map((battery) =>
    battery.inputIds.includes(inputId)
      ? { ...battery, inputIds: battery.inputIds.filter((each) => each !== inputId) }
      : battery,
  );
  return { ...plan, need: { ...plan.need, batteries } };
}

export function fromVersion3(): unknown {
  return { loads: [], batteries: [], sources: [] };
}

/** Version 2: things that had a name only say what they take, hold and bring. */
function toVersion2(older: unknown): unknown {
  if (!isJson(older)) return older;
  const filled = (list: unknown, blank: Json) => listOf(list).map((item) => ({ ...blank, ...item }));
  const always = ["winter", "spring", "summer", "autumn"];
  return {
    by: "list",
    line: { wh: null, ah: null },
    inverter: { efficiencyPct: null, standingW: null, hoursADay: null },
    autonomyDays: null,
    loads: filled(older["loads"], {
      count: 1,
      watts: null,
      amps: null,
      use: "hours",
      hoursADay: null,
      timesADay: null,
      timesWh: null,
      supply: "dc",
      seasons: always,
      when: "allDay",
      batteryId: null,
    }),
    batteries: filled(older["batteries"], {
      chemistry: "lithium",
      volts: null,
      capacityAh: null,
      usablePct: null,
      mostChargeA: null,
      keptWarm: false,
      standingW: null,
      inputIds: [],
    }),
    sources: filled(older["sources"], {
      kind: "alternator",
      watts: null,
      hoursADay: null,
      daysAWeek: null,
      seasons: always,
    }),
  };
}

/** Version 3: the limit of a battery's charge current is called that. */
function toVersion3(older: unknown): unknown {
  return renamedInLists(older, { batteries: { mostChargeA: "maxChargeA" } });
}

export const upgrades = [toVersion2, toVersion3];
