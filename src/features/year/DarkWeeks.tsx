"use client";

import { type Plan } from "@/core/plan";
import { isMissed, type PlanYear } from "@/core/wiring/year";
import { counted, monthName } from "@/messages/en";
import style from "./year.module.css";

/** How often the need is not met, and the worst fortnight of all the years gone through. */
export function DarkWeeks({ year, plan }: { year: PlanYear; plan: Plan }) {
  const { months, stores, yearsDrawn } = year;
  if (months.every(({ missedPct }) => missedPct === null))
    return <p>Nothing is needed yet. Say under “Use” what runs, and the dark weeks can be counted.</p>;
  const missed = months.flatMap(({ missedPct }, k) =>
    missedPct !== null && missedPct >= 0.5 ? [{ k, missedPct }] : [],
  );
  const drawn =
    yearsDrawn === 1
      ? "counted in the one year of the weather file"
      : `counted in ${yearsDrawn} years of days drawn as weather follows weather (seed ${year.seed}); good to a few days in a hundred`;
  return (
    <>
      <p style={{ marginTop: 0 }}>
        {missed.length === 0
          ? "The need is met on every day, or all but every day, of every month: "
          : `Days in a hundred on which the need is not met: ${missed.map(({ k, missedPct }) => `${monthName(k + 1)} ${missedPct.toFixed(0)}`).join(", ")}; `}
        {drawn}.
      </p>
      {stores.map(({ batteryId, longestRun, darkest }) => {
        const most = darkest.reduce((all, { sunWh, needWh }) => Math.max(all, sunWh, needWh), 1);
        const name = plan.need.batteries.find(({ id }) => id === batteryId)?.name ?? "All panels";
        const from = darkest[0];
        if (from === undefined || darkest.every(({ needWh }) => needWh === 0)) return null;
        return (
          <div key={batteryId ?? "all"}>
            <h3 className={style["name"]}>{`${name}: the worst fortnight, from ${monthName(from.month)}`}</h3>
            <div
              className={style["fortnight"]}
              role="img"
              aria-label={darkest
                .map(({ sunWh, needWh }, k) => `day ${k + 1}: ${sunWh.toFixed(0)} of ${needWh.toFixed(0)} Wh`)
                .join("; ")}
            >
              {darkest.map((day, k) => (
                <div key={k} title={`${day.sunWh.toFixed(0)} Wh of ${day.needWh.toFixed(0)} Wh`}>
                  <div className={style["sun"]} style={{ height: `${(100 * day.sunWh) / most}%` }} />
                  <div className={style["wanted"]} style={{ bottom: `${(100 * day.needWh) / most}%` }} />
                </div>
              ))}
            </div>
            <p>
              Columns: what the sun brings. Line: what is needed.{" "}
              {darkest.some(isMissed)
                ? `Missed on ${counted(darkest.filter(isMissed).length, "day")} of it. `
                : "The battery carries it through. "}
              {longestRun > 0 && `Longest run of days without enough: ${longestRun}.`}
            </p>
          </div>
        );
      })}
    </>
  );
}
