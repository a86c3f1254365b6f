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
import { entryTexts } from "@/messages/en/log/view";

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
    label: entryTexts.stateOfCharge,
    spec: fieldSpecs.sharePct,
    help: entryTexts.aNearlyFullBatteryAcceptsFew,
  },
  { key: "kwh", label: entryTexts.kWhToday, spec: upTo("", 1000), help: entryTexts.whatTheDisplayHasCountedSince },
  { key: "airC", label: entryTexts.airTemperature, spec: fieldSpecs.airC, help: entryTexts.warmCellsGiveLess },
  {
    key: "volts",
    label: entryTexts.volts,
    spec: upTo("V", 2000),
    help: entryTexts.operatingVoltageOfTheArrayVolts,
  },
  { key: "amps", label: entryTexts.amps, spec: upTo("A", 1000), help: entryTexts.operatingCurrentOfTheArrayAtThe },
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
  const fault = text !== "" && watts === null ? entryTexts.textIsNotANumberOfWattsEnterA(text) : null;
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
    tell(entryTexts.entrySaved(entryWords({ watts, kwh, volts, amps })));
  };
  return (
    <Region title={entryTexts.now}>
      <Box sx={{ display: "grid", gap: 1 }}>
        <div className={style["chips"]} role="group" aria-label={entryTexts.skyNow}>
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
          label={entryTexts.wattsNow}
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
          {entryTexts.saveEntry}
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
              tell(entryTexts.fromTheSimulatorShownInTheLogBut);
            })
          }
        >
          {entryTexts.readFromTheSimulatedStation}
        </TextButton>
        <p role="status" style={{ margin: 0, textAlign: "center" }}>
          {told}
        </p>
      </Box>
    </Region>
  );
}
