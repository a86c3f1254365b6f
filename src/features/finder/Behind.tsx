"use client";

import { useState } from "react";
import { type Goal, type Offer, type Point } from "@/core/finder";
import { type Plan } from "@/core/plan";
import { type Lane } from "@/core/wiring";
import { Field } from "./Field";
import style from "./finder.module.css";
import { nameOf } from "./name-of";
import { WhyNot } from "./WhyNot";

type BehindProps = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly offers: readonly Offer[];
  readonly points: readonly Point[];
  readonly goal: Goal;
  readonly canTake: boolean;
  readonly onTake: (lanes: readonly Lane[]) => void;
};

/** The field of all others, and why not this one. */
export function Behind({ plan, wiringId, offers, points, goal, canTake, onTake }: BehindProps) {
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
          canTake={canTake}
          onTake={(point) => onTake(point.lanes)}
        />
      </section>
    </div>
  );
}
