"use client";

import { type Goal, type Offer, type WiringFacts } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { LevelMark, TextButton } from "@/ui";
import {
  amount,
  limit,
  madeOf,
  percent,
  ruleTitle,
  scoreAmount,
  goalWords,
  titleWords,
  tradeSentence,
  verdictWords,
  whySentence,
} from "@/messages/en";
import style from "./finder.module.css";
import { nameOf } from "./name-of";
import { StringsPicture } from "./StringsPicture";
import { offerCardTexts } from "@/messages/en/best-wirings/view";

type Props = {
  readonly plan: Plan;
  readonly offer: Offer;
  readonly best: WiringFacts;
  /** What it is set against, and its name; null: nothing is wired. */
  readonly against: { readonly facts: WiringFacts; readonly name: string } | null;
  readonly goal: Goal;
  readonly proved: boolean;
  readonly isOnBoard: boolean;
  /** Whether it is of the plan as it is: another plan may not have its panels. */ readonly canTake: boolean;
  readonly onTake: () => void;
};

/** One offer, laid out like a packet of seeds: a picture, a name, one sentence, what it gives up, and the small print. */
export function OfferCard({ plan, offer, best, against, goal, proved, isOnBoard, canTake, onTake }: Props) {
  const { facts, portArrays } = offer;
  const name = nameOf(offer);
  const other =
    against !== null && !isOnBoard
      ? against
      : facts !== best
        ? { facts: best, name: `“${titleWords.maxEnergy}”` }
        : null;
  const remarks = [
    ...new Set(
      facts.remarks.filter(({ level }) => level === facts.worst && level !== "note").map(({ rule }) => ruleTitle(rule)),
    ),
  ].join(", ");
  return (
    <li className={style["packet"]} aria-label={name}>
      <div className={style["crimp"]} aria-hidden />
      <StringsPicture plan={plan} portArrays={portArrays} />
      <h3 className={style["name"]}>{name}</h3>
      <p className={style["price"]}>
        <strong className="num">{scoreAmount(facts.score, goal)}</strong> {goalWords(goal)}
      </p>
      <p className={style["why"]}>{whySentence(offer, best, goal, proved)}</p>
      <ul className={style["made"]} aria-label={offerCardTexts.itsWiring}>
        {madeOf(plan, portArrays).map(({ port, strings }) => (
          <li key={port}>
            <b>{port}</b>: {strings}
          </li>
        ))}
      </ul>
      {other !== null && <p className={style["gives"]}>{tradeSentence(facts, other.facts, other.name, goal)}</p>}
      <dl className={style["print"]}>
        <Fact name={offerCardTexts.marginAtTheRecordLow}>
          {facts.cold === null
            ? offerCardTexts.noMaxPvVoltage
            : offerCardTexts.marginPctBelowValue(percent(facts.cold.marginPct), limit(facts.cold.limit.value, "V"))}
        </Fact>
        <Fact name={offerCardTexts.clipped}>{offerCardTexts.clippedPctOfTheYear(percent(facts.year.clippedPct))}</Fact>
        <Fact name={offerCardTexts.belowStartUpVoltage}>
          {offerCardTexts.asleepMinutesMinOfDaylightADay(facts.year.asleepMinutes.toFixed(0))}
        </Fact>
        <Fact name={offerCardTexts.oneCellGroupShaded}>{offerCardTexts.shadePctAtNoon(percent(facts.shadePct))}</Fact>
        <Fact name={offerCardTexts.mostAmpsInALead}>{amount(facts.iscA, "A")}</Fact>
        <Fact name={offerCardTexts.parts}>{offerCardTexts.aboutMoney(facts.money.toFixed(0))}</Fact>
        <Fact name={offerCardTexts.panels}>
          {offerCardTexts.panelsInStrings(facts.panels, facts.strings)}{" "}
          {facts.strings === 1 ? offerCardTexts.string : offerCardTexts.strings}
          {facts.unlikeStrings > 0 ? offerCardTexts.unlikeStringsMixed(facts.unlikeStrings) : ""}
        </Fact>
      </dl>
      <p className={style["verdict"]}>
        <LevelMark level={facts.worst} size={16} />
        <span>
          {verdictWords[facts.worst]}
          {remarks === "" ? "" : `: ${remarks}`}
        </span>
      </p>
      {isOnBoard ? (
        <p className={style["here"]}>{offerCardTexts.onTheBoardNow}</p>
      ) : (
        <TextButton
          look="amber"
          disabled={!canTake}
          onClick={onTake}
          aria-label={offerCardTexts.useThisWiringName(name)}
        >
          {offerCardTexts.useThisWiring}
        </TextButton>
      )}
    </li>
  );
}

function Fact({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="num">{children}</dd>
    </div>
  );
}
