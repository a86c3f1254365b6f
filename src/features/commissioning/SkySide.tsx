"use client";

import Box from "@mui/material/Box";
import { type ReadSky, skyWords } from "@/core/measurements";
import { defaultAirC } from "@/core/commissioning";
import { fieldSpecs, type FieldSpec } from "@/core/engine/units";
import { useDeskState } from "@/features/plan-session";
import { FreeLine, QuantityField, Region, TextButton } from "@/ui";
import { amount, cloudNames, lightSentence } from "@/messages/en";
import { useProve } from "./facts";
import style from "./prove.module.css";

const backSpec: FieldSpec = { unit: "°C", min: -40, max: 110, whole: false };
const metersA = [0, 0.4, 10, 20] as const;

/** What is known of the sky, and of the meter: what is due follows from it. */
export function SkySide() {
  const { sky, set, settings, walk, standIn } = useProve();
  const { atMs } = useDeskState((state) => state.moment);
  const say = (patch: Partial<ReadSky>) => set({ sky: { ...settings.sky, ...patch }, skyAtMs: atMs });
  return (
    <Region title="Sky and meter">
      <p style={{ marginTop: 0 }}>{walk === null ? "" : lightSentence(walk.light)}</p>
      {standIn === null && (
        <Box sx={{ display: "grid", gap: 1 }}>
          <div className={style["chips"]} role="group" aria-label="The sky now">
            {skyWords.map((word) => (
              <TextButton
                key={word}
                aria-pressed={sky.cloud === word}
                onClick={() => say({ cloud: sky.cloud === word ? null : word })}
              >
                {cloudNames[word]}
              </TextButton>
            ))}
          </div>
          <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
            <QuantityField
              label="Air"
              spec={fieldSpecs.airC}
              value={sky.airC}
              onValue={(airC) => say({ airC })}
              onDone={() => undefined}
              placeholder={String(defaultAirC)}
              help="Volts hang on heat: ten degrees are about three in a hundred."
            />
            <QuantityField
              label="Back of a panel"
              spec={backSpec}
              value={sky.backC}
              onValue={(backC) => say({ backC })}
              onDone={() => undefined}
              placeholder="not measured"
              help="By a thermometer on its back: better than the air. The cells are two degrees warmer."
            />
            <QuantityField
              label="Light meter"
              spec={fieldSpecs.irradianceWm2}
              value={sky.meterWm2}
              onValue={(meterWm2) => say({ meterWm2 })}
              onDone={() => undefined}
              placeholder="none"
              help="Held as the panels lie, in the same moment."
            />
            <FreeLine label="Read by" value={settings.by} most={40} onValue={(by) => set({ by })} />
          </Box>
        </Box>
      )}
      <Box sx={{ mt: 1 }}>
        <div className={style["chips"]} role="group" aria-label="Meter’s max current (its fuse)">
          {metersA.map((amps) => (
            <TextButton key={amps} aria-pressed={settings.maxA === amps} onClick={() => set({ maxA: amps })}>
              {amps === 0 ? "no amps" : `${amps} A`}
            </TextButton>
          ))}
        </div>
        <p style={{ margin: "4px 0 0", fontSize: "0.8125rem" }}>
          The most current your meter may measure: its fuse rating.{" "}
          {walk !== null && walk.brightA > settings.maxA
            ? `Amps are not asked: at the edge of a cloud one panel may give ${amount(walk.brightA, "A")}, and the meter must not blow.`
            : "At the edge of a cloud an array gives a quarter more than its label, and the meter must not blow."}
        </p>
      </Box>
      {standIn === null && (
        <TextButton look="plain" onClick={() => set({ sinceMs: Date.now() })}>
          Begin the walk anew: what was read is kept
        </TextButton>
      )}
    </Region>
  );
}
