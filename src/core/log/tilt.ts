import { dayMs, median } from "../engine/numeric";
import { type LogEventRecord, type MeasuredRecord } from "../measurements";
import { type Plan } from "../plan";
import { keyOf, type PanelKey } from "../engine/array";

/** Somebody may change the tilt so long before its day, and so long after it. */
const earlyMs = 14 * dayMs;
/** Fewer clear readings tell nothing; the old tilt must fit better by so much, as a share. */
const minReadings = 3;
const minBetter = 0.04;

/** Panels whose tilt changes with the seasons, and the day before the last change that nobody wrote down as done. */
export type Turns = {
  readonly isSeasonal: (key: PanelKey) => boolean;
  /** When the tilt was to change last before a moment, where nothing says that it was; null: nothing to change, or done. */
  readonly openTurn: (atMs: number) => number | null;
};

export function createTurns({ mounts }: Pick<Plan, "mounts">, records: readonly MeasuredRecord[]): Turns {
  const seasonal = mounts.filter(({ turning }) => turning.type === "seasons");
  const keys = new Set(seasonal.flatMap(({ pieces }) => pieces.map(keyOf)));
  const days = seasonal.flatMap(({ turning }) => (turning.type === "seasons" ? turning.turns : []));
  const done = records
    .filter((each): each is LogEventRecord => each.kind === "event" && each.what === "tilted")
    .map(({ atUtc }) => Date.parse(atUtc));
  const lastTurn = (atMs: number): number | null => {
    const year = new Date(atMs).getUTCFullYear();
    const turns = [year - 1, year].flatMap((each) =>
      days.map(({ fromDay }) => Date.parse(`${each}-${fromDay}T00:00:00Z`)),
    );
    return turns.reduce<number | null>((last, ms) => (ms <= atMs && ms > (last ?? -Infinity) ? ms : last), null);
  };
  return {
    isSeasonal: (key) => keys.has(key),
    openTurn: (atMs) => {
      const turn = lastTurn(atMs);
      return turn === null || done.some((ms) => ms >= turn - earlyMs && ms <= atMs) ? null : turn;
    },
  };
}

/** A clear reading's share by the tilt it should have, and by the one of before. */
export type TiltPoint = { readonly turnMs: number; readonly share: number; readonly heldShare: number };

/** Changes of tilt that were not made, by the readings after them: the tilt of before fits better. */
export function missedTurns(points: readonly TiltPoint[]): ReadonlySet<number> {
  const turns = new Set(points.map(({ turnMs }) => turnMs));
  const offOf = (share: number) => Math.abs(Math.log(Math.max(0.01, share)));
  return new Set(
    [...turns].filter((turn) => {
      const ours = points.filter(({ turnMs }) => turnMs === turn);
      const better =
        median(ours.map(({ share }) => offOf(share))) - median(ours.map(({ heldShare }) => offOf(heldShare)));
      return ours.length >= minReadings && better >= minBetter;
    }),
  );
}
