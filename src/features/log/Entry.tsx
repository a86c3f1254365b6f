"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type LogEntry, skyWords } from "@/core/measurements";
import { type FieldSpec, fieldSpecs, readQuantity } from "@/core/engine/units";
import { useReadings, useWiring } from "@/features/plan-session";
import { Keypad, newId, QuantityField, Region, TextButton } from "@/ui";
import { cloudNames, entryWords } from "@/messages/en";
import { useStation } from "./useStation";
import style from "./log.module.css";

const wattsSpec: FieldSpec = { unit: "W", min: 0, max: 100_000, whole: false };
const upTo = (unit: FieldSpec["unit"], most: number): FieldSpec => ({ unit, min: 0, max: most, whole: false });

/** What may be written down beside the watts. */
const nothingMore = { socPct: null, kwh: null, airC: null, volts: null, amps: null };
type More = Record<keyof typeof nothingMore, number | null>;
const fields: readonly {
  readonly key: keyof More;
  readonly label: string;
  readonly spec: FieldSpec;
  readonly help: string;
}[] = [
  {
    key: "socPct",
    label: "Battery",
    spec: fieldSpecs.sharePct,
    help: "How full it is: low watts on a full battery are no fault.",
  },
  { key: "kwh", label: "kWh today", spec: upTo("", 1000), help: "What the display has counted since this morning." },
  { key: "airC", label: "Air", spec: fieldSpecs.airC, help: "Warm cells give less." },
  {
    key: "volts",
    label: "Volts",
    spec: upTo("V", 2000),
    help: "Of the array, while it runs: with the amps they are watts.",
  },
  { key: "amps", label: "Amps", spec: upTo("A", 1000), help: "Of the array, in the same moment." },
];

/** Watts, the sky, kept: by thumb in five seconds. The rest if one likes. */
export function Entry() {
  const { id: wiringId } = useWiring();
  const readings = useReadings();
  const [text, setText] = useState("");
  const [cloud, setCloud] = useState<LogEntry["cloud"]>(null);
  const [more, setMore] = useState<More>(nothingMore);
  const { kwh, volts, amps } = more;
  const [told, tell] = useState("");
  const [source, setSource] = useState<"typed" | "standIn">("typed");
  const station = useStation();
  const typed = readQuantity(text, wattsSpec);
  const watts = typed.type === "value" ? typed.value : null;
  const fault = text !== "" && watts === null ? `“${text}” is no number of watts; allowed: 0 to 100000.` : null;
  // one of them is an entry: watts, the day's kWh, or volts with amps
  const isNothing = watts === null && kwh === null && (volts === null || amps === null);
  const keep = async () => {
    if (readings === null || fault !== null || isNothing) return;
    await readings.add({
      id: newId(),
      kind: "log",
      atUtc: new Date().toISOString(),
      wiringId,
      watts,
      ...more,
      cloud,
      by: "",
      source,
      note: "",
    });
    setText("");
    setSource("typed");
    // of this moment only: the next entry has a sky, a battery and an air of its own
    setCloud(null);
    setMore(nothingMore);
    tell(`${entryWords({ watts, kwh, volts, amps })} kept.`);
  };
  return (
    <Region title="Now">
      <Box sx={{ display: "grid", gap: 1 }}>
        <div className={style["chips"]} role="group" aria-label="The sky now">
          {skyWords.map((word) => (
            <TextButton key={word} aria-pressed={cloud === word} onClick={() => setCloud(cloud === word ? null : word)}>
              {cloudNames[word]}
            </TextButton>
          ))}
        </div>
        <Keypad
          text={text}
          onText={(next) => {
            setText(next.slice(0, 9));
            setSource("typed");
          }}
          label="Watts now"
          unit="W"
          onEnter={() => void keep()}
        />
        {fault !== null && (
          <p role="alert" style={{ margin: 0, fontWeight: 700 }}>
            {fault}
          </p>
        )}
        <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr 1fr" }}>
          {fields.map(({ key, label, spec, help }) => (
            <QuantityField
              key={key}
              label={label}
              spec={spec}
              value={more[key]}
              onValue={(value) => setMore((before) => ({ ...before, [key]: value }))}
              onDone={() => undefined}
              help={help}
            />
          ))}
        </Box>
        <button
          type="button"
          className={style["keep"]}
          disabled={fault !== null || isNothing}
          onClick={() => void keep()}
        >
          Write it down
        </button>
        <TextButton
          look="plain"
          disabled={station.isReading}
          onClick={() =>
            void station.read(cloud, more.airC).then((read) => {
              if (read.type === "fault") return tell(read.message);
              setText(String(Math.round(read.watts)));
              setMore((before) => ({ ...before, socPct: read.socPct }));
              setSource("standIn");
              tell("Of the simulated station: shown in the log, and left out of what it shows of your panels.");
            })
          }
        >
          Read from the stand-in station
        </TextButton>
        <p role="status" style={{ margin: 0, textAlign: "center" }}>
          {told}
        </p>
      </Box>
    </Region>
  );
}
