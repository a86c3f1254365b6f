import { applyChanges, type Change, type Plan, type PlanPanel } from "../../plan";
import { assess } from "../../assessment";
import { type SolveCache } from "../../plan-model";
import { quietly } from "../../engine/generators";
import { type WeatherYear } from "../../engine/weather";
import { keyOf, type PortArray, newTile, type PvString, stringOf, tilesOf, usedIn } from "../../engine/array";
import { assumedLossPct } from "./shares";
import { inAll } from "./losses";
import { planYear, type PlanYear } from "./plan-year";
import { bestTilts } from "./tilts";

/** Something one could do to a plan, told apart by its kind. */
export type GainKind =
  | { readonly type: "onePanel"; readonly panelName: string; readonly joined: "series" | "parallel" }
  | { readonly type: "tilt"; readonly tiltDeg: number }
  | { readonly type: "clean" }
  | { readonly type: "thickerCable" }
  | { readonly type: "battery"; readonly times: number }
  | { readonly type: "otherWiring"; readonly wiringId: string; readonly name: string }
  | { readonly type: "seriesInstead" | "parallelInstead" };

export type Gain = {
  readonly kind: GainKind;
  /** More of a year's energy used, kWh; below 0 less. Without batteries that would fill, as much more taken. */
  readonly usedKwh: number;
  readonly takenKwh: number;
  /** Days a year on which the need is met that was not, or null where none is stated. */
  readonly metDays: number | null;
  /** What it costs once, in the currency of the panel, where that is known. */
  readonly price: { readonly amount: number; readonly currency: string } | null;
  /** Whether the rules stop it: then it is told, and not to be done. */ readonly stopped: boolean;
};

type Variant = {
  readonly kind: GainKind;
  readonly plan: Plan;
  readonly wiringId: string;
  readonly price: Gain["price"];
};

export type GainParts = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherYear | null;
  readonly memory: SolveCache;
};

/** What one more panel, a tilt, a cleaning, another wiring, a bigger battery would bring in a year; one after another, most first at the end. */
export function* gainsOf(parts: GainParts): Generator<{ readonly share: number } | undefined, readonly Gain[], void> {
  const { wiringId, weather, memory } = parts;
  const yearOf = (plan: Plan, id: string) =>
    quietly(planYear({ plan, wiringId: id, weather, fineness: "quick", memory }));
  const now = yield* yearOf(parts.plan, wiringId);
  const variants = variantsOf(parts);
  const gains: Gain[] = [];
  for (const [k, { kind, plan, wiringId: id, price }] of variants.entries()) {
    const then = yield* yearOf(plan, id);
    const [a, b] = [inAll(now.months), inAll(then.months)];
    const assessment = assess(plan, id);
    gains.push({
      kind,
      usedKwh: b.usedKwh - a.usedKwh,
      takenKwh: b.takenKwh - a.takenKwh,
      metDays: metDays(now, then),
      price,
      stopped: assessment.type === "assessed" && assessment.worst === "stop",
    });
    yield { share: (k + 1) / variants.length };
  }
  return bestOfEach(gains).sort((a, b) => b.usedKwh - a.usedKwh);
}

/** Of ways to join one more panel of a kind the best that no rule stops, or the best. */
function bestOfEach(gains: readonly Gain[]): Gain[] {
  const best = new Map<string, Gain>();
  for (const gain of gains) {
    const key = gain.kind.type === "onePanel" ? `panel ${gain.kind.panelName}` : JSON.stringify(gain.kind);
    const known = best.get(key);
    const isBetter =
      known === undefined || (known.stopped !== gain.stopped ? known.stopped : gain.usedKwh > known.usedKwh);
    if (isBetter) best.set(key, gain);
  }
  return [...best.values()];
}

const daysAYear = 365;

function metDays(now: PlanYear, then: PlanYear): number | null {
  const missed = ({ months }: PlanYear) =>
    months.some(({ missedPct }) => missedPct !== null)
      ? months.reduce((sum, { missedPct }) => sum + (missedPct ?? 0), 0) / 12 / 100
      : null;
  const [a, b] = [missed(now), missed(then)];
  return a === null || b === null ? null : (a - b) * daysAYear;
}

function variantsOf({ plan, wiringId, weather }: GainParts): Variant[] {
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) return [];
  const changed = (kind: GainKind, changes: readonly Change[], price: Gain["price"] = null): Variant[] => {
    const after = applyChanges(plan, changes);
    return after === plan ? [] : [{ kind, plan: after, wiringId, price }];
  };
  const losses = (patch: Partial<Plan["site"]["losses"]>): Change[] => [
    { type: "setSite", patch: { losses: { ...plan.site.losses, ...patch } } },
  ];
  const { dirtPct, cablePct } = plan.site.losses;
  return [
    ...onePanelMore(plan, wiring.portArrays, wiringId),
    ...otherJoinings(plan, wiring.portArrays, wiringId),
    ...tilted(plan, wiring.portArrays, wiringId, weather),
    ...((dirtPct ?? assumedLossPct.dirtPct) > 0 ? changed({ type: "clean" }, losses({ dirtPct: 0 })) : []),
    ...((cablePct ?? assumedLossPct.cablePct) > 0
      ? changed({ type: "thickerCable" }, losses({ cablePct: (cablePct ?? assumedLossPct.cablePct) / 2 }))
      : []),
    ...(plan.need.batteries.some(({ capacityAh }) => capacityAh !== null)
      ? changed(
          { type: "battery", times: 2 },
          plan.need.batteries.map(({ id, capacityAh, maxChargeA }): Change => ({
            type: "patchInNeed",
            list: "batteries",
            id,
            patch: {
              capacityAh: capacityAh === null ? null : Math.min(10_000, 2 * capacityAh),
              maxChargeA: maxChargeA === null ? null : Math.min(1000, 2 * maxChargeA),
            },
          })),
        )
      : []),
    ...plan.wirings
      .filter(({ id, portArrays }) => id !== wiringId && tilesOf(portArrays).length > 0)
      .map(({ id, name }): Variant => ({
        kind: { type: "otherWiring", wiringId: id, name },
        plan,
        wiringId: id,
        price: null,
      })),
  ];
}

/** One more panel of each kind in use, in every string of that kind in series, or as a string of its own beside strings of one. */
function onePanelMore(plan: Plan, portArrays: readonly PortArray[], wiringId: string): Variant[] {
  const used = new Set(usedIn(portArrays.flatMap(({ strings }) => strings)).map(({ panelId }) => panelId));
  return plan.panels
    .filter(({ id }) => used.has(id))
    .flatMap((panel) => {
      const tile = newTile(panel.id, panel.given + 1);
      const withStrings = (
        joined: "series" | "parallel",
        portArray: PortArray,
        strings: readonly PvString[],
      ): Variant[] => {
        const changedPortArrays = portArrays.map((each) => (each === portArray ? { ...portArray, strings } : each));
        const after = applyChanges(plan, [
          { type: "rewire", wiringId, portArrays: changedPortArrays, counts: { [panel.id]: panel.given + 1 } },
        ]);
        if (after === plan) return [];
        return [
          {
            kind: { type: "onePanel", panelName: panel.label.name, joined },
            plan: after,
            wiringId,
            price: priceOf(panel),
          },
        ];
      };
      return portArrays.flatMap((portArray) => {
        const alike = portArray.strings.filter(({ items }) =>
          items.every((item) => item.type === "panel" && item.panelId === panel.id),
        );
        const [string] = alike;
        if (string === undefined) return [];
        const longer = portArray.strings.map((each) =>
          each === string ? { ...string, items: [...string.items, tile] } : each,
        );
        return [
          // one string may grow; of several equal ones a longer one would drag the others
          ...(portArray.strings.length === 1 ? withStrings("series", portArray, longer) : []),
          ...(string.items.length === 1
            ? withStrings("parallel", portArray, [...portArray.strings, stringOf([tile])])
            : []),
        ];
      });
    });
}

function priceOf({ label }: PlanPanel): Gain["price"] {
  return label.price === null ? null : { amount: label.price, currency: label.currency };
}

/** All panels of each port in one string, and each in a string of its own. */
function otherJoinings(plan: Plan, portArrays: readonly PortArray[], wiringId: string): Variant[] {
  const joinings = [
    { type: "seriesInstead", stringsOf: (portArray: PortArray) => [stringOf(usedIn(portArray.strings))] },
    {
      type: "parallelInstead",
      stringsOf: (portArray: PortArray) => usedIn(portArray.strings).map((tile) => stringOf([tile])),
    },
  ] as const;
  const shape = (all: readonly PortArray[]) =>
    JSON.stringify(all.map(({ strings }) => strings.map(({ items }) => items)));
  return joinings.flatMap(({ type, stringsOf }) => {
    const joined = portArrays.map((portArray) =>
      usedIn(portArray.strings).length === 0 ? portArray : { ...portArray, strings: stringsOf(portArray) },
    );
    if (shape(joined) === shape(portArrays)) return [];
    const after = applyChanges(plan, [{ type: "rewire", wiringId, portArrays: joined, counts: {} }]);
    return after === plan ? [] : [{ kind: { type }, plan: after, wiringId, price: null }];
  });
}

/** All panels of the wiring that lie flat and turn by no mount, at the best fixed tilt. */
function tilted(
  plan: Plan,
  portArrays: readonly PortArray[],
  wiringId: string,
  weather: WeatherYear | null,
): Variant[] {
  const held = new Set(plan.mounts.flatMap(({ pieces }) => pieces.map(keyOf)));
  const pieces = usedIn(portArrays.flatMap(({ strings }) => strings))
    .filter((tile) => !held.has(keyOf(tile)))
    .map(({ panelId, piece }) => ({ panelId, piece }));
  const mountIds = new Set(plan.mounts.map(({ id }) => id));
  if (pieces.length === 0 || mountIds.has("tilted-all")) return [];
  const { tiltDeg } = bestTilts(plan, weather, "tilted").fixed;
  const after = applyChanges(plan, [
    {
      type: "setMount",
      mount: {
        id: "tilted-all",
        name: "Tilted",
        kind: "tilted",
        tiltDeg,
        azimuthDeg: null,
        azimuthFrom: "north",
        turning: { type: "fixed" },
        pieces,
      },
    },
  ]);
  return [{ kind: { type: "tilt", tiltDeg }, plan: after, wiringId, price: null }];
}
