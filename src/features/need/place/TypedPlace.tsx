"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId, useState } from "react";
import { readPlace } from "@/core/place";
import { useDesk, usePlan } from "@/features/desk";
import { FieldLabel } from "@/ui";
import { placeFaultWords, placeWords } from "./place-words";
import { setPlace } from "./set-place";

/** Latitude and longitude in any usual notation, or a latitude alone. */
export function TypedPlace() {
  const desk = useDesk();
  const { latitudeDeg, longitudeDeg } = usePlan().site;
  const id = useId();
  const kept =
    latitudeDeg === null ? "" : longitudeDeg === null ? String(latitudeDeg) : `${latitudeDeg}, ${longitudeDeg}`;
  const [draft, setDraft] = useState<{ readonly text: string; readonly from: string } | null>(null);
  const text = draft !== null && draft.from === kept ? draft.text : kept;
  const reading = readPlace(text);
  const understood =
    reading.type === "place"
      ? placeWords(reading.latitudeDeg, reading.longitudeDeg)
      : reading.type === "latitude"
        ? `${placeWords(reading.latitudeDeg, null)}: a latitude alone. With the longitude the sun keeps its hours.`
        : "";
  const take = () => {
    if (draft === null || reading.type === "fault") return;
    setDraft(null);
    if (reading.type === "place") void setPlace(desk, reading);
    else
      desk.change({
        type: "setSite",
        patch: {
          latitudeDeg: reading.type === "latitude" ? reading.latitudeDeg : null,
          longitudeDeg: null,
          timeZone: null,
        },
      });
  };
  return (
    <Box sx={{ minWidth: 0 }}>
      <FieldLabel htmlFor={id}>Latitude and longitude</FieldLabel>
      <OutlinedInput
        id={id}
        fullWidth
        size="small"
        value={text}
        placeholder="57.2, -3.1 or 57°12′N 3°6′W"
        error={reading.type === "fault"}
        onChange={(event) => setDraft({ text: event.target.value, from: kept })}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
        }}
        inputProps={{
          autoComplete: "off",
          "aria-describedby": `${id}-words`,
          "aria-invalid": reading.type === "fault",
        }}
      />
      <Box
        id={`${id}-words`}
        role={reading.type === "fault" ? "alert" : undefined}
        sx={{
          fontSize: "0.8125rem",
          color: reading.type === "fault" ? "error.main" : "text.secondary",
          fontWeight: reading.type === "fault" ? 600 : 400,
        }}
      >
        {reading.type === "fault" ? placeFaultWords(reading.fault) : understood}
      </Box>
    </Box>
  );
}
