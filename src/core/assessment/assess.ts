import { facingOf, lightOnPlane } from "../engine/light";
import { type Plan } from "../plan";
import { namedSky, type SkyName } from "../engine/sky";
import {
  keyOf,
  type PortArray,
  portArrayKey,
  type Position,
  type Stand,
  standOf,
  type PanelRef,
  usedIn,
} from "../engine/array";
import { groupsIn } from "../wiring/rules";
import {
  type PortArrayContext,
  createSolveCache,
  type SolveCache,
  portArrayOf,
  type Missing,
  mountReports,
  parkedIn,
  type SolvableWiring,
  solvableById,
} from "../plan-model";
import { type Finding, type FindingWithoutFixes, noFixes } from "./finding";
import { type Level, levels, type RuleOutcome, type Subject, worstLevel } from "../checks";
import { judgePortArray, type RuleResult } from "./judge-port-array";
import { mountRules } from "../mounting/rules";
import { leadsRule, roofContext, roofRules } from "../layout/rules";
import { copperContext, copperRules, isCopperSaid } from "../protection/rules";
import { groupRules, type Reason, type RuleId, ruleOf, wiringRules } from "./rules";
import { noonLook, type ViewState, type PortArrayView, viewOf, eachSky, takenW } from "./views";

export type Assessed = {
  readonly type: "assessed";
  readonly findings: readonly Finding[];
  readonly worst: Level;
  readonly portArrays: readonly PortArrayView[];
  /** What keeps some port arrays from being judged. */
  readonly missing: readonly Missing[];
  /** Watts taken by all ports together under each sky, shared limits kept. */
  readonly takenW: Readonly<Record<SkyName, number>>;
};

export type Assessment = { readonly type: "incomplete"; readonly missing: readonly Missing[] } | Assessed;

/** Judges one wiring of a plan, fixes aside. Pure: the same plan and look give the same assessment. */
export function assess(plan: Plan, wiringId: string, look: ViewState = noonLook): Assessment {
  return assessReady(solvableById(plan, wiringId, look.positionId), look);
}

export function assessReady(ready: SolvableWiring, look: ViewState = noonLook): Assessment {
  if (ready.portArrays.length === 0) return { type: "incomplete", missing: ready.missing };
  const findings = judgeAll(ready).map((finding) => ({ ...finding, ...noFixes }));
  return {
    type: "assessed",
    findings,
    worst: worstLevel([...findings, ...ready.missing.map(() => ({ level: "open" }) as const)]),
    portArrays: ready.portArrays.map((context) => viewOf(context, ready, look)),
    missing: ready.missing,
    takenW: eachSky((name) => takenW(ready, name, look.moment)),
  };
}

/**
 * Every rule of every port array and group, each with what it speaks of, and what is left on the shelf: of all positions, and of
 * what can be on the way from one to another, the worst is told, with the position it is worst in.
 */
export function judgeAll(ready: SolvableWiring): FindingWithoutFixes[] {
  const each = ready.positioned.map((portArrays, k) =>
    judgePosition({ ...ready, portArrays }, ready.positions[k]?.id ?? ""),
  );
  const [first, ...others] = each;
  if (first === undefined || others.length === 0) return first ?? [];
  const ids = new Set(each.flatMap((found) => found.map(({ id }) => id)));
  const inPositions = [...ids].map((id): FindingWithoutFixes => {
    const found = each.flatMap((findings, k) => {
      const one = findings.find((candidate) => candidate.id === id);
      return one === undefined ? [] : [{ placed: one, name: ready.positions[k]?.name ?? "" }];
    });
    const worst = found.reduce((a, b) => (isWorse(b.placed, a.placed) ? b : a));
    const isSame = found.length === each.length && found.every(({ placed }) => sameVerdict(placed, worst.placed));
    return isSame ? worst.placed : { ...worst.placed, position: { type: "in", name: worst.name } };
  });
  const worst = new Map(inPositions.map((found) => [found.id, found]));
  for (const found of betweenPositions(ready)) {
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

function judgePosition(ready: SolvableWiring, positionId: string): FindingWithoutFixes[] {
  const { plan, wired, portArrays, memory } = ready;
  const ofPortArrays = portArrays.flatMap((context) =>
    placedOfPortArray(
      context,
      memory.judged(context, () => judgePortArray(context)),
    ),
  );
  const ofGroups = groupsIn(plan.inputs, portArrays).flatMap(({ inputId, group, portArrays: members }) =>
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
    ...ofPortArrays,
    ...ofGroups,
    ...ofAll,
    ...judgeRoof(plan, wired, positionId, memory),
    ...ofCopper(ready),
    ...ofMount(ready),
  ];
}

/** What the wiring is made of: the same in all positions. */
function ofCopper({ plan, wiringId, portArrays, positions }: SolvableWiring): FindingWithoutFixes[] {
  const copper = isCopperSaid(plan, wiringId)
    ? copperContext(plan, wiringId, portArrays, positions[0]?.id ?? "")
    : null;
  if (copper === null) return [];
  return copperRules.flatMap(({ id, judge }) => judge(copper).map((told) => placedAbout(id, told)));
}

/** How the panels are fixed: the same in all positions, each of which it looks at itself. */
function ofMount({ plan, memory, positions }: SolvableWiring): FindingWithoutFixes[] {
  const { list, passedOver } = plan.fixings;
  if (list.length + passedOver.length === 0) return [];
  const roof = memory.roof(plan, positions[0]?.id ?? "", () =>
    roofContext(plan, positions[0]?.id ?? "", parkedIn(plan)),
  );
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

/** How the panels lie in a position: the same for all wirings of a plan, but for what joins them. */
export function judgeRoof(
  plan: Plan,
  wired: readonly PortArray[],
  positionId: string,
  memory: SolveCache = createSolveCache(),
): FindingWithoutFixes[] {
  if (plan.space.surfaces.length === 0) return [];
  const parked = parkedIn(plan);
  const roof = memory.roof(plan, positionId, () => roofContext(plan, positionId, parked));
  return roofRules.flatMap(({ id, judge }) =>
    memory.onRoof(roof, id === leadsRule.id ? null : id, () => judge(roof, wired)).map((told) => placedAbout(id, told)),
  );
}

function placedOfPortArray(context: PortArrayContext, found: readonly RuleResult[]): FindingWithoutFixes[] {
  return found.map((told) => placed(told, subjectOf(context)));
}

/** What a rule says with its name and its subject; one of no position. */
function placed(told: RuleResult, subject: Subject): FindingWithoutFixes {
  const { step, sense } = ruleOf(told.rule);
  return { ...told, id: `${told.rule}@${keyOfSubject(subject)}`, step, sense, subject, position: null };
}

function keyOfSubject(subject: Subject): string {
  return subject.type === "portArray"
    ? portArrayKey(subject)
    : subject.type === "group"
      ? `${subject.inputId}/${subject.groupId}`
      : JSON.stringify(subject);
}

/**
 * What is a Stop while panels are taken from one position to another, one after another: each panel then stands as in one of
 * the two. Most is pushed into a string when it is as dark as either position has it, and all others as bright.
 */
function betweenPositions({ plan, common, memory, positions, positioned }: SolvableWiring): FindingWithoutFixes[] {
  const pairs = positions.flatMap((from, a) =>
    positions.slice(a + 1).map((to) => ({ from, to, portArrays: positioned[a] ?? [] })),
  );
  return pairs.flatMap(({ from, to, portArrays }) =>
    portArrays
      .filter(
        ({ portArray, tiles }) =>
          portArray.strings.length > 1 && tiles.some((tile) => differs(from.position, to.position, tile)),
      )
      .flatMap((context) =>
        context.portArray.strings.flatMap((dark) => {
          const inDark = new Set(usedIn([dark]).map(keyOf));
          const halfway: Position = new Map(
            context.tiles.map((tile) => {
              const stands = [standOf(from.position, tile), standOf(to.position, tile)] as const;
              const [darker, brighter] = byLight(stands, common);
              return [keyOf(tile), inDark.has(keyOf(tile)) ? darker : brighter];
            }),
          );
          const between = memory.between(context, JSON.stringify([...halfway]), () =>
            portArrayOf(plan, common, context.portArray, halfway, context.copper),
          );
          return between === null
            ? []
            : placedOfPortArray(
                between,
                memory.judged(between, () => judgePortArray(between)),
              );
        }),
      )
      .filter(({ level }) => level === "stop")
      .map((found): FindingWithoutFixes => ({ ...found, position: { type: "between", names: [from.name, to.name] } })),
  );
}

function differs(a: Position, b: Position, tile: PanelRef): boolean {
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

function subjectOf({ portArray }: PortArrayContext): Extract<Subject, { type: "portArray" }> {
  return { type: "portArray", inputId: portArray.inputId ?? "", portId: portArray.portId ?? "" };
}
