"use client";

import Box from "@mui/material/Box";
import { Plus } from "lucide-react";
import { useDesk } from "@/features/plan-session";
import { newId, Region, TextButton } from "@/ui";
import { loadOf, stock } from "./stock-loads";
import { stockTexts } from "@/messages/en/need/view";

/** Things people bring, a press each. */
export function Stock() {
  const desk = useDesk();
  return (
    <Region title={stockTexts.appliancesToAdd}>
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {stock.map(({ title, loads }) => (
          <Box key={title} role="group" aria-label={title}>
            <Box sx={{ fontFamily: "var(--font-display)", fontSize: "0.875rem", mb: 0.5 }}>{title}</Box>
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
              {loads.map((load) => (
                <TextButton
                  key={load.name}
                  onClick={() => desk.change({ type: "addToNeed", list: "loads", id: newId(), like: loadOf(load) })}
                >
                  <Plus size={13} aria-hidden /> {load.name}
                </TextButton>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Region>
  );
}
