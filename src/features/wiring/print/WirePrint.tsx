"use client";

import { type Finding } from "@/core/assessment";
import { inPortOrder } from "@/core/plan-model";
import { portArrayKey, type PanelRef, tilesOf } from "@/core/engine/array";
import { useAssessment, usePlan, useWiring } from "@/features/plan-session";
import { levelWords, PrintTable, useUnits } from "@/ui";
import {
  amount,
  assumptionSentence,
  findingSentence,
  limit,
  missingSentence,
  placePrefix,
  ruleTitle,
  verdictOf,
} from "@/messages/en";
import { cautions } from "../cautions";
import { PortArrayDrawing } from "./PortArrayDrawing";
import { wirePrintTexts } from "@/messages/en/wiring/print";

/** The wiring on paper: how it is joined, panel by panel, and all the rules say of it. */
export function WirePrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const assessment = useAssessment();
  const system = useUnits();
  const { word, sentence } = verdictOf(assessment, system);
  const letters = new Map(plan.panels.map(({ id }, k) => [id, letterOf(k)]));
  const nameOf = (tile: PanelRef) => {
    const tag = plan.panels
      .find(({ id }) => id === tile.panelId)
      ?.pieces.find(({ number }) => number === tile.piece)?.tag;
    return tag !== undefined && tag !== "" && tag.length <= 6
      ? tag
      : `${letters.get(tile.panelId) ?? "?"}${tile.piece}`;
  };
  const used = new Set(tilesOf(wiring.portArrays).map(({ panelId }) => panelId));
  const positionsUsed = plan.positions
    .filter(({ id }) => wiring.positionIds.includes(id))
    .map(({ name }) => `“${name}”`);
  const assessed = assessment?.type === "assessed" ? assessment : null;
  return (
    <>
      <h2>{wiring.name}</h2>
      <p>
        <strong>{word}.</strong> {sentence}
      </p>
      {wiring.note !== "" && <p>{wiring.note}</p>}
      {positionsUsed.length > 1 && <p>{wirePrintTexts.checkedForTheWorstOfItsPositions(positionsUsed.join(", "))}</p>}
      {inPortOrder(plan, wiring.portArrays)
        .filter(({ strings }) => strings.length > 0)
        .map((portArray) => {
          const input = plan.inputs.find(({ id }) => id === portArray.inputId);
          const port = input?.device.ports.find(({ id }) => id === portArray.portId);
          return (
            <figure key={portArrayKey(portArray)} style={{ margin: "0 0 5mm" }}>
              <figcaption style={{ fontWeight: 700, marginBottom: "1.5mm" }}>
                {input === undefined
                  ? wirePrintTexts.noControllerChosenYet
                  : `${input.device.name}: ${port?.name ?? "no PV input"}`}
              </figcaption>
              <PortArrayDrawing portArray={portArray} nameOf={nameOf} />
            </figure>
          );
        })}
      <p>
        {wirePrintTexts.portArraysADashedPanelIsBypassedIts(
          plan.panels
            .filter(({ id }) => used.has(id))
            .map(({ id, label }) => `${letters.get(id) ?? "?"}: ${label.name}`)
            .join("; "),
        )}
      </p>
      {assessment?.missing.map(missingSentence).map((words) => (
        <p key={words}>{words}</p>
      ))}
      {assessed !== null && (
        <PrintTable
          caption={wirePrintTexts.checks}
          head={[wirePrintTexts.verdict, wirePrintTexts.check, wirePrintTexts.valueLimit, wirePrintTexts.explanation]}
          rows={assessed.findings.map((finding) => [
            <strong key="level">{levelWords[finding.level]}</strong>,
            `${placePrefix(assessed, finding)}${ruleTitle(finding.rule)}`,
            valueWords(finding),
            `${findingSentence(finding, system)}${
              finding.assumptions.length === 0
                ? ""
                : wirePrintTexts.assumedAssumptions(
                    finding.assumptions.map((each) => assumptionSentence(each, system)).join("; "),
                  )
            }`,
          ])}
        />
      )}
      <p>{cautions}</p>
    </>
  );
}

/** A to Z, then AA to ZZ. */
function letterOf(k: number): string {
  return `${k < 26 ? "" : letterOf(Math.floor(k / 26) - 1)}${String.fromCharCode(65 + (k % 26))}`;
}

function valueWords({ value, limit: stated }: Finding): string {
  if (value === null) return "–";
  const of = stated === null ? "" : wirePrintTexts.ofValue(limit(stated.value, stated.unit));
  return `${amount(value.value, value.unit)}${of}`;
}
