"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { maxAmps, mustCarry } from "@/core/engine/cable";
import { lossThatCounts, type ResolvedRun, sizeThatCounts } from "@/core/protection/cabling";
import { sameEnd } from "@/core/plan";
import { defaultLeadMm } from "@/core/layout/roof";
import { bondSize, type ProtectReport } from "@/core/protection/diagram";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan, useWiring } from "@/features/plan-session";
import { allRuns, cableName } from "@/features/print-tables";
import { ChoiceField, Columns, Region, Table, TextButton, useUnits, overFigures } from "@/ui";
import { amount, shortName, lengthWords, percent, sizeWords } from "@/messages/en";
import { CableForm } from "./CableForm";
import { ControllerForm } from "./ControllerForm";
import { LengthField, StatedField } from "./forms";
import { patchRun } from "./runs";
import { useProtect } from "./facts";
import { useYearLoss } from "./useYearLoss";
import { Wirings } from "./Wirings";

const standards = [
  { value: "none", text: "Metric (mm²), assumed" },
  { value: "metric", text: "Metric: EN 50618, IEC 60364-5-52, mm²" },
  { value: "land", text: "Land: NEC, AWG" },
  { value: "marine", text: "Marine: AWG, 3 % drop at most" },
  { value: "portable", text: "Portable leads: 1.25 × Isc, AWG" },
] as const;

/** What each standard asks, and its sources. */
const standardWords = {
  land: "1.56 × Isc where it is fixed (NEC 690.8). Ampacity: 90 °C column of NEC 310.16 × heat × circuits together, at most the column of its terminals (110.14(C)); 14, 12 and 10 AWG at most 15, 20 and 30 A (240.4(D)).",
  metric:
    "1.56 × Isc. PV cable in the open by EN 50618; in conduit, in the ground and to the battery by IEC 60364-5-52 (B1, D1), each × heat × circuits together.",
  marine: "The land table without terminals’ column and caps; at most 3 % voltage drop (ABYC E-11). Counts as wet.",
  portable: "1.25 × Isc on leads that are put away again (NEC 690.8(A)), else as on land.",
} as const;

/** Every cable of the wiring in one table, and by which standard it is chosen. */
export function CablesSheet() {
  const desk = useDesk();
  const plan = usePlan();
  const system = useUnits();
  const { report } = useProtect();
  const [chosen, setChosen] = useState<string | null>(null);
  const yearKwhOf = useYearLoss(report);
  if (report === null) return <p role="status">Working it out…</p>;
  const runs = allRuns(report);
  const run = runs.find(({ key }) => key === chosen) ?? null;
  const { protect } = plan;
  return (
    <>
      <Wirings />
      <Columns beside="390px">
        <Region title="Cables">
          {runs.length === 0 ? (
            <p style={{ margin: 0 }}>Nothing is wired yet, or no label is complete.</p>
          ) : (
            <Table
              label="Table of cables"
              head={[
                "Cable",
                overFigures("One way"),
                overFigures("Size"),
                overFigures("Must carry"),
                overFigures("Can carry"),
                overFigures("Voltage drop"),
              ]}
            >
              <tbody>
                {runs.map((each) => (
                  <CableLine
                    key={each.key}
                    run={each}
                    report={report}
                    isChosen={each.key === chosen}
                    onChoose={setChosen}
                  />
                ))}
              </tbody>
            </Table>
          )}
          <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
            The panels’ own leads, {lengthWords(plan.space.leadMm ?? defaultLeadMm, system)} each
            {plan.space.leadMm === null ? " (assumed)" : ""}, are part of their labels, which are measured at their
            ends: they count nothing here. Where two do not reach, an extension stands on the list.
          </p>
          <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
            A star: as advised. Only cables with a typed length, or with a route on the roof plan, count in the curve at
            the PV input, the year and the best wirings.
          </p>
        </Region>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          {run !== null && (
            <Region title="Chosen cable" aside={<TextButton onClick={() => setChosen(null)}>Close</TextButton>}>
              <CableForm
                key={run.key}
                plan={plan}
                run={run}
                lane={report.lanes.find((lane) => lane.runs.includes(run)) ?? null}
                yearKwh={yearKwhOf(run.key)}
              />
            </Region>
          )}
          <Region title="Standard">
            <Box sx={{ display: "grid", gap: 1 }}>
              <ChoiceField
                label="Cables by"
                value={plan.standards.cable ?? "none"}
                options={standards}
                onChoice={(value) =>
                  desk.change({ type: "setStandards", patch: { cable: value === "none" ? null : value } })
                }
              />
              <p style={{ margin: 0, fontSize: "0.8125rem" }}>{standardWords[plan.standards.cable ?? "metric"]}</p>
              <ChoiceField
                label="String fuses"
                value={plan.standards.fuse ?? "none"}
                options={[
                  { value: "none", text: "Usual: when 1.25 × backfeed would exceed the max series fuse rating" },
                  { value: "strict", text: "Strict: when backfeed and its own Isc together would" },
                ]}
                onChoice={(value) =>
                  desk.change({ type: "setStandards", patch: { fuse: value === "none" ? null : "strict" } })
                }
              />
              <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
                <StatedField
                  label="Max voltage drop"
                  spec={fieldSpecs.dropPct}
                  value={protect.maxDropPct}
                  onValue={(maxDropPct) => desk.change({ type: "setProtect", patch: { maxDropPct } }, "protect:drop")}
                  placeholder="3"
                  help="In % of Vmp, on each cable."
                />
                <StatedField
                  label="Value of a kWh"
                  spec={fieldSpecs.price}
                  value={protect.kwhPrice}
                  onValue={(kwhPrice) => desk.change({ type: "setProtect", patch: { kwhPrice } }, "protect:kwh")}
                  help="So that a cable’s yearly loss has a price."
                />
              </Box>
              <TextButton
                aria-pressed={protect.isWet}
                onClick={() => desk.change({ type: "setProtect", patch: { isWet: !protect.isWet } })}
              >
                Afloat or wet (shock hazard from 30 V): {protect.isWet ? "yes" : "no"}
              </TextButton>
            </Box>
          </Region>
          {report.batteries.map(({ inputId, inputName }) => (
            <Region key={inputId} title={`${shortName(inputName)}: terminals`}>
              <ControllerForm inputId={inputId} />
            </Region>
          ))}
          <Region title="Frames and ground (earth): a question">
            <p style={{ margin: 0 }}>
              Metal frames may have to be joined to each other and to earth. On a vehicle that is its body, on a boat
              its bonding system, on a building its earth: who knows the place has to say, an electrician where the code
              asks for one. Where it is done: one green and yellow conductor, {sizeWords(bondSize(plan))} or more, a lug
              under a star washer on each frame.
            </p>
            <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", mt: 1 }}>
              {report.lanes.flatMap(({ bond, inputName, portName }) =>
                bond === null
                  ? []
                  : [<BondField key={bond.key} bond={bond} to={`${shortName(inputName)}, ${shortName(portName)}`} />],
              )}
            </Box>
          </Region>
        </Box>
      </Columns>
    </>
  );
}

/** One cable in the table; pressed, it opens beside it. A star: the size is the advised one. */
function CableLine({
  run: each,
  report: of,
  isChosen,
  onChoose,
}: {
  readonly run: ResolvedRun;
  readonly report: ProtectReport;
  readonly isChosen: boolean;
  readonly onChoose: (key: string) => void;
}) {
  const system = useUnits();
  const size = sizeThatCounts(each);
  const loss = lossThatCounts(each);
  const maxA = each.ask === null || size === null ? null : maxAmps(size.size, each.ask);
  return (
    <tr>
      <td>
        <TextButton
          look="plain"
          aria-pressed={isChosen}
          onClick={() => onChoose(each.key)}
          style={{ textAlign: "left" }}
        >
          {cableName(of, each)}
        </TextButton>
      </td>
      <td data-num>
        {each.lengthBy === "assumed" ? "about " : ""}
        {lengthWords(each.lengthMm, system)}
      </td>
      <td data-num>
        {size === null
          ? "no listed size is enough"
          : `${sizeWords(size.size.name)}${(each.said?.size ?? null) === null ? " *" : ""}`}
      </td>
      <td data-num>{each.ask === null ? "?" : amount(mustCarry(each.ask), "A")}</td>
      <td data-num>{maxA === null ? "?" : amount(maxA, "A")}</td>
      <td data-num>
        {loss === null
          ? "?"
          : `${size === null ? "at least " : ""}${percent(loss.dropPct)}, ${amount(loss.lossW, "W")}`}
      </td>
    </tr>
  );
}

/** How long the bond of a port's frames is, once it was decided: then it stands on the list. */
function BondField({ bond, to }: { readonly bond: ResolvedRun; readonly to: string }) {
  const desk = useDesk();
  const said = useWiring().runs.find(({ from, to: end }) => sameEnd(from, bond.from) && sameEnd(end, bond.to)) ?? null;
  return (
    <LengthField
      label={`Bond, ${to}`}
      valueMm={said?.lengthMm ?? null}
      onValueMm={(lengthMm) => patchRun(desk, bond, { lengthMm }, "length")}
      placeholder="not decided"
      help="From frame to frame and to earth, all together."
    />
  );
}
