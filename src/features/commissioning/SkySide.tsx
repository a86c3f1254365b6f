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
import { skySideTexts } from "@/messages/en/commissioning/view";

const backSpec: FieldSpec = { unit: "°C", min: -40, max: 110, whole: false };
const metersA = [0, 0.4, 10, 20] as const;

/** What is known of the sky, and of the meter: what is due follows from it. */
export function SkySide() {
  const { sky, set, settings, walk, standIn } = useProve();
  const { atMs } = useDeskState((state) => state.moment);
  const say = (patch: Partial<ReadSky>) => set({ sky: { ...settings.sky, ...patch }, skyAtMs: atMs });
  return (
    <Region title={skySideTexts.skyAndMeter}>
      <p style={{ marginTop: 0 }}>{walk === null ? "" : lightSentence(walk.light)}</p>
      {standIn === null && (
        <Box sx={{ display: "grid", gap: 1 }}>
          <div className={style["chips"]} role="group" aria-label={skySideTexts.skyNow}>
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
              label={skySideTexts.airTemperature}
              spec={fieldSpecs.airC}
              value={sky.airC}
              onValue={(airC) => say({ airC })}
              onDone={() => undefined}
              placeholder={String(defaultAirC)}
              help={skySideTexts.airTemperatureHelp}
            />
            <QuantityField
              label={skySideTexts.backOfAPanel}
              spec={backSpec}
              value={sky.backC}
              onValue={(backC) => say({ backC })}
              onDone={() => undefined}
              placeholder={skySideTexts.notMeasured}
              help={skySideTexts.backOfAPanelHelp}
            />
            <QuantityField
              label={skySideTexts.lightMeter}
              spec={fieldSpecs.irradianceWm2}
              value={sky.meterWm2}
              onValue={(meterWm2) => say({ meterWm2 })}
              onDone={() => undefined}
              placeholder={skySideTexts.none}
              help={skySideTexts.lightMeterHelp}
            />
            <FreeLine label={skySideTexts.measuredBy} value={settings.by} most={40} onValue={(by) => set({ by })} />
          </Box>
        </Box>
      )}
      <Box sx={{ mt: 1 }}>
        <div className={style["chips"]} role="group" aria-label={skySideTexts.metersMaxCurrentItsFuse}>
          {metersA.map((amps) => (
            <TextButton key={amps} aria-pressed={settings.maxA === amps} onClick={() => set({ maxA: amps })}>
              {skySideTexts.maxAmps(amps)}
            </TextButton>
          ))}
        </div>
        <p style={{ margin: "4px 0 0", fontSize: "0.8125rem" }}>
          {skySideTexts.theHighestCurrentYourMeterMay}{" "}
          {walk !== null && walk.brightA > settings.maxA
            ? skySideTexts.ampsAreSkippedAtTheEdgeOfACloud(amount(walk.brightA, "A"))
            : skySideTexts.atTheEdgeOfACloudAnArrayDelivers}
        </p>
      </Box>
      {standIn === null && (
        <TextButton look="plain" onClick={() => set({ sinceMs: Date.now() })}>
          {skySideTexts.startANewTestReadingsStaySaved}
        </TextButton>
      )}
    </Region>
  );
}
