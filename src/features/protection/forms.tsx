"use client";

import { type FieldSpec } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { QuantityField } from "@/ui";

/** Metres, kept as millimetres: a cable is spoken of in metres. */
const metres: FieldSpec = { unit: "m", min: 0.01, max: 200, whole: false };

type LengthProps = {
  readonly label: string;
  readonly valueMm: number | null;
  readonly onValueMm: (value: number | null) => void;
  readonly placeholder: string;
  readonly help: string;
};

export function LengthField({ label, valueMm, onValueMm, placeholder, help }: LengthProps) {
  const desk = useDesk();
  return (
    <QuantityField
      label={label}
      spec={metres}
      value={valueMm === null ? null : valueMm / 1000}
      onValue={(next) => onValueMm(next === null ? null : Math.round(next * 1000))}
      onDone={desk.endGesture}
      help={help}
      placeholder={placeholder}
    />
  );
}

type StatedProps = {
  readonly label: string;
  readonly spec: FieldSpec;
  readonly value: number | null;
  readonly onValue: (value: number | null) => void;
  readonly help: string;
  readonly placeholder?: string;
};

/** A number that may be left empty. */
export function StatedField({ placeholder = "", ...props }: StatedProps) {
  const desk = useDesk();
  return <QuantityField {...props} onDone={desk.endGesture} placeholder={placeholder} />;
}
