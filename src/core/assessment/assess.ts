import { facingOf, lightOnPlane } from "../engine/light";
import { type Plan } from "../plan";
import { namedSky, type SkyName } from "../engine/sky";
import { keyOf, type PortArray, laneKey, type Pose, type Stand, standOf, type PanelRef, usedIn } from "../engine/array";
import { groupsIn } from "../wiring/rules";
import {
  type LaneContext,
  createSolveCache,
  type SolveCache,
  laneOf,
  type Missing,
  mountReports,
  parkedIn,
  type SolvableWiring,
  solvableById,
} from "../plan-model";
import { type Finding, type FindingWithoutFixes, noFixes } from "./finding";
import { type Level, levels, type RuleOutcome, type Subject, worstLevel } from "../checks";
import { judgeLane, type RuleResult } from "./judge-lane";
import { mountRules } from "../mounting/rules";
import { leadsRule, roofContext, roofRules } from "../layout/rules";
import { copperContext, copperRules, isCopperSaid } from "../protection/rules";
import { groupRules, type Reason, type RuleId, ruleOf, wiringRules } from "./rules";
import { noonLook, type ViewState, type LaneView, viewOf, eachSky, takenW } from "./views";

export type Assessed = {
  readonly type: "assessed";
  readonly findings: readonly Finding[];
  readonly worst: Level;
  readonly lanes: readonly LaneView[];
  /** What keeps some lanes from being judged. */
  readonly missing: readonly Missing[];
  /** Watts taken by all ports together under each sky, shared limits kept. */
  readonly takenW: Readonly<Record<SkyName, number>>;
};

export type Assessment = { readonly type: "incomplete"; readonly missing: readonly Missing[] } | Assessed;

/** Judges one wiring of a plan, mends aside. Pure: the same plan and look give the same assessment. */
export function assess(plan: Plan, wiringId: string, look: ViewState = noonLook): Assessment {
  return assessReady(solvableById(plan, wiringId, look.poseId), look);
}

export function assessReady(ready: SolvableWiring, look: ViewState = noonLook): Assessment {
  if (ready.lanes.length === 0) return { type: "incomplete", missing: ready.missing };
  const findings = judgeAll(ready).map((finding) => ({ ...finding, ...noFixes }));
  return {
    type: "assessed",
    findings,
    worst: worstLevel([...findings, ...ready.missing.map(() => ({ level: "open" }) as const)]),
    lanes: ready.lanes.map((context) => viewOf(context, ready, look)),
    missing: ready.missing,
    takenW: eachSky((name) => takenW(ready, name, look.moment)),
  };
}

/**
 * Every rule of every lane and group, each with what it speaks of, and what is left on the shelf: of all poses, and of
 * what can be on the way from one to another, the worst is told, with the pose it is worst in.
 */
export function judgeAll(ready: SolvableWiring): FindingWithoutFixes[] {
  const each = ready.posed.map((lanes, k) => judgePose({ ...ready, lanes }, ready.poses[k]?.id ?? ""));
  const [first, ...others] = each;
  if (first === undefined || others.length === 0) return first ?? [];
  const ids = new Set(each.flatMap((found) => found.map(({ id }) => id)));
  const inPoses = [...ids].map((id): FindingWithoutFixes => {
    const found = each.flatMap((findings, k) => {
      const one = findings.find((candidate) => candidate.id === id);
      return one === undefined ? [] : [{ placed: one, name: ready.poses[k]?.name ?? "" }];
    });
    const worst = found.reduce((a, b) => (isWorse(b.placed, a.placed) ? b : a));
    const isSame = found.length === each.length && found.every(({ placed }) => sameVerdict(placed, worst.placed));
    return isSame ? worst.placed : { ...worst.placed, pose: { type: "in", name: worst.name } };
  });
  const worst = new Map(inPoses.map((found) => [found.id, found]));
  for (const found of betweenPoses(ready)) {
    const before = worst.get(found.id);
    if (before === undefined || isWorse(found, before)) worst.set(found.id, found);
  }
  return [...worst.values()];
}

/** Worse in level; of one level, with less room. */
function isWorse(a: FindingWithoutFixes, b: FindingWithoutFixes): boolean {
  const apart = levels.indexOf(a.level) - levels.indexOf(b.level);
  return apart < 0 || (apart === 0 && (a.marginPct ?? Infinity) < (b.marginPct ?? Infinity));
}

function sameVerdict(a: FindingWithoutFixes, b: FindingWithoutFixes): boolean {
  return a.level === b.level && JSON.stringify(a.reason) === JSON.stringify(b.reason);
}

function judgePose(ready: SolvableWiring, poseId: string): FindingWithoutFixes[] {
  const { plan, wired, lanes, memory } = ready;
  const ofLanes = lanes.flatMap((context) =>
    placedOfLane(
      context,
      memory.judged(context, () => judgeLane(context)),
    ),
  );
  const ofGroups = groupsIn(plan.inputs, lanes).flatMap(({ inputId, group, lanes: members }) =>
    groupRules.flatMap(({ id, judge }): FindingWithoutFixes[] => {
      const judged = judge(group, members);
      return judged === null ? [] : [placed({ ...judged, rule: id }, { type: "group", inputId, groupId: group.id })];
    }),
  );
  const ofAll = wiringRules.flatMap(({ id, judge }): FindingWithoutFixes[] => {
    const judged = judge(ready);
    return judged === null ? [] : [{ ...placed({ ...judged, rule: id }, judged.subject), id }];
  });
  return [
    ...ofLanes,
    ...ofGroups,
    ...ofAll,
    ...judgeRoof(plan, wired, poseId, memory),
    ...ofCopper(ready),
    ...ofMount(ready),
  ];
}

/** What the wiring is made of: the same in all poses. */
function ofCopper({ plan, wiringId, lanes, poses }: SolvableWiring): FindingWithoutFixes[] {
  const copper = isCopperSaid(plan, wiringId) ? copperContext(plan, wiringId, lanes, poses[0]?.id ?? "") : null;
  if (copper === null) return [];
  return copperRules.flatMap(({ id, judge }) => judge(copper).map((told) => placedAbout(id, told)));
}

/** How the panels are fixed: the same in all poses, each of which it looks at itself. */
function ofMount({ plan, memory, poses }: SolvableWiring): FindingWithoutFixes[] {
  const { list, passedOver } = plan.fixings;
  if (list.length + passedOver.length === 0) return [];
  const roof = memory.roof(plan, poses[0]?.id ?? "", () => roofContext(plan, poses[0]?.id ?? "", parkedIn(plan)));
  return memory.onRoof(roof, "mount", () => {
    const context = { plan, ...mountReports(plan) };
    return mountRules.flatMap(({ id, judge }) => judge(context).map((told) => placedAbout(id, told)));
  });
}

/** One of several things that a rule says of a subject, told from the others by what it is about. */
function placedAbout(
  rule: RuleId,
  told: RuleOutcome<Reason> & { readonly subject: Subject; readonly about: string },
): FindingWithoutFixes {
  const { subject, about, ...judged } = told;
  const one = placed({ ...judged, rule }, subject);
  return about === "" ? one : { ...one, id: `${one.id}/${about}` };
}

/** How the panels lie in a pose: the same for all wirings of a plan, but for what joins them. */
export function judgeRoof(
  plan: Plan,
  wired: readonly PortArray[],
  poseId: string,
  memory: SolveCache = createSolveCache(),
): FindingWithoutFixes[] {
  if (plan.space.surfaces.length === 0) return [];
  const parked = parkedIn(plan);
  const roof = memory.roof(plan, poseId, () => roofContext(plan, poseId, parked));
  return roofRules.flatMap(({ id, judge }) =>
    memory.onRoof(roof, id === leadsRule.id ? null : id, () => judge(roof, wired)).map((told) => placedAbout(id, told)),
  );
}

function placedOfLane(context: LaneContext, found: readonly RuleResult[]): FindingWithoutFixes[] {
  return found.map((told) => placed(told, subjectOf(context)));
}

/** What a rule says with its name and its subject; one of no pose. */
function placed(told: RuleResult, subject: Subject): FindingWithoutFixes {
  const { step, sense } = ruleOf(told.rule);
  return { ...told, id: `${told.rule}@${keyOfSubject(subject)}`, step, sense, subject, pose: null };
}

function keyOfSubject(subject: Subject): string {
  return subject.type === "lane"
    ? laneKey(subject)
    : subject.type === "group"
      ? `${subject.inputId}/${subject.groupId}`
      : JSON.stringify(subject);
}

/**
 * What is a Stop while panels are taken from one pose to another, one after another: each panel then stands as in one of
 * the two. Most is pushed into a row when it is as dark as either pose has it, and all others as bright.
 */
function betweenPoses({ plan, common, memory, poses, posed }: SolvableWiring): FindingWithoutFixes[] {
  const pairs = poses.flatMap((from, a) => poses.slice(a + 1).map((to) => ({ from, to, lanes: posed[a] ?? [] })));
  return pairs.flatMap(({ from, to, lanes }) =>
    lanes
      .filter(({ lane, tiles }) => lane.rows.length > 1 && tiles.some((tile) => differs(from.pose, to.pose, tile)))
      .flatMap((context) =>
        context.lane.rows.flatMap((dark) => {
          const inDark = new Set(usedIn([dark]).map(keyOf));
          const halfway: Pose = new Map(
            context.tiles.map((tile) => {
              const stands = [standOf(from.pose, tile), standOf(to.pose, tile)] as const;
              const [darker, brighter] = byLight(stands, common);
              return [keyOf(tile), inDark.has(keyOf(tile)) ? darker : brighter];
            }),
          );
          const between = memory.between(context, JSON.stringify([...halfway]), () =>
            laneOf(plan, common, context.lane, halfway, context.copper),
          );
          return between === null
            ? []
            : placedOfLane(
                between,
                memory.judged(between, () => judgeLane(between)),
              );
        }),
      )
      .filter(({ level }) => level === "stop")
      .map((found): FindingWithoutFixes => ({ ...found, pose: { type: "between", names: [from.name, to.name] } })),
  );
}

function differs(a: Pose, b: Pose, tile: PanelRef): boolean {
  return JSON.stringify(standOf(a, tile)) !== JSON.stringify(standOf(b, tile));
}

/** Two ways to stand, the one with less light at noon first. */
function byLight([a, b]: readonly [Stand, Stand], { site }: SolvableWiring["common"]): readonly [Stand, Stand] {
  const sky = namedSky("brightNoon", site);
  const light = (stand: Stand) =>
    stand.stance === "stowed"
      ? 0
      : (stand.light.reduce((sum, share) => sum + share, 0) / stand.light.length) *
        lightOnPlane(facingOf(stand, site), sky);
  return light(a) <= light(b) ? [a, b] : [b, a];
}

function subjectOf({ lane }: LaneContext): Extract<Subject, { type: "lane" }> {
  return { type: "lane", inputId: lane.inputId ?? "", portId: lane.portId ?? "" };
}
