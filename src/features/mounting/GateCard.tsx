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
    <div className={style["gateCard"]} role="group" aria-label={`Measured twice: ${gateWords[gate.gate].name}`}>
      <p>Measure {gateWords[gate.gate].what}. Then somebody else does, or you after a walk.</p>
      <div className={style["measures"]}>
        {first === null ? (
          <MeasureForm name="First measure" onKeep={(measure) => put("first", measure)} />
        ) : (
          <Kept name="First measure" measure={first} isCovered={second === null} onAgain={() => put("first", null)} />
        )}
        {first === null ? null : second === null ? (
          <MeasureForm key="second" name="Second measure" onKeep={(measure) => put("second", measure)} />
        ) : (
          <Kept name="Second measure" measure={second} isCovered={false} onAgain={() => put("second", null)} />
        )}
      </div>
      {apartMm !== null && (
        <p role="status">
          <strong>
            {mm(apartMm)} apart{apartMm > minApartMm ? `, more than ${mm(minApartMm)}: measure again` : ""}.
          </strong>{" "}
          {planned === null
            ? "The plan has no place for it: only the two are compared."
            : `The plan has it ${mm(planned.fromLeftMm)} from the left and ${mm(planned.fromBackMm)} from the back${
                offPlanMm === null
                  ? ""
                  : offPlanMm > minOffPlanMm
                    ? `: ${mm(offPlanMm)} off, more than ${mm(minOffPlanMm)}. Which is right?`
                    : `: ${mm(offPlanMm)} off.`
              }`}
        </p>
      )}
      {passedOver !== null ? (
        <p>
          Passed over {clockTime(Date.parse(passedOver.atUtc), atMs)}
          {passedOver.why === "" ? "." : `: “${passedOver.why}”.`} This stays in the plan.
        </p>
      ) : state === "agrees" ? null : passing === null ? (
        <TextButton look="plain" onClick={() => setPassing("")}>
          Go on without measuring twice
        </TextButton>
      ) : (
        <Box sx={{ display: "grid", gap: 1 }}>
          <FreeLine label="Why" value={passing} onValue={setPassing} most={200} />
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
              Pass it over: it stays to be seen
            </TextButton>
            <TextButton look="amber" onClick={() => setPassing(null)}>
              I will measure
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
        label="From the left"
        spec={fieldSpecs.placeMm}
        value={fromLeftMm}
        onValue={setLeft}
        onDone={() => undefined}
        help="From the left edge, looking to the front."
      />
      <QuantityField
        label="From the back"
        spec={fieldSpecs.placeMm}
        value={fromBackMm}
        onValue={setBack}
        onDone={() => undefined}
        help="From the back edge."
      />
      <FreeLine label="By" value={by} onValue={setBy} most={40} />
      <TextButton
        look="amber"
        disabled={fromLeftMm === null || fromBackMm === null}
        onClick={() => {
          if (fromLeftMm === null || fromBackMm === null) return;
          onKeep({ fromLeftMm, fromBackMm, by: by.trim(), atUtc: new Date().toISOString() });
        }}
      >
        Keep it
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
          ? "Kept, and covered until the second is there."
          : `${amount(measure.fromLeftMm, "mm", system)} from the left, ${amount(measure.fromBackMm, "mm", system)} from the back${measure.by === "" ? "" : `, by ${measure.by}`}`}
      </span>
      <TextButton look="plain" onClick={onAgain}>
        Measure again
      </TextButton>
    </div>
  );
}
