"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import Chart from "react-apexcharts";
import { type PlanYear } from "@/core/year";
import { type LightTokens, lightTokens, useLight, useNonce } from "@/ui";
import { monthName } from "@/words";
import { Legend } from "./Legend";
import { parts } from "./parts";

/** The colours of the parts of a column in their order, and of the need. */
function coloursOf({ amber, amberDeep, good, stop, note, hot, lineStrong, ink }: LightTokens): string[] {
  return [amber, good, note, stop, amberDeep, hot, lineStrong, ink];
}

/** Twelve months, each a column of where the light went, the need as a thread through it. A press opens a month's day. */
export default function YearChart({ year, onMonth }: { year: PlanYear; onMonth: (month: number) => void }) {
  const { light } = useLight();
  const nonce = useNonce();
  const tokens = lightTokens[light];
  const { months } = year;
  const hasNeed = months.some(({ needKwh }) => needKwh > 0);
  const series = useMemo(
    () => [
      ...parts.map(({ name, of }) => ({
        name,
        type: "bar",
        data: months.map((month) => Number(Math.max(0, of(month)).toFixed(2))),
      })),
      ...(hasNeed
        ? [{ name: "Need", type: "line", data: months.map(({ needKwh }) => Number(needKwh.toFixed(2))) }]
        : []),
    ],
    [months, hasNeed],
  );
  const axis = { labels: { style: { colors: tokens.ink, fontSize: "12px" } } };
  const best = months.reduce((most, { usedKwh }) => Math.max(most, usedKwh), 0);
  return (
    <>
      <Legend colours={coloursOf(tokens)} hasNeed={hasNeed} />
      <Box role="img" aria-label={`Twelve months by where the light goes; at most ${best.toFixed(0)} kWh used in one`}>
        <Chart
          type="bar"
          height={310}
          series={series}
          options={{
            chart: {
              stacked: true,
              stackOnlyBar: true,
              animations: { enabled: false },
              toolbar: { show: false },
              zoom: { enabled: false },
              nonce,
              fontFamily: "inherit",
              background: "transparent",
              events: {
                dataPointSelection: (_event, _chart, { dataPointIndex }: { dataPointIndex: number }) =>
                  onMonth(dataPointIndex + 1),
              },
            },
            colors: coloursOf(tokens),
            fill: {
              type: [...parts.map(({ pattern }) => (pattern === null ? "solid" : "pattern")), "solid"],
              pattern: { style: parts.map(({ pattern }) => pattern ?? ""), width: 5, height: 5, strokeWidth: 2 },
            },
            stroke: {
              width: [...parts.map(() => 1), 3],
              colors: [...parts.map(() => tokens.sheet), tokens.ink],
              curve: "straight",
            },
            markers: { size: [...parts.map(() => 0), 4], strokeWidth: 0 },
            plotOptions: { bar: { columnWidth: "74%" } },
            states: { active: { filter: { type: "none" } } },
            dataLabels: { enabled: false },
            grid: { borderColor: tokens.line, padding: { top: -14, right: 4, bottom: 0, left: 4 } },
            legend: { show: false },
            tooltip: {
              theme: light === "lantern" ? "dark" : "light",
              shared: true,
              intersect: false,
              y: { formatter: (kwh: number) => `${kwh.toFixed(1)} kWh` },
            },
            xaxis: { categories: months.map((_, k) => monthName(k + 1).slice(0, 3)), ...axis },
            yaxis: {
              min: 0,
              forceNiceScale: true,
              decimalsInFloat: 0,
              title: { text: "kWh a month", style: { color: tokens.ink } },
              ...axis,
            },
          }}
        />
      </Box>
    </>
  );
}
