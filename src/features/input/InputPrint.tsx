"use client";

import { linesOf, portColumns, writeTable } from "@/core/library";
import { usePlan } from "@/features/desk";
import { PrintTable } from "@/ui";

/** What every port of every input states, on paper. */
export function InputPrint() {
  const { inputs } = usePlan();
  if (inputs.length === 0) return <p>No input in this plan yet.</p>;
  return inputs.map(({ id, device }) => {
    const [titles = [], ...ports] = writeTable(portColumns, linesOf(device));
    return (
      <PrintTable
        key={id}
        caption={device.name}
        head={["Line of the data sheet", ...device.ports.map(({ name }) => name)]}
        rows={titles
          .map((title, k) => [String(title), ...ports.map((port) => String(port[k] ?? ""))])
          .filter(([, ...values]) => values.some((value) => value !== ""))}
      />
    );
  });
}
