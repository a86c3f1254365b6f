"use client";

import { conversionOf, sureShare } from "@/core/commissioning";
import { usePlan } from "@/features/plan-session";
import { Region, TextButton } from "@/ui";
import { causeName, causeTodo, conversionSentence, quantityWords, readPlaceName, sureWords } from "@/messages/en";
import { useProve } from "./facts";
import style from "./prove.module.css";
import { causesTexts } from "@/messages/en/commissioning/view";

/** What may be wrong by all that was read, narrowing down; and what the input makes of the watts that go in. */
export function Causes({ onGo }: { readonly onGo: (key: string) => void }) {
  const plan = usePlan();
  const { judgement, isJudging, walk, records, suspicion } = useProve();
  if (records.length === 0 && suspicion === null) return null;
  // nothing that runs is offered while it is locked
  const next =
    walk?.steps.find(({ key, phase }) => key === judgement?.nextKey && (walk.mayRun || phase !== "running")) ?? null;
  const shown = (judgement?.causes ?? []).slice(0, judgement?.isSure === true ? 1 : 4);
  const value = (quantity: "runV" | "runA" | "displayW") =>
    walk?.steps.find((step) => step.quantity === quantity)?.read?.value ?? null;
  const [runV, runA, displayW] = [value("runV"), value("runA"), value("displayW")];
  const conversion =
    runV === null || runA === null || displayW === null
      ? null
      : conversionOf(runV, runA, displayW, walk?.isPwm === true ? { type: "pwm", heldV: runV } : { type: "scan" });
  return (
    <Region title={causesTexts.likelyCauses}>
      {judgement === null ? (
        <p role="status" style={{ margin: 0 }}>
          {causesTexts.comparingTheReadings}
        </p>
      ) : (
        <>
          <ol className={style["causes"]} aria-busy={isJudging}>
            {shown.map((cause) => (
              <li key={`${cause.id} ${JSON.stringify(cause.at)}`}>
                <strong>{causeName(cause)}</strong>
                {cause.id === "fine" || cause.id === "none" ? "" : `, ${readPlaceName(plan, cause.at)}`}:{" "}
                {sureWords(cause.share)}
                <div className={style["bar"]} aria-hidden>
                  <span style={{ width: `${100 * cause.share}%` }} />
                </div>
                {(cause.share >= sureShare || cause === shown[0]) && <span>{causeTodo(cause)}</span>}
              </li>
            ))}
          </ol>
          {next === null || (next.read !== null ? walk?.bars.length === 0 : judgement.isSure) ? null : (
            <TextButton look="amber" onClick={() => onGo(next.key)}>
              {next.read === null ? causesTexts.checkNext : causesTexts.readAgain}: {readPlaceName(plan, next.place)},{" "}
              {quantityWords[next.quantity]}
            </TextButton>
          )}
        </>
      )}
      {conversion !== null && <p style={{ margin: "8px 0 0" }}>{conversionSentence(conversion)}</p>}
    </Region>
  );
}
