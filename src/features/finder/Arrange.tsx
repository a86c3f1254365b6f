"use client";

import { useMemo, useState } from "react";
import { type Goal, type Offer, type Point } from "@/core/finder";
import { type Plan } from "@/core/plan";
import { countsOf, type Lane } from "@/core/wiring";
import { useDesk, usePlan, useWiring } from "@/features/desk";
import { ChoiceField, TextButton } from "@/ui";
import { counted, leftOutSentence, madeOf, monthNames, pricesSentence, scoreWords, titleWords } from "@/words";
import { Field } from "./Field";
import style from "./finder.module.css";
import { Packet } from "./Packet";
import { letterOf } from "./RowsPicture";
import { Robust } from "./Robust";
import { useFacts } from "./useFacts";
import { type Finder, useFinder } from "./useFinder";
import { WhyNot } from "./WhyNot";

const goals = [
  { value: "year", text: "the energy of the year" },
  { value: "noon", text: "watts at bright noon" },
  ...monthNames.map((name, k) => ({ value: String(k + 1), text: `the energy of ${name}` })),
];

function goalOf(value: string): Goal {
  return value === "year" || value === "noon" ? { type: value } : { type: "month", month: Number(value) };
}

/** The finder: every wiring of the plan’s panels on its ports, the best of each kind as packets, and all others behind them. */
export function Arrange() {
  const desk = useDesk();
  const plan = usePlan();
  const wiring = useWiring();
  const [chosenGoal, setGoal] = useState("year");
  const [withAddOns, setAddOns] = useState(false);
  const goal = useMemo(() => goalOf(chosenGoal), [chosenGoal]);
  const finder = useFinder(plan, wiring.id, { goal, withAddOns });
  const board = useFacts(plan, wiring.id, finder.goal);
  const hasAddOns = plan.inputs.some(({ device }) => device.modules.length > 0);
  const take = (lanes: readonly Lane[], what: string) => {
    desk.change({ type: "rewire", wiringId: wiring.id, lanes: [...lanes], counts: countsOf(lanes) });
    desk.set({ said: `${what} is on the board; undo takes it back.` });
  };
  const onBoard = shapeOf(wiring.lanes);
  const { found, first } = finder;
  const best = found?.offers[0]?.facts ?? null;
  return (
    <>
      <div className={style["ask"]}>
        <ChoiceField label="Best by" value={chosenGoal} options={goals} onChoice={setGoal} />
        {hasAddOns && (
          <TextButton aria-pressed={withAddOns} onClick={() => setAddOns(!withAddOns)}>
            With add-ons too
          </TextButton>
        )}
        <Buttons finder={finder} canLook={plan.panels.length > 0 && plan.inputs.length > 0} />
      </div>
      <Standing plan={plan} finder={finder} />
      {found === null && first !== null && (
        <div className={style["first"]}>
          <p>
            <strong>At a glance</strong>: {scoreWords(first.score, finder.goal)}, and no rule stops it. Better ones may
            come.
          </p>
          <ul className={style["made"]}>
            {madeOf(plan, first.lanes).map(({ port, rows }) => (
              <li key={port}>
                <b>{port}</b>: {rows}
              </li>
            ))}
          </ul>
          <TextButton look="amber" onClick={() => take(first.lanes, "What was found at a glance")}>
            Put it on the board
          </TextButton>
        </div>
      )}
      {found !== null && best !== null && (
        <>
          <p className={style["small"]}>
            {plan.panels.map(({ id, label }) => `${letterOf(plan, id)} ${label.name}`).join(" · ")}
          </p>
          <ul className={style["packets"]} aria-label="The best of each kind">
            {found.offers.map((offer) => (
              <Packet
                key={offer.titles.join()}
                plan={plan}
                offer={offer}
                best={best}
                against={
                  board === null || board.goal !== finder.goal ? null : { facts: board.facts, name: "the board" }
                }
                goal={finder.goal}
                proved={found.gapPct < 0.05 && found.isComplete}
                isOnBoard={shapeOf(offer.lanes) === onBoard}
                onTake={() => take(offer.lanes, `“${nameOf(offer)}”`)}
              />
            ))}
          </ul>
          {found.points.length > 0 && (
            <Behind
              plan={plan}
              wiringId={wiring.id}
              offers={found.offers}
              points={found.points}
              goal={finder.goal}
              onTake={(lanes) => take(lanes, "The wiring chosen in the field")}
            />
          )}
          <Robust plan={plan} wiringId={wiring.id} offers={found.offers} goal={finder.goal} />
          <p className={style["small"]}>{pricesSentence}</p>
        </>
      )}
    </>
  );
}

function nameOf({ titles }: Offer): string {
  return titles.map((title) => titleWords[title]).join(", ");
}

/** A wiring by what stands where, whatever its rows are called and in whatever order they come. */
function shapeOf(lanes: readonly Lane[]): string {
  return lanes
    .filter(({ rows }) => rows.length > 0)
    .map(({ inputId, portId, rows }) => {
      const told = rows.map(({ items, blockingDiode }) =>
        JSON.stringify([
          items.map((item) => (item.type === "panel" ? `${item.panelId} ${item.joinedPast}` : item.rows)).sort(),
          blockingDiode,
        ]),
      );
      return `${inputId}/${portId}: ${told.sort().join()}`;
    })
    .sort()
    .join(";");
}

function Buttons({ finder, canLook }: { readonly finder: Finder; readonly canLook: boolean }) {
  const { phase, found, share } = finder;
  if (phase === "looking" || phase === "standing")
    return (
      <>
        <progress value={share} aria-label="Looking through all wirings" />
        <TextButton onClick={() => finder.hold(phase === "looking")}>
          {phase === "looking" ? "Pause" : "Go on"}
        </TextButton>
        <TextButton onClick={finder.stop}>Stop</TextButton>
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
function Standing({ plan, finder }: { readonly plan: Plan; readonly finder: Finder }) {
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

type BehindProps = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly offers: readonly Offer[];
  readonly points: readonly Point[];
  readonly goal: Goal;
  readonly onTake: (lanes: readonly Lane[]) => void;
};

/** The field of all others, and why not this one. */
function Behind({ plan, wiringId, offers, points, goal, onTake }: BehindProps) {
  const [chosen, setChosen] = useState<{ readonly points: readonly Point[]; readonly at: number } | null>(null);
  const at = chosen?.points === points ? chosen.at : null;
  const best = offers[0]?.facts;
  if (best === undefined) return null;
  return (
    <div className={style["behind"]}>
      <section aria-label="The field">
        <h3 className={style["head"]}>The field behind them</h3>
        <Field
          points={points}
          offers={offers.map((offer) => ({
            name: nameOf(offer),
            score: offer.facts.score,
            at: {
              marginPct: offer.facts.cold?.marginPct ?? 0,
              money: offer.facts.money,
              shadePct: offer.facts.shadePct,
            },
          }))}
          goal={goal}
          chosen={at}
          onChoose={(k) => setChosen({ points, at: k })}
        />
      </section>
      <section aria-label="Why not">
        <h3 className={style["head"]}>Why not this one?</h3>
        <WhyNot
          plan={plan}
          wiringId={wiringId}
          best={best}
          goal={goal}
          point={at === null ? null : (points[at] ?? null)}
          onTake={(point) => onTake(point.lanes)}
        />
      </section>
    </div>
  );
}
