"use client";

import { type Plan } from "@/core/plan";
import { TextButton } from "@/ui";
import { leftOutSentence } from "@/messages/en";
import style from "./finder.module.css";
import { type Finder } from "./useFinder";
import { searchStatusTexts } from "@/messages/en/best-wirings/view";
import { commonTexts } from "@/messages/en/common/view";

/** What can be done with a search, by how far it is. */
export function Buttons({ finder, canLook }: { readonly finder: Finder; readonly canLook: boolean }) {
  const { phase, found, share } = finder;
  if (phase === "looking" || phase === "standing")
    return (
      <>
        <progress value={share} aria-label={searchStatusTexts.searchingAllWirings} />
        <TextButton onClick={() => finder.hold(phase === "looking")}>
          {phase === "looking" ? searchStatusTexts.pause : searchStatusTexts.continue}
        </TextButton>
        <TextButton onClick={finder.stop}>{searchStatusTexts.cancel}</TextButton>
      </>
    );
  return (
    <>
      <TextButton look="amber" disabled={!canLook} onClick={finder.look}>
        {found === null ? searchStatusTexts.findBestWirings : searchStatusTexts.searchAgain}
      </TextButton>
      {found !== null && found.gapPct >= 0.05 && (
        <TextButton onClick={finder.prove}>{searchStatusTexts.searchUntilItIsProvedBest}</TextButton>
      )}
    </>
  );
}

/** What was gone through, how sure it is, and what was left out. */
export function SearchStatus({ plan, finder }: { readonly plan: Plan; readonly finder: Finder }) {
  const { phase, found, fault, isOfNow } = finder;
  if (fault !== null) return <p role="alert">{commonTexts.couldNotCalculate(fault)}</p>;
  if (phase === "idle")
    return (
      <p className={style["small"]}>
        {plan.panels.length === 0 || plan.inputs.length === 0
          ? searchStatusTexts.thePlanNeedsPanelsAndAController
          : searchStatusTexts.triesEveryWayToPutThePlansPanels}
      </p>
    );
  if (found === null) return null;
  return (
    <div className={style["small"]} role="status">
      {!isOfNow && phase === "done" && <p>{commonTexts.planHasChanged}</p>}
      {found.offers.length === 0 ? (
        <p>{searchStatusTexts.noWiringOfThesePanelsIsSafeOn}</p>
      ) : (
        <p>
          {searchStatusTexts.wiringsTried(found.nets, found.hours)}{" "}
          {!found.isComplete
            ? searchStatusTexts.thereAreTooManyCombinationsToTry
            : found.gapPct < 0.05
              ? searchStatusTexts.noOtherWiringHarvestsMoreThanThe
              : searchStatusTexts.anotherWiringCanHarvestAtMost(found.gapPct.toFixed(1))}
        </p>
      )}
      {found.leftOut.map((left) => {
        const words = leftOutSentence(left);
        return <p key={words}>{words}</p>;
      })}
    </div>
  );
}
