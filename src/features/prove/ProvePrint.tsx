"use client";

import { type ReadingRecord, type ReadSky, unsaidSky } from "@/core/measured";
import { provedLane, walkOf } from "@/core/prove";
import { createMemory, readyById } from "@/core/rules";
import { useDeskState, usePlan, useWiring } from "@/features/desk";
import { PrintTable } from "@/ui";
import { proveCautions, quantityWords, readAmount, readPlaceName } from "@/words";

const noRecords: readonly ReadingRecord[] = [];
const fullSun: ReadSky = { ...unsaidSky, meterWm2: 1000 };

/** The walk of each port with what is due in full sun, and room to write what the meter shows: paper needs no page open. */
export function ProvePrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const { longitudeDeg } = useDeskState((state) => state.moment);
  const ready = readyById(plan, wiring.id, null, createMemory());
  return (
    <>
      {ready.lanes.map((context) => {
        const lane = provedLane(context, fullSun, { atMs: 0, longitudeDeg });
        const { device, port } = context;
        return lane === null ? null : (
          <PrintTable
            key={`${device.name} ${port.name}`}
            caption={`${device.name}, ${port.name}: each panel alone, rows, all joined, plugged in. Due in full sun (1000 W/m², air 20 °C)`}
            head={["Reading", "Due in full sun", "Read", "Light, time", "By"]}
            rows={walkOf(lane, noRecords).steps.map(({ place, quantity, band }) => [
              `${readPlaceName(plan, place)}, ${quantityWords[quantity]}`,
              band === null ? "" : `${readAmount(band.low, quantity)} to ${readAmount(band.high, quantity)}`,
              "",
              "",
              "",
            ])}
          />
        );
      })}
      <p>
        Amps follow the light: at half the light half the amps. Volts hardly do: at half the light a few in a hundred
        less.
      </p>
      <h2>Take care</h2>
      <ul>
        {proveCautions.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.prove}</p>
    </>
  );
}
