"use client";

import { Fragment } from "react";
import { countsBy, type PortFieldName, portFieldNames, portFields, type PortGroup, type PortSheet } from "@/core/plan";
import { usePlan } from "@/features/plan-session";
import { PrintTable } from "@/ui";
import { given, portFieldWords } from "@/messages/en";
import { basisWords, conversionWords, natureWords, outcomeWords, trackerWords } from "./fields";
import { inputPrintTexts } from "@/messages/en/controllers/view";

/** What every port of every input states, on paper. */
export function InputPrint() {
  const { inputs } = usePlan();
  if (inputs.length === 0) return <p>{inputPrintTexts.noControllerInThisPlanYet}</p>;
  return inputs.map(({ id, device }) => (
    <Fragment key={id}>
      <PrintTable
        caption={device.name}
        head={[inputPrintTexts.dataSheet, ...device.ports.map(({ name }) => name)]}
        rows={lines
          .map(({ title, words }) => [title, ...device.ports.map(words)])
          .filter(([, ...values]) => values.some((value) => value !== ""))}
      />
      {device.groups.map((group) => (
        <p key={group.id}>{groupWords(device.ports, group)}</p>
      ))}
    </Fragment>
  ));
}

/** "Both: PV 1; PV 2 together at most 1240 W, self-limiting." */
function groupWords(ports: readonly PortSheet[], { name, portIds, maxW, maxA, nature }: PortGroup): string {
  const names = ports.filter(({ id }) => portIds.includes(id)).map((port) => port.name);
  const most = [maxW === null ? [] : given(maxW, "W"), maxA === null ? [] : given(maxA, "A")].flat().join(", ");
  return inputPrintTexts.sharedLimit(name, names.join("; "), most, natureWords[nature]);
}

type Line = { readonly title: string; readonly words: (port: PortSheet) => string };

const volts = (value: number | null) => (value === null ? "" : given(value, "V"));

/** Lines that are no number of the PV input, each after the number it belongs to. */
const after: Readonly<Partial<Record<PortFieldName, readonly Line[]>>> = {
  maxV: [
    { title: inputPrintTexts.maxPvVoltageAppliesTo, words: ({ ceilingBasis }) => basisWords[ceilingBasis] },
    { title: inputPrintTexts.overVoltage, words: ({ overVoltage }) => outcomeWords[overVoltage] },
    {
      title: inputPrintTexts.currentLimits,
      words: ({ currentLimits }) =>
        currentLimits
          .map(({ amps, fromV, toV, nature }) => {
            const range = [
              fromV === null ? "" : inputPrintTexts.fromVolts(volts(fromV)),
              toV === null ? "" : inputPrintTexts.upToVolts(volts(toV)),
            ].join("");
            return `${amps === null ? inputPrintTexts.ampsNotGiven : given(amps, "A")}${range} (${natureWords[nature]})`;
          })
          .join("; "),
    },
  ],
  maxW: [
    {
      title: inputPrintTexts.kindOfPowerLimit,
      words: ({ maxW, maxWNature }) => (maxW === null ? "" : natureWords[maxWNature]),
    },
    { title: inputPrintTexts.conversion, words: ({ conversion }) => conversionWords[conversion] },
    {
      title: inputPrintTexts.tracker,
      words: ({ conversion, tracker }) => (conversion === "mppt" ? trackerWords[tracker] : ""),
    },
  ],
};

const lines: readonly Line[] = portFieldNames.flatMap((name) => {
  const words: Line["words"] = (port) => {
    const value = countsBy(name, port.conversion) ? port[name] : null;
    return value === null ? "" : given(value, portFields[name].unit);
  };
  return [{ title: portFieldWords[name].name, words }, ...(after[name] ?? [])];
});
