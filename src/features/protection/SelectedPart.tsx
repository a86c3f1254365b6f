"use client";

import { selectedPartTexts } from "@/messages/en/protection/parts";
import Box from "@mui/material/Box";
import { minRated } from "@/core/protection/cabling";
import { pieceName, type Plan } from "@/core/plan";
import { type BranchReport, type PortArrayReport, type Part, type ProtectReport } from "@/core/protection/diagram";
import { partsOfKey } from "@/core/engine/array";
import { useDesk } from "@/features/plan-session";
import { Facts, ChoiceField, useUnits } from "@/ui";
import { amount, branchOf, branchWords, counted, given } from "@/messages/en";
import { CableForm } from "./CableForm";
import { GuardForm } from "./GuardForm";
import { runOfPart } from "./runs";

type Props = {
  readonly plan: Plan;
  readonly report: ProtectReport;
  readonly part: Part;
  readonly yearKwhOf: (runKey: string) => number | null;
};

/** What was pressed in the drawing: read, and changed. */
export function SelectedPart({ plan, report, part, yearKwhOf }: Props) {
  const system = useUnits();
  const portArrayAt = (at: {
    readonly inputId: string | null;
    readonly portId: string | null;
  }): PortArrayReport | null =>
    report.portArrays.find(({ inputId, portId }) => inputId === at.inputId && portId === at.portId) ?? null;
  switch (part.type) {
    case "cable": {
      const run = runOfPart(report, part);
      if (run === null) return <p>{selectedPartTexts.nothingIsKnownOfThisCableYetThe}</p>;
      const portArray = report.portArrays.find(({ runs }) => runs.includes(run)) ?? null;
      return <CableForm key={run.key} plan={plan} run={run} portArray={portArray} yearKwh={yearKwhOf(run.key)} />;
    }
    case "fuse": {
      const branch = branchOf(report, part.string);
      const stringId = part.string.stringId ?? "";
      const portArray = portArrayAt(part.string);
      const least = branch === null ? null : minRated(branch);
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>
            {selectedPartTexts.fuseOf}{" "}
            {branch === null ? selectedPartTexts.stringNumber(part.string.number) : branchWords(branch.place)}
            {selectedPartTexts.inItsCable}
          </strong>
          {branch !== null && (
            <Facts
              facts={[
                [selectedPartTexts.backfeedFromOtherStrings, amount(branch.backfeedA, "A")],
                [
                  selectedPartTexts.maxSeriesFuseRating,
                  branch.ratingA === null
                    ? "none: its panels stand in groups of their own"
                    : `${given(branch.ratingA, "A")}${least?.isAssumed === true ? ", assumed" : ""}`,
                ],
                [selectedPartTexts.atLeast156Isc, amount(1.56 * branch.iscA, "A")],
                [selectedPartTexts.maxPvVoltage, amount(portArray?.highestV ?? 0, "V")],
                [selectedPartTexts.canTheFuseBlow, blowing(branch)],
              ]}
            />
          )}
          <GuardForm
            key={stringId}
            at={{ type: "string", stringId }}
            what="string"
            advisedA={branch?.sizeA ?? null}
            classV={portArray?.fuseV ?? null}
          />
        </Box>
      );
    }
    case "switch": {
      const portArray = portArrayAt(part.portArray);
      const { inputId, portId } = part.portArray;
      if (inputId === null || portId === null) return null;
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>{selectedPartTexts.dcIsolatorDisconnectBetween}</strong>
          {portArray !== null && (
            <Facts
              facts={[
                [
                  selectedPartTexts.atLeast125Isc,
                  portArray.iscA === null ? "not known" : amount(1.25 * portArray.iscA, "A"),
                ],
                [selectedPartTexts.maxPvVoltage, amount(portArray.highestV, "V")],
                [selectedPartTexts.poles, selectedPartTexts.n2AndAtOnce],
              ]}
            />
          )}
          <GuardForm
            key={`${inputId}/${portId}`}
            at={{ type: "isolator", inputId, portId }}
            what="switch"
            advisedA={portArray?.switchA ?? null}
            classV={portArray?.classV ?? null}
          />
        </Box>
      );
    }
    case "bank": {
      const battery = report.batteries.find(({ inputId }) => inputId === part.inputId);
      if (battery === undefined) return <p>{selectedPartTexts.nothingIsKnownOfThisBatteryYet}</p>;
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>{selectedPartTexts.batteryOfInputName(battery.inputName)}</strong>
          <Facts
            facts={[
              [
                selectedPartTexts.controllerOutput,
                battery.outputA === null ? selectedPartTexts.notKnownEnterItAtController : amount(battery.outputA, "A"),
              ],
              [
                selectedPartTexts.whatItsCableCanCarry,
                battery.cableA === null ? "not known" : amount(battery.cableA, "A"),
              ],
              [
                selectedPartTexts.idleCurrent,
                `${given(battery.idleW, "W")}${battery.idleIsAssumed ? ", assumed" : ""}${battery.idleAhAMonth === null ? "" : selectedPartTexts.idleAhAMonthAhInADarkMonth(battery.idleAhAMonth.toFixed(0))}`,
              ],
            ]}
          />
          <p style={{ margin: 0 }}>{selectedPartTexts.theFuseSitsWithin18Cm7InOf}</p>
          <GuardForm
            key={battery.inputId}
            at={{ type: "bank", inputId: battery.inputId }}
            what="battery"
            advisedA={battery.fuseA}
            classV={battery.fuseV}
          />
        </Box>
      );
    }
    case "bar": {
      const portArray = portArrayAt(part.portArray);
      return portArray === null ? null : <JointForm portArray={portArray} />;
    }
    case "branch":
      return <p>{selectedPartTexts.theStringsOfAParallelGroupJoin}</p>;
    case "diode":
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>{selectedPartTexts.blockingDiode}</strong>
          <p style={{ margin: 0 }}>{selectedPartTexts.itKeepsOtherStringsFromPushing}</p>
        </Box>
      );
    case "panel": {
      const label = plan.panels.find(({ id }) => id === partsOfKey(part.key).panelId)?.label;
      if (label === undefined) return null;
      const stated = (value: number | null, unit: "V" | "A") => (value === null ? "not known" : given(value, unit));
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>{selectedPartTexts.panelNumberPiece(part.number, pieceName(plan, part.key))}</strong>
          <Facts
            facts={[
              [selectedPartTexts.openCircuitVoltageVoc, stated(label.vocV, "V")],
              [selectedPartTexts.shortCircuitCurrentIsc, stated(label.iscA, "A")],
              [selectedPartTexts.maxSeriesFuseRating, stated(label.maxSeriesFuseA, "A")],
              [selectedPartTexts.maxSystemVoltage, stated(label.maxSystemV, "V")],
            ]}
          />
          <p style={{ margin: 0 }}>{selectedPartTexts.seeConnectorsForItsConnectors}</p>
        </Box>
      );
    }
    case "input": {
      const portArrays = report.portArrays.filter(({ inputId }) => inputId === part.inputId);
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>
            {plan.inputs.find(({ id }) => id === part.inputId)?.device.name ?? selectedPartTexts.noControllerChosen}
          </strong>
          {portArrays.map((portArray) => (
            <Facts
              key={portArray.portId}
              facts={[
                [selectedPartTexts.pvInput, portArray.portName],
                [selectedPartTexts.vocOnTheColdestDawn, amount(portArray.coldV, "V")],
                [
                  selectedPartTexts.iscOfAllStrings,
                  portArray.iscA === null ? "not known" : amount(portArray.iscA, "A"),
                ],
                [
                  selectedPartTexts.connection,
                  portArray.chain.isFound
                    ? counted(portArray.chain.links.length, "adapter")
                    : selectedPartTexts.noKnownAdapters,
                ],
              ]}
            />
          ))}
          <p style={{ margin: 0 }}>
            {selectedPartTexts.seeConnectorsForItsConnectorsAnd}{" "}
            {system === "us" ? selectedPartTexts.awgOrMm : selectedPartTexts.mmOrAwg}{" "}
            {selectedPartTexts.followsTheStandardChosenAtCables}
          </p>
        </Box>
      );
    }
  }
}

/** A gPV fuse needs about 1.45 times its rating for an hour: more than the others may be able to push. */
function blowing({ sizeA, fuseA, backfeedA }: BranchReport): string {
  const ratedA = fuseA ?? sizeA;
  if (ratedA === null) return selectedPartTexts.noFuseFits;
  const blowsA = 1.45 * ratedA;
  if (backfeedA >= blowsA) return selectedPartTexts.yesAtBlowsAWithinAboutAnHour(amount(blowsA, "A"));
  return 1.25 * backfeedA >= blowsA
    ? selectedPartTexts.onlyInTheBrightestSunItNeeds(amount(blowsA, "A"))
    : selectedPartTexts.perhapsNeverItNeedsBlowsAFor(amount(blowsA, "A"));
}

/** How the strings of a port are joined. */
function JointForm({ portArray }: { readonly portArray: PortArrayReport }) {
  const desk = useDesk();
  const { joint, box, diodes, strings, iscA } = portArray;
  const joining = desk.now().history.present.protect.joining;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>{selectedPartTexts.whereStringCountStringsJoin(strings.length)}</strong>
      <ChoiceField
        label={selectedPartTexts.joinedBy}
        value={joining}
        options={[
          {
            value: "auto",
            text: `whichever suits: ${joint === "box" ? selectedPartTexts.aCombinerBox : "branch connectors"}`,
          },
          { value: "plugs", text: selectedPartTexts.branchYConnectors },
          { value: "box", text: selectedPartTexts.aCombinerBoxWithBusbars },
        ]}
        onChoice={(next) => desk.change({ type: "setProtect", patch: { joining: next } })}
      />
      <Facts
        facts={[
          [selectedPartTexts.mustCarry125IscOfAllStrings, iscA === null ? "not known" : amount(1.25 * iscA, "A")],
          [selectedPartTexts.aBranchConnectorCanCarry, given(portArray.chain.branchA, "A")],
          ...(box === null
            ? []
            : ([
                [
                  selectedPartTexts.combinerBoxInsideDimensionsAt,
                  selectedPartTexts.wideMmHighMmDeepMmMm(box.wideMm, box.highMm, box.deepMm),
                ],
                [
                  selectedPartTexts.cableGlands,
                  box.glands
                    .map(
                      ({ thread, cables, count }) =>
                        `${count} × ${thread} for ${cables === 1 ? "one cable" : "two cables"}`,
                    )
                    .join(", "),
                ],
                ["Busbars", selectedPartTexts.n2StudsStudsEach(box.studs)],
              ] as const)),
        ]}
      />
      {diodes !== null && (
        <p style={{ margin: 0 }}>
          {selectedPartTexts.blockingDiodesHereWouldSaveMax(
            amount(Math.max(0, diodes.gainW), "W"),
            amount(Math.max(0, diodes.costW), "W"),
          )}
          {diodes.gainW > diodes.costW
            ? selectedPartTexts.onlyWorthwhileWhereAStringIs
            : selectedPartTexts.theyDoNotHelp}
        </p>
      )}
    </Box>
  );
}
