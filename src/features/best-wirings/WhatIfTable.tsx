"use client";

import { type Goal, type Offer, type TrialResult } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { useJobOnDemand } from "@/features/worker-hooks";
import { useWeather } from "@/features/year";
import { LevelMark, Table, TextButton } from "@/ui";
import { robustWords, scoreAmount, trialWords } from "@/messages/en";
import { workerClient } from "@/workers";
import style from "./finder.module.css";
import { nameOf } from "./name-of";
import { whatIfTableTexts } from "@/messages/en/best-wirings/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly offers: readonly Offer[];
  readonly goal: Goal;
};

/** What if: the packets tried with a dirty panel, a dead one, haze, a weak batch, more cold, another heading. */
export function WhatIfTable({ plan, wiringId, offers, goal }: Props) {
  const weather = useWeather(plan);
  const { value, isOfNow, share, fault, ask, cancel } = useJobOnDemand<readonly TrialResult[]>(
    [offers],
    (topic, progressed) =>
      workerClient().ask(
        "robust",
        {
          plan,
          wiringId,
          weather: weather.type === "here" ? weather.text : null,
          goal,
          wirings: offers.map(({ portArrays }) => portArrays),
        },
        {
          queue: "crew 0",
          topic,
          once: ["plan"],
          progressed: ({ share: far, results }) => progressed({ share: far, value: results }),
        },
      ),
  );
  const told = isOfNow && value !== null ? scaled(value, offers) : [];
  return (
    <div>
      <div className={style["bar"]}>
        {share === null ? (
          <TextButton onClick={ask}>{whatIfTableTexts.stressTest}</TextButton>
        ) : (
          <>
            <progress value={share} aria-label={whatIfTableTexts.runningTheStressTest} />
            <TextButton onClick={cancel}>{whatIfTableTexts.cancel}</TextButton>
          </>
        )}
        <span className={style["small"]}>{whatIfTableTexts.aDirtyPanelADeadPanelHazeWeak}</span>
      </div>
      {fault !== null && <p role="alert">{commonTexts.couldNotCalculate(fault)}</p>}
      {told.length > 0 && (
        <Table
          label={whatIfTableTexts.stressTestOfTheOptions}
          className={style["trials"]}
          caption={whatIfTableTexts.caption(goal.type === "noon" ? "W" : "kWh")}
          head={[whatIfTableTexts.if, ...offers.map(nameOf)]}
        >
          <tbody>
            {told.map(({ trial, wirings }) => (
              <Trial key={trialWords(trial)} words={trialWords(trial)} wirings={wirings} goal={goal} />
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row">{whatIfTableTexts.inAllOfThese}</th>
              {standings(told).map((words, k) => (
                <td key={k}>{words}</td>
              ))}
            </tr>
          </tfoot>
        </Table>
      )}
    </div>
  );
}

/** Few hours say by which share a packet's energy changes; the whole year, of what. */
function scaled(results: readonly TrialResult[], offers: readonly Offer[]): readonly TrialResult[] {
  const planned = results[0]?.wirings ?? [];
  return results.map(({ trial, wirings }) => ({
    trial,
    wirings: wirings.map(({ score, stopped }, k) => ({
      score: ((offers[k]?.facts.score ?? 0) * score) / (planned[k]?.score || 1),
      stopped,
    })),
  }));
}

/** Of each packet: whether it stays safe in all that was tried, and how often it stays first. */
function standings(results: readonly TrialResult[]): string[] {
  const firsts = results.map(({ wirings }) => maxOf(wirings));
  return (results[0]?.wirings ?? []).map((_, k) => {
    const own = results.map(({ wirings }) => wirings[k]);
    const stopped = own.filter((each) => each?.stopped === true).length;
    const first = own.filter((each, n) => each?.stopped === false && isFirst(each.score, firsts[n] ?? 0)).length;
    return robustWords(first, stopped, results.length);
  });
}

const maxOf = (wirings: TrialResult["wirings"]) =>
  Math.max(...wirings.map(({ score, stopped }) => (stopped ? 0 : score)));

/** Nearer than this is as good. */
const isFirst = (score: number, most: number) => score >= most * 0.9995;

type TrialProps = { readonly words: string; readonly wirings: TrialResult["wirings"]; readonly goal: Goal };

function Trial({ words, wirings, goal }: TrialProps) {
  const most = maxOf(wirings);
  return (
    <tr>
      <th scope="row">{words}</th>
      {wirings.map(({ score, stopped }, k) => (
        <td key={k} className="num">
          {stopped ? (
            <>
              <LevelMark level="stop" size={16} /> {whatIfTableTexts.doNotConnect}
            </>
          ) : isFirst(score, most) ? (
            <strong>{scoreAmount(score, goal)}</strong>
          ) : (
            scoreAmount(score, goal)
          )}
        </td>
      ))}
    </tr>
  );
}
