"use client";

import { type Plan } from "@/core/plan";
import { type Gain } from "@/core/wiring/year";
import { useJobOnDemand } from "@/features/worker-hooks";
import { LevelMark, TextButton } from "@/ui";
import { gainName, metDaysWords, money, trueMinus } from "@/messages/en";
import { workerClient, type WeatherText } from "@/workers";
import { Progress } from "./Progress";
import style from "./year.module.css";
import { gainsTexts } from "@/messages/en/year/view";

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
      { topic, queue: "patient", once: weather === null ? ["plan"] : ["plan", "weather"], progressed },
    ),
  );
  if (share !== null) return <Progress words="Trying one change after another…" share={share} onStop={cancel} />;
  return (
    <>
      {fault !== null ? (
        <p style={{ marginTop: 0 }}>{gainsTexts.couldNotCalculateThisFaultChange(fault)}</p>
      ) : (
        gains === null && <p style={{ marginTop: 0 }}>{gainsTexts.triesOneMorePanelATiltClean}</p>
      )}
      {gains !== null && (
        <ul className={style["lines"]} aria-label={gainsTexts.whatWouldBringMore}>
          {gains.map((gain) => (
            <Line key={JSON.stringify(gain.kind)} gain={gain} />
          ))}
        </ul>
      )}
      {gains !== null && !isOfNow && <p>{gainsTexts.thePlanHasChangedSinceThese}</p>}
      {!isOfNow && <TextButton onClick={ask}>{gainsTexts.tryChanges}</TextButton>}
    </>
  );
}

function Line({ gain }: { gain: Gain }) {
  const { kind, usedKwh, price, stopped } = gain;
  const more =
    Math.abs(usedKwh) < 0.5 ? "no more" : `${usedKwh > 0 ? "+" : ""}${trueMinus(usedKwh.toFixed(0))}\u00a0kWh a year`;
  const details = [
    metDaysWords(gain),
    price !== null && usedKwh >= 0.5
      ? gainsTexts.amountForEachKWhAYear(money(price.amount / usedKwh, price.currency))
      : "",
  ].filter((words) => words !== "");
  return (
    <li>
      <span>
        {gainName(kind)}
        {stopped && (
          <span className={`${style["small"]} ${style["marked"]}`}>
            <LevelMark level="stop" size={14} /> {gainsTexts.doNotConnectThisARuleSaysStop}
          </span>
        )}
        {details.length > 0 && <span className={style["small"]}>{details.join("; ")}</span>}
      </span>
      <span className="num">{more}</span>
    </li>
  );
}
