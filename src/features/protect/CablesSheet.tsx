"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { designOf, mostAmps } from "@/core/cable";
import { type ResolvedRun, sizeThatCounts } from "@/core/copper";
import { sameEnd } from "@/core/plan";
import { usualLeadMm } from "@/core/roof";
import { bondSize, type ProtectReport } from "@/core/protect";
import { fieldSpecs } from "@/core/units";
import { useDesk, usePlan, useWiring } from "@/features/desk";
import { allRuns, cableName } from "@/features/papers";
import { ChoiceField, Columns, Region, Table, TextButton, useUnits, overFigures } from "@/ui";
import { amount, headOf, lengthWords, percent, sizeWords } from "@/words";
import { CableForm } from "./CableForm";
import { LengthField, StatedField } from "./forms";
import { patchRun } from "./runs";
import { useProtect } from "./facts";
import { useYearLoss } from "./useYearLoss";
import { Wirings } from "./Wirings";

const schools = [
  { value: "none", text: "Ours: as on land, by AWG" },
  { value: "land", text: "Land: NEC, AWG" },
  { value: "metric", text: "Metric: EN 50618, mm²" },
  { value: "marine", text: "Marine: AWG, 3 % at most" },
  { value: "portable", text: "Portable leads: 1.25 × Isc" },
] as const;

/** What each school asks, and where it has it from. */
const schoolWords = {
  land: "1.56 × Isc where it is fixed (NEC 690.8), amps by NEC 310.16 and its heat factors; 14, 12 and 10 AWG no more than 15, 20 and 30 A (240.4(D)).",
  metric: "1.56 × Isc, amps of single PV cable in free air up to 60 °C (EN 50618, table A.3), less beyond (table A.4).",
  marine: "The land table without its caps; never more than 3 % lost (ABYC E-11).",
  portable: "1.25 × Isc on leads that are laid out and put away (NEC 690.8(A)), else as on land.",
} as const;

/** Every cable of the wiring in one table, and by which school it is chosen. */
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
            <p style={{ margin: 0 }}>Nothing is wired yet, or no label is whole.</p>
          ) : (
            <Table
              label="Table of cables"
              head={[
                "Cable",
                overFigures("One way"),
                overFigures("Size"),
                overFigures("Must carry"),
                overFigures("Carries"),
                overFigures("Loses"),
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
            The panels’ own leads, {lengthWords(plan.space.leadMm ?? usualLeadMm, system)} each
            {plan.space.leadMm === null ? " (assumed)" : ""}, are part of their labels, which are measured at their
            ends: they count nothing here. Where two do not reach, an extension stands on the list.
          </p>
          <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
            A star: as advised. Only cables with a length that was said, or that follow a cable way, take part in the
            curve at the input, the year and the finder.
          </p>
        </Region>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          {run !== null && (
            <Region title="What is chosen" aside={<TextButton onClick={() => setChosen(null)}>Close</TextButton>}>
              <CableForm
                key={run.key}
                plan={plan}
                run={run}
                lane={report.lanes.find((lane) => lane.runs.includes(run)) ?? null}
                yearKwh={yearKwhOf(run.key)}
              />
            </Region>
          )}
          <Region title="School">
            <Box sx={{ display: "grid", gap: 1 }}>
              <ChoiceField
                label="Cables by"
                value={plan.schools.cable ?? "none"}
                options={schools}
                onChoice={(value) =>
                  desk.change({ type: "setSchool", patch: { cable: value === "none" ? null : value } })
                }
              />
              <p style={{ margin: 0, fontSize: "0.8125rem" }}>{schoolWords[plan.schools.cable ?? "land"]}</p>
              <ChoiceField
                label="Fuses"
                value={plan.schools.fuse ?? "none"}
                options={[
                  { value: "none", text: "Ours: where the other rows could pass what a panel bears" },
                  { value: "strict", text: "Strict: wherever all rows together could" },
                ]}
                onChoice={(value) =>
                  desk.change({ type: "setSchool", patch: { fuse: value === "none" ? null : "strict" } })
                }
              />
              <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
                <StatedField
                  label="Most to lose"
                  spec={fieldSpecs.dropPct}
                  value={protect.maxDropPct}
                  onValue={(maxDropPct) => desk.change({ type: "setProtect", patch: { maxDropPct } }, "protect:drop")}
                  placeholder="3"
                  help="Of the running volts, on each cable."
                />
                <StatedField
                  label="A kWh is worth"
                  spec={fieldSpecs.price}
                  value={protect.kwhPrice}
                  onValue={(kwhPrice) => desk.change({ type: "setProtect", patch: { kwhPrice } }, "protect:kwh")}
                  help="So that what a cable loses in a year has a price."
                />
              </Box>
              <TextButton
                aria-pressed={protect.isWet}
                onClick={() => desk.change({ type: "setProtect", patch: { isWet: !protect.isWet } })}
              >
                Afloat, or where it gets wet: {protect.isWet ? "yes" : "no"}
              </TextButton>
            </Box>
          </Region>
          <Region title="Frames and earth: a question">
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
                  : [<BondField key={bond.key} bond={bond} to={`${headOf(inputName)}, ${headOf(portName)}`} />],
              )}
            </Box>
          </Region>
        </Box>
      </Columns>
    </>
  );
}

/** What a cable is called in a table of all of them. */
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
  const mostA = each.ask === null || size === null ? null : mostAmps(size.size, each.ask);
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
        {size === null ? "none does" : `${sizeWords(size.size.name)}${(each.said?.size ?? null) === null ? " *" : ""}`}
      </td>
      <td data-num>{each.ask === null ? "?" : amount(designOf(each.ask), "A")}</td>
      <td data-num>{mostA === null ? "?" : amount(mostA, "A")}</td>
      <td data-num>{size === null ? "?" : `${percent(size.dropPct)}, ${amount(size.lossW, "W")}`}</td>
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
