"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import Chart from "react-apexcharts";
import { type TypicalHour } from "@/core/year";
import { lightTokens, useLight, useNonce } from "@/ui";

/** The mean day of a month: what the panels offer, what is taken, what is wanted, and the charge. */
export default function DayChart({ hours, name }: { hours: readonly TypicalHour[]; name: string }) {
  const { light } = useLight();
  const nonce = useNonce();
  const tokens = lightTokens[light];
  const hasCharge = hours.some(({ chargePct }) => chargePct !== null);
  const series = useMemo(() => {
    const line = (of: (hour: TypicalHour) => number) => hours.map((hour) => Number(of(hour).toFixed(1)));
    return [
      { name: "Offered", type: "line", data: line(({ offeredW }) => offeredW) },
      { name: "Taken", type: "area", data: line(({ takenW, leftW }) => takenW - leftW) },
      { name: "Loads", type: "line", data: line(({ loadW }) => loadW) },
      ...(hasCharge ? [{ name: "Charge", type: "line", data: line(({ chargePct }) => chargePct ?? 0) }] : []),
    ];
  }, [hours, hasCharge]);
  const axis = { labels: { style: { colors: tokens.ink, fontSize: "12px" } } };
  const mostW = hours.reduce((most, { offeredW, loadW }) => Math.max(most, offeredW, loadW), 1);
  const topW = roundAbove(mostW);
  const watts = { min: 0, max: topW, decimalsInFloat: 0, tickAmount: 4, ...axis };
  return (
    <Box role="img" aria-label={`The mean day of ${name}, hour by hour; at most ${mostW.toFixed(0)} W`}>
      <Chart
        type="line"
        height={250}
        series={series}
        options={{
          chart: {
            animations: { enabled: false },
            toolbar: { show: false },
            zoom: { enabled: false },
            nonce,
            fontFamily: "inherit",
            background: "transparent",
          },
          colors: [tokens.amberDeep, tokens.amber, tokens.stop, tokens.cold],
          stroke: { width: [2, 2, 3, 2], dashArray: [0, 0, 0, 6], curve: "stepline" },
          fill: { type: "solid", opacity: [1, 0.45, 1, 1] },
          dataLabels: { enabled: false },
          grid: { borderColor: tokens.line, padding: { top: -8, right: 4, bottom: 0, left: 4 } },
          legend: {
            position: "top",
            horizontalAlign: "left",
            labels: { colors: tokens.ink },
            onItemClick: { toggleDataSeries: false },
            markers: { size: 7 },
          },
          tooltip: {
            theme: light === "lantern" ? "dark" : "light",
            x: { formatter: (hour: number) => `${hour - 1} to ${hour} h, sun time` },
          },
          xaxis: {
            categories: hours.map((_, k) => k + 1),
            tickAmount: 12,
            title: { text: "hour of the day, by the sun", style: { color: tokens.ink } },
            ...axis,
          },
          yaxis: [
            { seriesName: "Offered", title: { text: "watts", style: { color: tokens.ink } }, ...watts },
            { seriesName: "Offered", show: false, ...watts },
            { seriesName: "Offered", show: false, ...watts },
            ...(hasCharge
              ? [
                  {
                    seriesName: "Charge",
                    opposite: true,
                    min: 0,
                    max: 100,
                    tickAmount: 4,
                    decimalsInFloat: 0,
                    title: { text: "charge, %", style: { color: tokens.ink } },
                    ...axis,
                  },
                ]
              : []),
          ],
        }}
      />
    </Box>
  );
}

/** A round number at or above, that four steps divide well. */
function roundAbove(watts: number): number {
  const size = 10 ** Math.floor(Math.log10(watts));
  return (
    [1, 1.2, 1.6, 2, 2.4, 3.2, 4, 6, 8, 10].map((times) => times * size).find((round) => round >= watts) ?? 10 * size
  );
}
