"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { maxAmps, mustCarry } from "@/core/engine/cable";
import { lossThatCounts, type ResolvedRun, sizeThatCounts } from "@/core/protection/cabling";
import { sameEnd } from "@/core/plan";
import { defaultLeadMm } from "@/core/layout/roof";
import { bondSize, type PortArrayReport, type ProtectReport } from "@/core/protection/diagram";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan, useWiring } from "@/features/plan-session";
import { allRuns, cableName, wholeDropWords } from "@/features/print-tables";
import { ChoiceField, Columns, Region, Table, TextButton, useUnits, overFigures } from "@/ui";
import { amount, shortName, lengthWords, percent, sizeWords } from "@/messages/en";
import { CableChoiceTable } from "./CableChoiceTable";
import { CableForm } from "./CableForm";
import { ControllerForm } from "./ControllerForm";
import { LengthField, StatedField } from "./forms";
import { patchRun } from "./runs";
import { useProtect } from "./facts";
import { useYearLoss } from "./useYearLoss";
import { Wirings } from "./Wirings";
import { cablesSheetTexts } from "@/messages/en/protection/view";
import { TermHelp } from "@/features/glossary";
import { commonTexts } from "@/messages/en/common/view";

const standards = [
  { value: "none", text: cablesSheetTexts.metricMmAssumed },
  { value: "metric", text: cablesSheetTexts.metricEn50618Iec60364552Mm },
  { value: "land", text: cablesSheetTexts.landNecAwg },
  { value: "marine", text: cablesSheetTexts.marineAwg3DropAtMost },
  { value: "portable", text: cablesSheetTexts.portableLeads125IscAwg },
] as const;

/** What each standard asks, and its sources. */
const standardWords = {
  land: cablesSheetTexts.n156IscWhereItIsFixedNec6908,
  metric: cablesSheetTexts.n156IscPvCableInTheOpenByEn50618,
  marine: cablesSheetTexts.asLandWithoutTheTerminalsColumn,
  portable: cablesSheetTexts.n125IscOnLeadsThatArePutAwayAfter,
} as const;

/** Every cable of the wiring in one table, and by which standard it is chosen. */
export function CablesSheet() {
  const desk = useDesk();
  const plan = usePlan();
  const system = useUnits();
  const { report } = useProtect();
  const [chosen, setChosen] = useState<string | null>(null);
  const yearKwhOf = useYearLoss(report);
  if (report === null) return <p role="status">{cablesSheetTexts.calculating}</p>;
  const runs = allRuns(report);
  const run = runs.find(({ key }) => key === chosen) ?? null;
  const { protect } = plan;
  return (
    <>
      <Wirings />
      <Columns beside="390px">
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title={cablesSheetTexts.cables} aside={<TermHelp id="drop" term={cablesSheetTexts.voltageDrop} />}>
            {runs.length === 0 ? (
              <p style={{ margin: 0 }}>{cablesSheetTexts.nothingIsWiredYetOrNoLabelIs}</p>
            ) : (
              <Table
                label={cablesSheetTexts.tableOfCables}
                head={[
                  cablesSheetTexts.cable,
                  overFigures(cablesSheetTexts.oneWayLength),
                  overFigures(cablesSheetTexts.size),
                  overFigures(cablesSheetTexts.mustCarry),
                  overFigures(cablesSheetTexts.canCarry),
                  overFigures(cablesSheetTexts.voltageDrop),
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
                  {report.portArrays.map((portArray) => (
                    <WholeDropLine key={`${portArray.inputId}/${portArray.portId}`} portArray={portArray} />
                  ))}
                </tbody>
              </Table>
            )}
            <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
              {cablesSheetTexts.thePanelsOwnLeadsLengthEach(lengthWords(plan.space.leadMm ?? defaultLeadMm, system))}
              {plan.space.leadMm === null ? cablesSheetTexts.assumed : ""}
              {cablesSheetTexts.arePartOfThePanelsLabelValues}
            </p>
            <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
              {cablesSheetTexts.aStarRecommendedSizeOnlyCables}
            </p>
          </Region>
          {report.portArrays.map(({ inputId, portId, inputName, portName, choice }) =>
            choice === null ? null : (
              <CableChoiceTable
                key={`${inputId}/${portId}`}
                choice={choice}
                to={`${shortName(inputName)}, ${shortName(portName)}`}
                currency={protect.currency}
              />
            ),
          )}
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          {run !== null && (
            <Region
              title={cablesSheetTexts.selectedCable}
              aside={<TextButton onClick={() => setChosen(null)}>{cablesSheetTexts.close}</TextButton>}
            >
              <CableForm
                key={run.key}
                plan={plan}
                run={run}
                portArray={report.portArrays.find((portArray) => portArray.runs.includes(run)) ?? null}
                yearKwh={yearKwhOf(run.key)}
              />
            </Region>
          )}
          <Region title={cablesSheetTexts.standard}>
            <Box sx={{ display: "grid", gap: 1 }}>
              <ChoiceField
                label={cablesSheetTexts.standardForCables}
                value={plan.standards.cable ?? "none"}
                options={standards}
                onChoice={(value) =>
                  desk.change({ type: "setStandards", patch: { cable: value === "none" ? null : value } })
                }
              />
              <p style={{ margin: 0, fontSize: "0.8125rem" }}>{standardWords[plan.standards.cable ?? "metric"]}</p>
              <ChoiceField
                label={cablesSheetTexts.stringFuses}
                value={plan.standards.fuse ?? "none"}
                options={[
                  { value: "none", text: cablesSheetTexts.usualWhen125BackfeedWouldExceed },
                  { value: "strict", text: cablesSheetTexts.strictWhenBackfeedAndItsOwnIsc },
                ]}
                onChoice={(value) =>
                  desk.change({ type: "setStandards", patch: { fuse: value === "none" ? null : "strict" } })
                }
              />
              <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
                <StatedField
                  label={cablesSheetTexts.maxVoltageDrop}
                  spec={fieldSpecs.dropPct}
                  value={protect.maxDropPct}
                  onValue={(maxDropPct) => desk.change({ type: "setProtect", patch: { maxDropPct } }, "protect:drop")}
                  placeholder="3"
                  help={cablesSheetTexts.maxVoltageDropHelp}
                />
                <StatedField
                  label={cablesSheetTexts.valueOfAKWh}
                  spec={fieldSpecs.price}
                  value={protect.kwhPrice}
                  onValue={(kwhPrice) => desk.change({ type: "setProtect", patch: { kwhPrice } }, "protect:kwh")}
                  help={cablesSheetTexts.valueOfAKWhHelp}
                />
              </Box>
              <TextButton
                aria-pressed={protect.isWet}
                onClick={() => desk.change({ type: "setProtect", patch: { isWet: !protect.isWet } })}
              >
                {cablesSheetTexts.onABoatOrInWetConditionsShock}{" "}
                {protect.isWet ? cablesSheetTexts.yes : cablesSheetTexts.no}
              </TextButton>
            </Box>
          </Region>
          {report.batteries.map(({ inputId, inputName }) => (
            <Region key={inputId} title={cablesSheetTexts.shortTerminals(shortName(inputName))}>
              <ControllerForm inputId={inputId} />
            </Region>
          ))}
          <Region
            title={cablesSheetTexts.groundingEarthingOfFramesA}
            aside={<TermHelp id="grounding" term={cablesSheetTexts.groundingEarthingOfFramesA} />}
          >
            <p style={{ margin: 0 }}>{cablesSheetTexts.metalFramesMayHaveToBeConnected(sizeWords(bondSize(plan)))}</p>
            <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", mt: 1 }}>
              {report.portArrays.flatMap(({ bond, inputName, portName }) =>
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
        {each.lengthBy === "assumed" ? cablesSheetTexts.about : ""}
        {lengthWords(each.lengthMm, system)}
      </td>
      <td data-num>
        {size === null
          ? commonTexts.noListedSize
          : `${sizeWords(size.size.name)}${(each.said?.size ?? null) === null ? " *" : ""}`}
      </td>
      <td data-num>{each.ask === null ? "?" : amount(mustCarry(each.ask), "A")}</td>
      <td data-num>{maxA === null ? "?" : amount(maxA, "A")}</td>
      <td data-num>
        {loss === null
          ? "?"
          : `${size === null ? cablesSheetTexts.atLeast : ""}${percent(loss.dropPct)}, ${amount(loss.lossW, "W")}`}
      </td>
    </tr>
  );
}

/** All cables of a port one behind another: what they lose together, and what may be lost. */
function WholeDropLine({ portArray: { drop, runs, inputName, portName } }: { readonly portArray: PortArrayReport }) {
  const system = useUnits();
  if (drop === null) return null;
  const isAssumed = runs.some(({ lengthBy }) => lengthBy === "assumed");
  return (
    <tr data-sum="">
      <td>{cablesSheetTexts.wholeTo(`${shortName(inputName)}, ${shortName(portName)}`)}</td>
      <td data-num>
        {isAssumed ? cablesSheetTexts.about : ""}
        {lengthWords(drop.lengthMm, system)}
      </td>
      <td />
      <td />
      <td />
      <td data-num data-over={drop.dropPct > drop.limitPct ? "" : undefined}>
        {wholeDropWords(drop)}
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
      label={cablesSheetTexts.groundingEarthingConductorTo(to)}
      valueMm={said?.lengthMm ?? null}
      onValueMm={(lengthMm) => patchRun(desk, bond, { lengthMm }, "length")}
      placeholder={cablesSheetTexts.notDecided}
      help={cablesSheetTexts.fromFrameToFrameAndToGroundEarth}
    />
  );
}
