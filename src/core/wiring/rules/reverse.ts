import { assumedFuseA, fuseFactor } from "../../engine/fuse";
import { noShades, underSkyScene } from "../../engine/light";
import { type BranchState, type InspectableSolution } from "../../engine/net";
import { stcIrradianceWm2 } from "../../engine/panel";
import { asMatrix, isChanged, lightOf, mapTiles, standOf, type PanelRef } from "../../engine/array";
import {
  fitAssumed,
  keysOf,
  kindOf,
  kindsIn,
  type PortArrayContext,
  siteAssumed,
  solveStrings,
  type Assumption,
} from "../../plan-model";
import { type RuleOutcome, type PortArrayRule } from "../../checks";

/** Amps pushed backwards through the panel that bears them least while nothing is drawn, what it bears, and when. */
export type ReverseFacts = {
  readonly panelName: string;
  readonly amps: number;
  readonly fuseA: number;
  readonly sky: "coldDawn" | "brightNoon";
  /** As the panels stand, stowed and shaded; else with all of them lit. */
  readonly asTheyStand: boolean;
};

export type ReverseReason = { readonly type: "reverse"; readonly outcome: "over" | "asked" | "borne" } & ReverseFacts;

/** Amps below this are leakage, not a string being fed backwards. */
const minReverseA = 0.05;

type Reverse = {
  readonly facts: ReverseFacts;
  readonly tile: PanelRef;
  readonly assumed: Assumption[];
  /** Its rating was assumed, against its own Isc: a panel that could be sold bears more. */ readonly isGuess: boolean;
};

/**
 * Rule 5, backwards amps: with nothing drawn, stronger strings push current back through weaker ones. At coldest dawn and
 * bright noon, as the panels stand and with all of them lit, against what each panel bears; panels taken out are not there.
 */
export function reverse(context: PortArrayContext): RuleOutcome<ReverseReason> | null {
  const { tiles } = context;
  if (tiles.length < 2) return null;
  const worst = standings(context)
    .flatMap(({ array, ...when }) => reverseInto(context, array.stateAt(array.vocV), when) ?? [])
    .reduce<Reverse | null>((most, each) => (most === null || isWorse(each, most) ? each : most), null);
  if (worst === null) return null;
  const { facts, tile, assumed } = worst;
  const outcome = facts.amps <= facts.fuseA ? "borne" : worst.isGuess ? "asked" : "over";
  const sites = facts.sky === "coldDawn" ? siteAssumed(context, "recordLow") : siteAssumed(context, "noonAir", "mount");
  return {
    level: ({ over: "stop", asked: "open", borne: "good" } as const)[outcome],
    value: { value: facts.amps, unit: "A" },
    limit: { value: facts.fuseA, unit: "A" },
    marginPct: 100 * (1 - facts.amps / facts.fuseA),
    assumptions: [...sites, ...assumed, ...fitAssumed(context)],
    reason: { type: "reverse", outcome, ...facts },
    tiles: keysOf([tile]),
  };
}

const share = ({ facts }: Reverse) => facts.amps / facts.fuseA;

/** A rating that is stated, or may well be so, counts before one that was only guessed. */
function isWorse(a: Reverse, b: Reverse): boolean {
  const surelyOver = (each: Reverse) => share(each) > 1 && !each.isGuess;
  return surelyOver(a) === surelyOver(b) ? share(a) > share(b) : surelyOver(a);
}

type Standing = Pick<ReverseFacts, "sky" | "asTheyStand"> & {
  readonly array: InspectableSolution;
};

/** The port array in every state in which it could be fed backwards: alike strings all in full light cannot. */
function standings(context: PortArrayContext): Standing[] {
  const { portArray, tiles, clear } = context;
  const used = mapTiles(portArray.strings, (tile) => (tile.bypassed ? null : tile));
  const found: Standing[] = [];
  const isAlike = asMatrix(used) !== null && kindsIn(context).length === 1 && context.fixed.size === 0;
  if (!isAlike)
    for (const sky of ["coldDawn", "brightNoon"] as const)
      found.push({ sky, asTheyStand: false, array: clear[sky].array });
  if (tiles.some((tile) => isChanged(standOf(context.position, tile)))) {
    found.push({ sky: "brightNoon", asTheyStand: true, array: noonAsTheyStand(context) });
    const cold = coldAsTheyStand(context);
    if (cold !== null) found.push({ sky: "coldDawn", asTheyStand: true, array: cold });
  }
  return found;
}

/** Bright noon on the panels as they stand; before the cables, which would only hold amps back. */
function noonAsTheyStand(context: PortArrayContext): InspectableSolution {
  const { actual, copper, portArray, position, site } = context;
  const scene = underSkyScene(actual.brightNoon.sky, position, site, noShades);
  return (copper.cables === null ? null : solveStrings(context, portArray.strings, scene)) ?? actual.brightNoon.array;
}

/** Cells at the record low in full sun, each panel with its own share of it: what the volts of limits do not look at. */
function coldAsTheyStand(context: PortArrayContext): InspectableSolution | null {
  return solveStrings(context, context.portArray.strings, (tile, substrings) => ({
    cellTempC: context.site.recordLowC,
    irradianceWm2: lightOf(standOf(context.position, tile), substrings).map((part) => part * stcIrradianceWm2),
  }));
}

/** The panel that bears least well what is pushed backwards through it, in a state of the port array; null when none is. */
function reverseInto(
  context: PortArrayContext,
  state: BranchState,
  when: Pick<ReverseFacts, "sky" | "asTheyStand">,
): Reverse | null {
  const states = panelStates(state);
  let worst: Reverse | null = null;
  for (const [k, tile] of context.tiles.entries()) {
    const amps = -(states[k]?.i ?? 0);
    if (amps < minReverseA) continue;
    const { name, fit } = kindOf(context, tile);
    const stated = fit.label.maxSeriesFuseA;
    const fuseA = stated ?? assumedFuseA(fit.label.pmaxW);
    const found: Reverse = {
      facts: { panelName: name, amps, fuseA, ...when },
      tile,
      assumed: stated === null ? [{ type: "fuseRating", panelName: name, amps: fuseA }] : [],
      isGuess: stated === null && fuseFactor * fit.label.iscA > fuseA,
    };
    if (worst === null || isWorse(found, worst)) worst = found;
  }
  return worst;
}

/** The panels of a net's state in the order in which they stand in it. */
export function panelStates(state: BranchState): Extract<BranchState, { type: "panel" }>[] {
  switch (state.type) {
    case "panel":
      return [state];
    case "group":
      return state.members.flatMap(panelStates);
    case "part":
      return [];
  }
}

export const reverseRule: PortArrayRule<"reverse", ReverseReason> = {
  id: "reverse",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["coldDawn", "brightNoon"], edge: null },
  fixedBy: "wiring",
  ofInput: false,
  judge: reverse,
};
