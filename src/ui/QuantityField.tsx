"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { type KeyboardEvent, useId, useState } from "react";
import { type FieldSpec, type QuantityReading, readQuantity, showingOf, type UnitSystem } from "@/core/engine/units";
import { given, givenNumber } from "@/messages/en";
import { useUnits } from "./UnitChoice";
import { useDelayedBusy } from "./useDelayedBusy";
import { quantityFieldTexts } from "@/messages/en/ui/view";

type Props = {
  readonly label: string;
  readonly spec: FieldSpec;
  readonly value: number | null;
  /** Called with each readable value as it is typed; `null` when the field is emptied. */
  readonly onValue: (value: number | null) => void;
  readonly onDone: () => void;
  /** What the field is, in a sentence; read out with it and shown where the view chooses. */
  readonly help: string;
  readonly required?: boolean;
  /** Shown in the empty field: what will be taken instead. */
  readonly placeholder?: string;
  readonly read?: (text: string) => QuantityReading;
  readonly onFocus?: () => void;
  /** Shows the help under the field while it is in use. */
  readonly helpBelow?: boolean;
  readonly dense?: boolean;
  /** In a table whose heads say it: the label is for those who do not see. */ readonly labelHidden?: boolean;
};

/** One number with its unit. Keeps what was typed, right or wrong; says what is allowed when it is wrong. */
export function QuantityField(props: Props) {
  const { label, spec, value, onValue, onDone, help, required = false, placeholder, onFocus } = props;
  const id = useId();
  const system = useUnits();
  const [draft, setDraft] = useState<{ text: string; from: number | null; system: UnitSystem } | null>(null);
  const [focused, setFocused] = useState(false);
  const whenPressed = useDelayedBusy();
  const read = props.read ?? ((text: string) => readQuantity(text, spec, system));
  // a draft belongs to the value it produced: undo, another tab's change or other units show through at once
  const text =
    draft !== null && draft.from === value && draft.system === system
      ? draft.text
      : value === null
        ? ""
        : givenNumber(value, spec.unit, system);
  const reading = read(text);
  const error = errorOf(reading, label, text, spec, required, value, system);

  const take = (next: string) => {
    const understood = read(next);
    if (understood.type === "value") {
      setDraft({ text: next, from: understood.value, system });
      onValue(understood.value);
    } else if (understood.type === "empty" && !required) {
      setDraft({ text: next, from: null, system });
      onValue(null);
    } else {
      setDraft({ text: next, from: value, system });
    }
  };
  const step = (event: KeyboardEvent) => {
    if (!spec.whole || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
    event.preventDefault();
    const next = (value ?? spec.min) + (event.key === "ArrowUp" ? 1 : -1);
    if (next >= spec.min && next <= spec.max) take(String(next));
  };

  return (
    <Box sx={{ minWidth: 0 }}>
      <Box
        component="label"
        htmlFor={id}
        className={props.labelHidden === true ? "visually-hidden" : undefined}
        sx={{ display: "block", fontSize: "0.8125rem", fontWeight: 600, mb: "2px" }}
      >
        {label}
      </Box>
      <OutlinedInput
        id={id}
        fullWidth
        size="small"
        value={text}
        placeholder={placeholder ?? ""}
        error={error !== null}
        onChange={(event) => take(event.target.value)}
        onKeyDown={step}
        onFocus={() => {
          whenPressed(() => undefined);
          setFocused(true);
          onFocus?.();
        }}
        onBlur={() => {
          whenPressed(() => setFocused(false));
          // a value that was understood is shown tidy; one that was not stays as typed
          if (error === null) setDraft(null);
          onDone();
        }}
        endAdornment={
          <Box
            component="span"
            aria-hidden
            sx={{ color: "text.secondary", fontSize: "0.8125rem", pl: 0.5, whiteSpace: "nowrap" }}
          >
            {showingOf(spec.unit, system).unit}
          </Box>
        }
        inputProps={{
          inputMode: spec.min < 0 || system === "us" ? "text" : "decimal",
          autoComplete: "off",
          "aria-describedby": `${id}-help ${id}-error`,
          "aria-invalid": error !== null,
          "aria-required": required,
          className: "num",
        }}
        sx={{ "& input::placeholder": { color: "text.secondary", opacity: 1 } }}
      />
      <Box
        id={`${id}-error`}
        role={error === null ? undefined : "alert"}
        sx={{ color: "error.main", fontSize: "0.8125rem", fontWeight: 600 }}
      >
        {error}
      </Box>
      <Box
        id={`${id}-help`}
        className={focused ? undefined : "visually-hidden"}
        // where a margin beside the form shows the help, it need not stand here too; a phone has no margin
        sx={{
          fontSize: "0.8125rem",
          color: "text.secondary",
          ...(props.helpBelow === true ? {} : { display: { md: "none" } }),
        }}
      >
        {help}
      </Box>
    </Box>
  );
}

/** What is wrong with a typed text: the field, the value, what is allowed, and what is used meanwhile. */
function errorOf(
  reading: QuantityReading,
  label: string,
  text: string,
  spec: FieldSpec,
  required: boolean,
  value: number | null,
  system: UnitSystem,
): string | null {
  const shownUnit = showingOf(spec.unit, system).unit;
  const range = quantityFieldTexts.minToMax(
    givenNumber(spec.min, spec.unit, system).replace("-", "\u2212"),
    given(spec.max, spec.unit, system),
  );
  const meanwhile = value === null ? "" : quantityFieldTexts.stillUsingValue(given(value, spec.unit, system));
  switch (reading.type) {
    case "value":
      return null;
    case "empty":
      return required ? quantityFieldTexts.labelIsRequiredRangeMeanwhile(label, range, meanwhile) : null;
    case "notANumber":
      return quantityFieldTexts.labelTextIsNotANumberEnterRange(label, text.trim(), range, meanwhile);
    case "ambiguous":
      return quantityFieldTexts.labelTextCanBeValuesNameOr(
        label,
        text.trim(),
        given(reading.values[0], spec.unit, system),
        given(reading.values[1], spec.unit, system),
        reading.values[0],
        reading.values[1],
        meanwhile,
      );
    case "notWhole":
      return quantityFieldTexts.labelValueIsNotAWholeNumberEnter(label, given(reading.value, ""), range, meanwhile);
    case "outside":
      return quantityFieldTexts.labelNumberIsOutsideTheRange(
        label,
        given(Number(reading.value.toPrecision(6)), spec.unit, system),
        range,
        meanwhile,
      );
    case "unknownUnit":
      return quantityFieldTexts.wrongUnit(label, reading.unit, shownUnit, meanwhile);
  }
}
