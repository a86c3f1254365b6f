"use client";

import { useRef } from "react";
import style from "./keypad.module.css";
import { keypadTexts } from "@/messages/en/ui/view";

type Props = {
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly label: string;
  readonly unit: string;
  readonly onEnter: () => void;
};

const keys = ["7", "8", "9", "4", "5", "6", "1", "2", "3", "±", "0", "."] as const;

/** Large keys for one thumb in a glove; a keyboard types into the same line. */
export function Keypad({ text, onText, label, unit, onEnter }: Props) {
  const line = useRef<HTMLInputElement>(null);
  const press = (key: (typeof keys)[number]) => {
    if (key === "±") onText(text.startsWith("-") ? text.slice(1) : `-${text}`);
    else if (key === ".") onText(text.includes(".") ? text : text === "" ? "0." : `${text}.`);
    else onText(`${text}${key}`);
  };
  return (
    <div className={style["pad"]}>
      <label className={style["line"]}>
        <span className="visually-hidden">{label}</span>
        <input
          ref={line}
          value={text}
          // the keys below are the keyboard of a phone
          inputMode="none"
          autoComplete="off"
          onChange={({ target }) => onText(target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") onEnter();
          }}
          className="num"
        />
        <span aria-hidden>{unit}</span>
      </label>
      <div className={style["keys"]} role="group" aria-label={keypadTexts.keys}>
        {keys.map((key) => (
          <button
            key={key}
            type="button"
            aria-label={key === "±" ? keypadTexts.changeSign : key === "." ? keypadTexts.decimalPoint : key}
            onClick={() => press(key)}
          >
            {key}
          </button>
        ))}
        <button
          type="button"
          className={style["wide"]}
          onClick={() => onText(text.slice(0, -1))}
          aria-label={keypadTexts.deleteTheLastDigit}
        >
          ⌫
        </button>
      </div>
    </div>
  );
}
