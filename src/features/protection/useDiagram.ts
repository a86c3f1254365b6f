"use client";

import { useEffect, useMemo, useState } from "react";
import { type Plan } from "@/core/plan";
import { type Diagram, diagramOf, graphOf, layoutAsk, type ProtectReport } from "@/core/protection/diagram";
import { type UnitSystem } from "@/core/engine/units";
import { boxWords } from "@/messages/en";
import { pageLayout } from "@/workers";
import { useDiagramTexts } from "@/messages/en/protection/view";

export type Drawn = { readonly diagram: Diagram | null; readonly fault: string | null };

/** The drawing of a report. Boxes keep their places while only words change that fit them; else all is laid out anew, beside the page. */
export function useDiagram(plan: Plan | null, report: ProtectReport | null, system: UnitSystem): Drawn {
  const graph = useMemo(
    () =>
      plan === null || report === null
        ? null
        : graphOf(report.assembly, (part) => boxWords(part, plan, report, system)),
    [plan, report, system],
  );
  const [placed, setPlaced] = useState<{
    readonly key: string;
    readonly answer: Parameters<typeof diagramOf>[1];
  } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const ask = useMemo(() => (graph === null ? null : layoutAsk(graph)), [graph]);
  const key = useMemo(() => (ask === null ? "" : JSON.stringify(ask)), [ask]);
  useEffect(() => {
    if (ask === null) return;
    let isWanted = true;
    pageLayout()
      .place(ask)
      .then(
        (answer) => {
          if (!isWanted) return;
          setPlaced({ key, answer });
          setFault(null);
        },
        (error: unknown) => {
          if (isWanted) setFault(error instanceof Error ? error.message : useDiagramTexts.theLayoutFailed);
        },
      );
    return () => {
      isWanted = false;
    };
    // the key says all that the layout depends on
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const [last, setLast] = useState<Diagram | null>(null);
  const diagram = useMemo(
    () => (graph === null || placed === null || placed.key !== key ? null : diagramOf(graph, placed.answer)),
    [graph, placed, key],
  );
  // what was drawn stays until the next is placed
  if (diagram !== null && diagram !== last) setLast(diagram);
  return { diagram: diagram ?? last, fault };
}
