"use client";

import { useMemo, useState } from "react";
import { type Season, seasons } from "@/core/plan";
import { usePlan } from "@/features/plan-session";
import { Region, Table, TextButton } from "@/ui";
import { amount, monthName } from "@/messages/en";
import { type Goals, goalsOf, type SeasonGoal } from "./goals";
import { GoalScale } from "./GoalScale";
import style from "./need.module.css";
import { usePlaceYields } from "./usePlaceYields";
import { seasonWords } from "./words";

/** The page's margin: the need added up by season, and the array it asks for by two methods. */
export function Margin() {
  const { site, need, panels } = usePlan();
  const yields = usePlaceYields(site);
  const goals = useMemo(
    () => (yields === null ? null : goalsOf({ site, need, panels }, yields)),
    [site, need, panels, yields],
  );
  const [season, setSeason] = useState<Season>("summer");
  if (goals === null) return <p>Adding up…</p>;
  const chosen = goals.seasons.find((each) => each.season === season) ?? goals.seasons[0];
  if (chosen === undefined) return null;
  return (
    <>
      <Region title="A day, added up" flush>
        <SeasonTable goals={goals} />
      </Region>
      <Region title="Panels for it">
        <div className={style["choices"]} role="group" aria-label="Season">
          {seasons.map((each) => (
            <TextButton key={each} aria-pressed={each === season} onClick={() => setSeason(each)}>
              {seasonWords[each]}
            </TextButton>
          ))}
        </div>
        <GoalScale goal={chosen} ownedW={goals.ownedW} tiltDeg={goals.tiltDeg} />
        <p className={style["small"]}>{whyWords(chosen, goals)}</p>
      </Region>
      <Region title="Battery for it">
        <p style={{ margin: 0 }}>{batteryWords(goals)}</p>
      </Region>
    </>
  );
}

function SeasonTable({ goals: { seasons: each } }: { goals: Goals }) {
  const rows: readonly (readonly [string, (goal: SeasonGoal) => number])[] = [
    ["Battery (DC)", ({ dcWh }) => dcWh],
    ["Mains", ({ mainsWh }) => mainsWh],
    ["Inverter", ({ inverterWh }) => inverterWh],
    ["Always on", ({ standingWh }) => standingWh],
  ];
  return (
    <Table
      flush
      figures
      spokenCaption="What a day uses, by season"
      head={["Wh a day", ...each.map(({ season }) => seasonWords[season])]}
    >
      <tbody>
        {rows
          .filter(([, of]) => each.some((goal) => of(goal) > 0))
          .map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {each.map((goal) => (
                <td key={goal.season}>{of(goal).toFixed(0)}</td>
              ))}
            </tr>
          ))}
        <tr data-sum>
          <th scope="row">Together, Wh</th>
          {each.map(({ season, totalWh }) => (
            <td key={season}>{totalWh.toFixed(0)}</td>
          ))}
        </tr>
        <tr>
          <th scope="row">Ah at the battery</th>
          {each.map(({ season, ah }) => (
            <td key={season}>{ah.toFixed(0)}</td>
          ))}
        </tr>
        {each.some(({ sourcesWh }) => sourcesWh > 0) && (
          <>
            <tr>
              <th scope="row">Other sources</th>
              {each.map(({ season, sourcesWh }) => (
                <td key={season}>{`\u2212${sourcesWh.toFixed(0)}`}</td>
              ))}
            </tr>
            <tr data-sum>
              <th scope="row">Left for the sun</th>
              {each.map(({ season, sunWh }) => (
                <td key={season}>{sunWh.toFixed(0)}</td>
              ))}
            </tr>
          </>
        )}
      </tbody>
    </Table>
  );
}

/** Why the two methods differ, with the numbers of this place. */
function whyWords({ darkest, sunWh }: SeasonGoal, { tiltDeg, source }: Goals): string {
  if (sunWh === 0) return "Nothing is left for the sun to bring.";
  const month = monthName(darkest.month);
  const assumed = source.type === "assumed" ? ` (climate assumed: ${source.kindName})` : "";
  return `The quick rule, a day’s Ah at 12 V times two, takes 6 Wh a day from each watt for granted: about six good hours. Here a watt brings ${darkest.flatWhPerW.toFixed(1)} Wh a day lying flat in ${month}, ${darkest.tiltedWhPerW.toFixed(1)} tilted ${tiltDeg}°${assumed}, after dirt, heat, cable and battery.`;
}

function batteryWords({ usableWh, wantedWh }: Goals): string {
  if (wantedWh === 0) return "Nothing is used yet.";
  const wanted = `For the days without sun you want ${amount(wantedWh, "Wh")} to use`;
  if (usableWh === 0) return `${wanted}. No battery is counted on yet.`;
  const lack = wantedWh - usableWh;
  return lack > 0.5
    ? `${wanted}; you have ${amount(usableWh, "Wh")}: ${amount(lack, "Wh")} too little.`
    : `${wanted}; you have ${amount(usableWh, "Wh")}.`;
}
