"use client";

import { type FieldName, fieldSpecs } from "@/core/units";
import { useDesk } from "@/features/desk";
import { QuantityField } from "@/ui";

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
