"use client";

import { type InputLine, type KindLine, type Purchase, type PwmLine } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { overFigures, Table } from "@/ui";
import { kindWords, money, percent, purchaseName, pwmSentence, scoreAmount } from "@/messages/en";
import style from "./finder.module.css";

/** Kinds of panel side by side: what each is best for, and how it ages, heats and weighs. */
export function KindTable({ plan, kinds }: { readonly plan: Plan; readonly kinds: readonly KindLine[] }) {
  const sorted = [...kinds].sort((a, b) => (a.best?.perYearKwh ?? Infinity) - (b.best?.perYearKwh ?? Infinity));
  return (
    <Table
      label="The kinds of panel"
      caption={`The kinds, each in the number that is best for its money${
        plan.shopping.lot > 1 ? `, in lots of ${plan.shopping.lot}` : ""
      }. How long they last is taken from what the trade has seen; nobody promises it.`}
      head={[
        "Panel",
        "Kind",
        ...[
          "Room for",
          "Best number",
          "More a year",
          "A watt",
          "A kWh of a year",
          "A kWh over its life",
          "Lasts about",
          "Lost for 10 °C of heat",
          "W a kg",
        ].map(overFigures),
      ]}
    >
      <tbody>
        {sorted.map(({ panel, fits, best, lifeYears, heatPctPerC, wPerKg }) => (
          <tr key={panel.id}>
            <th scope="row">{panel.sheet.name}</th>
            <td>{kindWords[panel.sheet.kind]}</td>
            <td data-num>{fits >= 12 ? "12 or more" : fits}</td>
            <td data-num>{best === null ? "none" : best.count}</td>
            <td data-num>{best === null ? "–" : scoreAmount(best.moreKwh, { type: "year" })}</td>
            <td data-num>{of(best, best?.perW)}</td>
            <td data-num>{of(best, best?.perYearKwh)}</td>
            <td data-num>{of(best, best?.perLifeKwh)}</td>
            <td data-num>{lifeYears} years</td>
            <td data-num>{heatPctPerC === null ? "–" : percent(-10 * heatPctPerC)}</td>
            <td data-num>{wPerKg === null ? "–" : wPerKg.toFixed(0)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

function of(best: Purchase | null, value: number | null | undefined): string {
  return best === null || value === null || value === undefined ? "–" : money(value, best.currency);
}

const conversionWords = { mppt: "MPPT", pwm: "PWM", both: "MPPT and PWM" } as const;

/** One set of panels on every input: what MPPT makes of it beside PWM. */
export function InputTable({
  inputs,
  purchase,
}: {
  readonly inputs: readonly InputLine[];
  readonly purchase: Purchase | null;
}) {
  if (inputs.length === 0 || purchase === null) return null;
  return (
    <Table
      label="The inputs"
      caption={`${purchaseName({ ...purchase, input: null })} alone on each input: what MPPT makes of them in a year, and what PWM does.`}
      head={["Input", "Owned", "Turns surplus volts into amps", overFigures("A year"), overFigures("Price")]}
    >
      <tbody>
        {inputs.map(({ name, isOwned, conversion, kwh: brings, price, currency }) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{isOwned ? "yes" : "no"}</td>
            <td>{conversion === "pwm" ? "no: PWM" : `yes: ${conversionWords[conversion]}`}</td>
            <td data-num>{brings === null ? "may not be connected" : scoreAmount(brings, { type: "year" })}</td>
            <td data-num>{price === null ? "–" : money(price, currency)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** What PWM makes of panels that suit it, beside what MPPT makes of the same. */
export function PwmLines({ lines }: { readonly lines: readonly PwmLine[] }) {
  if (lines.length === 0) return null;
  return (
    <ul className={style["lines"]} aria-label="PWM beside MPPT">
      {lines.map((line) => (
        <li key={line.input}>{pwmSentence(line)}</li>
      ))}
    </ul>
  );
}
