"use client";

import Box from "@mui/material/Box";
import { type Clock, coldestTapeC, defaultAir, mountingMethods } from "@/core/mounting";
import { assumedSite } from "@/core/plan-model";
import { type Fixing } from "@/core/plan";
import { duskAfter } from "@/core/engine/sky";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { DayField, Facts, LevelMark, QuantityField, Region, TextButton, useUnits } from "@/ui";
import { amount } from "@/messages/en";
import { useReport } from "./facts";
import { clockTime, fieldTime, startOf } from "./times";
import { DayStrip } from "./DayStrip";
import style from "./mount.module.css";
import { clockSideTexts } from "@/messages/en/mounting/view";

/** When it begins, when one may drive, when it has cured, when it gets dark. */
export function ClockSide({ clock, atMs }: { readonly clock: Clock; readonly atMs: number }) {
  const desk = useDesk();
  const plan = usePlan();
  const system = useUnits();
  const { fixing } = useReport();
  const { airC, humidityPct } = fixing;
  const patch = (change: Partial<Pick<Fixing, "airC" | "humidityPct" | "startsAtUtc">>, gesture?: string) =>
    desk.change(
      { type: "patchFixing", fixingId: fixing.id, patch: change },
      gesture === undefined ? undefined : `fixing:${fixing.id}:${gesture}`,
    );
  const startMs = startOf(fixing, atMs);
  const { latitudeDeg } = assumedSite(plan.site);
  const duskMs = plan.site.longitudeDeg === null ? null : duskAfter(startMs, latitudeDeg, plan.site.longitudeDeg);
  const { adhesive, travels } = mountingMethods[fixing.method];
  const isTooCold = adhesive !== null && airC !== null && airC < coldestTapeC;
  const late =
    duskMs === null
      ? []
      : clock.steps.filter(({ isDone, toMs, fromMs }) => !isDone && fromMs < duskMs && toMs > duskMs);
  const begun = fixing.ticks.length > 0;
  const isOver = clock.steps.every(({ isDone }) => isDone);
  return (
    <Region title={clockSideTexts.timePlan}>
      {!isOver && <DayStrip clock={clock} startMs={startMs} atMs={atMs} />}
      <Facts
        facts={[
          [isOver ? clockSideTexts.done : clockSideTexts.workEndsAbout, clockTime(clock.endMs, atMs)],
          ...(duskMs === null || isOver ? [] : [["Dusk", clockTime(duskMs, atMs)] as const]),
          ...(clock.driveMs === null
            ? []
            : [
                [
                  travels ? clockSideTexts.doNotDriveBefore : clockSideTexts.leaveAloneUntil,
                  clockTime(clock.driveMs, atMs),
                ] as const,
              ]),
          ...(clock.curedMs === null ? [] : [[clockSideTexts.fullyCured, clockTime(clock.curedMs, atMs)] as const]),
        ]}
      />
      {adhesive === "sealant" && (
        <p style={{ margin: "6px 0 0", fontSize: "0.8125rem" }}>{clockSideTexts.adhesiveCuresFromTheEdgeInwardAt}</p>
      )}
      {isTooCold && (
        <p className={style["caution"]}>
          <LevelMark level="care" size={16} />
          <span>{clockSideTexts.belowColdestTapeCTapeAndFilmDo(amount(coldestTapeC, "°C", system))}</span>
        </p>
      )}
      {late.length > 0 && (
        <p className={style["caution"]}>
          <LevelMark level="care" size={16} />
          <span>{clockSideTexts.itGetsDarkDuringTheWorkBegin}</span>
        </p>
      )}
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", mt: 1 }}>
        {!isOver && (
          <Box sx={{ gridColumn: "1 / -1" }}>
            <DayField
              label={clockSideTexts.start}
              withTime
              value={fieldTime(startMs)}
              disabled={begun}
              onValue={(time) => {
                const ms = Date.parse(time);
                if (Number.isFinite(ms)) patch({ startsAtUtc: new Date(ms).toISOString() }, "start");
              }}
              onDone={desk.endGesture}
            />
          </Box>
        )}
        <QuantityField
          label={clockSideTexts.airTemperature}
          spec={fieldSpecs.airC}
          value={airC}
          onValue={(next) => patch({ airC: next }, "air")}
          onDone={desk.endGesture}
          placeholder={String(defaultAir.airC)}
          help={clockSideTexts.airTemperatureHelp}
        />
        <QuantityField
          label={clockSideTexts.humidity}
          spec={fieldSpecs.sharePct}
          value={humidityPct}
          onValue={(next) => patch({ humidityPct: next }, "damp")}
          onDone={desk.endGesture}
          placeholder={String(defaultAir.humidityPct)}
          help={clockSideTexts.humidityHelp}
        />
      </Box>
      {begun && (
        <TextButton
          look="plain"
          onClick={() =>
            fixing.ticks.forEach(({ step }) =>
              desk.change({ type: "tickStep", fixingId: fixing.id, step, atUtc: null }, `untick:${fixing.id}`),
            )
          }
        >
          {clockSideTexts.resetAllCheckmarks}
        </TextButton>
      )}
    </Region>
  );
}
