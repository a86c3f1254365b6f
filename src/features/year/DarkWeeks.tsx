"use client";

import { type Plan } from "@/core/plan";
import { isMissed, type PlanYear } from "@/core/wiring/year";
import { counted, monthName } from "@/messages/en";
import style from "./year.module.css";
import { darkWeeksTexts } from "@/messages/en/year/view";

/** How often the need is not met, and the worst fortnight of all the years gone through. */
export function DarkWeeks({ year, plan }: { year: PlanYear; plan: Plan }) {
  const { months, stores, yearsDrawn } = year;
  if (months.every(({ missedPct }) => missedPct === null))
    return <p>{darkWeeksTexts.noDailyUseYetEnterWhatRunsInADay}</p>;
  const missed = months.flatMap(({ missedPct }, k) =>
    missedPct !== null && missedPct >= 0.5 ? [{ k, missedPct }] : [],
  );
  const drawn =
    yearsDrawn === 1
      ? darkWeeksTexts.fromTheOneYearOfTheWeatherFile
      : darkWeeksTexts.fromYearsDrawnSimulatedYearsOf(yearsDrawn, year.seed);
  return (
    <>
      <p style={{ marginTop: 0 }}>
        {missed.length === 0
          ? darkWeeksTexts.daysThatFallShortFewerThan1In100
          : darkWeeksTexts.daysIn100ThatFallShortByMonth(
              missed.map(({ k, missedPct }) => `${monthName(k + 1)} ${missedPct.toFixed(0)}`).join(", "),
            )}
        {drawn}.
      </p>
      {stores.map(({ batteryId, longestRun, darkest }) => {
        const most = darkest.reduce((all, { sunWh, needWh }) => Math.max(all, sunWh, needWh), 1);
        const name = plan.need.batteries.find(({ id }) => id === batteryId)?.name ?? darkWeeksTexts.allPanels;
        const from = darkest[0];
        if (from === undefined || darkest.every(({ needWh }) => needWh === 0)) return null;
        return (
          <div key={batteryId ?? "all"}>
            <h3 className={style["name"]}>{darkWeeksTexts.nameTheWorstTwoWeeksInMonth(name, monthName(from.month))}</h3>
            <div
              className={style["fortnight"]}
              role="img"
              aria-label={darkest
                .map(({ sunWh, needWh }, k) =>
                  darkWeeksTexts.dayDayHarvestSunWhWhDailyUse(k + 1, sunWh.toFixed(0), needWh.toFixed(0)),
                )
                .join("; ")}
            >
              {darkest.map((day, k) => (
                <div
                  key={k}
                  title={darkWeeksTexts.harvestSunWhWhDailyUseNeedWhWh(day.sunWh.toFixed(0), day.needWh.toFixed(0))}
                >
                  <div className={style["sun"]} style={{ height: `${(100 * day.sunWh) / most}%` }} />
                  <div className={style["wanted"]} style={{ bottom: `${(100 * day.needWh) / most}%` }} />
                </div>
              ))}
            </div>
            <p>
              {darkWeeksTexts.columnsHarvestLineDailyUse}{" "}
              {darkest.some(isMissed)
                ? darkWeeksTexts.fallsShortOnDaysOfTheseDays(counted(darkest.filter(isMissed).length, "day"))
                : darkWeeksTexts.theBatteryCoversEveryDay}
              {longestRun > 0 && darkWeeksTexts.longestRunOfDaysThatFallShort(longestRun)}
            </p>
          </div>
        );
      })}
    </>
  );
}
