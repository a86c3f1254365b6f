"use client";

import Box from "@mui/material/Box";
import { type Surface, surfaceKinds } from "@/core/plan";
import { boundsOf, pointsOf } from "@/core/layout/roof";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, TextButton, TextLine } from "@/ui";
import { CornersForm } from "./forms/CornersForm";
import { PhotoForm, type Pointing } from "./forms/PhotoForm";
import { Quantity, Stated, two } from "./Quantity";
import { surfaceFormTexts } from "@/messages/en/layout/view";

const kindWords: Readonly<Record<Surface["kind"], string>> = {
  roof: "roof",
  deck: "deck",
  porch: "porch",
  ground: surfaceFormTexts.campsiteOnTheGround,
  frame: "frame",
};

const defaultRibs: NonNullable<Surface["ribs"]> = {
  run: "along",
  firstMm: 150,
  apartMm: 200,
  widthMm: 30,
  heightMm: 12,
};

/** A surface in full: its measures, its corners, where its front points, how steep it is, what it bears, the photo under it. */
export function SurfaceForm({ surface, pointing }: { readonly surface: Surface; readonly pointing: Pointing }) {
  const desk = useDesk();
  const { site, space } = usePlan();
  const patch = (change: Partial<Surface>, gesture?: string) =>
    desk.change(
      { type: "patchInSpace", list: "surfaces", id: surface.id, patch: change },
      gesture === undefined ? undefined : `surface:${surface.id}:${gesture}`,
    );
  const { x, y } = boundsOf(pointsOf(surface.outline));
  const [width, length] = [x[1] - x[0], y[1] - y[0]];
  /** Whatever shape it has is stretched: a rectangle stays one. */
  const sized = (along: number, across: number) =>
    patch(
      {
        outline: surface.outline.map(({ xMm, yMm }) => ({
          xMm: x[0] + ((xMm - x[0]) * across) / width,
          yMm: y[0] + ((yMm - y[0]) * along) / length,
        })),
      },
      "size",
    );
  const { ribs } = surface;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={two}>
        <TextLine
          label={surfaceFormTexts.name}
          value={surface.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={desk.endGesture}
        />
        <ChoiceField
          label={surfaceFormTexts.kindOfSurface}
          value={surface.kind}
          options={surfaceKinds.map((value) => ({ value, text: kindWords[value] }))}
          onChoice={(kind) => patch({ kind })}
        />
        <Quantity
          label={surfaceFormTexts.length}
          spec="surfaceMm"
          value={length}
          onValue={(along) => sized(along, width)}
          help={surfaceFormTexts.lengthHelp}
        />
        <Quantity
          label={surfaceFormTexts.width}
          spec="surfaceMm"
          value={width}
          onValue={(across) => sized(length, across)}
          help={surfaceFormTexts.widthHelp}
        />
        <Stated
          label={surfaceFormTexts.frontPointsTo}
          spec="azimuthDeg"
          value={surface.headingDeg}
          onValue={(headingDeg) => patch({ headingDeg }, "heading")}
          help={surfaceFormTexts.frontPointsToHelp}
          placeholder={surfaceFormTexts.headingDegAssumed(site.headingDeg ?? 0)}
        />
        <Stated
          label={surfaceFormTexts.maxLoad}
          spec="loadKg"
          value={surface.loadKg}
          onValue={(loadKg) => patch({ loadKg }, "load")}
          help={surfaceFormTexts.maxLoadHelp}
        />
        <Stated
          label={surfaceFormTexts.heightOfItsEdge}
          spec="surfaceMm"
          value={surface.heightMm}
          onValue={(heightMm) => patch({ heightMm }, "height")}
          help={surfaceFormTexts.heightOfItsEdgeHelp}
        />
        <Stated
          label={surfaceFormTexts.lowestBridge}
          spec="surfaceMm"
          value={space.clearHeightMm}
          onValue={(clearHeightMm) => desk.change({ type: "setSpace", patch: { clearHeightMm } }, "space:bridge")}
          help={surfaceFormTexts.lowestBridgeHelp}
        />
      </Box>
      <CornersForm of={{ list: "surfaces", id: surface.id }} least={3} most={40} />
      <Fold words="Slope, ribs, camber, leads">
        <Box sx={two}>
          <Quantity
            label={surfaceFormTexts.slope}
            spec="slopeDeg"
            value={surface.slopeDeg}
            onValue={(slopeDeg) => patch({ slopeDeg }, "slope")}
            help={surfaceFormTexts.slopeHelp}
          />
          <Quantity
            label={surfaceFormTexts.slopesDownTo}
            spec="azimuthDeg"
            value={surface.fallsToDeg}
            onValue={(fallsToDeg) => patch({ fallsToDeg }, "falls")}
            help={surfaceFormTexts.slopesDownToHelp}
          />
          <Quantity
            label={surfaceFormTexts.camber}
            spec="camberMm"
            value={surface.camberMm}
            onValue={(camberMm) => patch({ camberMm }, "camber")}
            help={surfaceFormTexts.camberHelp}
          />
          <Stated
            label={surfaceFormTexts.leadsOfAPanel}
            spec="leadMm"
            value={space.leadMm}
            onValue={(leadMm) => desk.change({ type: "setSpace", patch: { leadMm } }, "space:leads")}
            help={surfaceFormTexts.leadsOfAPanelHelp}
            placeholder={surfaceFormTexts.n900Assumed}
          />
        </Box>
        <Box sx={{ mt: 1 }}>
          <TextButton aria-pressed={ribs !== null} onClick={() => patch({ ribs: ribs === null ? defaultRibs : null })}>
            {surfaceFormTexts.hasRibs}
          </TextButton>
        </Box>
        {ribs !== null && (
          <Box sx={{ ...two, mt: 1 }}>
            <ChoiceField
              label={surfaceFormTexts.directionOfRibs}
              value={ribs.run}
              options={[
                { value: "along", text: surfaceFormTexts.fromBackToFront },
                { value: "across", text: surfaceFormTexts.fromLeftToRight },
              ]}
              onChoice={(run) => patch({ ribs: { ...ribs, run } })}
            />
            {(
              [
                ["firstMm", surfaceFormTexts.firstRibAt, surfaceFormTexts.fromTheLeftOrFromTheBack],
                ["apartMm", surfaceFormTexts.ribSpacing, surfaceFormTexts.fromMiddleToMiddle],
                ["widthMm", surfaceFormTexts.ribWidth, "Each."],
                ["heightMm", surfaceFormTexts.ribHeight, surfaceFormTexts.aboveTheSurface],
              ] as const
            ).map(([field, label, help]) => (
              <Quantity
                key={field}
                label={label}
                spec={field === "firstMm" ? "placeMm" : "surfaceMm"}
                value={ribs[field]}
                onValue={(value) => patch({ ribs: { ...ribs, [field]: value } }, `ribs:${field}`)}
                help={help}
              />
            ))}
          </Box>
        )}
      </Fold>
      <Fold words="A photo under it">
        <PhotoForm surface={surface} pointing={pointing} />
      </Fold>
      <Box>
        <TextButton onClick={() => desk.change({ type: "removeFromSpace", list: "surfaces", id: surface.id })}>
          {surfaceFormTexts.deleteThisSurface}
        </TextButton>
      </Box>
    </Box>
  );
}

function Fold({ words, children }: { readonly words: string; readonly children: React.ReactNode }) {
  return (
    <Box
      component="details"
      sx={{ "& summary": { cursor: "pointer", minHeight: 44, display: "flex", alignItems: "center" } }}
    >
      <summary>{words}</summary>
      {children}
    </Box>
  );
}
