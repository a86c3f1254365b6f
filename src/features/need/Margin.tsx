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
import { seasonWords } from "@/messages/en/need/loads";
import { marginTexts } from "@/messages/en/need/view";
import { TermHelp } from "@/features/glossary";

/** The page's margin: the need added up by season, and the array it asks for by two methods. */
export function Margin() {
  const { site, need, panels } = usePlan();
  const yields = usePlaceYields(site);
  const goals = useMemo(
    () => (yields === null ? null : goalsOf({ site, need, panels }, yields)),
    [site, need, panels, yields],
  );
  const [season, setSeason] = useState<Season>("summer");
  if (goals === null) return <p>{marginTexts.calculating}</p>;
  const chosen = goals.seasons.find((each) => each.season === season) ?? goals.seasons[0];
  if (chosen === undefined) return null;
  return (
    <>
      <Region title={marginTexts.dailyUse} flush>
        <SeasonTable goals={goals} />
      </Region>
      <Region title={marginTexts.panelsNeeded} aside={<TermHelp id="peakSunHours" term={marginTexts.panelsNeeded} />}>
        <div className={style["choices"]} role="group" aria-label={marginTexts.season}>
          {seasons.map((each) => (
            <TextButton key={each} aria-pressed={each === season} onClick={() => setSeason(each)}>
              {seasonWords[each]}
            </TextButton>
          ))}
        </div>
        <GoalScale goal={chosen} ownedW={goals.ownedW} tiltDeg={goals.tiltDeg} />
        <p className={style["small"]}>{whyWords(chosen, goals)}</p>
      </Region>
      <Region title={marginTexts.batteryNeeded} aside={<TermHelp id="autonomy" term={marginTexts.batteryNeeded} />}>
        <p style={{ margin: 0 }}>{batteryWords(goals)}</p>
      </Region>
    </>
  );
}

function SeasonTable({ goals: { seasons: each } }: { goals: Goals }) {
  const rows: readonly (readonly [string, (goal: SeasonGoal) => number])[] = [
    [marginTexts.batteryDc, ({ dcWh }) => dcWh],
    [marginTexts.acMains, ({ mainsWh }) => mainsWh],
    [marginTexts.inverter, ({ inverterWh }) => inverterWh],
    [marginTexts.alwaysOn, ({ standingWh }) => standingWh],
  ];
  return (
    <Table
      flush
      figures
      spokenCaption="What a day uses, by season"
      head={[marginTexts.whADay, ...each.map(({ season }) => seasonWords[season])]}
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
          <th scope="row">{marginTexts.totalWh}</th>
          {each.map(({ season, totalWh }) => (
            <td key={season}>{totalWh.toFixed(0)}</td>
          ))}
        </tr>
        <tr>
          <th scope="row">{marginTexts.totalAhAtBatteryVoltage}</th>
          {each.map(({ season, ah }) => (
            <td key={season}>{ah.toFixed(0)}</td>
          ))}
        </tr>
        {each.some(({ sourcesWh }) => sourcesWh > 0) && (
          <>
            <tr>
              <th scope="row">{marginTexts.otherSources}</th>
              {each.map(({ season, sourcesWh }) => (
                <td key={season}>{`\u2212${sourcesWh.toFixed(0)}`}</td>
              ))}
            </tr>
            <tr data-sum>
              <th scope="row">{marginTexts.neededFromSolar}</th>
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
  if (sunWh === 0) return marginTexts.otherSourcesCoverEverythingNo;
  const month = monthName(darkest.month);
  const assumed = source.type === "assumed" ? marginTexts.climateAssumedKindName(source.kindName) : "";
  return marginTexts.theQuickRuleDailyAhAt12VTimesTwo(
    darkest.flatWhPerW.toFixed(1),
    month,
    darkest.tiltedWhPerW.toFixed(1),
    tiltDeg,
    assumed,
  );
}

function batteryWords({ usableWh, wantedWh }: Goals): string {
  if (wantedWh === 0) return marginTexts.noDailyUseYet;
  const wanted = marginTexts.forYourDaysOfAutonomyYouNeedA(amount(wantedWh, "Wh"));
  if (usableWh === 0) return marginTexts.wantedNoBatteryIsEnteredYet(wanted);
  const lack = wantedWh - usableWh;
  return lack > 0.5
    ? marginTexts.wantedTheBatteryHasUsableWhWhich(wanted, amount(usableWh, "Wh"), amount(lack, "Wh"))
    : marginTexts.wantedTheBatteryHasUsableWh(wanted, amount(usableWh, "Wh"));
}
