"use client";

import Box from "@mui/material/Box";
import { useRef, useState } from "react";
import { type Surface } from "@/core/plan";
import { boundsOf, pointsOf } from "@/core/layout/roof";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { QuantityField, TextButton } from "@/ui";
import { scaledBy, takePhoto } from "../photo";
import { Quantity, two } from "../Quantity";
import { photoFormTexts } from "@/messages/en/layout/forms";

type Spot = readonly [number, number];
export type Pointing = {
  readonly spots: readonly Spot[];
  readonly isOn: boolean;
  readonly begin: () => void;
  readonly end: () => void;
};

/** A photo taken from above, laid under the drawing: chosen, scaled by two points, moved and turned until it fits. */
export function PhotoForm({ surface, pointing }: { readonly surface: Surface; readonly pointing: Pointing }) {
  const desk = useDesk();
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [apartMm, setApartMm] = useState<number | null>(null);
  const { photo } = surface;
  const set = (next: Surface["photo"], how?: string) =>
    desk.change(
      { type: "patchInSpace", list: "surfaces", id: surface.id, patch: { photo: next } },
      how && `photo:${surface.id}:${how}`,
    );
  const choose = async (file: File) => {
    setProblem(null);
    const taken = await takePhoto(file);
    if (taken.type === "fault") return setProblem(taken.message);
    const { x, y } = boundsOf(pointsOf(surface.outline));
    const { id, widthPx, heightPx } = taken;
    // as large as the surface, until two points say better
    const mmPerPx = Math.max((x[1] - x[0]) / widthPx, (y[1] - y[0]) / heightPx);
    set({ id, widthPx, heightPx, mmPerPx, xMm: x[0], yMm: y[1], turnDeg: 0 });
  };
  const [a, b] = pointing.spots;
  const scale = () => {
    if (photo === null || a === undefined || b === undefined || apartMm === null) return;
    const scaled = scaledBy(photo, [a, b], apartMm);
    if (scaled === null) return setProblem(photoFormTexts.theTwoPointsCoincidePressTwo);
    set(scaled);
    pointing.end();
    setApartMm(null);
  };
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        data-testid="photo-file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) void choose(file);
          event.target.value = "";
        }}
      />
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton onClick={() => input.current?.click()}>
          {photo === null ? photoFormTexts.addAPhotoUnderneath : photoFormTexts.replaceThePhoto}
        </TextButton>
        {photo !== null && (
          <>
            <TextButton aria-pressed={pointing.isOn} onClick={pointing.isOn ? pointing.end : pointing.begin}>
              {photoFormTexts.scaleByTwoPoints}
            </TextButton>
            <TextButton onClick={() => set(null)}>{photoFormTexts.deleteThePhoto}</TextButton>
          </>
        )}
      </Box>
      {problem !== null && (
        <p role="alert" style={{ margin: 0, color: "var(--stop)" }}>
          {problem}
        </p>
      )}
      {pointing.isOn && (
        <>
          <p style={{ margin: 0 }} role="status">
            {a === undefined
              ? photoFormTexts.pressTheFirstOfTwoPointsOnThe
              : b === undefined
                ? photoFormTexts.pressTheSecondPoint
                : photoFormTexts.enterTheDistanceBetweenThePoints}
          </p>
          {b !== undefined && (
            <Box sx={{ display: "flex", gap: 1, alignItems: "end" }}>
              <QuantityField
                label={photoFormTexts.measuredDistance}
                spec={fieldSpecs.surfaceMm}
                value={apartMm}
                onValue={setApartMm}
                onDone={() => undefined}
                help={photoFormTexts.measuredDistanceHelp}
              />
              <TextButton look="amber" disabled={apartMm === null} onClick={scale}>
                {photoFormTexts.setTheScale}
              </TextButton>
            </Box>
          )}
        </>
      )}
      {photo !== null && (
        <Box sx={two}>
          <Quantity
            label={photoFormTexts.photoFromTheLeft}
            spec="placeMm"
            value={photo.xMm}
            onValue={(xMm) => set({ ...photo, xMm }, "x")}
            help={photoFormTexts.toItsCorner}
          />
          <Quantity
            label={photoFormTexts.photoFromTheBack}
            spec="placeMm"
            value={photo.yMm}
            onValue={(yMm) => set({ ...photo, yMm }, "y")}
            help={photoFormTexts.toItsCorner}
          />
          <Quantity
            label={photoFormTexts.photoTurnedBy}
            spec="turnedDeg"
            value={photo.turnDeg}
            onValue={(turnDeg) => set({ ...photo, turnDeg }, "turn")}
            help={photoFormTexts.photoTurnedByHelp}
          />
        </Box>
      )}
      <p style={{ margin: 0, fontSize: "0.8125rem" }}>{photoFormTexts.thePhotoStaysOnThisComputerThe}</p>
    </Box>
  );
}
