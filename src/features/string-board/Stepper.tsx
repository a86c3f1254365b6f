"use client";

import Box from "@mui/material/Box";
import { Minus, Plus } from "lucide-react";
import { memo } from "react";
import { type FieldSpec } from "@/core/engine/units";
import { ToolButton, QuantityField } from "@/ui";
import { stepperTexts } from "@/messages/en/string-board/view";

type Props = {
  readonly label: string;
  readonly law: string;
  readonly help: string;
  readonly spec: FieldSpec;
  /** null where nothing stands that a number could tell */ readonly value: number | null;
  /** as it is typed */ readonly onValue: (value: number) => void;
  readonly onDone: () => void;
  /** at a press of a button: a change by itself, one more or fewer than there are by then */
  readonly onStep: (by: 1 | -1) => void;
};

/** A whole number set by typing, by arrow keys, or by two buttons a gloved thumb can hit. */
export const Stepper = memo(function Stepper({ label, law, help, spec, value, onValue, onDone, onStep }: Props) {
  return (
    <Box>
      <Box sx={{ display: "flex", alignItems: "flex-end", gap: 0.5 }}>
        <ToolButton
          aria-label={stepperTexts.oneFewerLabel(label)}
          disabled={value === null || value <= spec.min}
          onClick={() => onStep(-1)}
        >
          <Minus size={16} />
        </ToolButton>
        <Box sx={{ flex: 1, minWidth: 64 }}>
          <QuantityField
            label={label}
            spec={spec}
            value={value}
            required={value !== null}
            placeholder={stepperTexts.mixed}
            onValue={(next) => next !== null && onValue(next)}
            onDone={onDone}
            help={help}
          />
        </Box>
        <ToolButton
          aria-label={stepperTexts.oneMoreLabel(label)}
          disabled={value !== null && value >= spec.max}
          onClick={() => onStep(1)}
        >
          <Plus size={16} />
        </ToolButton>
      </Box>
      <Box sx={{ fontSize: "0.8125rem", color: "text.secondary", mt: "2px" }}>{law}</Box>
    </Box>
  );
});
