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

/** What it takes: materials with their quantities and prices, tools, and what the whole costs a watt. */
export function TakesSheet() {
  const desk = useDesk();
  const plan = usePlan();
  const system = useUnits();
  const { fixing, held, tools, holeMm } = useReport();
  const { currency } = plan.protect;
  if (held === null) return <p>It holds no panel whose size is known: see Wind and heat.</p>;
  return (
    <Columns beside="340px">
      <Region title="Materials">
        <Table
          label="Table of materials"
          head={["What", overFigures("Takes"), "I have", "Each", overFigures(`Money, ${currencyWords(currency)}`)]}
        >
          <tbody>
            {held.takes.map((taken) => (
              <Line key={taken.key} taken={taken} />
            ))}
          </tbody>
        </Table>
        <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
          Prices in grey are assumed, for comparing ways; type your seller’s. A tenth is added to tape and sealant.
        </p>
      </Region>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title="Money and weight">
          <Whole baseMoney={held.money} />
          <Facts facts={[["What stays up there weighs", amount(held.weightKg, "kg", system)]]} />
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
                CSV
              </TextButton>
              <TextButton onClick={() => window.print()}>Print the job card</TextButton>
            </div>
          </Box>
        </Region>
        <Region title="Tools">
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
        ["This base", m(baseMoney)],
        ["Panels, inputs, copper", report === null ? "counting…" : m(report.money.whole)],
        ["All of it", whole === null ? "counting…" : m(whole)],
        [
          "A watt of it",
          whole === null || report === null || report.money.wattsW === 0
            ? "nothing wired"
            : `${m(whole / report.money.wattsW)} of ${amount(report.money.wattsW, "W")}`,
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
        help="One of it, a metre or a kilogram."
      />
      <td data-num>{taken.money.toFixed(2)}</td>
    </tr>
  );
}
