"use client";

import { useMemo, useState } from "react";
import { type Arranged, type Goal, type Point } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type PortArray } from "@/core/engine/array";
import { TradeoffChart } from "./TradeoffChart";
import style from "./finder.module.css";
import { nameOf } from "./name-of";
import { shapeOf } from "./shape-of";
import { WhyNot } from "./WhyNot";
import { offerDetailsTexts } from "@/messages/en/best-wirings/view";

type BehindProps = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly found: Arranged;
  readonly goal: Goal;
  readonly canTake: boolean;
  readonly onTake: (portArrays: readonly PortArray[]) => void;
};

/** The field of all others, and why not this one. */
export function OfferDetails({ plan, wiringId, found, goal, canTake, onTake }: BehindProps) {
  const [chosen, setChosen] = useState<Point | null>(null);
  const { offers, points, alike } = found;
  const names = useMemo(() => points.map(({ portArrays }) => shapeOf(portArrays, alike)), [points, alike]);
  // each news of the search brings the field anew: what was chosen stays chosen as long as its wiring is among it
  const place = chosen === null ? -1 : names.indexOf(shapeOf(chosen.portArrays, alike));
  const at = place < 0 ? null : place;
  const best = offers[0]?.facts;
  if (best === undefined) return null;
  return (
    <div className={style["behind"]}>
      <section aria-label={offerDetailsTexts.allWiringsAsAChart}>
        <h3 className={style["head"]}>{offerDetailsTexts.showAllWiringsAsAChart}</h3>
        <TradeoffChart
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
          onChoose={(k) => setChosen(points[k] ?? null)}
        />
      </section>
      <section aria-label={offerDetailsTexts.whyNot}>
        <h3 className={style["head"]}>{offerDetailsTexts.whyNotThisOne}</h3>
        <WhyNot
          plan={plan}
          wiringId={wiringId}
          best={best}
          goal={goal}
          point={at === null ? null : chosen}
          canTake={canTake}
          onTake={(point) => onTake(point.portArrays)}
        />
      </section>
    </div>
  );
}
