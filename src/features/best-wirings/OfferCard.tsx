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
import { RowsPicture } from "./RowsPicture";

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
  const { facts, lanes } = offer;
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
      <RowsPicture plan={plan} lanes={lanes} />
      <h3 className={style["name"]}>{name}</h3>
      <p className={style["price"]}>
        <strong className="num">{scoreAmount(facts.score, goal)}</strong> {goalWords(goal)}
      </p>
      <p className={style["why"]}>{whySentence(offer, best, goal, proved)}</p>
      <ul className={style["made"]} aria-label="How it is wired">
        {madeOf(plan, lanes).map(({ port, rows }) => (
          <li key={port}>
            <b>{port}</b>: {rows}
          </li>
        ))}
      </ul>
      {other !== null && <p className={style["gives"]}>{tradeSentence(facts, other.facts, other.name, goal)}</p>}
      <dl className={style["print"]}>
        <Fact name="Room in the cold">
          {facts.cold === null
            ? "no max PV voltage"
            : `${percent(facts.cold.marginPct)} under ${limit(facts.cold.limit.value, "V")}`}
        </Fact>
        <Fact name="Clipped">{percent(facts.year.clippedPct)} of the year</Fact>
        <Fact name="Light slept through">{facts.year.asleepMinutes.toFixed(0)}&nbsp;min a day</Fact>
        <Fact name="One part shaded">−{percent(facts.shadePct)} of noon</Fact>
        <Fact name="Most amps in a lead">{amount(facts.iscA, "A")}</Fact>
        <Fact name="Parts">about {facts.money.toFixed(0)}</Fact>
        <Fact name="Panels">
          {facts.panels} in {facts.rows} {facts.rows === 1 ? "row" : "rows"}
          {facts.unlikeRows > 0 ? `, ${facts.unlikeRows} unlike` : ""}
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
        <p className={style["here"]}>On the board now</p>
      ) : (
        <TextButton look="amber" disabled={!canTake} onClick={onTake} aria-label={`Put it on the board: ${name}`}>
          Put it on the board
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
