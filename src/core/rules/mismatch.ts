import { type BranchState } from "../net";
import { type Row, type Tile, tilesOfRows } from "../wiring";
import { type LaneContext, fitAssumed, keysOf, kindOf, siteAssumed, solveRows, termsOf, unshaded } from "./context";
import { type Assumption, type Judged, type Level, type MismatchFacts, type ReverseFacts } from "./finding";
import { panelNoonW } from "./watts";

/** Losing more than this of what the panels could give apart is a cost to name; more than the second a remark. */
const costlyLossPct = 10;
const someLossPct = 2;
/** A loss below this is rounding between equals. */
const anyLossPct = 0.05;
/** Amps below this are leakage, not a string being fed backwards. */
const leastReverseA = 0.05;

/** Rule 5: what unequal rows and unequal panels in a row lose by being joined, by the solved net; and amps fed backwards. */
export function mismatch(context: LaneContext): Judged | null {
  const { lane, tiles, clear } = context;
  if (tiles.length < 2) return null;
  const rows = unshaded(lane.rows);
  const panelsW = tiles.reduce((sum, tile) => sum + panelNoonW(context, kindOf(context, tile.panelId)), 0);
  const solved = rows.map((row) => solveRows(context, [row], "brightNoon"));
  const rowsW = solved.reduce((sum, row) => sum + (row?.mpp.p ?? 0), 0);
  const joinedW = clear.brightNoon.array.mpp.p;
  const mixed =
    new Set(tiles.map((tile) => tile.panelId)).size > 1 ||
    new Set(rows.map((row) => row.items.length)).size > 1 ||
    rows.some((row) => row.items.some((item) => item.type === "group"));
  const reverse = mixed
    ? reverseInto(context, rows, clear.brightNoon.array.stateAt(clear.brightNoon.array.vocV))
    : null;
  const facts: MismatchFacts = {
    panelsW,
    rowsW,
    joinedW,
    lossPct: 100 * Math.max(0, 1 - joinedW / panelsW),
    seriesLossPct: 100 * Math.max(0, 1 - rowsW / panelsW),
    parallelLossPct: 100 * Math.max(0, 1 - joinedW / rowsW),
    rows: rows.flatMap((row, k) => {
      const point = solved[k]?.mpp;
      return point === undefined
        ? []
        : [{ terms: termsOf(context, inUse(row), ({ fit }) => fit.label.vmpV), vmpV: point.v, impA: point.i }];
    }),
    reverse: reverse?.facts ?? null,
  };
  const { level, outcome } = grade(facts);
  const assumptions: Assumption[] = [
    ...siteAssumed(context, "noonAir", "mount"),
    ...fitAssumed(context),
    ...(reverse?.assumed ?? []),
  ];
  return {
    rule: "mismatch",
    level,
    value: { value: facts.lossPct, unit: "%" },
    limit: null,
    marginPct: null,
    assumptions,
    reason: { type: "mismatch", outcome, ...facts },
    tiles: outcome === "reverseOver" && reverse !== null ? keysOf([reverse.tile]) : [],
  };
}

function inUse(row: Row): Tile[] {
  return tilesOfRows([row]).filter((tile) => tile.stance !== "off");
}

function grade({ reverse, lossPct }: MismatchFacts): {
  level: Level;
  outcome: "reverseOver" | "costly" | "some" | "little" | "equal";
} {
  if (reverse !== null && reverse.amps > reverse.fuseA) return { level: "stop", outcome: "reverseOver" };
  if (lossPct > costlyLossPct) return { level: "care", outcome: "costly" };
  if (lossPct > someLossPct) return { level: "note", outcome: "some" };
  return { level: "good", outcome: lossPct > anyLossPct ? "little" : "equal" };
}

type Reverse = { readonly facts: ReverseFacts; readonly tile: Tile; readonly assumed: Assumption[] };

/** The panel that bears least well what is pushed backwards through it, in a state of these rows; null when none is. */
export function reverseInto(context: LaneContext, rows: readonly Row[], state: BranchState): Reverse | null {
  const tiles = tilesOfRows(rows).filter((tile) => tile.stance !== "off");
  const states = panelStates(state);
  let worst: Reverse | null = null;
  for (const [k, tile] of tiles.entries()) {
    const amps = -(states[k]?.i ?? 0);
    if (amps < leastReverseA) continue;
    const { name, fit } = kindOf(context, tile.panelId);
    const stated = fit.label.maxSeriesFuseA;
    const fuseA = stated ?? assumedFuseA(fit.label.pmaxW);
    if (worst !== null && amps / fuseA <= worst.facts.amps / worst.facts.fuseA) continue;
    worst = {
      facts: { panelName: name, amps, fuseA },
      tile,
      assumed: stated === null ? [{ type: "fuseRating", panelName: name, amps: fuseA }] : [],
    };
  }
  return worst;
}

/** Series fuse rating taken for a panel whose label has none: 15 A from 50 W, 10 A below. */
export function assumedFuseA(pmaxW: number): number {
  return pmaxW >= 50 ? 15 : 10;
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
