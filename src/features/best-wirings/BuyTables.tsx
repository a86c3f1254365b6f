"use client";

import { type InputLine, type KindLine, type Purchase, type PwmLine } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { overFigures, Table } from "@/ui";
import { kindWords, money, percent, purchaseName, pwmSentence, scoreAmount } from "@/messages/en";
import style from "./finder.module.css";
import { buyTablesTexts } from "@/messages/en/best-wirings/view";

/** Kinds of panel side by side: what each is best for, and how it ages, heats and weighs. */
export function KindTable({ plan, kinds }: { readonly plan: Plan; readonly kinds: readonly KindLine[] }) {
  const sorted = [...kinds].sort((a, b) => (a.best?.perYearKwh ?? Infinity) - (b.best?.perYearKwh ?? Infinity));
  return (
    <Table
      label={buyTablesTexts.kindsOfPanel}
      caption={buyTablesTexts.kindsCaption(plan.shopping.lot)}
      head={[
        buyTablesTexts.panel,
        buyTablesTexts.kind,
        ...[
          buyTablesTexts.spaceFor,
          buyTablesTexts.bestNumber,
          buyTablesTexts.moreHarvestAYear,
          "A watt",
          buyTablesTexts.priceOfAKWhOfAYear,
          buyTablesTexts.priceOfAKWhOverItsLife,
          buyTablesTexts.typicalLife,
          buyTablesTexts.lostFor10CMoreHeat,
          "W a kg",
        ].map(overFigures),
      ]}
    >
      <tbody>
        {sorted.map(({ panel, fits, best, lifeYears, heatPctPerC, wPerKg }) => (
          <tr key={panel.id}>
            <th scope="row">{panel.sheet.name}</th>
            <td>{kindWords[panel.sheet.kind]}</td>
            <td data-num>{fits >= 12 ? buyTablesTexts.n12OrMore : fits}</td>
            <td data-num>{best === null ? buyTablesTexts.none : best.count}</td>
            <td data-num>{best === null ? "–" : scoreAmount(best.moreKwh, { type: "year" })}</td>
            <td data-num>{of(best, best?.perW)}</td>
            <td data-num>{of(best, best?.perYearKwh)}</td>
            <td data-num>{of(best, best?.perLifeKwh)}</td>
            <td data-num>{buyTablesTexts.lifeYearsYears(lifeYears)}</td>
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

const conversionWords = { mppt: "MPPT", pwm: "PWM", both: buyTablesTexts.mpptAndPwm } as const;

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
      label={buyTablesTexts.controllers}
      caption={buyTablesTexts.purchaseAloneOnEachController(purchaseName({ ...purchase, input: null }))}
      head={[
        buyTablesTexts.controller,
        buyTablesTexts.owned,
        buyTablesTexts.turnsSurplusVoltageIntoAmps,
        overFigures("A year"),
        overFigures(buyTablesTexts.price),
      ]}
    >
      <tbody>
        {inputs.map(({ name, isOwned, conversion, kwh: brings, price, currency }) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{isOwned ? buyTablesTexts.yes : buyTablesTexts.no}</td>
            <td>{conversion === "pwm" ? buyTablesTexts.noPwm : buyTablesTexts.yesBy(conversionWords[conversion])}</td>
            <td data-num>{brings === null ? buyTablesTexts.doNotConnect : scoreAmount(brings, { type: "year" })}</td>
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
    <ul className={style["lines"]} aria-label={buyTablesTexts.pwmComparedWithMppt}>
      {lines.map((line) => (
        <li key={line.input}>{pwmSentence(line)}</li>
      ))}
    </ul>
  );
}
