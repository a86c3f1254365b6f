"use client";

import Box from "@mui/material/Box";
import dynamic from "next/dynamic";
import { type ComponentProps } from "react";
import type WindowChart from "./WindowChart";
import { lazyWindowChartTexts } from "@/messages/en/window-chart/view";

const Loaded = dynamic(() => import("./WindowChart"), {
  ssr: false,
  loading: () => <Box sx={{ p: 2, color: "text.secondary" }}>{lazyWindowChartTexts.drawingTheWindow}</Box>,
});

/** The window chart, loaded when it is first seen; its place is kept meanwhile so that nothing jumps. */
export function LazyWindowChart(props: ComponentProps<typeof WindowChart>) {
  return (
    <div style={{ minHeight: props.height + 34 }}>
      <Loaded {...props} />
    </div>
  );
}
