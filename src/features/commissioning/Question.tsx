"use client";

import useMediaQuery from "@mui/material/useMediaQuery";
import { useState } from "react";
import { type FieldSpec, readQuantity } from "@/core/engine/units";
import { minLightWm2, type WalkStep } from "@/core/commissioning";
import { usePlan } from "@/features/plan-session";
import { Keypad, Region } from "@/ui";
import { capital, howToRead, quantityUnits, quantityWords, readPlaceName } from "@/messages/en";
import { useProve } from "./facts";
import { MeterFace } from "@/features/multimeter";
import style from "./prove.module.css";
import { useReadFromMeter } from "./useReadFromMeter";
import { useSaveMeasurement } from "./useSaveMeasurement";
import { questionTexts } from "@/messages/en/commissioning/view";

type Props = {
  readonly step: WalkStep;
  readonly number: number;
  readonly onKept: () => void;
  readonly onSkip: () => void;
};

/** One reading: how the meter is set, what is expected, and large keys to type what it shows. */
export function Question({ step, number, onKept, onSkip }: Props) {
  const plan = usePlan();
  const { walk, standIn } = useProve();
  const [text, setText] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const keep = useSaveMeasurement();
  const { read, isReading } = useReadFromMeter();
  const { place, quantity, band } = step;
  const unit = quantityUnits[quantity];
  const spec: FieldSpec = {
    unit,
    min: quantity === "batterySoc" ? 0 : -1e5,
    max: quantity === "batterySoc" ? 100 : 1e5,
    whole: false,
  };
  const typed = readQuantity(text, spec);
  const value = typed.type === "value" ? typed.value : null;
  const how = howToRead(place, quantity, band);
  const name = `${readPlaceName(plan, place)}, ${quantityWords[quantity]}`;
  const put = async (shown: number, source: "typed" | "standIn") => {
    await keep(step, shown, source);
    onKept();
  };
  const enter = () => {
    if (value !== null) void put(value, "typed");
    else if (text !== "") setFault(questionTexts.textIsNotANumberEnterANumberSuch(text));
  };
  const isWide = useMediaQuery("(min-width: 900px)", { noSsr: true });
  const isDark = walk !== null && walk.light.due < minLightWm2;
  return (
    <Region title={readPlaceName(plan, place)}>
      <div className={style["question"]}>
        <p className={style["title"]}>
          <strong>{capital(quantityWords[quantity])}</strong>
          <span className={style["count"]}>
            {questionTexts.readingNumberOfStepCount(number, walk?.steps.length ?? 0)}
          </span>
        </p>
        {isDark && (
          <p style={{ margin: 0 }}>
            <strong>{questionTexts.thereIsTooLittleLightForAUseful}</strong>{" "}
            {questionTexts.comeBackWhenTheSunIsHigherOr}
          </p>
        )}
        <details className={style["setting"]} open={isWide}>
          <summary>{questionTexts.howToSetTheMeter}</summary>
          <ul className={style["how"]}>
            <li>
              <b>{questionTexts.set}</b>
              <span>{how.set}</span>
            </li>
            <li>
              <b>{questionTexts.touch}</b>
              <span>{how.touch}</span>
            </li>
            <li>
              <b>{questionTexts.never}</b>
              <span>{how.never}</span>
            </li>
          </ul>
        </details>
        <div className={style["desk"]}>
          <div>
            <MeterFace band={band} value={value} quantity={quantity} />
          </div>
          <div className={style["hands"]}>
            <Keypad
              text={text}
              onText={(next) => {
                setText(next.slice(0, 12));
                setFault(null);
              }}
              label={name}
              unit={unit}
              onEnter={enter}
            />
            <p role="alert" style={{ margin: 0, fontWeight: 700, textAlign: "center" }}>
              {fault}
            </p>
            <div className={style["actions"]}>
              <button type="button" className={style["keep"]} disabled={value === null} onClick={enter}>
                {questionTexts.saveReading}
              </button>
              {standIn !== null && (
                <button
                  type="button"
                  disabled={isReading}
                  onClick={() =>
                    void read(step).then((outcome) => {
                      if (outcome.value === null) setFault(outcome.why);
                      else void put(outcome.value, "standIn");
                    })
                  }
                >
                  {questionTexts.readFromTheSimulator}
                </button>
              )}
              <button type="button" onClick={onSkip}>
                {questionTexts.skipReading}
              </button>
            </div>
          </div>
        </div>
      </div>
    </Region>
  );
}
