"use client";

import { usePlan } from "@/features/desk";
import { sizeOf } from "@/core/roof";
import { keyOf } from "@/core/wiring";
import { PrintTable } from "@/ui";
import { pieceName } from "./fault-words";

/** Where everything lies, by its distance from two fixed edges. */
export function SpacePrint() {
  const plan = usePlan();
  const { surfaces, places, obstacles } = plan.space;
  const mm = (value: number) => `${Math.round(value)} mm`;
  return (
    <>
      {surfaces.map(({ id, name }) => (
        <PrintTable
          key={id}
          caption={`${name}: to the middle of each thing, from the left edge and from the back edge`}
          head={["Thing", "From the left", "From the back", "Turned", "Size"]}
          rows={[
            ...places
              .filter(({ surfaceId }) => surfaceId === id)
              .map((place) => {
                const panel = plan.panels.find((each) => each.id === place.panelId);
                const size = panel === undefined ? null : sizeOf(panel);
                return [
                  pieceName(plan, keyOf(place)),
                  mm(place.xMm),
                  mm(place.yMm),
                  `${place.turnedDeg}°`,
                  size === null ? "" : `${mm(size.lengthMm)} × ${mm(size.widthMm)}`,
                ];
              }),
            ...obstacles
              .filter(({ surfaceId }) => surfaceId === id)
              .map(({ name: thing, xMm, yMm, shape }) => [
                thing,
                mm(xMm),
                mm(yMm),
                shape.type === "box" ? `${shape.turnDeg}°` : "",
                shape.type === "box"
                  ? `${mm(shape.lengthMm)} × ${mm(shape.widthMm)}`
                  : `${mm(2 * shape.radiusMm)} thick`,
              ]),
          ]}
        />
      ))}
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.space}</p>
      <p>Ladders, roofs and skylights: mind what will not bear you.</p>
    </>
  );
}
