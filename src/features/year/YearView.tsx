"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { inAll, type PlanYear } from "@/core/wiring/year";
import { usePlan, useWiring } from "@/features/plan-session";
import { Region, TextButton } from "@/ui";
import { counted, monthName, monthNames, sourceWords, trueMinus } from "@/messages/en";
import { DarkWeeks } from "./DarkWeeks";
import { DayChart } from "./DayChart";
import { DayLosses } from "./DayLosses";
import { Gains } from "./Gains";
import { MonthTable } from "./MonthTable";
import { Progress } from "./Progress";
import { saveYearCsv, saveYearJson } from "./save-files";
import { Tilts } from "./Tilts";
import { useWeather } from "./useWeather";
import { useYear } from "./useYear";
import { YearChart } from "./YearChart";
import { worstMonth } from "./YearStrip";
import style from "./year.module.css";
import { yearViewTexts } from "@/messages/en/year/view";
import { commonTexts } from "@/messages/en/common/view";

/** The year of the wiring on the desk: one picture, its day, its dark weeks, and what would bring more. */
export function YearView() {
  const plan = usePlan();
  const wiring = useWiring();
  const weather = useWeather(plan);
  const text = weather.type === "here" ? weather.text : null;
  const { year, settled, share, fault } = useYear(plan, wiring.id);
  const [month, setMonth] = useState(6);
  const [asTable, setAsTable] = useState(false);
  const shown = year?.months[month - 1];
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1.9fr) minmax(0, 1fr)" },
        alignItems: "start",
      }}
      data-year={settled ? "settled" : "working"}
    >
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Region
          title={yearViewTexts.yearWithName(wiring.name)}
          aside={
            year === null ? undefined : (
              <span style={{ display: "flex", gap: 4 }}>
                <TextButton look="plain" aria-pressed={asTable} onClick={() => setAsTable((now) => !now)}>
                  {yearViewTexts.table}
                </TextButton>
                <TextButton look="plain" onClick={() => void saveYearCsv(year)}>
                  {yearViewTexts.csv}
                </TextButton>
                <TextButton look="plain" onClick={() => saveYearJson(year, plan, wiring.name)}>
                  {yearViewTexts.json}
                </TextButton>
              </span>
            )
          }
        >
          {fault !== null && <p role="alert">{commonTexts.couldNotCalculateYear(fault)}</p>}
          <Box sx={{ minHeight: 46 }} aria-live="polite">
            {year !== null && <Headline year={year} />}
          </Box>
          <Box sx={{ minHeight: { xs: 200, md: 340 } }}>
            {year !== null &&
              (asTable ? <MonthTable year={year} /> : <YearChart year={year} month={month} onMonth={setMonth} />)}
          </Box>
          <Box sx={{ minHeight: 28 }}>
            {share !== null && !settled && (
              <Progress
                words={year === null ? yearViewTexts.calculatingTheYear : yearViewTexts.firstEstimateWithinAFewPercent}
                share={share}
              />
            )}
          </Box>
          {year !== null && (
            <p className={style["small"]}>
              {sourceWords(year.source)} {leftOutWords(year)}
            </p>
          )}
        </Region>
        <Region title={yearViewTexts.meanDayInMonth(monthName(month))}>
          <div className={style["months"]} role="group" aria-label={yearViewTexts.month}>
            {monthNames.map((name, k) => (
              <TextButton key={name} aria-pressed={month === k + 1} title={name} onClick={() => setMonth(k + 1)}>
                {name.slice(0, 3)}
              </TextButton>
            ))}
          </div>
          <Box sx={{ minHeight: { xs: 150, md: 250 } }}>
            {year !== null && <DayChart hours={year.days[month - 1] ?? []} name={monthName(month)} />}
          </Box>
          {shown !== undefined && <DayLosses month={shown} of={month} />}
          <p className={style["small"]}>{yearViewTexts.meanOfCloudyAndClearDaysInSolar}</p>
        </Region>
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Region title={yearViewTexts.darkWeeks}>
          {year === null ? <p>…</p> : <DarkWeeks year={year} plan={plan} />}
        </Region>
        <Region title={yearViewTexts.whatWouldBringMore}>
          <Gains key={wiring.id} plan={plan} wiringId={wiring.id} weather={text} />
        </Region>
        <Region title={yearViewTexts.tilt}>
          <Tilts plan={plan} weather={text} />
        </Region>
        <Region title={yearViewTexts.pvInputs}>
          {year === null ? <p>…</p> : <PortLines year={year} portName={(id, port) => portNameIn(plan, id, port)} />}
        </Region>
      </Box>
    </Box>
  );
}

/** What decides, in a sentence: kWh a year, the worst month against its need. */
function Headline({ year }: { year: PlanYear }) {
  const { months } = year;
  const all = inAll(months);
  const needKwh = months.reduce((sum, month) => sum + month.needKwh, 0);
  const worst = worstMonth(year);
  const short = months.filter((month) => month.needKwh > 0 && month.usedKwh + month.sourcesKwh < month.needKwh).length;
  return (
    <p style={{ margin: 0, fontSize: "1.0625rem" }}>
      <strong className="num">{yearViewTexts.usedKwhKWh(all.usedKwh.toFixed(0))}</strong>{" "}
      {yearViewTexts.aYearForYourDailyUseAvailable}{" "}
      <span className="num">{yearViewTexts.couldKwhKWh(all.couldKwh.toFixed(0))}</span>.{" "}
      {needKwh > 0 && (
        <>
          {yearViewTexts.yourDailyUseIs} <span className="num">{yearViewTexts.needKwhKWh(needKwh.toFixed(0))}</span>
          {short === 0
            ? yearViewTexts.everyMonthBringsEnoughInTotal
            : yearViewTexts.shortOfItMonths(counted(short, "month"))}
        </>
      )}
      {yearViewTexts.lowestMonthMonth(worst.name)}{" "}
      <span className="num">{yearViewTexts.usedKwhKWh(worst.usedKwh.toFixed(1))}</span>.
    </p>
  );
}

function leftOutWords({ portArraysLeftOut }: PlanYear): string {
  if (portArraysLeftOut === 0) return "";
  return yearViewTexts.leftOutPortArraysLeftOutLabelsAre(counted(portArraysLeftOut, "PV input"));
}

type PortLinesProps = {
  readonly year: PlanYear;
  readonly portName: (inputId: string | null, portId: string | null) => string;
};

/** What each port takes, and how long it is awake: twenty volts over the battery in minutes of light. */
function PortLines({ year, portName }: PortLinesProps) {
  if (year.ports.length === 0) return <p style={{ margin: 0 }}>{yearViewTexts.noPanelIsConnectedToAPvInputYet}</p>;
  return (
    <ul className={style["lines"]} aria-label={yearViewTexts.pvInputs}>
      {year.ports.map(({ inputId, portId, takenKwh, offeredKwh, awakeHoursADay, asleepHoursADay }) => (
        <li key={`${inputId}/${portId}`}>
          <span>
            {portName(inputId, portId)}
            <span className={style["small"]}>
              {yearViewTexts.runsAwakeHoursADayHADayOnAverage(
                awakeHoursADay.toFixed(1),
                (60 * asleepHoursADay).toFixed(0),
              )}{" "}
              {offeredKwh > 0 ? trueMinus(((100 * (offeredKwh - takenKwh)) / offeredKwh).toFixed(1)) : "0.0"}{" "}
              {yearViewTexts.ofWhatIsAvailableIsClipped}
            </span>
          </span>
          <span className="num">{yearViewTexts.takenKwhKWh(takenKwh.toFixed(0))}</span>
        </li>
      ))}
    </ul>
  );
}

function portNameIn(plan: ReturnType<typeof usePlan>, inputId: string | null, portId: string | null): string {
  const device = plan.inputs.find(({ id }) => id === inputId)?.device;
  return device?.ports.find(({ id }) => id === portId)?.name ?? yearViewTexts.pvInput;
}
