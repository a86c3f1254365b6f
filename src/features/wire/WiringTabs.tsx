"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { Copy, Trash2 } from "lucide-react";
import { useDesk, useDeskState, wiringOf } from "@/features/desk";
import { TextLine } from "@/ui";

const mostWirings = 20;

/** The named wirings of the same panels; one is on the board. */
export function WiringTabs() {
  const desk = useDesk();
  // names only: the tabs are not drawn again when panels move
  const named = useDeskState((state) => JSON.stringify(state.history.present.wirings.map(({ id, name }) => ({ id, name }))));
  const wirings = JSON.parse(named) as { id: string; name: string }[];
  const currentId = useDeskState((state) => wiringOf(state).id);
  const wiring = wirings.find(({ id }) => id === currentId) ?? { id: currentId, name: "" };
  const show = (wiringId: string) => desk.set({ wiringId, selected: [] });
  return (
    <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "flex-end" }}>
      <Box role="group" aria-label="Wirings of these panels" sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        {wirings.map(({ id, name }) => (
          <Button key={id} size="small" variant={id === wiring.id ? "contained" : "outlined"} aria-pressed={id === wiring.id} onClick={() => show(id)}>{name}</Button>
        ))}
      </Box>
      <Box sx={{ width: 170 }}><TextLine key={wiring.id} label="Name of this wiring" value={wiring.name} most={80} onValue={(name) => desk.change({ type: "setWiring", wiringId: wiring.id, patch: { name } }, `wiring:${wiring.id}:name`)} onDone={desk.endGesture} /></Box>
      <IconButton aria-label="Copy this wiring" disabled={wirings.length >= mostWirings} onClick={() => {
        const id = crypto.randomUUID();
        desk.change({ type: "copyWiring", wiringId: wiring.id, id, name: `${wiring.name.slice(0, 70)}, copy` });
        show(id);
      }}><Copy size={16} /></IconButton>
      <IconButton aria-label="Remove this wiring" disabled={wirings.length === 1} onClick={() => {
        desk.change({ type: "removeWiring", wiringId: wiring.id });
        show(wirings.find(({ id }) => id !== wiring.id)?.id ?? "");
      }}><Trash2 size={16} /></IconButton>
    </Box>
  );
}
