"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type Plan, pieceName, type Surface } from "@/core/plan";
import { boundsOf, baseOf, bodyOf, pointsOf, type Polygon } from "@/core/layout/roof";
import { ChoiceField, useUnits } from "@/ui";
import { amount } from "@/messages/en";
import { type Layout } from "./layout";
import { measureTexts } from "@/messages/en/layout/view";

type Props = {
  readonly plan: Plan;
  readonly surface: Surface;
  readonly layout: Layout;
  readonly chosen: string | null;
};

/** How far two things are from each other, edge to edge; a thing chosen on the drawing is the first. */
export function Measure({ plan, surface, layout, chosen }: Props) {
  const system = useUnits();
  const [picked, setFrom] = useState<string | null>(null);
  const [to, setTo] = useState("edge");
  const things = thingsOn(plan, surface, layout);
  const from = chosen ?? picked ?? things[1]?.id ?? "edge";
  const [a, b] = [things.find(({ id }) => id === from), things.find(({ id }) => id === to)];
  const options = things.map(({ id, name }) => ({ value: id, text: name }));
  const mm = (value: number) => amount(value, "mm", system);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <ChoiceField label={measureTexts.from} value={from} options={options} onChoice={setFrom} />
        <ChoiceField label={measureTexts.to} value={to} options={options} onChoice={setTo} />
      </Box>
      {a !== undefined && b !== undefined && a !== b && (
        <p style={{ margin: 0 }} role="status">
          {[a, b].some(({ id }) => id === "edge")
            ? edgeWords(a.id === "edge" ? b.shape : a.shape, surface, mm)
            : apartWords(a.shape, b.shape, mm)}
        </p>
      )}
    </Box>
  );
}

function thingsOn(plan: Plan, surface: Surface, layout: Layout): { id: string; name: string; shape: Polygon }[] {
  const here = ({ surfaceId }: { readonly surfaceId: string }) => surfaceId === surface.id;
  return [
    { id: "edge", name: measureTexts.edgesOfName(surface.name), shape: pointsOf(surface.outline) },
    ...layout.panels.map(({ id, shape }) => ({ id, name: pieceName(plan, id), shape })),
    ...plan.space.obstacles.filter(here).map((each) => ({ id: each.id, name: each.name, shape: baseOf(bodyOf(each)) })),
    ...plan.space.zones.filter(here).map(({ id, name, outline }) => ({ id, name, shape: pointsOf(outline) })),
    ...plan.space.glands.filter(here).map(({ id, name, xMm, yMm }) => ({ id, name, shape: [[xMm, yMm] as const] })),
  ];
}

/** From the edges of a shape to those of the box round its surface. */
function edgeWords(shape: Polygon, surface: Surface, mm: (value: number) => string): string {
  const [box, whole] = [boundsOf(shape), boundsOf(pointsOf(surface.outline))];
  return measureTexts.fromTheLeftEdgeLeftMmFromThe(
    mm(box.x[0] - whole.x[0]),
    mm(whole.x[1] - box.x[1]),
    mm(box.y[0] - whole.y[0]),
    mm(whole.y[1] - box.y[1]),
  );
}

function apartWords(a: Polygon, b: Polygon, mm: (value: number) => string): string {
  const [boxA, boxB] = [boundsOf(a), boundsOf(b)];
  const gap = (axis: "x" | "y") => Math.max(boxA[axis][0], boxB[axis][0]) - Math.min(boxA[axis][1], boxB[axis][1]);
  const [across, along] = [gap("x"), gap("y")];
  if (across < 0 && along < 0) return measureTexts.theyOverlap;
  const parts = [
    across >= 0 ? measureTexts.mmFromLeftToRight(mm(across)) : null,
    along >= 0 ? measureTexts.mmFromBackToFront(mm(along)) : null,
  ].filter((part) => part !== null);
  return measureTexts.edgeToEdgePartsShortestDistance(parts.join(", "), mm(nearestMm(a, b)));
}

/** The shortest way between the outlines of two shapes. */
function nearestMm(a: Polygon, b: Polygon): number {
  const toSide = (
    [x, y]: readonly [number, number],
    [x0, y0]: readonly [number, number],
    [x1, y1]: readonly [number, number],
  ) => {
    const [dx, dy] = [x1 - x0, y1 - y0];
    const length = dx * dx + dy * dy;
    const share = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - x0) * dx + (y - y0) * dy) / length));
    return Math.hypot(x - x0 - share * dx, y - y0 - share * dy);
  };
  const sides = (shape: Polygon) => shape.map((point, k) => [point, shape[(k + 1) % shape.length] ?? point] as const);
  const each = (from: Polygon, to: Polygon) => from.flatMap((point) => sides(to).map(([p, q]) => toSide(point, p, q)));
  return Math.min(...each(a, b), ...each(b, a));
}
