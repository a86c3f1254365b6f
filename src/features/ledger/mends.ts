import { type Mend } from "@/core/rules";
import { type Desk, wiringOf } from "@/features/desk";

/** Rewires as a mend says; one undo takes it back. */
export function applyMend(desk: Desk, { lanes, counts }: Mend): void {
  desk.change({ type: "rewire", wiringId: wiringOf(desk.store.getState()).id, lanes, counts });
}

/** The first mend the ledger offers, if it offers one for what is on the board. */
export function applyFirstMend(desk: Desk): void {
  const { judgement, history } = desk.store.getState();
  const findings =
    judgement?.assessment.type === "assessed" && judgement.plan === history.present
      ? judgement.assessment.findings
      : [];
  const mend = findings.find(({ mends }) => mends.length > 0)?.mends[0] ?? null;
  if (mend === null) desk.set({ said: "The ledger offers no mend now." });
  else {
    applyMend(desk, mend);
    desk.set({ said: "Mended; undo takes it back." });
  }
}
