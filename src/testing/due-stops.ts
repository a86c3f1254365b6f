import { climateKinds as climates } from "@/core/site/climate";
import { completeLabel, fitLabel, type PanelLabel, type PanelModel, readLabel } from "@/core/engine/panel";
import { type Plan, type PortSheet } from "@/core/plan";
import { type PortArray, type PvString, type PanelRef } from "@/core/engine/array";
import { ampsAt, best, blockedV, type Curve, gridA, panelVolts, voltsAt, voltsWhere } from "./small-solver";
import { codeFactors, standardFuses } from "./tables";

/**
 * Which Stops are due for a plan, worked out by sums of its own: of the application it takes the panel's diode, and no rule,
 * no net and no curve. `in doubt`: too near a limit, or between what two ways of reckoning give.
 */
export type Due = "due" | "not" | "doubt";
export type DueRule = "ceiling" | "insulation" | "amps" | "watts" | "shared" | "reverse" | "fuse";
export type DueStop = {
  readonly rule: DueRule;
  readonly place: string;
  readonly due: Due;
  readonly value: number;
  readonly limit: number;
};

type Kind = {
  readonly label: PanelLabel;
  readonly model: PanelModel;
  readonly coldV: number;
  readonly coldRunV: number;
  readonly coldW: number;
  readonly fuseA: number;
};

/** Within this share of a limit neither answer is wrong. */
const nearness = 0.003;
const nearnessReverse = 0.03;
/** The same where panels are tilted, and get less light than is reckoned with here. */
const nearnessTilted = 0.3;
const noonAirC = 20;
const assumed = { latitudeDeg: 45, mount: "roofGap" } as const;

/** Lowest and highest record of the kinds of climate whose band holds the latitude; of all where none does. */
function recordsAt(latitudeDeg: number) {
  const fitting = climates.filter(
    ({ latitudeBandDeg: [from = 0, to = 0] }) => from <= latitudeDeg && latitudeDeg <= to,
  );
  const kinds = fitting.length > 0 ? fitting : climates;
  return {
    lowC: kinds.reduce((low, { recordLowC }) => (recordLowC < low ? recordLowC : low), 99),
    highC: kinds.reduce((high, { recordHighC }) => (recordHighC > high ? recordHighC : high), -99),
  };
}

const rossKPerWm2 = { freeStanding: 0.02, tilted: 0.03, roofGap: 0.038, flush: 0.05, glued: 0.056 } as const;

export function dueStops(plan: Plan): DueStop[] {
  const records = recordsAt(plan.site.latitudeDeg ?? assumed.latitudeDeg);
  const lowC = plan.site.recordLowC ?? records.lowC;
  const kinds = new Map(plan.panels.map(({ id, label }) => [id, kindOf(label, lowC)]));
  const portArrays = (plan.wirings[0]?.portArrays ?? []).filter((portArray) => tilesIn(portArray.strings).length > 0);
  const noonC = noonAirC + 1000 * rossKPerWm2[plan.site.mount ?? assumed.mount];
  const hotC = (plan.site.recordHighC ?? records.highC) + 1000 * rossKPerWm2[plan.site.mount ?? assumed.mount];
  const ofPortArrays = portArrays.flatMap((portArray) => {
    const port = portOf(plan, portArray);
    return port === null
      ? []
      : portArrayStops(portArray, port, kinds, { lowC, noonC, hotC }, statesOf(plan, tilesIn(portArray.strings)));
  });
  return [...ofPortArrays, ...sharedStops(plan, portArrays, kinds)];
}

/** The most volts that some strings of a plan present on its coldest dawn. */
export function coldestVolts(plan: Plan, strings: readonly PvString[]): number {
  const records = recordsAt(plan.site.latitudeDeg ?? assumed.latitudeDeg);
  const lowC = plan.site.recordLowC ?? records.lowC;
  const kinds = new Map(plan.panels.map(({ id, label }) => [id, kindOf(label, lowC)]));
  return most(strings, (tile) => (kinds.get(tile.panelId) as Kind).coldV);
}

function portArrayStops(
  portArray: PortArray,
  port: PortSheet,
  kinds: ReadonlyMap<string, Kind>,
  temps: { lowC: number; noonC: number; hotC: number },
  states: readonly ((tile: PanelRef) => Stood)[],
): DueStop[] {
  const place = `${portArray.inputId ?? ""}/${portArray.portId ?? ""}`;
  const kind = (tile: PanelRef) => kinds.get(tile.panelId) as Kind;
  const tiles = tilesIn(portArray.strings);
  const stops: DueStop[] = [];
  const add = (rule: DueRule, value: number, limit: number | null, near = nearness) => {
    if (limit !== null) stops.push({ rule, place, due: over(value, limit, near), value, limit });
  };
  add(
    "ceiling",
    most(portArray.strings, (tile) => (port.ceilingBasis === "vmp" ? kind(tile).coldRunV : kind(tile).coldV)),
    port.maxV,
  );
  const insulation = portArray.strings.flatMap((string) => {
    const volts = most([string], (tile) => kind(tile).coldV);
    return tilesIn([string])
      .flatMap((tile) => kind(tile).label.maxSystemV ?? [])
      .map((limit) => ({ volts, limit }));
  });
  const tightest = insulation.sort((a, b) => b.volts / b.limit - a.volts / a.limit)[0];
  if (tightest !== undefined) add("insulation", tightest.volts, tightest.limit);
  stops.push(...ampStops(portArray, port, kinds, temps, place));
  if (port.maxW !== null && port.maxWNature === "neverExceed")
    stops.push({ rule: "watts", place, ...wattsDue(portArray.strings, kind, port.maxW) });
  const tilted = states.some((stand) => tiles.some((tile) => stand(tile).tiltDeg !== 0));
  add("reverse", ...reverseAmps(portArray.strings, kinds, temps, states), tilted ? nearnessTilted : nearnessReverse);
  stops.push({ rule: "fuse", place, ...fuseDue(portArray.strings, kind) });
  if (tiles.length === 0) throw new Error("a port array without panels is not judged");
  return stops;
}

function kindOf(sheet: Plan["panels"][number]["label"], lowC: number): Kind {
  const reading = readLabel(sheet);
  if (reading.type !== "label") throw new Error("a label drawn here is complete");
  const { label } = reading;
  const { model } = fitLabel(label);
  const beta = completeLabel(label).label.tempCoVocPctPerC / 100;
  const line = label.vocV * (1 + beta * (lowC - 25));
  const table = label.tempCoVocPctPerC === null && label.cellType !== "cigs" ? label.vocV * codeFactor(lowC) : 0;
  const cold = best(model, lowC);
  return {
    label,
    model,
    coldV: Math.max(voltsAt(model, [1000], lowC, 0), line, table),
    coldRunV: Math.max(cold.v, label.vmpV + label.vocV * beta * (lowC - 25)),
    coldW: cold.v * cold.i,
    fuseA: label.maxSeriesFuseA ?? (label.pmaxW >= 50 ? 15 : 10),
  };
}

function codeFactor(lowC: number): number {
  return codeFactors.find(([fromC]) => lowC >= fromC)?.[1] ?? 1.25 + 0.005 * (-40 - lowC);
}

function tilesIn(strings: readonly PvString[]): PanelRef[] {
  return strings.flatMap((string) =>
    string.items.flatMap((item) => (item.type === "group" ? tilesIn(item.strings) : item.bypassed ? [] : [item])),
  );
}

/** The most any part presents: series adds its items' most, parallel takes the most of its members. */
function most(strings: readonly PvString[], of: (tile: PanelRef) => number): number {
  return Math.max(
    0,
    ...strings.map((string) =>
      string.items.reduce(
        (sum, item) => sum + (item.type === "group" ? most(item.strings, of) : item.bypassed ? 0 : of(item)),
        0,
      ),
    ),
  );
}

function over(value: number, limit: number, near: number): Due {
  return value > limit * (1 + near) ? "due" : value < limit * (1 - near) ? "not" : "doubt";
}

/** Short-circuit amps of strings in parallel: each lets through what its strongest part gives. */
function shortA(strings: readonly PvString[], kind: (tile: PanelRef) => Kind): number {
  return strings.reduce(
    (sum, string) =>
      sum +
      Math.max(
        0,
        ...string.items.map((item) =>
          item.type === "group" ? shortA(item.strings, kind) : item.bypassed ? 0 : kind(item).label.iscA,
        ),
      ),
    0,
  );
}

function ampStops(
  { strings }: PortArray,
  port: PortSheet,
  kinds: ReadonlyMap<string, Kind>,
  temps: { lowC: number; noonC: number; hotC: number },
  place: string,
): DueStop[] {
  const kind = (tile: PanelRef) => kinds.get(tile.panelId) as Kind;
  const margined = 1.25 * shortA(strings, kind);
  const battery = (margin: number | null) => (port.batteryV === null || margin === null ? 0 : port.batteryV + margin);
  const stayV = Math.max(port.minV ?? 0, battery(port.stayMarginV));
  const wakeV = Math.max(stayV, port.wakeV ?? 0, battery(port.wakeMarginV));
  // joined strings stand between the lowest and the highest of them alone
  const reach = [temps.lowC, temps.noonC, temps.hotC].map((cellC) => {
    const alone = strings
      .filter((string) => tilesIn([string]).length > 0)
      .map((string) => most([string], (tile) => voltsAt(kind(tile).model, [1000], cellC, 0)));
    return {
      least: Math.min(
        ...alone.map((v, k) => (strings[k] === undefined ? v : minOf(strings[k] as PvString, kinds, cellC))),
      ),
      most: Math.max(...alone),
    };
  });
  const minReach = Math.max(...reach.map(({ least }) => least));
  const maxReach = Math.max(...reach.map((each) => each.most));
  const judged = port.currentLimits
    .flatMap(({ nature, amps, ...range }) => (nature === "neverExceed" && amps !== null ? [{ ...range, amps }] : []))
    .map(({ fromV, toV, amps }) => {
      const from = fromV ?? 0;
      const to = toV ?? Number.POSITIVE_INFINITY;
      const surely = minReach * 0.997 > wakeV && from <= minReach * 0.997 && to >= wakeV * 1.003;
      const surelyNot = maxReach * 1.003 < wakeV || from > maxReach * 1.003;
      const amount = over(margined, amps, nearness);
      const due: Due = amount === "not" || surelyNot ? "not" : surely && amount === "due" ? "due" : "doubt";
      return { due, limit: amps };
    });
  if (judged.length === 0) return [];
  const due: Due = judged.some((each) => each.due === "due")
    ? "due"
    : judged.some((each) => each.due === "doubt")
      ? "doubt"
      : "not";
  return [{ rule: "amps", place, due, value: margined, limit: Math.min(...judged.map(({ limit }) => limit)) }];
}

/** The least volts a string with groups can stand at: each group at its lowest string. */
function minOf(string: PvString, kinds: ReadonlyMap<string, Kind>, cellC: number): number {
  return string.items.reduce((sum, item) => {
    if (item.type === "panel")
      return sum + (item.bypassed ? 0 : voltsAt((kinds.get(item.panelId) as Kind).model, [1000], cellC, 0));
    const inner = item.strings.filter((each) => tilesIn([each]).length > 0).map((each) => minOf(each, kinds, cellC));
    return sum + (inner.length === 0 ? 0 : Math.min(...inner));
  }, 0);
}

type Amount = { readonly due: Due; readonly value: number; readonly limit: number };

/** Label watts surely count; cold watts surely when all strings are alike, and at most the sum of the panels' own. */
function wattsDue(strings: readonly PvString[], kind: (tile: PanelRef) => Kind, limit: number): Amount {
  const tiles = tilesIn(strings);
  const labelW = tiles.reduce((sum, tile) => sum + kind(tile).label.pmaxW, 0);
  const maxW = Math.max(
    labelW,
    tiles.reduce((sum, tile) => sum + kind(tile).coldW, 0),
  );
  const least = alike(strings) ? maxW : labelW;
  const due: Due =
    over(least, limit, nearness) === "due" ? "due" : over(maxW, limit, nearness) === "not" ? "not" : "doubt";
  return { due, value: least, limit };
}

function alike(strings: readonly PvString[]): boolean {
  const shapes = strings.map((string) =>
    string.items
      .map((item) => (item.type === "group" || string.blockingDiode ? null : item.bypassed ? "" : item.panelId))
      .filter((part) => part !== ""),
  );
  return shapes.every(
    (shape) => shape.every((part) => part !== null && part === shapes[0]?.[0]) && shape.length === shapes[0]?.length,
  );
}

/**
 * A branch of any parallel set, at any depth, that needs a fuse where no standard one fits: by its own Isc, the least rating of the panels
 * its whole current flows through, and what all around it can push into it. A rating assumed against a panel's own Isc is no Stop.
 */
function fuseDue(strings: readonly PvString[], kind: (tile: PanelRef) => Kind): Amount {
  let worst: Amount = { due: "not", value: 0, limit: 1 };
  const isUsed = (string: PvString) => tilesIn([string]).length > 0;
  const own = (string: PvString): PanelRef[] =>
    string.items.flatMap((item) => {
      if (item.type === "panel") return item.bypassed ? [] : [item];
      const inner = item.strings.filter(isUsed);
      return inner.length === 1 ? inner.flatMap(own) : [];
    });
  const judge = (string: PvString, pushedA: number) => {
    const sure = own(string)
      .map(kind)
      .filter(({ label, fuseA }) => label.maxSeriesFuseA !== null || 1.56 * label.iscA <= fuseA);
    const ratingA = Math.min(...sure.map(({ fuseA }) => fuseA));
    const minA = 1.56 * shortA([string], kind);
    const fits = standardFuses.some((size) => size >= minA * (1 - 1e-9) && size <= ratingA);
    if (sure.length === 0 || fits) return;
    const due = over(1.25 * pushedA, ratingA, nearness);
    const order = { not: 0, doubt: 1, due: 2 };
    if (order[due] > order[worst.due]) worst = { due, value: 1.25 * pushedA, limit: ratingA };
  };
  const visit = (set: readonly PvString[], outerA: number) => {
    const used = set.filter(isUsed);
    for (const string of used) {
      const pushedA = outerA + used.reduce((sum, other) => (other === string ? sum : sum + shortA([other], kind)), 0);
      if (used.length > 1) judge(string, pushedA);
      for (const item of string.items) if (item.type === "group") visit(item.strings, pushedA);
    }
  };
  visit(strings, 0);
  return worst;
}

function sharedStops(plan: Plan, portArrays: readonly PortArray[], kinds: ReadonlyMap<string, Kind>): DueStop[] {
  const kind = (tile: PanelRef) => kinds.get(tile.panelId) as Kind;
  return plan.inputs.flatMap(({ id, device }) =>
    device.groups
      .filter(({ nature }) => nature === "neverExceed")
      .flatMap((group): DueStop[] => {
        const members = portArrays.filter(
          (portArray) =>
            portArray.inputId === id && portArray.portId !== null && group.portIds.includes(portArray.portId),
        );
        if (members.length === 0) return [];
        const watts = members.map(({ strings }) => wattsDue(strings, kind, 1));
        const maxW = members
          .map(({ strings }) => tilesIn(strings))
          .map((tiles) =>
            Math.max(
              ...(["pmaxW", "coldW"] as const).map((key) =>
                tiles.reduce((sum, tile) => sum + (key === "pmaxW" ? kind(tile).label.pmaxW : kind(tile).coldW), 0),
              ),
            ),
          );
        const sum = (all: readonly number[]) => all.reduce((total, each) => total + each, 0);
        const amps = 1.25 * sum(members.map(({ strings }) => shortA(strings, kind)));
        const dues: Due[] = [];
        if (group.maxW !== null) {
          const least = over(sum(watts.map(({ value }) => value)), group.maxW, nearness);
          dues.push(least === "due" ? "due" : over(sum(maxW), group.maxW, nearness) === "not" ? "not" : "doubt");
        }
        if (group.maxA !== null) dues.push(over(amps, group.maxA, nearness));
        const due: Due = dues.includes("due") ? "due" : dues.includes("doubt") ? "doubt" : "not";
        return [{ rule: "shared", place: `${id}/${group.id}`, due, value: amps, limit: group.maxA ?? group.maxW ?? 0 }];
      }),
  );
}

type Stood = Pick<Plan["positions"][number]["stands"][number], "stance" | "light" | "tiltDeg">;
const lit: Stood = { stance: "out", light: [1], tiltDeg: 0 };
/** Panels on the way from one position to another, of which every mixture is tried. */
const maxOnTheWay = 5;

/** How the panels can stand: as each position has them, and every mixture of two positions. */
function statesOf(plan: Plan, tiles: readonly PanelRef[]): ((tile: PanelRef) => Stood)[] {
  const positions = (plan.wirings[0]?.positionIds ?? []).map((id) => {
    const stands = plan.positions.find((position) => position.id === id)?.stands ?? [];
    return (tile: PanelRef): Stood =>
      stands.find(({ panelId, piece }) => panelId === tile.panelId && piece === tile.piece) ?? lit;
  });
  return positions.flatMap((from, a) => [
    from,
    ...positions.slice(a + 1).flatMap((to) => {
      const moving = tiles.filter((tile) => JSON.stringify(from(tile)) !== JSON.stringify(to(tile)));
      const few = moving.slice(0, maxOnTheWay);
      return Array.from({ length: 2 ** few.length }, (_, mask) => (tile: PanelRef) => {
        const k = few.indexOf(tile);
        return k >= 0 && (mask >> k) % 2 === 1 ? to(tile) : from(tile);
      });
    }),
  ]);
}

/** Amps pushed backwards through the panel that bears them least, and what it bears, in the worst of cold and noon, as they stand and all lit. */
function reverseAmps(
  strings: readonly PvString[],
  kinds: ReadonlyMap<string, Kind>,
  temps: { lowC: number; noonC: number },
  states: readonly ((tile: PanelRef) => Stood)[],
): [number, number] {
  let worst: [number, number] = [0, 1];
  if (!sideBySide(strings)) return worst;
  for (const standOf of [() => lit, ...states])
    for (const cellC of [temps.lowC, temps.noonC]) {
      const light = (tile: PanelRef) =>
        standOf(tile).stance === "stowed" ? [0] : standOf(tile).light.map((share) => 1000 * share);
      const panelCurves = new Map<string, Curve>();
      // lit cells are warm, dark ones have the air's temperature; at coldest dawn all are still cold
      const tempOf = (tile: PanelRef) => {
        const onIt = light(tile);
        const { bypassDiodes } = (kinds.get(tile.panelId) as Kind).model;
        // of a list longer than the panel has parts only what falls on them counts
        const parts = Array.from(
          { length: Math.max(1, bypassDiodes) },
          (_, k) => onIt[Math.floor((k * onIt.length) / Math.max(1, bypassDiodes))] ?? 0,
        );
        const share = parts.reduce((sum, each) => sum + each, 0) / parts.length / 1000;
        return cellC === temps.lowC ? cellC : noonAirC + share * (cellC - noonAirC);
      };
      const curveOf = (tile: PanelRef): Curve => {
        const key = JSON.stringify([tile.panelId, light(tile)]);
        const known =
          panelCurves.get(key) ?? panelVolts((kinds.get(tile.panelId) as Kind).model, light(tile), tempOf(tile), gridA);
        panelCurves.set(key, known);
        return known;
      };
      const stringCurve = (string: PvString): Curve => {
        const parts = string.items.flatMap((item) =>
          item.type === "group"
            ? tilesIn(item.strings).length === 0
              ? []
              : [joined(item.strings)]
            : item.bypassed
              ? []
              : [curveOf(item)],
        );
        return gridA.map((a, k) =>
          string.blockingDiode && a < 0 ? blockedV : parts.reduce((sum, part) => sum + (part[k] as number), 0),
        );
      };
      const inUse = (all: readonly PvString[]) => all.filter((string) => tilesIn([string]).length > 0);
      const joined = (all: readonly PvString[]): Curve => {
        const curves = inUse(all).map(stringCurve);
        return gridA.map((a) => voltsWhere(curves, a));
      };
      const visit = (all: readonly PvString[], amps: number) => {
        const used = inUse(all);
        const curves = used.map(stringCurve);
        const v = voltsWhere(curves, amps);
        used.forEach((string, k) => {
          const through = ampsAt(curves[k] as Curve, v);
          for (const item of string.items) {
            if (item.type === "group") {
              if (tilesIn(item.strings).length > 0) visit(item.strings, through);
            } else if (!item.bypassed) {
              const { fuseA } = kinds.get(item.panelId) as Kind;
              if (-through / fuseA > worst[0] / worst[1]) worst = [-through, fuseA];
            }
          }
        });
      };
      visit(strings, 0);
    }
  return worst;
}

/** Whether anything stands in parallel, so that something can be fed backwards. */
function sideBySide(strings: readonly PvString[]): boolean {
  const used = strings.filter((string) => tilesIn([string]).length > 0);
  return (
    used.length > 1 ||
    used.some((string) => string.items.some((item) => item.type === "group" && sideBySide(item.strings)))
  );
}

function portOf(plan: Plan, { inputId, portId }: PortArray): PortSheet | null {
  return plan.inputs.find(({ id }) => id === inputId)?.device.ports.find(({ id }) => id === portId) ?? null;
}
