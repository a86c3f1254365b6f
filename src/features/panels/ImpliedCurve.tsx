"use client";

import Box from "@mui/material/Box";
import { useMemo } from "react";
import Chart from "react-apexcharts";
import { atVoltage } from "@/core/engine/iv";
import { solveNet } from "@/core/engine/net";
import { fitLabel, type PanelLabel } from "@/core/engine/panel";
import { lightTokens, useLight } from "@/ui";
import { impliedCurveTexts } from "@/messages/en/panels/view";

/** The current and power curves a label implies in full sun at 25 °C. */
export default function ImpliedCurve({ label, nonce }: { label: PanelLabel; nonce: string }) {
  const { light } = useLight();
  const tokens = lightTokens[light];
  const series = useMemo(() => {
    const solution = solveNet({ type: "panel", model: fitLabel(label).model, cellTempC: 25, irradianceWm2: [1000] });
    const points = Array.from({ length: 61 }, (_, k) => atVoltage(solution.curve, (solution.vocV * k) / 60));
    return [
      {
        name: impliedCurveTexts.currentA,
        data: points.map(({ v, i }) => ({ x: Number(v.toFixed(2)), y: Number(Math.max(0, i).toFixed(3)) })),
      },
      {
        name: impliedCurveTexts.powerW,
        data: points.map(({ v, i }) => ({ x: Number(v.toFixed(2)), y: Number(Math.max(0, v * i).toFixed(1)) })),
      },
    ];
  }, [label]);
  const maxV = Math.ceil(label.vocV / 5) * 5;
  const maxA = Math.ceil(label.iscA / 4) * 4;
  const maxW = Math.ceil(label.pmaxW / 40) * 40;
  const axis = { labels: { style: { colors: tokens.ink, fontSize: "12px" } } };
  return (
    <Box
      role="img"
      aria-label={impliedCurveTexts.curveOfTheLabelIscIscAAVocVocVV(label.iscA, label.vocV, label.pmaxW, label.vmpV)}
    >
      <Chart
        type="line"
        height={220}
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
          colors: [tokens.amberDeep, tokens.note],
          stroke: { width: [3, 2], dashArray: [0, 6], curve: "straight" },
          grid: { borderColor: tokens.line, padding: { top: -16, right: 4, bottom: 0, left: 4 } },
          legend: { labels: { colors: tokens.ink }, onItemClick: { toggleDataSeries: false } },
          tooltip: {
            theme: light === "lantern" ? "dark" : "light",
            x: { formatter: (v: number) => `${v.toFixed(1)} V` },
          },
          xaxis: {
            type: "numeric",
            min: 0,
            max: maxV,
            tickAmount: 5,
            decimalsInFloat: 0,
            title: { text: "volts", style: { color: tokens.ink } },
            ...axis,
          },
          yaxis: [
            {
              seriesName: impliedCurveTexts.currentA,
              decimalsInFloat: 0,
              tickAmount: 4,
              min: 0,
              max: maxA,
              title: { text: "amps", style: { color: tokens.ink } },
              ...axis,
            },
            {
              seriesName: impliedCurveTexts.powerW,
              opposite: true,
              decimalsInFloat: 0,
              tickAmount: 4,
              min: 0,
              max: maxW,
              title: { text: "watts", style: { color: tokens.ink } },
              ...axis,
            },
          ],
        }}
      />
    </Box>
  );
}
