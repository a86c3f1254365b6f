"use client";

import { type Plan } from "@/core/plan";
import { type Gain } from "@/core/wiring/year";
import { useJobOnDemand } from "@/features/worker-hooks";
import { LevelMark, TextButton } from "@/ui";
import { gainName, metDaysWords, money, trueMinus } from "@/messages/en";
import { workerClient, type WeatherText } from "@/workers";
import { Progress } from "./Progress";
import style from "./year.module.css";

/** What one more panel, a tilt, a cleaning, another wiring, a bigger battery would bring, in kWh a year and in money. */
export function Gains({ plan, wiringId, weather }: { plan: Plan; wiringId: string; weather: WeatherText | null }) {
  const {
    value: gains,
    isOfNow,
    share,
    fault,
    ask,
    cancel,
  } = useJobOnDemand<readonly Gain[]>([plan, wiringId, weather], (topic, progressed) =>
    workerClient().ask(
      "gains",
      { plan, wiringId, weather },
      { topic, lane: "patient", once: weather === null ? ["plan"] : ["plan", "weather"], progressed },
    ),
  );
  if (share !== null) return <Progress words="Trying one change after another…" share={share} onStop={cancel} />;
  return (
    <>
      {fault !== null ? (
        <p style={{ marginTop: 0 }}>It could not be worked out ({fault}). Change something, or try again.</p>
      ) : (
        gains === null && (
          <p style={{ marginTop: 0 }}>
            One more panel, a tilt, a clean roof, all in series or all in parallel, another wiring, a bigger battery:
            each is tried in a year of its own.
          </p>
        )
      )}
      {gains !== null && (
        <ul className={style["lines"]} aria-label="What changes would bring">
          {gains.map((gain) => (
            <Line key={JSON.stringify(gain.kind)} gain={gain} />
          ))}
        </ul>
      )}
      {gains !== null && !isOfNow && <p>The plan has changed since; this is what held before.</p>}
      {!isOfNow && <TextButton onClick={ask}>Try them</TextButton>}
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
