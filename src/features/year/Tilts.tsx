"use client";

import { type Plan } from "@/core/plan";
import { useLiveJob } from "@/features/worker-hooks";
import { TextButton } from "@/ui";
import { monthName, percent } from "@/messages/en";
import { workerClient, type WeatherText } from "@/workers";
import { saveReminders } from "./save-files";
import style from "./year.module.css";
import { tiltsTexts } from "@/messages/en/year/view";

/** The best fixed tilt, the best two with their dates, and how little it matters. */
export function Tilts({ plan, weather }: { plan: Plan; weather: WeatherText | null }) {
  const { site } = plan;
  const { value: tilts } = useLiveJob(
    [site, weather],
    (topic) =>
      workerClient().ask(
        "tilts",
        { plan, weather },
        { topic, queue: "patient", once: weather === null ? ["plan"] : ["plan", "weather"] },
      ),
    { restMs: 200 },
  );
  if (tilts === null) return <p>{tiltsTexts.tryingEveryTilt}</p>;
  const { flat, fixed, within2Pct, two, following } = tilts;
  const over = (kwhPerW: number) => `+${percent(100 * (kwhPerW / Math.max(1e-9, flat.kwhPerW) - 1))}`;
  const [first, second] = two.turns;
  const rows = [
    [tiltsTexts.flat, `${(1000 * flat.kwhPerW).toFixed(0)}\u00a0kWh`, tiltsTexts.aYearForEvery1000WOfPanel],
    [
      tiltsTexts.fixedAtTiltDegFacingTheNoonSun(fixed.tiltDeg),
      over(fixed.kwhPerW),
      tiltsTexts.minDegToMaxDegIsWithin2OfTheBest(within2Pct[0], within2Pct[1]),
    ],
    [
      tiltsTexts.tiltDegFrom1MonthTiltDeg2From1(
        first.tiltDeg,
        monthName(first.fromMonth),
        second.tiltDeg,
        monthName(second.fromMonth),
      ),
      over(two.kwhPerW),
      tiltsTexts.kwhPerWMoreThanTheBestFixedTilt(percent(100 * (two.kwhPerW / Math.max(1e-9, fixed.kwhPerW) - 1))),
    ],
    [tiltsTexts.trackingTheSunAllDay, over(following), tiltsTexts.theMostThatTurningCanBring],
  ] as const;
  return (
    <>
      <ul className={style["lines"]} aria-label={tiltsTexts.tiltsCompared}>
        {rows.map(([name, value, detail]) => (
          <li key={name}>
            <span>
              {name}
              <span className={style["small"]}>{detail}</span>
            </span>
            <span className="num">{value}</span>
          </li>
        ))}
      </ul>
      <p className={style["small"]}>{tiltsTexts.forATypicalPanelWithAirBehindIt}</p>
      <TextButton onClick={() => void saveReminders(plan, tilts, new Date())}>
        {tiltsTexts.addTiltRemindersToACalendar}
      </TextButton>
    </>
  );
}
