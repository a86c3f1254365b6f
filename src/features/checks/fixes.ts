import { type Fix } from "@/core/assessment";
import { type Desk } from "@/features/plan-session";
import { fixesTexts } from "@/messages/en/checks/view";

/**
 * Changes the plan as a mend says; one undo takes it back. A mend is for the wiring that was judged: one read off a ledger that the
 * board has left behind would sweep away what was done since.
 */
export function applyMend(desk: Desk, mend: Fix): void {
  const wanted = JSON.stringify(mend);
  if (!offered(desk).some((each) => JSON.stringify(each) === wanted)) {
    desk.set({ said: fixesTexts.theWiringHasChangedInTheMeantime });
    return;
  }
  desk.changeAll(mend.changes);
  desk.set({ said: fixesTexts.fixAppliedUndoRevertsIt });
}

/** The first mend the ledger offers, if it offers one for what is on the board. */
export function applyFirstMend(desk: Desk): void {
  const [mend] = offered(desk);
  if (mend === undefined) desk.set({ said: fixesTexts.checksHasNoFixToOfferNow });
  else applyMend(desk, mend);
}

/** The mends offered for the plan as it is now. */
function offered(desk: Desk): Fix[] {
  const { judgement, history } = desk.now();
  return judgement?.assessment.type === "assessed" && judgement.plan === history.present
    ? judgement.assessment.findings.flatMap(({ mends }) => mends)
    : [];
}
