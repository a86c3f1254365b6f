import { type BranchState, type InspectableSolution } from "../net";
import { stcIrradianceWm2 } from "../panel";
import { asMatrix, lightOf, mapTiles, netOfRows, type Row, type Tile, tilesOfRows } from "../wiring";
import { assumedFuseA } from "./fuses";
import { fitAssumed, isChanged, keysOf, kindOf, type LaneContext, siteAssumed, unshaded } from "./context";
import { type Assumption, type Judged, type ReverseFacts } from "./finding";

/** Amps below this are leakage, not a row being fed backwards. */
const leastReverseA = 0.05;

type Reverse = { readonly facts: ReverseFacts; readonly tile: Tile; readonly assumed: Assumption[] };

/**
 * Rule 5, backwards amps: with nothing drawn, stronger rows push current back through weaker ones. At coldest dawn and
 * bright noon, as the panels stand and with all of them lit, against what each panel bears; panels taken out are not there.
 */
export function reverse(context: LaneContext): Judged | null {
  const { tiles } = context;
  if (tiles.length < 2) return null;
  const worst = standings(context)
    .flatMap(({ rows, array, ...when }) => reverseInto(context, rows, array.stateAt(array.vocV), when) ?? [])
    .reduce<Reverse | null>((most, each) => (most === null || share(each) > share(most) ? each : most), null);
  if (worst === null) return null;
  const { facts, tile, assumed } = worst;
  const over = facts.amps > facts.fuseA;
  const sites = facts.sky === "coldDawn" ? siteAssumed(context, "recordLow") : siteAssumed(context, "noonAir", "mount");
  return {
    rule: "reverse",
    level: over ? "stop" : "good",
    value: { value: facts.amps, unit: "A" },
    limit: { value: facts.fuseA, unit: "A" },
    marginPct: 100 * (1 - facts.amps / facts.fuseA),
    assumptions: [...sites, ...assumed, ...fitAssumed(context)],
    reason: { type: "reverse", outcome: over ? "over" : "borne", ...facts },
    tiles: keysOf([tile]),
  };
}

const share = ({ facts }: Reverse) => facts.amps / facts.fuseA;

type Standing = Pick<ReverseFacts, "sky" | "asTheyStand"> & {
  readonly rows: readonly Row[];
  readonly array: InspectableSolution;
};

/** The lane in every state in which it could be fed backwards: alike rows all in full light cannot. */
function standings(context: LaneContext): Standing[] {
  const { lane, tiles, clear, actual } = context;
  const used = mapTiles(lane.rows, (tile) => (tile.stance === "off" ? null : tile));
  const lit = unshaded(lane.rows);
  const found: Standing[] = [];
  if (asMatrix(used) === null)
    for (const sky of ["coldDawn", "brightNoon"] as const)
      found.push({ sky, asTheyStand: false, rows: lit, array: clear[sky].array });
  if (tiles.some(isChanged)) {
    found.push({ sky: "brightNoon", asTheyStand: true, rows: lane.rows, array: actual.brightNoon.array });
    const cold = coldAsTheyStand(context);
    if (cold !== null) found.push({ sky: "coldDawn", asTheyStand: true, rows: lane.rows, array: cold });
  }
  return found;
}

/** Cells at the record low in full sun, each panel with its own share of it: what the volts of limits do not look at. */
function coldAsTheyStand(context: LaneContext): InspectableSolution | null {
  const made = netOfRows(context.lane.rows, {
    modelOf: (id) => kindOf(context, id).model,
    skyOf: (tile, substrings) => ({
      cellTempC: context.site.recordLowC,
      irradianceWm2: lightOf(tile, substrings).map((part) => part * stcIrradianceWm2),
    }),
  });
  return made === null ? null : context.solve(made.net);
}

/** The panel that bears least well what is pushed backwards through it, in a state of these rows; null when none is. */
function reverseInto(
  context: LaneContext,
  rows: readonly Row[],
  state: BranchState,
  when: Pick<ReverseFacts, "sky" | "asTheyStand">,
): Reverse | null {
  const tiles = tilesOfRows(rows).filter((tile) => tile.stance !== "off");
  const states = panelStates(state);
  let worst: Reverse | null = null;
  for (const [k, tile] of tiles.entries()) {
    const amps = -(states[k]?.i ?? 0);
    if (amps < leastReverseA) continue;
    const { name, fit } = kindOf(context, tile.panelId);
    const stated = fit.label.maxSeriesFuseA;
    const fuseA = stated ?? assumedFuseA(fit.label.pmaxW);
    if (worst !== null && amps / fuseA <= share(worst)) continue;
    worst = {
      facts: { panelName: name, amps, fuseA, ...when },
      tile,
      assumed: stated === null ? [{ type: "fuseRating", panelName: name, amps: fuseA }] : [],
    };
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
