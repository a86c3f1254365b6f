"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId, useState } from "react";
import { type PlaceReading, readPlace } from "@/core/site/place";
import { FieldLabel } from "@/ui";
import { placeFaultWords, placeWords } from "@/messages/en/need/coordinates";
import { placeLineTexts } from "@/messages/en/need/place";

/** What was understood and may be taken. */
export type PlaceTaken = Exclude<PlaceReading, { type: "fault" }>;

type Props = {
  readonly label: string;
  readonly latitudeDeg: number | null;
  readonly longitudeDeg: number | null;
  /** What is wrong with something that was understood; null: nothing. */
  readonly refuse: (taken: PlaceTaken) => string | null;
  readonly onPlace: (taken: PlaceTaken) => void;
};

/** Latitude and longitude in any usual notation; taken when one leaves the field or presses Enter. */
export function PlaceLine({ label, latitudeDeg, longitudeDeg, refuse, onPlace }: Props) {
  const id = useId();
  const kept =
    latitudeDeg === null ? "" : longitudeDeg === null ? String(latitudeDeg) : `${latitudeDeg}, ${longitudeDeg}`;
  const [draft, setDraft] = useState<{ readonly text: string; readonly from: string } | null>(null);
  const text = draft !== null && draft.from === kept ? draft.text : kept;
  const reading = readPlace(text);
  const wrong = reading.type === "fault" ? placeFaultWords(reading.fault) : refuse(reading);
  const take = () => {
    if (draft === null || reading.type === "fault" || wrong !== null) return;
    setDraft(null);
    onPlace(reading);
  };
  return (
    <Box sx={{ minWidth: 0 }}>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <OutlinedInput
        id={id}
        fullWidth
        size="small"
        value={text}
        placeholder={placeLineTexts.n57231Or5712N36W}
        error={wrong !== null}
        onChange={(event) => setDraft({ text: event.target.value, from: kept })}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
        }}
        inputProps={{ autoComplete: "off", "aria-describedby": `${id}-words`, "aria-invalid": wrong !== null }}
      />
      <Box
        id={`${id}-words`}
        role={wrong === null ? undefined : "alert"}
        sx={{
          fontSize: "0.8125rem",
          color: wrong === null ? "text.secondary" : "error.main",
          fontWeight: wrong === null ? 400 : 600,
        }}
      >
        {wrong ?? understood(reading)}
      </Box>
    </Box>
  );
}

function understood(reading: PlaceReading): string {
  if (reading.type === "place") return placeWords(reading.latitudeDeg, reading.longitudeDeg);
  return reading.type === "latitude"
    ? placeLineTexts.placeLatitudeOnlyAddTheLongitude(placeWords(reading.latitudeDeg, null))
    : "";
}
