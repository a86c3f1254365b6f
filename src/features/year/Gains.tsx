"use client";

import { useEffect, useState } from "react";
import { type Plan } from "@/core/plan";
import { type Gain } from "@/core/year";
import { LevelMark, TextButton } from "@/ui";
import { gainName, metDaysWords, money, trueMinus } from "@/words";
import { pageMail, type WeatherText } from "@/workers";
import { Progress } from "./Progress";
import style from "./year.module.css";

const topic = "gains";

type Work =
  | { readonly type: "idle" }
  | { readonly type: "working"; readonly share: number }
  | { readonly type: "done"; readonly of: Plan; readonly gains: readonly Gain[] }
  | { readonly type: "failed"; readonly message: string };

/** What one more panel, a tilt, a cleaning, another wiring, a bigger battery would bring, in kWh a year and in money. */
export function Gains({ plan, wiringId, weather }: { plan: Plan; wiringId: string; weather: WeatherText | null }) {
  const [work, setWork] = useState<Work>({ type: "idle" });
  useEffect(() => () => pageMail().callOff(topic), []);
  const begin = () => {
    setWork({ type: "working", share: 0 });
    void pageMail()
      .ask(
        "gains",
        { plan, wiringId, weather },
        {
          topic,
          lane: "patient",
          once: weather === null ? ["plan"] : ["plan", "weather"],
          progressed: ({ share }) => setWork({ type: "working", share }),
        },
      )
      .then((outcome) => {
        if (outcome.type === "done") setWork({ type: "done", of: plan, gains: outcome.value });
        else if (outcome.type === "failed") setWork({ type: "failed", message: outcome.message });
        else setWork({ type: "idle" });
      });
  };
  if (work.type === "working")
    return (
      <Progress words="Trying one change after another…" share={work.share} onStop={() => pageMail().callOff(topic)} />
    );
  const stale = work.type === "done" && work.of !== plan;
  return (
    <>
      {work.type !== "done" && (
        <p style={{ marginTop: 0 }}>
          {work.type === "failed"
            ? `It could not be worked out (${work.message}). Change something, or try again.`
            : "One more panel, a tilt, a clean roof, all in series or all in parallel, another wiring, a bigger battery: each is tried in a year of its own."}
        </p>
      )}
      {work.type === "done" && (
        <ul className={style["lines"]} aria-label="What changes would bring">
          {work.gains.map((gain) => (
            <Line key={JSON.stringify(gain.kind)} gain={gain} />
          ))}
        </ul>
      )}
      {stale && <p>The plan has changed since; this is what held before.</p>}
      {(work.type !== "done" || stale) && <TextButton onClick={begin}>Try them</TextButton>}
    </>
  );
}

function Line({ gain }: { gain: Gain }) {
  const { kind, usedKwh, price, stopped } = gain;
  const more =
    Math.abs(usedKwh) < 0.5 ? "no more" : `${usedKwh > 0 ? "+" : ""}${trueMinus(usedKwh.toFixed(0))}\u00a0kWh a year`;
  const details = [
    metDaysWords(gain),
    price !== null && usedKwh >= 0.5 ? `${money(price.amount / usedKwh, price.currency)} for each kWh a year` : "",
  ].filter((words) => words !== "");
  return (
    <li>
      <span>
        {gainName(kind)}
        {stopped && (
          <span className={`${style["small"]} ${style["marked"]}`}>
            <LevelMark level="stop" size={14} /> Do not connect it so: a rule stops it.
          </span>
        )}
        {details.length > 0 && <span className={style["small"]}>{details.join("; ")}</span>}
      </span>
      <span className="num">{more}</span>
    </li>
  );
}
