"use client";

import { useEffect, useId, useState } from "react";
import { type Goal, type Offer, type TrialResult } from "@/core/finder";
import { type Plan } from "@/core/plan";
import { useWeather } from "@/features/year";
import { LevelMark, TextButton } from "@/ui";
import { scoreAmount, trialWords } from "@/words";
import { pageMail } from "@/workers";
import style from "./finder.module.css";
import { nameOf } from "./name-of";

type Props = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly offers: readonly Offer[];
  readonly goal: Goal;
};

/** What if: the packets tried with a dirty panel, a dead one, haze, a weak batch, more cold, another heading. */
export function Robust({ plan, wiringId, offers, goal }: Props) {
  const topic = `robust ${useId()}`;
  const weather = useWeather(plan);
  const [state, setState] = useState<{
    readonly of: readonly Offer[] | null;
    readonly results: readonly TrialResult[];
    readonly share: number | null;
    readonly fault: string | null;
  }>({ of: null, results: [], share: null, fault: null });
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  const ask = async () => {
    setState({ of: offers, results: [], share: 0, fault: null });
    const outcome = await pageMail().ask(
      "robust",
      {
        plan,
        wiringId,
        weather: weather.type === "here" ? weather.text : null,
        goal,
        wirings: offers.map(({ lanes }) => lanes),
      },
      {
        lane: "crew 0",
        topic,
        once: ["plan"],
        progressed: ({ share, results }) => setState((before) => ({ ...before, results, share })),
      },
    );
    if (outcome.type === "done") setState((before) => ({ ...before, results: outcome.value, share: null }));
    if (outcome.type === "failed") setState((before) => ({ ...before, share: null, fault: outcome.message }));
  };
  const cancel = () => {
    pageMail().callOff(topic);
    setState((before) => ({ ...before, share: null }));
  };
  const isOfThese = state.of === offers;
  return (
    <div>
      <div className={style["bar"]}>
        {state.share === null ? (
          <TextButton onClick={() => void ask()}>Try the packets in bad luck</TextButton>
        ) : (
          <>
            <progress value={state.share} aria-label="Trying" />
            <TextButton onClick={cancel}>Stop</TextButton>
          </>
        )}
        <span className={style["small"]}>
          A dirty panel, a dead one, haze, a weak batch, more cold, another heading.
        </span>
      </div>
      {state.fault !== null && <p role="alert">It could not be worked out: {state.fault}.</p>}
      {isOfThese && state.results.length > 0 && (
        <div className={style["scroll"]}>
          <table className={style["table"]}>
            <caption className={style["small"]}>
              {goal.type === "noon" ? "W" : "kWh"}; the best of each line in bold. A cross: a rule then stops it.
            </caption>
            <thead>
              <tr>
                <th scope="col">If</th>
                {offers.map((offer) => (
                  <th scope="col" key={nameOf(offer)}>
                    {nameOf(offer)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {state.results.map(({ trial, wirings }) => (
                <Trial
                  key={trialWords(trial)}
                  words={trialWords(trial)}
                  wirings={wirings.map(({ score, stopped }, k) => {
                    const planned = state.results[0]?.wirings[k]?.score ?? 0;
                    // few hours say by which share it changes, the whole year of what
                    return { score: ((offers[k]?.facts.score ?? 0) * score) / (planned || 1), stopped };
                  })}
                  goal={goal}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}

type TrialProps = { readonly words: string; readonly wirings: TrialResult["wirings"]; readonly goal: Goal };

function Trial({ words, wirings, goal }: TrialProps) {
  const most = Math.max(...wirings.map(({ score, stopped }) => (stopped ? 0 : score)));
  return (
    <tr>
      <th scope="row">{words}</th>
      {wirings.map(({ score, stopped }, k) => (
        <td key={k} className="num">
          {stopped ? (
            <>
              <LevelMark level="stop" size={16} /> do not connect
            </>
          ) : score >= most * 0.9995 ? (
            <strong>{scoreAmount(score, goal)}</strong>
          ) : (
            scoreAmount(score, goal)
          )}
        </td>
      ))}
    </tr>
  );
}
