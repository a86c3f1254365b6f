"use client";

import { useMemo, useState } from "react";
import { type Goal } from "@/core/wiring/best-wirings";
import { countsOf, type PortArray } from "@/core/engine/array";
import { useDesk, usePlan, useWiring } from "@/features/plan-session";
import { ChoiceField, TextButton } from "@/ui";
import { madeOf, monthNames, pricesSentence, scoreWords } from "@/messages/en";
import { OfferDetails } from "./OfferDetails";
import style from "./finder.module.css";
import { nameOf } from "./name-of";
import { OfferCard } from "./OfferCard";
import { letterOf } from "./StringsPicture";
import { WhatIfTable } from "./WhatIfTable";
import { shapeOf } from "./shape-of";
import { Buttons, SearchStatus } from "./SearchStatus";
import { useFacts } from "./useFacts";
import { useFinder } from "./useFinder";
import { arrangeTexts } from "@/messages/en/best-wirings/view";

const goals = [
  { value: "year", text: arrangeTexts.theYearsHarvest },
  { value: "noon", text: arrangeTexts.powerAtBrightNoon },
  ...monthNames.map((name, k) => ({ value: String(k + 1), text: arrangeTexts.theHarvestOfMonth(name) })),
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
  const take = (portArrays: readonly PortArray[], what: string) => {
    desk.change({ type: "rewire", wiringId: wiring.id, portArrays: [...portArrays], counts: countsOf(portArrays) });
    desk.set({ said: arrangeTexts.whatIsOnTheBoardUndoRevertsIt(what) });
  };
  const { found, first } = finder;
  const shape = (portArrays: readonly PortArray[]) => shapeOf(portArrays, found?.alike ?? []);
  const onBoard = shape(wiring.portArrays);
  const best = found?.offers[0]?.facts ?? null;
  return (
    <>
      <div className={style["ask"]}>
        <ChoiceField label={arrangeTexts.bestBy} value={chosenGoal} options={goals} onChoice={setGoal} />
        {hasAddOns && (
          <TextButton aria-pressed={withAddOns} onClick={() => setAddOns(!withAddOns)}>
            {arrangeTexts.includeAddOnModules}
          </TextButton>
        )}
        <Buttons finder={finder} canLook={plan.panels.length > 0 && plan.inputs.length > 0} />
      </div>
      <SearchStatus plan={plan} finder={finder} />
      {found === null && first !== null && (
        <div className={style["first"]}>
          <p>
            <strong>{arrangeTexts.firstResult}</strong>
            {arrangeTexts.aboutScoreAndNoRuleSaysStop(scoreWords(first.score, finder.goal))}
          </p>
          <ul className={style["made"]}>
            {madeOf(plan, first.portArrays).map(({ port, strings }) => (
              <li key={port}>
                <b>{port}</b>: {strings}
              </li>
            ))}
          </ul>
          <TextButton
            look="amber"
            disabled={!finder.isOfNow}
            onClick={() => take(first.portArrays, arrangeTexts.firstResult)}
          >
            {arrangeTexts.useThisWiring}
          </TextButton>
        </div>
      )}
      {found !== null && best !== null && (
        <>
          <p className={style["small"]}>
            {plan.panels.map(({ id, label }) => `${letterOf(plan, id)} ${label.name}`).join(" · ")}
          </p>
          <ul className={style["packets"]} aria-label={arrangeTexts.bestOfEachKind}>
            {found.offers.map((offer) => (
              <OfferCard
                key={offer.titles.join()}
                plan={plan}
                offer={offer}
                best={best}
                against={
                  board === null || board.goal !== finder.goal ? null : { facts: board.facts, name: "the board" }
                }
                goal={finder.goal}
                proved={found.gapPct < 0.05 && found.isComplete}
                canTake={finder.isOfNow}
                isOnBoard={shape(offer.portArrays) === onBoard}
                onTake={() => take(offer.portArrays, `“${nameOf(offer)}”`)}
              />
            ))}
          </ul>
          {found.points.length > 0 && (
            <OfferDetails
              plan={plan}
              wiringId={wiring.id}
              found={found}
              goal={finder.goal}
              canTake={finder.isOfNow}
              onTake={(portArrays) => take(portArrays, arrangeTexts.wiringSelectedInTheChart)}
            />
          )}
          <WhatIfTable plan={plan} wiringId={wiring.id} offers={found.offers} goal={finder.goal} />
          <p className={style["small"]}>{pricesSentence}</p>
        </>
      )}
    </>
  );
}
