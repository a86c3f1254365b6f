import { dayMs, median } from "../engine/numeric";
import { bestRamp, bestStep, type Series } from "./shape";
import { type LogEvent, type LogFinding, type LogPoint, maxShare, quantile, skySigma, taperSoc } from "./point";

/** What a log shows: what fell slowly, what stepped down, what comes with the season, what the battery did. */

/** Of the array: the least that a fault takes, as a share of its watts: a part of one of its panels. */
export type LogArray = { readonly panels: number; readonly partsOfPanel: number };

const minTaper = 0.08;
/** Fewer days than this show nothing. */
const minDays = 3;
/** Less than this is within what labels and skies may be off. */
const minDrop = 0.06;
const minDirt = 0.045;
/** Dirt falls no faster than this a day; what does is a step. */
const fastestDirtADay = 0.008;
/** A fault takes a part of a panel, nearly all of it. */
const partShare = 0.7;
/** Lower than this the sun tells nothing, °. */
const minElevationDeg = 8;

export function findingsOf(
  points: readonly LogPoint[],
  events: readonly LogEvent[],
  array: LogArray,
): readonly LogFinding[] {
  const clear = trusted(points);
  const { taper, rest } = takeTaper(clear);
  const { shade, others } = takeShade(rest);
  return [...(taper === null ? [] : [taper]), ...(shade === null ? [] : [shade]), ...falls(others, events, array)].sort(
    (a, b) => a.sinceMs - b.sinceMs,
  );
}

/** Readings under a clear sky, where that was said; of a log without words the best of each week. */
function trusted(points: readonly LogPoint[]): LogPoint[] {
  const could = points
    .filter(({ share, elevationDeg }) => share >= 0 && share <= maxShare && elevationDeg >= minElevationDeg)
    .sort((a, b) => a.atMs - b.atMs);
  const said = could.filter(({ cloud }) => cloud !== null);
  if (said.length > 0) return could.filter(({ cloud }) => cloud === "clear");
  return could.filter((point, k) => isBestOfWeek(could, point, k));
}

/** Whether no other within half a week of it is better by more than a bit. In the order of time. */
function isBestOfWeek(points: readonly LogPoint[], point: LogPoint, at: number): boolean {
  const isNoBetter = (step: 1 | -1) => {
    for (let k = at + step; ; k += step) {
      const other = points[k];
      if (other === undefined || Math.abs(other.atMs - point.atMs) > 3.5 * dayMs) return true;
      if (other.share > point.share * 1.06) return false;
    }
  };
  return isNoBetter(1) && isNoBetter(-1);
}

/** What the battery left: low while it was nearly full, and not low else. */
function takeTaper(points: readonly LogPoint[]): { readonly taper: LogFinding | null; readonly rest: LogPoint[] } {
  const isFull = ({ socPct }: LogPoint) => socPct !== null && socPct >= taperSoc;
  const free = points.filter((point) => !isFull(point));
  const level =
    free.length >= minDays
      ? quantile(
          free.map(({ share }) => share),
          0.6,
        )
      : 1;
  const low = points.filter((point) => isFull(point) && point.share < level - minTaper);
  if (low.length < minDays) return { taper: null, rest: points.filter((point) => !low.includes(point)) };
  const lossPct = 100 * (1 - median(low.map(({ share }) => share)) / level);
  return {
    taper: { id: "taper", sinceMs: low[0]?.atMs ?? 0, lossPct, untilMs: null },
    rest: points.filter((point) => !isFull(point)),
  };
}

/** A tree, a mast, a new neighbour: low at some place of the sun and not at others of the same days, or of the same season. */
function takeShade(points: readonly LogPoint[]): { readonly shade: LogFinding | null; readonly others: LogPoint[] } {
  const level = quantile(
    points.map(({ share }) => share),
    0.7,
  );
  const isLow = ({ share, elevationDeg }: LogPoint) => share < level - Math.max(0.1, 2 * skySigma(elevationDeg));
  const low = points.filter(isLow);
  const none = { shade: null, others: [...points] };
  if (low.length < minDays) return none;
  const high = points.filter((point) => !isLow(point));
  const byHour = sameDays(low, high);
  const bySeason = byHour.length >= minDays ? [] : sameSeason(low, high);
  const shaded = byHour.length >= minDays ? low.filter((point) => isNear(point, byHour)) : bySeason;
  if (shaded.length < minDays) return none;
  const lossPct = 100 * (1 - median(shaded.map(({ share }) => share)) / level);
  return {
    shade: { id: "shadeSeason", sinceMs: shaded[0]?.atMs ?? 0, lossPct, untilMs: null },
    others: points.filter((point) => !shaded.includes(point)),
  };
}

/** Low readings of days that have a good one at another place of the sun. */
function sameDays(low: readonly LogPoint[], high: readonly LogPoint[]): LogPoint[] {
  const dayOf = ({ atMs }: LogPoint) => Math.floor(atMs / dayMs);
  const good = new Map<number, LogPoint[]>();
  for (const point of high) good.set(dayOf(point), [...(good.get(dayOf(point)) ?? []), point]);
  const found = low.filter((point) =>
    (good.get(dayOf(point)) ?? []).some(({ azimuthDeg }) => Math.abs(azimuthDeg - point.azimuthDeg) > 12),
  );
  // what shades stands somewhere: the sun is always behind it
  const middle = median(found.map(({ azimuthDeg }) => azimuthDeg));
  return found.filter(({ azimuthDeg }) => Math.abs(azimuthDeg - middle) < 35);
}

function isNear(point: LogPoint, shaded: readonly LogPoint[]): boolean {
  return shaded.some(({ azimuthDeg }) => Math.abs(azimuthDeg - point.azimuthDeg) < 15);
}

/** With one reading a day: low as long as the sun stands under some height, and good before and after, with no other reason. */
function sameSeason(low: readonly LogPoint[], high: readonly LogPoint[]): LogPoint[] {
  const [first, last] = [low[0], low.at(-1)];
  if (first === undefined || last === undefined || last.atMs - first.atMs < 21 * dayMs) return [];
  const before = high.filter(({ atMs }) => atMs < first.atMs).at(-1);
  const after = high.find(({ atMs }) => atMs > last.atMs);
  if (before === undefined || after === undefined) return [];
  const edge = Math.max(...low.map(({ elevationDeg }) => elevationDeg));
  const under = high.filter(({ elevationDeg }) => elevationDeg < edge - 2);
  const isEven = Math.abs(first.elevationDeg - last.elevationDeg) < 8;
  return isEven && under.length <= 0.15 * low.length ? [...low] : [];
}

type Ending = { readonly by: "washed" | "rose"; readonly atMs: number };
type Stretch = {
  readonly points: readonly LogPoint[];
  /** What ended it, and when; null: it goes on. */ readonly ended: Ending | null;
};

/** Slow falls and steps, from one cleaning, rain or repair that brought it back to the next. */
function falls(points: readonly LogPoint[], events: readonly LogEvent[], array: LogArray): LogFinding[] {
  const found: LogFinding[] = [];
  for (const { points: stretch, ended } of stretchesOf(points, events)) found.push(...fallsIn(stretch, ended, array));
  return found;
}

/** How much higher it must be after than before for something to have brought it back. */
const minRise = 0.04;
const nearPoints = 4;

function stretchesOf(points: readonly LogPoint[], events: readonly LogEvent[]): Stretch[] {
  const cuts = events
    .filter(({ what }) => what === "cleaned" || what === "tilted" || what === "rain")
    .filter(({ atMs, what }) => what === "tilted" || isRise(points, atMs));
  const stretches: Stretch[] = [];
  let rest = [...points];
  for (const { atMs, what } of [...cuts].sort((a, b) => a.atMs - b.atMs)) {
    const before = rest.filter((point) => point.atMs < atMs);
    if (before.length === 0) continue;
    stretches.push({ points: before, ended: what === "tilted" ? null : { by: "washed", atMs } });
    rest = rest.filter((point) => point.atMs >= atMs);
  }
  return [...stretches, { points: rest, ended: null }].flatMap(cutAtRise);
}

function isRise(points: readonly LogPoint[], atMs: number): boolean {
  const before = points.filter((point) => point.atMs < atMs).slice(-nearPoints);
  const after = points.filter((point) => point.atMs >= atMs).slice(0, nearPoints);
  if (before.length < 2 || after.length < 2) return false;
  const sigma = skySigma(Math.min(...[...before, ...after].map(({ elevationDeg }) => elevationDeg)));
  return median(after.map(({ share }) => share)) - median(before.map(({ share }) => share)) > Math.max(minRise, sigma);
}

/** Something was fixed, and nobody wrote it down: up at once, and it stays. */
function cutAtRise(stretch: Stretch): Stretch[] {
  const { points } = stretch;
  const turned = bestStep(seriesOf(points.map((point) => ({ ...point, share: -point.share }))), minDays);
  if (turned === null) return [stretch];
  const rise = turned.before - turned.after;
  if (rise < Math.max(0.1, 3 * meanSigma(points))) return [stretch];
  return [
    { points: points.slice(0, turned.at), ended: { by: "rose", atMs: points[turned.at]?.atMs ?? 0 } },
    { points: points.slice(turned.at), ended: stretch.ended },
  ];
}

function seriesOf(points: readonly LogPoint[]): Series {
  return { days: points.map(({ atMs }) => atMs / dayMs), shares: points.map(({ share }) => share) };
}

function meanSigma(points: readonly LogPoint[]): number {
  return points.reduce((sum, { elevationDeg }) => sum + skySigma(elevationDeg), 0) / Math.max(1, points.length);
}

function fallsIn(points: readonly LogPoint[], ended: Stretch["ended"], array: LogArray): LogFinding[] {
  if (points.length < 2 * minDays) return [];
  const series = seriesOf(points);
  const step = bestStep(series, minDays);
  const ramp = bestRamp(series, minDays);
  if (step === null) return [];
  const first = points[step.at];
  const last = points[step.at - 1];
  if (first === undefined || last === undefined) return [];
  const drop = (step.before - step.after) / step.before;
  const sky = meanSigma(points.slice(step.at));
  const least = Math.max(minDrop, 2 * sky, partShare / array.panels / array.partsOfPanel);
  const gapDays = (first.atMs - last.atMs) / dayMs;
  // a step within a long gap may have been a slow fall: then only what dirt cannot do in so many days is one
  const isSudden =
    drop > fastestDirtADay * Math.max(1, gapDays) && (ramp === null || step.misfit <= ramp.misfit * 1.15 || drop > 0.2);
  if (ended?.by !== "washed" && drop >= least && isSudden) {
    const before = fallsIn(points.slice(0, step.at), null, array);
    const after = fallsIn(points.slice(step.at), ended, array);
    return [
      ...before,
      { id: "fault", sinceMs: first.atMs, lossPct: 100 * drop, untilMs: ended?.atMs ?? null },
      ...after,
    ];
  }
  return dirtIn(points, ramp, ended);
}

/** So much lost before one says since when. */
const tellsFrom = 0.025;

function dirtIn(points: readonly LogPoint[], ramp: ReturnType<typeof bestRamp>, ended: Stretch["ended"]): LogFinding[] {
  if (ramp === null) return [];
  const endDay = (points.at(-1)?.atMs ?? 0) / dayMs;
  const reached = Math.min(1, Math.max(0, (endDay - ramp.from) / (ramp.to - ramp.from)));
  const loss = ((ramp.before - ramp.after) * reached) / ramp.before;
  const low = points.filter(({ atMs }) => atMs / dayMs > (ramp.from + ramp.to) / 2);
  // washed off it was dirt, whatever its shape; else it must be more than a season's sky
  const least = ended?.by === "washed" ? minDirt : Math.max(minDirt, 2 * meanSigma(low));
  if (loss < least || low.length < minDays) return [];
  const sinceDay =
    ramp.from + (ramp.to - ramp.from) * Math.min(1, tellsFrom / ((ramp.before - ramp.after) / ramp.before));
  const since = points.find(({ atMs }) => atMs / dayMs >= sinceDay);
  return [{ id: "dirt", sinceMs: since?.atMs ?? ramp.from * dayMs, lossPct: 100 * loss, untilMs: ended?.atMs ?? null }];
}
