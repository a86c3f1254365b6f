"use client";

import { madeUpCurrency } from "@/core/plan";
import { ChoiceField } from "./ChoiceField";
import { currencyFieldTexts } from "@/messages/en/ui/view";

const usual = ["EUR", "GBP", "USD", "CHF", "SEK", "NOK", "DKK", "PLN", "CAD", "AUD", "NZD"];

/** The currency of a price, by its code. One from a file that is not in the list stays what it is. */
export function CurrencyField({ value, onChoice }: { value: string; onChoice: (code: string) => void }) {
  const codes = usual.includes(value) ? usual : [...usual, value];
  return (
    <ChoiceField
      label={currencyFieldTexts.currency}
      value={value}
      options={codes.map((code) => ({
        value: code,
        text: code === madeUpCurrency ? currencyFieldTexts.codeMadeUp(code) : code,
      }))}
      onChoice={onChoice}
    />
  );
}
