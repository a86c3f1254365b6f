"use client";

import { type Finding } from "@/core/assessment";
import { type TierNature } from "@/core/engine/pv-input";
import { useDesk } from "@/features/plan-session";
import { natureAnswersTexts } from "@/messages/en/checks/view";
import { TextButton } from "@/ui";
import style from "./ledger.module.css";

/** Whether a finding asks which kind of limit the amps of a PV input are. */
export function asksNature({ reason }: Pick<Finding, "reason">): boolean {
  return reason.type === "natureAsked";
}

/** The answers to that question, each a press: all tiers of that input whose kind nobody has said get it. */
export function NatureAnswers({ subject }: Pick<Finding, "subject">) {
  const desk = useDesk();
  if (subject.type !== "portArray") return null;
  const { inputId, portId } = subject;
  const answer = (nature: TierNature) => {
    const device = desk.now().history.present.inputs.find(({ id }) => id === inputId)?.device;
    const port = device?.ports.find(({ id }) => id === portId);
    if (port === undefined) return;
    const currentLimits = port.currentLimits.map((tier) => (tier.nature === "unknown" ? { ...tier, nature } : tier));
    desk.change({ type: "setPort", inputId, portId, patch: { currentLimits } });
  };
  return (
    <div role="group" aria-label={natureAnswersTexts.whichKindOfLimit} className={style["answers"]}>
      <TextButton look="amber" onClick={() => answer("drawsUpTo")}>
        {natureAnswersTexts.selfLimiting}
      </TextButton>
      <TextButton look="amber" onClick={() => answer("neverExceed")}>
        {natureAnswersTexts.neverExceed}
      </TextButton>
    </div>
  );
}
