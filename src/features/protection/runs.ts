import { type ResolvedRun } from "@/core/protection/cabling";
import { plainRun, type Cable, runKey, sameEnd } from "@/core/plan";
import { type Part, type ProtectReport } from "@/core/protection/diagram";
import { type Desk, wiringOf } from "@/features/plan-session";
import { allRuns } from "@/features/print-tables";
import { newId } from "@/ui";
import { partNames } from "@/messages/en";

/** The cable a box of the drawing stands for. */
export function runOfPart(report: ProtectReport, part: Part): ResolvedRun | null {
  if (part.type !== "cable") return null;
  const key = runKey(part);
  return allRuns(report).find((run) => run.key === key) ?? null;
}

/** Says something of a cable, whether or not anything was said of it before. */
export function patchRun(desk: Desk, run: ResolvedRun, patch: Partial<Cable>, gesture?: string): void {
  const { from, to, part } = run;
  const { id: wiringId, runs } = wiringOf(desk.now());
  // typed letter by letter: what the letter before made is the one to go on from
  const known =
    runs.find((each) => sameEnd(each.from, from) && sameEnd(each.to, to)) ??
    plainRun(newId(), partNames[part], from, to);
  desk.change({ type: "setRun", wiringId, run: { ...known, ...patch } }, gesture && `run:${run.key}:${gesture}`);
}
