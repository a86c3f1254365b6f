"use client";

import { useState } from "react";
import { type Goal, planWired, type Point, type WiringFacts } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { tilesOf } from "@/core/engine/array";
import { ChoiceField, LevelMark, TextButton, useUnits } from "@/ui";
import { madeOf, whyNotLines } from "@/messages/en";
import style from "./finder.module.css";
import { useFacts } from "./useFacts";
import { whyNotTexts } from "@/messages/en/best-wirings/view";

type Props = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly best: WiringFacts;
  readonly goal: Goal;
  /** A wiring chosen in the field. */ readonly point: Point | null;
  readonly canTake: boolean;
  readonly onTake: (point: Point) => void;
};

const pointId = "point of the field";

/** Any wiring against the best: the rule or the number that puts it lower. The one on the board is asked anew at every change of it. */
export function WhyNot({ plan, wiringId, best, goal, point, canTake, onTake }: Props) {
  const system = useUnits();
  const [picked, setPicked] = useState(wiringId);
  // a point pressed is what is asked about, until something else is
  const [before, setBefore] = useState(point);
  if (point !== before) {
    setBefore(point);
    if (point !== null) setPicked(pointId);
  }
  const isPoint = picked === pointId && point !== null;
  const ofPlan = plan.wirings.some(({ id }) => id === picked) ? picked : wiringId;
  const asked = isPoint ? planWired(plan, wiringId, point.portArrays) : plan;
  const known = useFactsOf(asked, isPoint ? wiringId : ofPlan, goal, isPoint ? point : null);
  const portArrays = isPoint ? point.portArrays : (plan.wirings.find(({ id }) => id === ofPlan)?.portArrays ?? []);
  const options = [
    ...plan.wirings.map(({ id, name }) => ({
      value: id,
      text: id === wiringId ? whyNotTexts.onTheBoardName(name) : name,
    })),
    ...(point === null ? [] : [{ value: pointId, text: whyNotTexts.wiringSelectedInTheChart }]),
  ];
  return (
    <div className={style["whynot"]}>
      <ChoiceField
        label={whyNotTexts.wiringToCompare}
        value={isPoint ? pointId : ofPlan}
        options={options}
        onChoice={setPicked}
      />
      <ul className={style["made"]} aria-label={whyNotTexts.itsWiring}>
        {madeOf(plan, portArrays)
          .filter((_, k) => (portArrays[k]?.strings.length ?? 0) > 0)
          .map(({ port, strings }) => (
            <li key={port}>
              <b>{port}</b>: {strings}
            </li>
          ))}
      </ul>
      {tilesOf(portArrays).length === 0 ? (
        <p className={style["small"]}>{whyNotTexts.nothingIsWiredThereYetUseAn}</p>
      ) : known === null ? (
        <p className={style["small"]} role="status">
          {whyNotTexts.calculatingItsYear}
        </p>
      ) : (
        <ul className={style["lines"]} aria-label={whyNotTexts.forAndAgainstIt} aria-live="polite">
          {whyNotLines(known.facts, best, goal, system).map(({ level, words }) => (
            <li key={words}>
              <LevelMark level={level} size={16} /> <span>{words}</span>
            </li>
          ))}
        </ul>
      )}
      {isPoint && (
        <TextButton disabled={!canTake} onClick={() => onTake(point)}>
          {whyNotTexts.useThisWiring}
        </TextButton>
      )}
    </div>
  );
}

/** The facts of a point are asked once for each point, those of a wiring at every change. */
function useFactsOf(plan: Plan, wiringId: string, goal: Goal, point: Point | null) {
  const [held, setHeld] = useState({ point, plan });
  if (held.point !== point || (point === null && held.plan !== plan)) setHeld({ point, plan });
  return useFacts(held.plan, wiringId, goal);
}
