"use client";

import { type FieldName, fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { QuantityField } from "@/ui";
import { quantityTexts } from "@/messages/en/layout/view";

type Props = {
  readonly label: string;
  readonly spec: FieldName;
  readonly value: number;
  readonly onValue: (value: number) => void;
  readonly help: string;
};

/** A number that a drawing cannot do without. */
export function Quantity({ label, spec, value, onValue, help }: Props) {
  const desk = useDesk();
  return (
    <QuantityField
      label={label}
      spec={fieldSpecs[spec]}
      value={value}
      onValue={(next) => onValue(next ?? value)}
      onDone={desk.endGesture}
      help={help}
      helpBelow
      required
    />
  );
}

/** One that may be left empty: then nobody has said. */
export function Stated(
  props: Omit<Props, "value" | "onValue"> & {
    readonly value: number | null;
    readonly onValue: (value: number | null) => void;
    readonly placeholder?: string;
  },
) {
  const desk = useDesk();
  const { label, spec, value, onValue, help, placeholder } = props;
  return (
    <QuantityField
      label={label}
      spec={fieldSpecs[spec]}
      value={value}
      onValue={onValue}
      onDone={desk.endGesture}
      help={help}
      helpBelow
      {...(placeholder === undefined ? {} : { placeholder })}
    />
  );
}

export const two = { display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" } as const;

type MiddleProps = {
  readonly xMm: number;
  readonly yMm: number;
  readonly onPatch: (patch: { readonly xMm?: number; readonly yMm?: number }, gesture: string) => void;
};

/** Where the middle of something lies, from two edges. */
export function MiddleFields({ xMm, yMm, onPatch }: MiddleProps) {
  return (
    <>
      <Quantity
        label={quantityTexts.fromTheLeft}
        spec="placeMm"
        value={xMm}
        onValue={(next) => onPatch({ xMm: next }, "x")}
        help={quantityTexts.toTheMiddle}
      />
      <Quantity
        label={quantityTexts.fromTheBack}
        spec="placeMm"
        value={yMm}
        onValue={(next) => onPatch({ yMm: next }, "y")}
        help={quantityTexts.toTheMiddle}
      />
    </>
  );
}
