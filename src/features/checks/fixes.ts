import { type Assessment, type Fix } from "@/core/assessment";
import { passes } from "@/core/checks";
import { type Desk } from "@/features/plan-session";
import { fixesTexts } from "@/messages/en/checks/view";

/**
 * Changes the plan as a fix says; one undo takes it back. A fix is for the wiring that was judged: one read off a ledger that the
 * board has left behind would sweep away what was done since.
 */
export function applyFix(desk: Desk, fix: Fix): void {
  const wanted = JSON.stringify(fix);
  if (!offered(desk).some((each) => JSON.stringify(each) === wanted)) {
    desk.set({ said: fixesTexts.theWiringHasChangedInTheMeantime });
    return;
  }
  desk.changeAll(fix.changes);
  desk.set({ said: fixesTexts.fixAppliedUndoRevertsIt });
}

/** The first fix of the worst that was found, if it is a Stop or a Caution that has one. */
export function bestFix(assessment: Assessment | null): Fix | null {
  if (assessment?.type !== "assessed" || passes(assessment.worst)) return null;
  const worst = assessment.findings.filter(({ level }) => level === assessment.worst);
  return worst.flatMap(({ fixes }) => fixes)[0] ?? null;
}

/** Applies the best fix for what is on the board, or else the first that the ledger offers. */
export function applyFirstFix(desk: Desk): void {
  const [first] = offered(desk);
  if (first === undefined) desk.set({ said: fixesTexts.checksHasNoFixToOfferNow });
  else applyFix(desk, bestFix(desk.now().judgement?.assessment ?? null) ?? first);
}

/** The fixes offered for the plan as it is now. */
function offered(desk: Desk): Fix[] {
  const { judgement, history } = desk.now();
  return judgement?.assessment.type === "assessed" && judgement.plan === history.present
    ? judgement.assessment.findings.flatMap(({ fixes }) => fixes)
    : [];
}
