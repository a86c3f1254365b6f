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
          title={`The year of “${wiring.name}”`}
          aside={
            year === null ? undefined : (
              <span style={{ display: "flex", gap: 4 }}>
                <TextButton look="plain" aria-pressed={asTable} onClick={() => setAsTable((now) => !now)}>
                  Table
                </TextButton>
                <TextButton look="plain" onClick={() => void saveYearCsv(year)}>
                  CSV
                </TextButton>
                <TextButton look="plain" onClick={() => saveYearJson(year, plan, wiring.name)}>
                  JSON
                </TextButton>
              </span>
            )
          }
        >
          {fault !== null && <p role="alert">The year could not be worked out: {fault}</p>}
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
                words={
                  year === null
                    ? "Going through the year…"
                    : "A first answer, within a few per cent; the whole follows…"
                }
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
        <Region title={`A mean day in ${monthName(month)}`}>
          <div className={style["months"]} role="group" aria-label="Month">
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
          <p className={style["small"]}>
            Dull and clear days together, hours by the sun (noon is when it stands highest). Loads run when they are
            said to; a battery takes less and less from 85 % on.
          </p>
        </Region>
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Region title="Dark weeks">{year === null ? <p>…</p> : <DarkWeeks year={year} plan={plan} />}</Region>
        <Region title="What would bring more">
          <Gains key={wiring.id} plan={plan} wiringId={wiring.id} weather={text} />
        </Region>
        <Region title="Tilt">
          <Tilts plan={plan} weather={text} />
        </Region>
        <Region title="Ports">
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
      <strong className="num">{all.usedKwh.toFixed(0)}&nbsp;kWh</strong> a year for your appliances, out of{" "}
      <span className="num">{all.couldKwh.toFixed(0)}&nbsp;kWh</span> that the panels could give in the open.{" "}
      {needKwh > 0 && (
        <>
          You need <span className="num">{needKwh.toFixed(0)}&nbsp;kWh</span>
          {short === 0
            ? "; every month brings enough in all. "
            : `; ${counted(short, "month")} bring less than they need. `}
        </>
      )}
      Least in {worst.name}: <span className="num">{worst.usedKwh.toFixed(1)}&nbsp;kWh</span>.
    </p>
  );
}

function leftOutWords({ lanesLeftOut }: PlanYear): string {
  if (lanesLeftOut === 0) return "";
  return `${counted(lanesLeftOut, "port")} could not be reckoned with: a label that does not agree with itself, or is not complete.`;
}

type PortLinesProps = {
  readonly year: PlanYear;
  readonly portName: (inputId: string | null, portId: string | null) => string;
};

/** What each port takes, and how long it is awake: twenty volts over the battery in minutes of light. */
function PortLines({ year, portName }: PortLinesProps) {
  if (year.ports.length === 0) return <p style={{ margin: 0 }}>No panel is wired to a port yet.</p>;
  return (
    <ul className={style["lines"]} aria-label="Ports">
      {year.ports.map(({ inputId, portId, takenKwh, offeredKwh, awakeHoursADay, asleepHoursADay }) => (
        <li key={`${inputId}/${portId}`}>
          <span>
            {portName(inputId, portId)}
            <span className={style["small"]}>
              awake {awakeHoursADay.toFixed(1)} h a day, over the year; asleep for {(60 * asleepHoursADay).toFixed(0)}{" "}
              min of light a day, which more volts would gain; leaves{" "}
              {offeredKwh > 0 ? trueMinus(((100 * (offeredKwh - takenKwh)) / offeredKwh).toFixed(1)) : "0.0"} % of what
              it is offered
            </span>
          </span>
          <span className="num">{takenKwh.toFixed(0)}&nbsp;kWh</span>
        </li>
      ))}
    </ul>
  );
}

function portNameIn(plan: ReturnType<typeof usePlan>, inputId: string | null, portId: string | null): string {
  const device = plan.inputs.find(({ id }) => id === inputId)?.device;
  return device?.ports.find(({ id }) => id === portId)?.name ?? "Port";
}
