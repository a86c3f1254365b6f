"use client";

import { orderSheetTexts } from "@/messages/en/protection/parts";
import Box from "@mui/material/Box";
import { format } from "date-fns";
import { useId } from "react";
import { useDeskState, usePlan, useReadingsState, useWiring } from "@/features/plan-session";
import { ChangeoverCard, inPositions, useComparison } from "@/features/changeover";
import { CableWays, NotesField } from "@/features/notes";
import { type WorkList, workLists } from "@/features/print-tables";
import { Columns, LevelMark, Region, TextButton, sheetStyle } from "@/ui";
import { weatherChecks, tradeRequired, workStepWords } from "@/messages/en";
import { useProtect } from "./facts";
import { Wirings } from "./Wirings";

/** The order of work for this very wiring: making the leads, connecting, taking off; what to look at, and whose work it is. */
export function OrderSheet() {
  const { report } = useProtect();
  const id = useId();
  const plan = usePlan();
  if (report === null) return <p role="status">{orderSheetTexts.calculating}</p>;
  const [making, connecting, takingOff] = workLists(report);
  return (
    <>
      <Wirings />
      <Columns beside="minmax(0, 1fr)">
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title={orderSheetTexts.makingTheLeads}>
            <Steps list={making} />
          </Region>
          <Region title={orderSheetTexts.disconnecting}>
            <Steps list={takingOff} />
          </Region>
          {inPositions(plan).length > 1 && <ChangingOver />}
          <Region title={orderSheetTexts.waterAndWind}>
            <ul className={sheetStyle["steps"]}>
              {weatherChecks.map((check) => (
                <li key={check}>{check}</li>
              ))}
            </ul>
          </Region>
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region
            title={orderSheetTexts.connecting}
            aside={<TextButton onClick={() => window.print()}>{orderSheetTexts.printAllOfProtection}</TextButton>}
          >
            <Steps list={connecting} />
          </Region>
          <Region title={orderSheetTexts.workForALicensedElectrician}>
            {tradeRequired.map((words) => (
              <p key={words} style={{ display: "flex", gap: 8, margin: "0 0 8px" }}>
                <LevelMark level="care" size={16} />
                <span>{words}</span>
              </p>
            ))}
          </Region>
          <Region title={orderSheetTexts.notes}>
            <label htmlFor={id} style={{ display: "block", marginBottom: 6, fontStyle: "italic" }}>
              {orderSheetTexts.notesOnFusesCablesConnectors}
            </label>
            <NotesField step="protection" id={id} />
            <CableWays />
          </Region>
        </Box>
      </Columns>
    </>
  );
}

/** From the wiring on the board to another; its verdicts are asked for only where there is one. */
function ChangingOver() {
  const compared = useComparison(
    usePlan(),
    useWiring(),
    useDeskState((state) => state.moment),
  );
  return <ChangeoverCard compared={compared} />;
}

/** The steps of an order of work; those ticked on a sheet that was taken along have their day. */
function Steps({ list }: { readonly list: WorkList }) {
  const ticks = useReadingsState().records ?? [];
  return (
    <ol className={sheetStyle["steps"]}>
      {list.steps.map((step, k) => {
        const words = workStepWords(step);
        const tick = ticks.find((each) => each.kind === "tick" && each.list === list.name && each.step === words);
        return (
          <li key={k}>
            {words}
            {tick === undefined ? null : <strong> ✓ {format(Date.parse(tick.atUtc), "d MMM yyyy")}</strong>}
          </li>
        );
      })}
    </ol>
  );
}
