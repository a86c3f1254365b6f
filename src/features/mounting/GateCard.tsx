"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type GateState, minApartMm, minOffPlanMm } from "@/core/mounting";
import { type Measure } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, useDeskState } from "@/features/plan-session";
import { FreeLine, QuantityField, TextButton, useUnits } from "@/ui";
import { amount, gateWords } from "@/messages/en";
import { useReport } from "./facts";
import { clockTime } from "./times";
import style from "./mount.module.css";
import { gateCardTexts } from "@/messages/en/mounting/view";

/** Measured twice, by two or by one after a walk: the first figures are covered until the second are there. */
export function GateCard({ gate }: { readonly gate: GateState }) {
  const desk = useDesk();
  const system = useUnits();
  const { fixing } = useReport();
  const { atMs } = useDeskState((state) => state.moment);
  const [passing, setPassing] = useState<string | null>(null);
  const { first, second, planned, apartMm, offPlanMm, passedOver, state } = gate;
  const put = (which: "first" | "second", measure: Measure | null) =>
    desk.change({ type: "measureGate", fixingId: fixing.id, gate: gate.gate, which, measure });
  const mm = (value: number) => amount(value, "mm", system);
  return (
    <div
      className={style["gateCard"]}
      role="group"
      aria-label={gateCardTexts.measureTwiceName(gateWords[gate.gate].name)}
    >
      <p>{gateCardTexts.measureWhatThenLetSomebodyElse(gateWords[gate.gate].what)}</p>
      <div className={style["measures"]}>
        {first === null ? (
          <MeasureForm name={gateCardTexts.firstMeasurement} onKeep={(measure) => put("first", measure)} />
        ) : (
          <Kept
            name={gateCardTexts.firstMeasurement}
            measure={first}
            isCovered={second === null}
            onAgain={() => put("first", null)}
          />
        )}
        {first === null ? null : second === null ? (
          <MeasureForm
            key="second"
            name={gateCardTexts.secondMeasurement}
            onKeep={(measure) => put("second", measure)}
          />
        ) : (
          <Kept
            name={gateCardTexts.secondMeasurement}
            measure={second}
            isCovered={false}
            onAgain={() => put("second", null)}
          />
        )}
      </div>
      {apartMm !== null && (
        <p role="status">
          <strong>
            {gateCardTexts.mmApart(mm(apartMm))}
            {apartMm > minApartMm ? gateCardTexts.moreThanMmMeasureAgain(mm(minApartMm)) : ""}.
          </strong>{" "}
          {planned === null
            ? gateCardTexts.thePlanHasNoPositionForItOnlyThe
            : gateCardTexts.inThePlan(
                mm(planned.fromLeftMm),
                mm(planned.fromBackMm),
                offPlanMm === null ? null : mm(offPlanMm),
                offPlanMm !== null && offPlanMm > minOffPlanMm ? mm(minOffPlanMm) : null,
              )}
        </p>
      )}
      {passedOver !== null ? (
        <p>
          {gateCardTexts.skippedClockTime(clockTime(Date.parse(passedOver.atUtc), atMs))}
          {passedOver.why === "" ? "." : `: “${passedOver.why}”.`} {gateCardTexts.thisStaysVisibleInThePlan}
        </p>
      ) : state === "agrees" ? null : passing === null ? (
        <TextButton look="plain" onClick={() => setPassing("")}>
          {gateCardTexts.continueWithoutMeasuringTwice}
        </TextButton>
      ) : (
        <Box sx={{ display: "grid", gap: 1 }}>
          <FreeLine label={gateCardTexts.reason} value={passing} onValue={setPassing} most={200} />
          <div className={style["row"]}>
            <TextButton
              onClick={() =>
                desk.change({
                  type: "passGate",
                  fixingId: fixing.id,
                  gate: gate.gate,
                  atUtc: new Date().toISOString(),
                  why: passing.trim(),
                })
              }
            >
              {gateCardTexts.skipItStaysVisibleInThePlan}
            </TextButton>
            <TextButton look="amber" onClick={() => setPassing(null)}>
              {gateCardTexts.iWillMeasure}
            </TextButton>
          </div>
        </Box>
      )}
    </div>
  );
}

function MeasureForm({ name, onKeep }: { readonly name: string; readonly onKeep: (measure: Measure) => void }) {
  const [fromLeftMm, setLeft] = useState<number | null>(null);
  const [fromBackMm, setBack] = useState<number | null>(null);
  const [by, setBy] = useState("");
  return (
    <fieldset className={style["measure"]}>
      <legend>{name}</legend>
      <QuantityField
        label={gateCardTexts.fromTheLeft}
        spec={fieldSpecs.placeMm}
        value={fromLeftMm}
        onValue={setLeft}
        onDone={() => undefined}
        help={gateCardTexts.fromTheLeftHelp}
      />
      <QuantityField
        label={gateCardTexts.fromTheBack}
        spec={fieldSpecs.placeMm}
        value={fromBackMm}
        onValue={setBack}
        onDone={() => undefined}
        help={gateCardTexts.fromTheBackHelp}
      />
      <FreeLine label={gateCardTexts.measuredBy} value={by} onValue={setBy} most={40} />
      <TextButton
        look="amber"
        disabled={fromLeftMm === null || fromBackMm === null}
        onClick={() => {
          if (fromLeftMm === null || fromBackMm === null) return;
          onKeep({ fromLeftMm, fromBackMm, by: by.trim(), atUtc: new Date().toISOString() });
        }}
      >
        {gateCardTexts.saveMeasurement}
      </TextButton>
    </fieldset>
  );
}

type KeptProps = {
  readonly name: string;
  readonly measure: Measure;
  readonly isCovered: boolean;
  readonly onAgain: () => void;
};

function Kept({ name, measure, isCovered, onAgain }: KeptProps) {
  const system = useUnits();
  return (
    <div className={style["measure"]}>
      <strong>{name}</strong>
      <span>
        {isCovered
          ? gateCardTexts.savedAndHiddenUntilTheSecond
          : gateCardTexts.measured(
              amount(measure.fromLeftMm, "mm", system),
              amount(measure.fromBackMm, "mm", system),
              measure.by,
            )}
      </span>
      <TextButton look="plain" onClick={onAgain}>
        {gateCardTexts.measureAgain}
      </TextButton>
    </div>
  );
}
