"use client";

import { type Plan } from "@/core/plan";
import { useLiveJob } from "@/features/worker-hooks";
import { TextButton } from "@/ui";
import { monthName, percent } from "@/messages/en";
import { workerClient, type WeatherText } from "@/workers";
import { saveReminders } from "./save-files";
import style from "./year.module.css";

/** The best fixed tilt, the best two with their dates, and how little it matters. */
export function Tilts({ plan, weather }: { plan: Plan; weather: WeatherText | null }) {
  const { site } = plan;
  const { value: tilts } = useLiveJob(
    [site, weather],
    (topic) =>
      workerClient().ask(
        "tilts",
        { plan, weather },
        { topic, lane: "patient", once: weather === null ? ["plan"] : ["plan", "weather"] },
      ),
    { restMs: 200 },
  );
  if (tilts === null) return <p>Trying every tilt…</p>;
  const { flat, fixed, within2Pct, two, following } = tilts;
  const over = (kwhPerW: number) => `+${percent(100 * (kwhPerW / Math.max(1e-9, flat.kwhPerW) - 1))}`;
  const [first, second] = two.turns;
  const rows = [
    ["Lying flat", `${(1000 * flat.kwhPerW).toFixed(0)}\u00a0kWh`, "a year for every 1000 W of panel"],
    [
      `Fixed at ${fixed.tiltDeg}° to the noon sun`,
      over(fixed.kwhPerW),
      `anything from ${within2Pct[0]}° to ${within2Pct[1]}° loses less than 2 %`,
    ],
    [
      `${first.tiltDeg}° from 1 ${monthName(first.fromMonth)}, ${second.tiltDeg}° from 1 ${monthName(second.fromMonth)}`,
      over(two.kwhPerW),
      `${percent(100 * (two.kwhPerW / Math.max(1e-9, fixed.kwhPerW) - 1))} more than the one best tilt`,
    ],
    ["Following the sun all day", over(following), "the most there is to be had by turning"],
  ] as const;
  return (
    <>
      <ul className={style["lines"]} aria-label="Tilts compared">
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
      <p className={style["small"]}>
        Light, heat, dirt and cable of a usual panel with air behind it; found in steps of 5° and whole months.
      </p>
      <TextButton onClick={() => void saveReminders(plan, tilts, new Date())}>Reminders for a calendar</TextButton>
    </>
  );
}
