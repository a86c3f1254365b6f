"use client";

import { type Plan } from "@/core/plan";
import { TextButton } from "@/ui";
import { counted, leftOutSentence } from "@/messages/en";
import style from "./finder.module.css";
import { type Finder } from "./useFinder";

/** What can be done with a search, by how far it is. */
export function Buttons({ finder, canLook }: { readonly finder: Finder; readonly canLook: boolean }) {
  const { phase, found, share } = finder;
  if (phase === "looking" || phase === "standing")
    return (
      <>
        <progress value={share} aria-label="Looking through all wirings" />
        <TextButton onClick={() => finder.hold(phase === "looking")}>
          {phase === "looking" ? "Pause" : "Go on"}
        </TextButton>
        <TextButton onClick={finder.stop}>Cancel</TextButton>
      </>
    );
  return (
    <>
      <TextButton look="amber" disabled={!canLook} onClick={finder.look}>
        {found === null ? "Find the best wirings" : "Look again"}
      </TextButton>
      {found !== null && found.gapPct >= 0.05 && (
        <TextButton onClick={finder.prove}>Go on until it is proved</TextButton>
      )}
    </>
  );
}

/** What was gone through, how sure it is, and what was left out. */
export function SearchStatus({ plan, finder }: { readonly plan: Plan; readonly finder: Finder }) {
  const { phase, found, fault, isOfNow } = finder;
  if (fault !== null) return <p role="alert">It could not be worked out: {fault}.</p>;
  if (phase === "idle")
    return (
      <p className={style["small"]}>
        {plan.panels.length === 0 || plan.inputs.length === 0
          ? "It needs panels and an input in the plan: add them at Panels and Input first."
          : "Every way to put the plan’s panels into rows and the rows before its ports is gone through; what a rule stops is dropped. The best of each kind comes as a packet, and one press puts it on the board."}
      </p>
    );
  if (found === null) return null;
  return (
    <div className={style["small"]} role="status">
      {!isOfNow && phase === "done" && <p>The plan has changed since: these are of the plan before. Look again.</p>}
      {found.offers.length === 0 ? (
        <p>
          No wiring of these panels may be connected to these ports: each is stopped by a rule. See the ledger, or
          choose another input.
        </p>
      ) : (
        <p>
          {counted(found.nets, "set of rows", "sets of rows")} gone through, by{" "}
          {found.hours === 1 ? "bright noon" : `${found.hours} typical hours`};{" "}
          {!found.isComplete
            ? "there are too many ways for all of them, so the more mixed rows were left out."
            : found.gapPct < 0.05
              ? "no other wiring brings more than the first."
              : `another may bring ${found.gapPct.toFixed(1)} % more at most.`}
        </p>
      )}
      {found.leftOut.map((left) => {
        const words = leftOutSentence(left);
        return <p key={words}>{words}</p>;
      })}
    </div>
  );
}
