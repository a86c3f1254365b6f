"use client";

import Box from "@mui/material/Box";
import dynamic from "next/dynamic";
import { readLabel } from "@/core/engine/panel";
import { type PanelSheet } from "@/core/plan";
import { useNonce } from "@/ui";
import { labelCurveTexts } from "@/messages/en/panels/view";

const ImpliedCurve = dynamic(() => import("./ImpliedCurve"), { ssr: false });

/** The curve a label implies, or what is still missing for it. */
export function LabelCurve({ label }: { label: PanelSheet }) {
  const nonce = useNonce();
  const reading = readLabel(label);
  return reading.type === "label" ? (
    // its place is kept while it loads, so that nothing below moves under the pointer
    <Box sx={{ minHeight: 235 }}>
      <ImpliedCurve label={reading.label} nonce={nonce} />
    </Box>
  ) : (
    <Box sx={{ fontSize: "0.875rem", minHeight: 60 }}>{labelCurveTexts.theCurveAppearsOncePmaxVocAndIsc}</Box>
  );
}
