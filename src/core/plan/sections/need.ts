import { withPrunedCables } from "../cabling";
import { type Plan } from "../plan";
import {
  isJson,
  type Json,
  listOf,
  type DanglingReference,
  type Parts,
  patchById,
  renamedInLists,
  duplicateId,
} from "../section";
import {
  seasons,
  type Load,
  type Battery,
  type EnergySource,
  type Need,
  type Lists,
  type AddTo,
  type PatchIn,
  type Any,
  type Item,
} from "../schemas/need";

export { schema } from "../schemas/need";

export const version = 3;

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
const blanks: { [List in keyof Lists]: Omit<Lists[List], "id"> } = {
  loads: blankLoad,
  batteries: blankBattery,
  sources: blankSource,
};

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
    return withList(withPrunedCables(without), "loads", (items) =>
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

function withList(plan: Plan, list: keyof Lists, change: (items: Item[]) => Item[]): Plan {
  return { ...plan, need: { ...plan.need, [list]: change(plan.need[list]) } };
}

export function findDangling({ need, inputs }: Plan): DanglingReference | null {
  const twice =
    duplicateId("need.loads", need.loads) ??
    duplicateId("need.batteries", need.batteries) ??
    duplicateId("need.sources", need.sources);
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
