"use client";

import { type Finding } from "@/core/assessment";
import { inPortOrder } from "@/core/plan-model";
import { laneKey, type PanelRef, tilesOf } from "@/core/engine/array";
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
import { LaneDrawing } from "./LaneDrawing";

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
  const used = new Set(tilesOf(wiring.lanes).map(({ panelId }) => panelId));
  const posesUsed = plan.poses.filter(({ id }) => wiring.poseIds.includes(id)).map(({ name }) => `“${name}”`);
  const assessed = assessment?.type === "assessed" ? assessment : null;
  return (
    <>
      <h2>{wiring.name}</h2>
      <p>
        <strong>{word}.</strong> {sentence}
      </p>
      {wiring.note !== "" && <p>{wiring.note}</p>}
      {posesUsed.length > 1 && <p>Judged by the worst of its poses {posesUsed.join(", ")}.</p>}
      {inPortOrder(plan, wiring.lanes)
        .filter(({ rows }) => rows.length > 0)
        .map((lane) => {
          const input = plan.inputs.find(({ id }) => id === lane.inputId);
          const port = input?.device.ports.find(({ id }) => id === lane.portId);
          return (
            <figure key={laneKey(lane)} style={{ margin: "0 0 5mm" }}>
              <figcaption style={{ fontWeight: 700, marginBottom: "1.5mm" }}>
                {input === undefined ? "No input chosen yet" : `${input.device.name}: ${port?.name ?? "no port"}`}
              </figcaption>
              <LaneDrawing lane={lane} nameOf={nameOf} />
            </figure>
          );
        })}
      <p>
        {plan.panels
          .filter(({ id }) => used.has(id))
          .map(({ id, label }) => `${letters.get(id) ?? "?"}: ${label.name}`)
          .join("; ")}
        . A dashed panel is taken out, its leads joined past it.
      </p>
      {assessment?.missing.map(missingSentence).map((words) => (
        <p key={words}>{words}</p>
      ))}
      {assessed !== null && (
        <PrintTable
          caption="What the rules say"
          head={["Verdict", "Rule", "Value, limit", "In words"]}
          rows={assessed.findings.map((finding) => [
            <strong key="level">{levelWords[finding.level]}</strong>,
            `${placePrefix(assessed, finding)}${ruleTitle(finding.rule)}`,
            valueWords(finding),
            `${findingSentence(finding, system)}${
              finding.assumptions.length === 0
                ? ""
                : ` Assumed: ${finding.assumptions.map((each) => assumptionSentence(each, system)).join("; ")}.`
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
  const of = stated === null ? "" : ` of ${limit(stated.value, stated.unit)}`;
  return `${amount(value.value, value.unit)}${of}`;
}
