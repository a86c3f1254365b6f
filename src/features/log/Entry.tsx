"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type LogEntry, skyWords } from "@/core/measured";
import { type FieldSpec, fieldSpecs, readQuantity } from "@/core/units";
import { useReadings, useWiring } from "@/features/desk";
import { Keypad, newId, QuantityField, Region, TextButton } from "@/ui";
import { cloudNames, entryWords } from "@/words";
import { useStation } from "./useStation";
import style from "./log.module.css";

const wattsSpec: FieldSpec = { unit: "W", least: 0, most: 100_000, whole: false };
const voltsSpec: FieldSpec = { unit: "V", least: 0, most: 2000, whole: false };
const ampsSpec: FieldSpec = { unit: "A", least: 0, most: 1000, whole: false };
const kwhSpec: FieldSpec = { unit: "", least: 0, most: 1000, whole: false };

/** Watts, the sky, kept: by thumb in five seconds. The rest if one likes. */
export function Entry() {
  const { id: wiringId } = useWiring();
  const readings = useReadings();
  const [text, setText] = useState("");
  const [cloud, setCloud] = useState<LogEntry["cloud"]>(null);
  const [socPct, setSoc] = useState<number | null>(null);
  const [kwh, setKwh] = useState<number | null>(null);
  const [airC, setAir] = useState<number | null>(null);
  const [volts, setVolts] = useState<number | null>(null);
  const [amps, setAmps] = useState<number | null>(null);
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
      kwh,
      volts,
      amps,
      socPct,
      cloud,
      airC,
      by: "",
      source,
      note: "",
    });
    setText("");
    setSource("typed");
    // of this moment only: the next entry has a sky, a battery and an air of its own
    setCloud(null);
    setSoc(null);
    setKwh(null);
    setAir(null);
    setVolts(null);
    setAmps(null);
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
          <QuantityField
            label="Battery"
            spec={fieldSpecs.sharePct}
            value={socPct}
            onValue={setSoc}
            onDone={() => undefined}
            help="How full it is: low watts on a full battery are no fault."
          />
          <QuantityField
            label="kWh today"
            spec={kwhSpec}
            value={kwh}
            onValue={setKwh}
            onDone={() => undefined}
            help="What the display has counted since this morning."
          />
          <QuantityField
            label="Air"
            spec={fieldSpecs.airC}
            value={airC}
            onValue={setAir}
            onDone={() => undefined}
            help="Warm cells give less."
          />
          <QuantityField
            label="Volts"
            spec={voltsSpec}
            value={volts}
            onValue={setVolts}
            onDone={() => undefined}
            help="Of the array, while it runs: with the amps they are watts."
          />
          <QuantityField
            label="Amps"
            spec={ampsSpec}
            value={amps}
            onValue={setAmps}
            onDone={() => undefined}
            help="Of the array, in the same moment."
          />
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
            void station.read(cloud, airC).then((read) => {
              if (read.type === "fault") return tell(read.message);
              setText(String(Math.round(read.watts)));
              setSoc(read.socPct);
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
