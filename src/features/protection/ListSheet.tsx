"use client";

import { listSheetTexts } from "@/messages/en/protection/parts";
import Box from "@mui/material/Box";
import { useState } from "react";
import { itemGroups, type ListLine, moneyOf, type ProtectReport } from "@/core/protection/diagram";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan, useProtectReport, useWiring } from "@/features/plan-session";
import { PartPriceCells } from "@/features/part-price";
import {
  ChoiceField,
  Columns,
  CurrencyField,
  nameForFile,
  downloadFile,
  Region,
  sheetStyle,
  Table,
  TextButton,
  useUnits,
  overFigures,
} from "@/ui";
import { amount, countWords, currencyWords, groupWords, itemWords, money } from "@/messages/en";
import { StatedField } from "./forms";
import { listCsv, listJson } from "./list-files";
import { useProtect } from "./facts";
import { useInstallation } from "./useInstallation";
import { Wirings } from "./Wirings";

/** The parts list: what it takes, what is there, what it costs, and how another wiring compares. */
export function ListSheet() {
  const desk = useDesk();
  const plan = usePlan();
  const wiring = useWiring();
  const { report } = useProtect();
  const [otherId, setOtherId] = useState<string | null>(null);
  const [isWhole, setIsWhole] = useState(true);
  const whole = useInstallation();
  const { protect } = plan;
  if (report === null) return <p role="status">{listSheetTexts.counting}</p>;
  if (report.lines.length === 0) return <p>{listSheetTexts.nothingIsWiredYetOrNoLabelIs}</p>;
  const others = plan.wirings.filter(({ id }) => id !== wiring.id);
  // one installation serves all wirings; what is shown is what is saved
  const isAll = isWhole && others.length > 0 && whole !== null;
  const listed: ProtectReport = isAll ? { ...report, lines: whole, money: moneyOf(plan, wiring, whole) } : report;
  const name = nameForFile(plan.name, isAll ? listSheetTexts.allWirings : wiring.name);
  const m = (value: number) => money(value, protect.currency);
  return (
    <>
      <Wirings />
      <Columns beside="340px">
        <Region title={isAll ? listSheetTexts.partsListOfAll : listSheetTexts.partsList}>
          {others.length > 0 && (
            <div className={sheetStyle["choices"]} role="group" aria-label={listSheetTexts.listFor}>
              <TextButton aria-pressed={isWhole} onClick={() => setIsWhole(true)}>
                {listSheetTexts.allWirings}
              </TextButton>
              <TextButton aria-pressed={!isWhole} onClick={() => setIsWhole(false)}>
                {listSheetTexts.onlyWiring(wiring.name)}
              </TextButton>
            </div>
          )}
          {isAll && <p style={{ margin: "0 0 8px" }}>{listSheetTexts.servesEach}</p>}
          <Table
            label={listSheetTexts.tableOfParts}
            head={[
              listSheetTexts.part,
              overFigures(listSheetTexts.needed),
              overFigures(listSheetTexts.spare),
              "I have",
              listSheetTexts.priceEach,
              overFigures(listSheetTexts.toBuy),
              overFigures(listSheetTexts.totalCurrency(currencyWords(protect.currency))),
            ]}
          >
            {itemGroups.map((group) => {
              const lines = listed.lines.filter((line) => line.group === group);
              return lines.length === 0 ? null : (
                <tbody key={group}>
                  <tr>
                    <th scope="rowgroup" colSpan={7}>
                      {groupWords[group]}
                    </th>
                  </tr>
                  {lines.map((line) => (
                    <Line key={line.key} line={line} />
                  ))}
                </tbody>
              );
            })}
          </Table>
          <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
            {listSheetTexts.pricesInGreyAreAssumedFor}{" "}
            {report.assumedLengths > 0 ? listSheetTexts.someLengthsAreAssumedSeeCables : ""}
          </p>
        </Region>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title={listSheetTexts.costAndWeight}>
            <Totals report={listed} currency={protect.currency} />
            <div className={sheetStyle["buttons"]} style={{ marginTop: 8 }}>
              <TextButton
                look="amber"
                onClick={() =>
                  void listCsv(listed, protect.currency).then((csv) =>
                    downloadFile(`${name}-parts.csv`, "text/csv", csv),
                  )
                }
              >
                {listSheetTexts.csv}
              </TextButton>
              <TextButton
                onClick={() =>
                  downloadFile(
                    `${name}-parts.json`,
                    "application/json",
                    listJson(plan.name, isAll ? listSheetTexts.allWirings : wiring.name, listed, protect.currency),
                  )
                }
              >
                {listSheetTexts.json}
              </TextButton>
              <TextButton onClick={() => window.print()}>{listSheetTexts.print}</TextButton>
            </div>
          </Region>
          <Region title={listSheetTexts.countingOptions}>
            <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
              <CurrencyField
                value={protect.currency}
                onChoice={(currency) => desk.change({ type: "setProtect", patch: { currency } })}
              />
              <StatedField
                label={listSheetTexts.extraCable}
                spec={fieldSpecs.wastePct}
                value={protect.wastePct}
                onValue={(wastePct) => desk.change({ type: "setProtect", patch: { wastePct } }, "protect:waste")}
                placeholder="10"
                help={listSheetTexts.extraCableHelp}
              />
            </Box>
            <TextButton
              style={{ marginTop: 8 }}
              aria-pressed={protect.spares}
              onClick={() => desk.change({ type: "setProtect", patch: { spares: !protect.spares } })}
            >
              {listSheetTexts.oneSpareOfEachPartThatIsEasily} {protect.spares ? listSheetTexts.yes : listSheetTexts.no}
            </TextButton>
          </Region>
          {others.length > 0 && (
            <Region title={listSheetTexts.comparedWithAnotherWiring}>
              <ChoiceField
                label={listSheetTexts.compareWith}
                value={otherId ?? ""}
                placeholder={listSheetTexts.anotherWiring}
                options={others.map(({ id, name: text }) => ({ value: id, text }))}
                onChoice={setOtherId}
              />
              {otherId !== null && otherId !== wiring.id && <Beside report={report} otherId={otherId} m={m} />}
            </Region>
          )}
        </Box>
      </Columns>
    </>
  );
}

/** What all of it costs, and a watt of it. */
function Totals({ report, currency }: { readonly report: ProtectReport; readonly currency: string }) {
  const system = useUnits();
  const { parts, panels, inputs, whole, perW, wattsW, unpriced, weightKg } = report.money;
  const m = (value: number) => money(value, currency);
  return (
    <dl className={sheetStyle["facts"]}>
      {(
        [
          [listSheetTexts.partsToBuy, m(parts)],
          ["Panels", m(panels)],
          ["Inputs", m(inputs)],
          [listSheetTexts.wholeArray, m(whole)],
          [
            listSheetTexts.perWatt,
            perW === null ? "nothing wired" : listSheetTexts.moneyAtWattsW(m(perW), amount(wattsW, "W")),
          ],
          [listSheetTexts.weightOfPartsAbout, amount(weightKg, "kg", system)],
        ] as const
      ).map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
      {unpriced > 0 && <p style={{ margin: "4px 0 0" }}>{listSheetTexts.unpricedHaveNoPriceOnTheLabelAnd(unpriced)}</p>}
    </dl>
  );
}

/** Two wirings' lists: what only one of them takes, and what they cost. */
function Beside({
  report,
  otherId,
  m,
}: {
  readonly report: ProtectReport;
  readonly otherId: string;
  readonly m: (value: number) => string;
}) {
  const plan = usePlan();
  const system = useUnits();
  const { report: other } = useProtectReport(otherId);
  if (other === null) return <p role="status">{listSheetTexts.counting}</p>;
  const theirs = new Map(other.lines.map((line) => [line.key, line]));
  const ours = new Map(report.lines.map((line) => [line.key, line]));
  const keys = [...new Set([...ours.keys(), ...theirs.keys()])].filter(
    (key) => Math.abs((ours.get(key)?.count ?? 0) - (theirs.get(key)?.count ?? 0)) > 1e-9,
  );
  const apart = other.money.parts - report.money.parts;
  return (
    <>
      <p style={{ margin: "8px 0" }}>
        {listSheetTexts.otherCost(m(other.money.parts), apart === 0 ? null : m(Math.abs(apart)), apart > 0)}
      </p>
      <Table
        label={listSheetTexts.bothPartsListsAsATable}
        head={[
          listSheetTexts.part,
          overFigures(listSheetTexts.thisWiring),
          overFigures(`${plan.wirings.find(({ id }) => id === otherId)?.name}`),
        ]}
      >
        <tbody>
          {keys.map((key) => {
            const line = ours.get(key) ?? theirs.get(key);
            return line === undefined ? null : (
              <tr key={key}>
                <td>{itemWords(line.item)}</td>
                <td data-num>{countWords(ours.get(key)?.count ?? 0, line.unit, system)}</td>
                <td data-num>{countWords(theirs.get(key)?.count ?? 0, line.unit, system)}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </>
  );
}

/** One part: what it takes, what is there already, what it costs. */
function Line({ line }: { readonly line: ListLine }) {
  const system = useUnits();
  const { key, item, count, spare, each, toBuy, unit } = line;
  const words = itemWords(item);
  return (
    <tr>
      <td>{words}</td>
      <td data-num>{countWords(count, unit, system)}</td>
      <td data-num>{spare === 0 ? "" : countWords(spare, unit, system)}</td>
      <PartPriceCells
        part={key}
        words={words}
        assumedEach={each}
        help={unit === "m" ? "A metre." : listSheetTexts.theOtherWiring}
      />
      <td data-num>{countWords(toBuy, unit, system)}</td>
      <td data-num>{line.money.toFixed(2)}</td>
    </tr>
  );
}
