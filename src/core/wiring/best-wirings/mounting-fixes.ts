import { gravityMs2 } from "../../engine/numeric";
import { careShare } from "../../mounting/rules";
import { judgeAll, type Fix, type FixKind, type FindingWithoutFixes } from "../../assessment";
import { mountReports, type SolvableWiring } from "../../plan-model";
import { passes } from "../../checks";
import { type Change, type Fixing, type Plan } from "../../plan";
import { keyOf } from "../../engine/array";
import { type Held } from "../../mounting";
import { fixInPlace, stopsLeft, withChanges } from "./changed-wiring";

/** Something to try: what it is called, and what it changes. */
type Try = { readonly kind: FixKind; readonly changes: readonly Change[] };

/** What makes a finding of how panels are fixed pass, least first: each was tried, and nothing else becomes a Stop. */
export function baseFixes(
  ready: SolvableWiring,
  finding: FindingWithoutFixes,
  now: readonly FindingWithoutFixes[],
): readonly Fix[] {
  const { subject } = finding;
  if (subject.type !== "fixing") return [];
  const report = mountReports(ready.plan).reports.find(({ fixing }) => fixing.id === subject.fixingId);
  if (report === undefined || report.held === null) return [];
  const stops = new Set(now.filter(({ level }) => level === "stop").map(({ id }) => id));
  return triesFor(ready.plan, report.fixing, report.held, finding).flatMap(({ kind, changes }): Fix[] => {
    const after = judgeAll(withChanges(ready, changes));
    const same = after.find(({ id }) => id === finding.id);
    if (!(same === undefined || passes(same.level))) return [];
    if (after.some(({ level, id }) => level === "stop" && !stops.has(id))) return [];
    return [fixInPlace({ kind, changes, leaves: stopsLeft(after) })];
  });
}

function triesFor(plan: Plan, fixing: Fixing, { hold, load }: Held, { reason }: FindingWithoutFixes): Try[] {
  const patch = (kind: FixKind, more: Partial<Fixing>): Try => ({
    kind,
    changes: [{ type: "patchFixing", fixingId: fixing.id, patch: more }],
  });
  if (reason.type === "heatKind")
    return [{ kind: { type: "reckonHeat", mount: reason.fits }, changes: reckoned(plan, fixing, reason.fits) }];
  if (reason.type !== "hold" || reason.use === null) return [];
  const times = reason.use / careShare;
  switch (hold.type) {
    case "peel":
      return [];
    case "bond": {
      const feet = evenFrom(hold.feet * times);
      const footLongMm = roundUp(hold.footLongMm * times, 50);
      return [
        ...(feet <= maxFeet ? [patch({ type: "moreFeet", feet, more: feet - hold.feet }, { feet })] : []),
        ...(footLongMm <= load.longMm ? [patch({ type: "longerFeet", footLongMm }, { footLongMm })] : []),
      ];
    }
    case "screws": {
      const each = hold.count / (fixing.feet ?? hold.count);
      const now = fixing.feet ?? Math.round(hold.count / Math.max(1, each));
      const feet = evenFrom(now * times);
      return feet <= maxFeet ? [patch({ type: "moreFeet", feet, more: feet - now }, { feet })] : [];
    }
    case "standing": {
      const holdingN = (hold.baseKg + load.kg) * gravityMs2;
      const overN = (hold.useShare * holdingN) / 2;
      // moments about the lee edge: an anchor's arm is the whole base; of what anchors bear half is counted
      const falls = Math.max(0, overN / careShare - holdingN / 2);
      const slides = Math.max(0, load.all.dragN / careShare - friction * Math.max(0, holdingN - load.all.upliftN));
      const eachN = roundUp(Math.max(hold.neededEachN, slides / (2 * hold.perSide)), 50);
      const kg = roundUp(hold.baseKg + Math.max((2 * falls) / gravityMs2, slides / friction / gravityMs2), 5);
      return [
        ...(eachN > 0
          ? [
              patch(
                { type: "anchors", perSide: hold.perSide, eachN },
                { anchorsPerSide: hold.perSide, anchorEachN: eachN },
              ),
            ]
          : []),
        ...(kg <= maxBallastKg ? [patch({ type: "ballast", kg }, { baseKg: kg })] : []),
      ];
    }
  }
}
const friction = 0.4;
const maxFeet = 16;
const maxBallastKg = 400;

function evenFrom(count: number): number {
  return 2 * Math.ceil(count / 2 - 1e-9);
}

function roundUp(value: number, step: number): number {
  return step * Math.ceil(value / step - 1e-9);
}

/** The year and the hot roof go by how the panels are really held. */
function reckoned(plan: Plan, fixing: Fixing, kind: Plan["mounts"][number]["kind"]): Change[] {
  const ours = new Set(fixing.pieces.map(keyOf));
  const touched = plan.mounts.filter(({ pieces }) => pieces.some((ref) => ours.has(keyOf(ref))));
  const free = fixing.pieces.filter((ref) =>
    plan.mounts.every(({ pieces }) => pieces.every((held) => keyOf(held) !== keyOf(ref))),
  );
  return [
    ...touched.map((mount): Change => ({ type: "setMount", mount: { ...mount, kind } })),
    ...(free.length === 0
      ? []
      : [
          {
            type: "setMount",
            mount: {
              id: `mount-${fixing.id}`.slice(0, 64),
              name: fixing.name,
              kind,
              tiltDeg: 0,
              azimuthDeg: null,
              azimuthFrom: "north",
              turning: { type: "fixed" },
              pieces: free,
            },
          } as const,
        ]),
  ];
}
