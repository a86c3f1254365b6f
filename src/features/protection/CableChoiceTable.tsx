"use client";

import { type CableChoice, type ChoiceCell, type ChoiceSize, type ChoiceWiring } from "@/core/protection/diagram";
import { overFigures, Region, Table, useUnits } from "@/ui";
import { amount, lengthWords, matrixName, money, percent, sizeWords } from "@/messages/en";
import { cableChoiceTexts } from "@/messages/en/protection/view";
import style from "./protect.module.css";

type Props = {
  readonly choice: CableChoice;
  /** The PV input it leads to, by its short names. */ readonly to: string;
  readonly currency: string;
};

/** The joined cable of one port, every size by every wiring of its panels: what it loses, weighs and costs, and what is too thin. */
export function CableChoiceTable({ choice: { lengthMm, limitPct, wirings, sizes }, to, currency }: Props) {
  const system = useUnits();
  const shown = wirings.flatMap((wiring, k) => (wiring.isOverV ? [] : [{ wiring, k }]));
  return (
    <Region title={cableChoiceTexts.title(to)}>
      <p style={{ margin: "0 0 8px" }}>
        {cableChoiceTexts.intro(lengthWords(lengthMm, system), percent(limitPct))} {cableChoiceTexts.judgesOnly}
      </p>
      <Table
        label={cableChoiceTexts.table(to)}
        dense
        head={[
          cableChoiceTexts.sizeHead,
          ...shown.map(({ wiring }) => overFigures(wiringName(wiring))),
          overFigures(cableChoiceTexts.weight),
          overFigures(cableChoiceTexts.price),
        ]}
      >
        <tbody>
          {sizes.map((size) => (
            <SizeRow key={size.name} size={size} columns={shown.map(({ k }) => k)} currency={currency} />
          ))}
        </tbody>
      </Table>
      {sizes.some(({ fitsConnector }) => !fitsConnector) && (
        <p className={style["note"]}>{cableChoiceTexts.noConnector}</p>
      )}
      {wirings.map((wiring) =>
        wiring.isOverV && wiring.maxV !== null ? (
          <p key={wiringName(wiring)} className={style["note"]}>
            {cableChoiceTexts.overVolts(wiringName(wiring), amount(wiring.coldV, "V"), amount(wiring.maxV, "V"))}
          </p>
        ) : null,
      )}
    </Region>
  );
}

type SizeRowProps = { readonly size: ChoiceSize; readonly columns: readonly number[]; readonly currency: string };

function SizeRow({ size, columns, currency }: SizeRowProps) {
  const system = useUnits();
  return (
    <tr>
      <th scope="row">{size.fitsConnector ? sizeWords(size.name) : cableChoiceTexts.tooThick(sizeWords(size.name))}</th>
      {columns.map((k) => {
        const cell = size.cells[k] ?? null;
        return (
          <td key={k} data-num data-outcome={cell?.outcome}>
            {cell === null ? "" : cellWords(cell)}
          </td>
        );
      })}
      <td data-num>{amount(size.weightKg, "kg", system)}</td>
      <td data-num>
        {size.priceIsAssumed ? cableChoiceTexts.about : ""}
        {money(size.price, currency)}
      </td>
    </tr>
  );
}

function wiringName({ series, strings, isNow }: ChoiceWiring): string {
  if (series === null || strings === null) return cableChoiceTexts.asWired;
  const name = matrixName({ series, strings });
  return isNow ? cableChoiceTexts.now(name) : name;
}

function cellWords({ outcome, dropPct, lossW }: ChoiceCell): string {
  if (outcome === "tooThin") return cableChoiceTexts.tooThin;
  const drop = `${percent(dropPct)}, ${amount(lossW, "W")}`;
  return outcome === "enough" ? cableChoiceTexts.enough(drop) : cableChoiceTexts.tooMuch(drop);
}
