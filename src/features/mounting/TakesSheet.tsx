"use client";

import Box from "@mui/material/Box";
import { type Taken } from "@/core/mounting";
import { useDesk, usePlan, useProtectReport } from "@/features/plan-session";
import { PartPriceCells } from "@/features/part-price";
import {
  Columns,
  CurrencyField,
  Facts,
  nameForFile,
  downloadFile,
  Region,
  sheetStyle,
  Table,
  TextButton,
  useUnits,
  overFigures,
} from "@/ui";
import { amount, currencyWords, materialName, money, takenWords, toolName } from "@/messages/en";
import { useReport } from "./facts";
import { takesCsv } from "./takes-csv";
import { takesSheetTexts } from "@/messages/en/mounting/view";

/** What it takes: materials with their quantities and prices, tools, and what the whole costs a watt. */
export function TakesSheet() {
  const desk = useDesk();
  const plan = usePlan();
  const system = useUnits();
  const { fixing, held, tools, holeMm } = useReport();
  const { currency } = plan.protect;
  if (held === null) return <p>{takesSheetTexts.noPanelWithAKnownSizeIsInThis}</p>;
  return (
    <Columns beside="340px">
      <Region title={takesSheetTexts.materials}>
        <Table
          label={takesSheetTexts.tableOfMaterials}
          head={[
            takesSheetTexts.material,
            overFigures(takesSheetTexts.needed),
            "I have",
            takesSheetTexts.priceEach,
            overFigures(takesSheetTexts.totalCurrency(currencyWords(currency))),
          ]}
        >
          <tbody>
            {held.takes.map((taken) => (
              <Line key={taken.key} taken={taken} />
            ))}
          </tbody>
        </Table>
        <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>{takesSheetTexts.pricesInGreyAreAssumedFor}</p>
      </Region>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title={takesSheetTexts.costAndWeight}>
          <Whole baseMoney={held.money} />
          <Facts facts={[[takesSheetTexts.weightLeftOnTheRoof, amount(held.weightKg, "kg", system)]]} />
          <Box sx={{ mt: 1, display: "grid", gap: 1 }}>
            <CurrencyField
              value={currency}
              onChoice={(next) => desk.change({ type: "setProtect", patch: { currency: next } })}
            />
            <div className={sheetStyle["buttons"]}>
              <TextButton
                look="amber"
                onClick={() =>
                  void takesCsv(held.takes, currency).then((csv) =>
                    downloadFile(`${nameForFile(fixing.name)}-materials.csv`, "text/csv", csv),
                  )
                }
              >
                {takesSheetTexts.csv}
              </TextButton>
              <TextButton onClick={() => window.print()}>{takesSheetTexts.printTheJobCard}</TextButton>
            </div>
          </Box>
        </Region>
        <Region title={takesSheetTexts.tools}>
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            {tools.map((tool) => (
              <li key={tool}>{toolName(tool, holeMm, system)}</li>
            ))}
          </ul>
        </Region>
      </Box>
    </Columns>
  );
}

/** The base, and all of it for each watt of the panels wired: panels, inputs and copper as Protect counts them. */
function Whole({ baseMoney }: { readonly baseMoney: number }) {
  const plan = usePlan();
  const { report } = useProtectReport();
  const m = (value: number) => money(value, plan.protect.currency);
  const whole = report === null ? null : report.money.whole + baseMoney;
  return (
    <Facts
      facts={[
        [takesSheetTexts.thisMounting, m(baseMoney)],
        [takesSheetTexts.panelsControllersCables, report === null ? "counting…" : m(report.money.whole)],
        [takesSheetTexts.wholeArray, whole === null ? "counting…" : m(whole)],
        [
          takesSheetTexts.perWatt,
          whole === null || report === null || report.money.wattsW === 0
            ? "nothing wired"
            : takesSheetTexts.moneyAtWattsW(m(whole / report.money.wattsW), amount(report.money.wattsW, "W")),
        ],
      ]}
    />
  );
}

function Line({ taken }: { readonly taken: Taken }) {
  const system = useUnits();
  const words = materialName(taken, system);
  return (
    <tr>
      <td>{words}</td>
      <td data-num>{takenWords(taken, system)}</td>
      <PartPriceCells
        part={taken.key}
        words={words}
        assumedEach={taken.each}
        help={takesSheetTexts.priceOfOneOfAMeterOrOfAKilogram}
      />
      <td data-num>{taken.money.toFixed(2)}</td>
    </tr>
  );
}
