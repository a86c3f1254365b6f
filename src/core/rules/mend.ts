import { keyOf, type Lane, tilesOf } from "../wiring";
import { judgeAll, openById, type Placed, takenW } from "./assess";
import { type Candidate, candidatesFor } from "./candidates";
import { type LaneContext } from "./context";
import { levels, type Mend, passes, type RuleId, worstLevel } from "./finding";
import { laneOf, type OpenWiring } from "./open";
import { type Plan } from "../plan";

/** Wirings whose noon watts differ by less than this share count as equal. */
const sameWatts = 0.01;

type Tried = {
  readonly candidate: Candidate;
  readonly findings: readonly Placed[];
  readonly noonW: number;
  readonly bought: number;
  readonly modules: number;
  readonly shelved: number;
};

/** Rules that speak of watts lost, not of danger: leaving panels off to be rid of the loss would only make it worse. */
const costRules: readonly RuleId[] = ["current", "watts", "shared", "mismatch", "pwmLoss", "mixedStates"];

/**
 * For each finding that does not pass, the wiring that makes it pass with the least upset: no new Stop anywhere, no
 * panel to buy if possible, then most watts at noon. Found by trying, so a mend shown is one that was seen to work.
 * `now`: what the rules say of the wiring as it is. Pauses after every try, so that whoever drives it can turn to something newer.
 */
export function* findMends(
  open: OpenWiring,
  now: readonly Placed[] = judgeAll(open),
): Generator<void, ReadonlyMap<string, Mend>> {
  const failing = now.filter(({ level }) => !passes(level) && level !== "open");
  const mends = new Map<string, Mend>();
  const tried = new Map<LaneContext, Tried[]>();
  const nowW = takenW(open, "brightNoon");
  for (const finding of failing) {
    const working: Tried[] = [];
    for (const context of open.lanes.filter((lane) => speaksOf(finding, lane, open))) {
      if (!tried.has(context)) {
        const found: Tried[] = [];
        for (const candidate of candidatesFor(open.plan, open.wired, context)) {
          const result = tryOut(open, candidate);
          if (result !== null) found.push(result);
          yield;
        }
        tried.set(context, found);
      }
      working.push(...(tried.get(context) ?? []).filter((result) => mendsIt(finding, now, result, nowW)));
    }
    const best = working.sort(compare)[0];
    if (best !== undefined) mends.set(finding.id, toMend(best));
  }
  return mends;
}

/** Runs a search to its end, for callers with nothing newer to turn to. */
export function allMends(plan: Plan, wiringId: string): ReadonlyMap<string, Mend> {
  const search = findMends(openById(plan, wiringId));
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

function speaksOf({ where }: Placed, { lane }: LaneContext, { plan }: OpenWiring): boolean {
  if (lane.inputId !== where.inputId) return false;
  if (where.type === "lane") return lane.portId === where.portId;
  const group = plan.inputs
    .find((input) => input.id === where.inputId)
    ?.device.groups.find(({ id }) => id === where.groupId);
  return lane.portId !== null && group?.portIds.includes(lane.portId) === true;
}

function mendsIt(finding: Placed, now: readonly Placed[], tried: Tried, nowW: number): boolean {
  const after = tried.findings.find(({ id }) => id === finding.id);
  // with nothing left before its port, a rule of watts is not mended but silenced
  if (after === undefined && !tried.findings.some(({ where }) => where.inputId === finding.where.inputId)) return false;
  if (after !== undefined && !passes(after.level)) return false;
  const isCost = costRules.includes(finding.rule) && finding.level !== "stop";
  if (isCost && tried.noonW < nowW) return false;
  const newStop = tried.findings.some(
    ({ id, level }) => level === "stop" && now.find((before) => before.id === id)?.level !== "stop",
  );
  return !newStop;
}

/** Judges a candidate; lanes it leaves as they are keep their solutions. Null where some lane of it cannot be judged. */
function tryOut(open: OpenWiring, candidate: Candidate): Tried | null {
  const contexts: LaneContext[] = [];
  for (const lane of candidate.lanes) {
    if (lane.rows.length === 0) continue;
    const context = open.lanes.find((known) => known.lane === lane) ?? laneOf(open.plan, open.ground, lane);
    if (context !== null) contexts.push(context);
  }
  if (contexts.length === 0) return null;
  const after: OpenWiring = { ...open, lanes: contexts };
  const counts = countsOf(candidate.lanes);
  const bought = open.plan.panels.reduce((sum, panel) => sum + Math.max(0, (counts[panel.id] ?? 0) - panel.count), 0);
  const modules = (of: readonly LaneContext[]) =>
    new Set(of.flatMap(({ lane, port }) => (port.moduleId === null ? [] : [`${lane.inputId}/${port.moduleId}`]))).size;
  // a module that is not in use yet is something to buy as well
  const extraModules = Math.max(0, modules(contexts) - modules(open.lanes));
  const before = new Set(open.lanes.flatMap(({ lane }) => tilesOf([lane]).map(keyOf)));
  const kept = new Set(tilesOf(candidate.lanes).map(keyOf));
  return {
    candidate,
    findings: judgeAll(after),
    noonW: takenW(after, "brightNoon"),
    bought,
    modules: extraModules,
    shelved: [...before].filter((key) => !kept.has(key)).length,
  };
}

/** Pieces of each kind a wiring needs the plan to have. */
function countsOf(lanes: readonly Lane[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const { panelId, piece } of tilesOf(lanes)) counts[panelId] = Math.max(counts[panelId] ?? 0, piece);
  return counts;
}

/** Fewest Stops, then no panel to buy, then most watts at noon, then the mildest remarks, then the fewest put away. */
function compare(a: Tried, b: Tried): number {
  const stops = ({ findings }: Tried) => findings.filter(({ level }) => level === "stop").length;
  const rank = (tried: Tried) => levels.indexOf(worstLevel(tried.findings));
  const wattsApart = b.noonW - a.noonW;
  return (
    stops(a) - stops(b) ||
    a.bought + a.modules - b.bought - b.modules ||
    (Math.abs(wattsApart) > sameWatts * Math.max(a.noonW, b.noonW) ? wattsApart : 0) ||
    rank(b) - rank(a) ||
    a.shelved - b.shelved
  );
}

function toMend({ candidate, bought, shelved }: Tried): Mend {
  const lanes = candidate.lanes.filter((lane) => lane.rows.length > 0);
  return { kind: candidate.kind, lanes, counts: countsOf(lanes), bought, shelved };
}
