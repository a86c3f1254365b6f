"use client";

import Box from "@mui/material/Box";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { type GpxStay, maxGpxBytes } from "@/core/site/place";
import { type Halt } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { DayField, newId, QuantityField, TextButton, TextLine, ToolButton } from "@/ui";
import { workerClient } from "@/workers";
import { FileButton, FileSaid, type Said } from "./FileButton";
import { PlaceLine } from "./PlaceLine";
import { routeTexts } from "@/messages/en/need/place";
import { commonTexts } from "@/messages/en/common/view";

const maxHalts = 60;

/** A journey: stays with their dates, and which way one is parked there. Typed, or out of a GPX file. */
export function Route() {
  const desk = useDesk();
  const { route, latitudeDeg, longitudeDeg } = usePlan().site;
  const [said, setSaid] = useState<Said | null>(null);
  const set = (next: Halt[], gesture?: string) => desk.change({ type: "setSite", patch: { route: next } }, gesture);

  const read = async (file: File) => {
    if (file.size > maxGpxBytes)
      return setSaid({
        words: routeTexts.nameTheFileHasSizeBytesAllowedAt(file.name, file.size, maxGpxBytes),
        wrong: true,
      });
    const outcome = await workerClient().ask(
      "readRoute",
      { text: await file.text() },
      { topic: "route file", queue: "patient" },
    );
    if (outcome.type !== "done")
      return setSaid({
        words: `${file.name}: ${outcome.type === "failed" ? outcome.message : "given up"}.`,
        wrong: true,
      });
    if (outcome.value.type === "fault") {
      const { line, field, problem } = outcome.value;
      return setSaid({ words: commonTexts.lineFault(file.name, line, field, problem), wrong: true });
    }
    const halts = datedFrom(outcome.value.stays, today());
    set([...route, ...halts].slice(0, maxHalts));
    const undated = outcome.value.stays.filter(({ fromDate }) => fromDate === null).length;
    setSaid({
      words: routeTexts.imported(halts.length, undated),
      wrong: false,
    });
  };

  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      {route.length === 0 && <p style={{ margin: 0 }}>{routeTexts.forAJourneyOnlyEachMonthIs}</p>}
      {route.map((halt) => (
        <HaltForm
          key={halt.id}
          halt={halt}
          onHalt={(patch, gesture) =>
            set(
              route.map((each) => (each.id === halt.id ? { ...each, ...patch } : each)),
              `halt:${halt.id}:${gesture}`,
            )
          }
          onRemove={() => set(route.filter(({ id }) => id !== halt.id))}
        />
      ))}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
        <TextButton
          disabled={route.length >= maxHalts}
          onClick={() => {
            const from = route.at(-1)?.toDate ?? today();
            set([
              ...route,
              {
                id: newId(),
                name: routeTexts.stayNumber(route.length + 1),
                latitudeDeg: latitudeDeg ?? 45,
                longitudeDeg: longitudeDeg ?? 0,
                fromDate: from,
                toDate: later(from, 7),
                headingDeg: null,
              },
            ]);
          }}
        >
          {routeTexts.addAStay}
        </TextButton>
        <FileButton
          words="Open a track (GPX)"
          label={routeTexts.trackFile}
          accept=".gpx,application/gpx+xml"
          onFile={(file) => void read(file)}
        />
      </Box>
      <FileSaid said={said} />
    </Box>
  );
}

type HaltProps = {
  readonly halt: Halt;
  readonly onHalt: (patch: Partial<Halt>, gesture: string) => void;
  readonly onRemove: () => void;
};

function HaltForm({ halt, onHalt, onRemove }: HaltProps) {
  const desk = useDesk();
  const date = (name: "fromDate" | "toDate", area: string, label: string) => (
    <Box sx={{ gridArea: area }}>
      <DayField
        label={label}
        value={halt[name]}
        onValue={(day) => {
          const crossed = name === "fromDate" ? day > halt.toDate : day < halt.fromDate;
          onHalt(crossed ? { fromDate: day, toDate: day } : { [name]: day }, name);
        }}
        onDone={desk.endGesture}
      />
    </Box>
  );
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1,
        gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr auto" },
        gridTemplateAreas: {
          xs: '"name rid" "where where" "from to" "front front"',
          sm: '"name where where rid" "from to front front"',
        },
        borderBottom: "1px solid var(--line)",
        pb: 1,
        alignItems: "start",
      }}
      data-halt={halt.id}
    >
      <Box sx={{ gridArea: "name" }}>
        <TextLine
          label={routeTexts.stay}
          value={halt.name}
          most={80}
          onValue={(name) => onHalt({ name }, "name")}
          onDone={desk.endGesture}
        />
      </Box>
      <Box sx={{ gridArea: "where" }}>
        <PlaceLine
          label={routeTexts.location}
          latitudeDeg={halt.latitudeDeg}
          longitudeDeg={halt.longitudeDeg}
          refuse={({ type }) => (type === "place" ? null : routeTexts.enterLatitudeAndLongitude)}
          onPlace={(taken) =>
            taken.type === "place" &&
            onHalt({ latitudeDeg: taken.latitudeDeg, longitudeDeg: taken.longitudeDeg }, "place")
          }
        />
      </Box>
      <Box sx={{ gridArea: "rid", pt: "20px" }}>
        <ToolButton aria-label={routeTexts.deleteName(halt.name)} onClick={onRemove}>
          <Trash2 size={16} />
        </ToolButton>
      </Box>
      {date("fromDate", "from", routeTexts.from)}
      {date("toDate", "to", routeTexts.to)}
      <Box sx={{ gridArea: "front" }}>
        {" "}
        <QuantityField
          label={routeTexts.frontPointsTo}
          spec={fieldSpecs.azimuthDeg}
          value={halt.headingDeg}
          onValue={(headingDeg) => onHalt({ headingDeg }, "heading")}
          onDone={desk.endGesture}
          help={routeTexts.frontPointsToHelp}
          helpBelow
          placeholder={routeTexts.asAtHome}
        />
      </Box>
    </Box>
  );
}

function today(): string {
  return new Date().toISOString().slice(0, 10);
}

function later(date: string, days: number): string {
  return new Date(Date.parse(date) + days * 86_400_000).toISOString().slice(0, 10);
}

/** Stays without dates follow one another, a week each. */
function datedFrom(stays: readonly GpxStay[], from: string): Halt[] {
  let next = from;
  return stays.map(({ name, latitudeDeg, longitudeDeg, fromDate, toDate }) => {
    const begins = fromDate ?? next;
    const ends = toDate ?? later(begins, 7);
    next = ends;
    return { id: newId(), name, latitudeDeg, longitudeDeg, fromDate: begins, toDate: ends, headingDeg: null };
  });
}
