"use client";

import Box from "@mui/material/Box";
import { type Surface, surfaceKinds } from "@/core/plan";
import { fieldSpecs } from "@/core/units";
import { useDesk, usePlan } from "@/features/desk";
import { ChoiceField, QuantityField, TextButton, TextLine } from "@/ui";

const kindWords: Readonly<Record<Surface["kind"], string>> = {
  roof: "roof",
  deck: "deck",
  porch: "porch",
  ground: "pitch on the ground",
  frame: "frame",
};

/** A surface in full: a rectangle by its length and width; where its front points. */
export function SurfaceForm({ surface }: { surface: Surface }) {
  const desk = useDesk();
  const { site } = usePlan();
  const patch = (change: Partial<Surface>, gesture?: string) =>
    desk.change(
      { type: "patchInSpace", list: "surfaces", id: surface.id, patch: change },
      gesture === undefined ? undefined : `surface:${surface.id}:${gesture}`,
    );
  const [xs, ys] = [surface.outline.map(({ xMm }) => xMm), surface.outline.map(({ yMm }) => yMm)];
  const [width, length] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  const sized = (along: number, across: number) =>
    patch(
      {
        outline: [
          { xMm: 0, yMm: 0 },
          { xMm: across, yMm: 0 },
          { xMm: across, yMm: along },
          { xMm: 0, yMm: along },
        ],
      },
      "size",
    );
  const size = (label: string, value: number, onValue: (value: number) => void, help: string) => (
    <QuantityField
      label={label}
      spec={fieldSpecs.surfaceMm}
      value={value}
      onValue={(next) => onValue(next ?? value)}
      onDone={desk.endGesture}
      help={help}
      helpBelow
      required
    />
  );
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
      <TextLine
        label="Name"
        value={surface.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <ChoiceField
        label="It is a"
        value={surface.kind}
        options={surfaceKinds.map((value) => ({ value, text: kindWords[value] }))}
        onChoice={(kind) => patch({ kind })}
      />
      {size("Length", length, (along) => sized(along, width), "From back to front.")}
      {size("Width", width, (across) => sized(length, across), "From left to right.")}
      <QuantityField
        label="Front points to"
        spec={fieldSpecs.azimuthDeg}
        value={surface.headingDeg}
        onValue={(headingDeg) => patch({ headingDeg }, "heading")}
        onDone={desk.endGesture}
        help="Degrees from north by east. Empty: as the vehicle stands."
        helpBelow
        placeholder={`${site.headingDeg ?? 0} assumed`}
      />
      <Box sx={{ display: "flex", alignItems: "end" }}>
        <TextButton onClick={() => desk.change({ type: "removeFromSpace", list: "surfaces", id: surface.id })}>
          Take it away
        </TextButton>
      </Box>
    </Box>
  );
}
