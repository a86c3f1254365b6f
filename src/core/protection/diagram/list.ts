import { cableRulesOf, type ResolvedRun, type RunPart, sizeThatCounts } from "../cabling";
import { fuseAt, sameEnd, type Plan, type Wiring } from "../../plan";
import { mustCarry, sizeNamed } from "../../engine/cable";
import { joiningParts } from "../../engine/array";
import { conduitFor, studFor } from "./box";
import { groupOf, isSpared, type Item, type ItemGroup, keyOfItem, unitOf, weightOf } from "./items";
import { priceEach } from "./price-each";
import { type BatteryReport } from "./battery-report";
import { type PortArrayReport } from "./port-array-report";

/** One line of the parts list. */
export type ListLine = {
  readonly key: string;
  readonly item: Item;
  readonly group: ItemGroup;
  readonly unit: "m" | "pieces";
  /** What the wiring takes, and what is bought to spare or as waste. */ readonly count: number;
  readonly spare: number;
  readonly owned: number;
  readonly toBuy: number;
  readonly each: number;
  readonly eachIsAssumed: boolean;
  readonly money: number;
  readonly weightKg: number;
};

const defaultWastePct = 10;
/** Cable is sold by the half metre, at best. */
const cableStepM = 0.5;

/** So many of a part for one use. */
export type Need = {
  readonly item: Item;
  readonly count: number;
  readonly areaMm2: number;
  /** Of a cable, what it is in the job. */ readonly part?: RunPart;
};

/** What is needed at one place: a PV input, a battery, or between the panels' own leads. */
export type PlacedNeed = Need & { readonly place: string };

/** All parts that join the panels of a wiring to its inputs and batteries, each where it belongs. */
export function needsOf(
  plan: Plan,
  wiring: Wiring,
  portArrays: readonly PortArrayReport[],
  batteries: readonly BatteryReport[],
  shortLeads: number,
): readonly PlacedNeed[] {
  const kindName = portArrays[0]?.chain.from.name ?? "";
  const extensions: readonly Need[] =
    shortLeads > 0 ? [{ item: { type: "extension", kindName }, count: shortLeads, areaMm2: 4 }] : [];
  return [
    ...portArrays.flatMap((portArray) =>
      at(`${portArray.inputId}/${portArray.portId}`, needsOfPortArray(plan, wiring, portArray)),
    ),
    ...batteries.flatMap((battery) => at(`${battery.inputId} battery`, needsOfBattery(wiring, battery))),
    ...at("between panels", extensions),
  ];
}

function at(place: string, needs: readonly Need[]): readonly PlacedNeed[] {
  return needs.map((need) => ({ ...need, place }));
}

/** The same as a list: a line a part, however many uses it has. */
export function partsList(plan: Plan, needs: readonly Need[]): ListLine[] {
  const byKey = new Map<string, Need>();
  for (const need of needs) {
    const key = keyOfItem(need.item);
    const before = byKey.get(key);
    byKey.set(key, before === undefined ? need : { ...before, count: before.count + need.count });
  }
  return [...byKey].map(([key, need]) => lineOf(plan, key, need)).sort((a, b) => order(a) - order(b));
}

const groupOrder: readonly ItemGroup[] = ["cables", "plugs", "fuses", "box", "small"];
function order({ group }: ListLine): number {
  return groupOrder.indexOf(group);
}

/** So many of a part, with what is bought to spare, what is there already, and what it costs. */
function lineOf(plan: Plan, key: string, { item, count, areaMm2 }: Need): ListLine {
  const { protect } = plan;
  const said = protect.prices.find(({ part }) => part === key);
  const unit = unitOf(item);
  const wastePct = protect.wastePct ?? defaultWastePct;
  const whole = unit === "m" ? Math.ceil((count * (1 + wastePct / 100)) / cableStepM - 1e-9) * cableStepM : count;
  const spare = unit === "m" ? whole - count : protect.spares && isSpared(item) ? 1 : 0;
  const owned = said?.owned ?? 0;
  const toBuy = Math.max(0, count + spare - owned);
  const { price: each, isAssumed } = priceEach(plan, item, areaMm2);
  return {
    key,
    item,
    group: groupOf(item),
    unit,
    count,
    spare,
    owned,
    toBuy,
    each,
    eachIsAssumed: isAssumed,
    money: toBuy * each,
    weightKg: count * weightOf(item, areaMm2),
  };
}

function needsOfPortArray(plan: Plan, wiring: Wiring, portArray: PortArrayReport): Need[] {
  const { strings, runs, joint, box, chain, classV } = portArray;
  const pairs = (item: Item, count: number): Need[] => (count > 0 ? [{ item, count, areaMm2: 0 }] : []);
  const fuses = portArray.branches.flatMap(({ fuseA, fitted, place }): Need[] => {
    if (fuseA === null) return [];
    const type = fitted?.kind === "breaker" ? "breaker" : "fuse";
    const volts = fitted?.ratedV ?? (type === "fuse" ? portArray.fuseV : classV);
    const item: Item = { type, ratedA: fuseA, volts };
    // a fuse of a group sits in the panels' own leads, one of a string on the rail of its box
    const inLine = joint !== "box" || place.inGroup !== null;
    return [
      { item, count: 1, areaMm2: 0 },
      ...(type === "fuse" ? [{ item: { type: "fuseHolder", inLine } as const, count: 1, areaMm2: 0 }] : []),
    ];
  });
  const inGroups = joiningParts([portArray.portArray]).branchPairs - (strings.length - 1);
  const isolator = switchOf(wiring, portArray);
  const stringRuns = runs.filter(({ part }) => part === "string");
  const trunk = runs.find(({ part }) => part === "trunk");
  const tail = runs.find(({ part }) => part === "tail");
  const kindName = chain.from.name;
  return [
    ...runs.flatMap(cableOf),
    // a string's cable meets the panels' own plugs; a single string's goes on as the cable to the switch
    ...pairs({ type: "plugPair", kindName }, joint === "single" ? 1 : strings.length * (joint === "plugs" ? 2 : 1)),
    ...pairs({ type: "branchPair", kindName }, inGroups + (joint === "plugs" ? strings.length - 1 : 0)),
    ...(joint === "plugs" ? pairs({ type: "plugPair", kindName }, 1) : []),
    ...(chain.links.length > 0 ? pairs({ type: "plugPair", kindName }, 1) : []),
    ...chain.links.map(({ adapter }): Need => ({
      item: { type: "adapter", name: adapter.name },
      count: 1,
      areaMm2: 0,
    })),
    ...portArray.unlike.flatMap(({ adapters }) =>
      (adapters ?? []).map(({ name }): Need => ({ item: { type: "adapter", name }, count: 1, areaMm2: 0 })),
    ),
    ...fuses,
    ...isolator,
    ...(box === null
      ? []
      : [
          {
            item: { type: "box", wideMm: box.wideMm, highMm: box.highMm, deepMm: box.deepMm } as const,
            count: 1,
            areaMm2: 0,
          },
          { item: { type: "bar", studs: box.studs } as const, count: 2, areaMm2: 0 },
          ...box.glands.map(({ thread, cables, count }): Need => ({
            item: { type: "gland", thread, cables },
            count,
            areaMm2: 0,
          })),
          ...stringRuns.flatMap((run) => ringsFor(run, 2, portArray.iscA ?? 0)),
          ...(trunk === undefined ? [] : ringsFor(trunk, 2, portArray.iscA ?? 0)),
        ]),
    // at the switch, and in the input's terminal where nothing is plugged
    ...[...(portArray.hasSwitch ? [trunk, tail] : []), ...(chain.to.id === "screw" ? [tail] : [])].flatMap((run) =>
      ferrulesFor(run),
    ),
    ...pairs({ type: "label" }, 2 * strings.length + 4),
    ...conduitOf(runs),
    ...bondOf(plan, portArray),
  ];
}

/** Counted once somebody said how long it is: whether it is needed is a question for who knows the place. */
function bondOf(plan: Plan, { bond, strings }: PortArrayReport): Need[] {
  if (bond === null || bond.said === null || bond.said.lengthMm === null) return [];
  const size = bond.said.size ?? bondSize(plan);
  const panels = strings.reduce((sum, { tiles }) => sum + tiles.length, 0);
  const areaMm2 = sizeNamed(size)?.areaMm2 ?? 0;
  return [
    { item: { type: "cable", size, colour: "greenYellow" }, count: bond.lengthMm / 1000, areaMm2 },
    { item: { type: "ring", size, stud: "M6" }, count: panels + 1, areaMm2: 0 },
  ];
}

function switchOf(wiring: Wiring, { inputId, portId, switchA, classV, hasSwitch }: PortArrayReport): Need[] {
  if (!hasSwitch) return [];
  const guard = wiring.guards.find(({ at }) => sameEnd(at, { type: "isolator", inputId, portId }));
  const ratedA = guard?.ratedA ?? switchA;
  const type = guard?.kind === "breaker" ? "breaker" : "switch";
  return ratedA === null ? [] : [{ item: { type, ratedA, volts: guard?.ratedV ?? classV }, count: 1, areaMm2: 0 }];
}

/** Two conductors of each run: plus and minus by their colours. */
function cableOf(run: ResolvedRun): Need[] {
  const size = sizeThatCounts(run);
  const metres = run.lengthMm / 1000;
  if (size === null) {
    if (run.ask === null || run.noSize === null) return [];
    const item: Item = { type: "noCable", part: run.part, noSize: run.noSize, mustCarryA: mustCarry(run.ask) };
    return [{ item, count: 2 * metres, areaMm2: run.thickest?.size.areaMm2 ?? 0, part: run.part }];
  }
  const { name, areaMm2 } = size.size;
  return (["red", "black"] as const).map((colour) => ({
    item: { type: "cable", size: name, colour },
    count: metres,
    areaMm2,
    part: run.part,
  }));
}

function conduitOf(runs: readonly ResolvedRun[]): Need[] {
  return runs.flatMap((run): Need[] => {
    const size = sizeThatCounts(run);
    if (run.how !== "conduit" || size === null) return [];
    const conduit = conduitFor(2, size.size.areaMm2);
    return conduit === null
      ? []
      : [{ item: { type: "conduit", nominalMm: conduit.nominalMm }, count: run.lengthMm / 1000, areaMm2: 0 }];
  });
}

function ringsFor(run: ResolvedRun, count: number, amps: number): Need[] {
  const size = sizeThatCounts(run);
  return size === null
    ? []
    : [{ item: { type: "ring", size: size.size.name, stud: studFor(amps) }, count, areaMm2: 0 }];
}

function ferrulesFor(run: ResolvedRun | undefined): Need[] {
  const size = run === undefined ? null : sizeThatCounts(run);
  return size === null ? [] : [{ item: { type: "ferrule", size: size.size.name }, count: 2, areaMm2: 0 }];
}

function needsOfBattery(wiring: Wiring, { run, inputId, outputA, fuseA, fuseV, breaksA }: BatteryReport): Need[] {
  const guard = fuseAt(wiring.guards, { type: "bank", inputId });
  const ratedA = guard?.ratedA ?? fuseA;
  const volts = guard?.ratedV ?? fuseV;
  const item = ratedA === null ? null : ({ type: "batteryFuse", ratedA, volts, breaksA } as const);
  return [
    ...cableOf(run),
    ...(item === null ? [] : [{ item, count: 1, areaMm2: 0 }]),
    ...ringsFor(run, 4, outputA ?? 0),
  ];
}

/** The bond of the frames: one green and yellow conductor of at least this (IEC 60364-7-712; NEC 250.122). */
export function bondSize(plan: Pick<Plan, "standards">): string {
  return cableRulesOf(plan).bondSize;
}
