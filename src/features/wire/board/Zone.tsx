"use client";

import { useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import { type ReactNode } from "react";
import { type Target } from "./targets";

type Props = { readonly id: string; readonly target: Target; readonly shape: "gap" | "strip" | "area"; readonly children?: ReactNode };

/** Somewhere panels can be dropped. A gap keeps its width whether anything is dragged or not, so nothing jumps. */
export function Zone({ id, target, shape, children }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id, data: target });
  const size = { gap: { width: 16, alignSelf: "stretch", flex: "none" }, strip: { minHeight: 34, width: "100%" }, area: { minHeight: 44, width: "100%" } }[shape];
  return (
    <Box ref={setNodeRef} data-zone={id} sx={{ ...size, position: "relative", display: "flex", alignItems: "center", bgcolor: isOver ? "var(--window-wash)" : undefined, outline: isOver ? "3px dashed var(--amber-deep)" : undefined, outlineOffset: "-3px" }}>
      {shape === "gap" && <Box aria-hidden sx={{ position: "absolute", left: 0, right: 0, top: "50%", borderTop: "2px solid var(--ink)" }} />}
      {children}
    </Box>
  );
}
