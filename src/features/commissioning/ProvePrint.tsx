"use client";

import { type ReadSky, unsaidSky } from "@/core/measurements";
import { provedPortArray, walkOf } from "@/core/commissioning";
import { createSolveCache, solvableById } from "@/core/plan-model";
import { createPlanes } from "@/core/wiring/year";
import { useDeskState, usePlan, useReadingsState, useWiring } from "@/features/plan-session";
import { PrintTable, useUnits } from "@/ui";
import { proveCautions, quantityWords, readAmount, readPlaceName, readTime } from "@/messages/en";
import { ofPortArray } from "./of-port-array";
import { provedWord } from "./report-files";
import { provePrintTexts } from "@/messages/en/commissioning/view";

const fullSun: ReadSky = { ...unsaidSky, meterWm2: 1000 };

/**
 * The walk of each port: what was read and what that proves, and room to write where nothing was read yet, with what is due in full sun,
 * as paper knows no sky.
 */
export function ProvePrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const system = useUnits();
  const all = useReadingsState().records ?? [];
  const moment = useDeskState((state) => state.moment);
  const ready = solvableById(plan, wiring.id, null, createSolveCache());
  return (
    <>
      {ready.portArrays.map((context) => {
        const portArray = provedPortArray(
          context,
          fullSun,
          moment,
          createPlanes(plan, wiring.positionIds[0] ?? "", moment.longitudeDeg),
        );
        const { inputId, portId } = context.portArray;
        if (portArray === null || inputId === null || portId === null) return null;
        const records = ofPortArray(all, wiring.id, { inputId, portId }).filter(({ source }) => source !== "standIn");
        return (
          <PrintTable
            key={`${inputId} ${portId}`}
            caption={provePrintTexts.namePortNameEachPanelAloneEach(context.device.name, context.port.name)}
            head={[
              provePrintTexts.reading,
              provePrintTexts.expectedThenOrInFullSun,
              provePrintTexts.measured,
              provePrintTexts.result,
              provePrintTexts.lightTimeMeasuredBy,
            ]}
            rows={walkOf(portArray, records).steps.map((step) => {
              const { place, quantity, band, read } = step;
              const due = read === null ? band : read.due;
              return [
                `${readPlaceName(plan, place)}, ${quantityWords[quantity]}`,
                due === null
                  ? ""
                  : provePrintTexts.lowToHigh(readAmount(due.low, quantity), readAmount(due.high, quantity)),
                read === null ? "" : readAmount(read.value, quantity),
                read === null ? "" : provedWord(step),
                read === null ? "" : `${readTime(read.atUtc, system)}${read.by === "" ? "" : `, ${read.by}`}`,
              ];
            })}
          />
        );
      })}
      <p>{provePrintTexts.fullSunIs1000WMInAirOf20CCurrent}</p>
      <h2>{provePrintTexts.safety}</h2>
      <ul>
        {proveCautions.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.test}</p>
    </>
  );
}
