"use client";

import Box from "@mui/material/Box";
import { feetOf, mountingMethods, roofSurfaceOf, defaultGustMs, defaultSpeedKmh, defaultStowKn } from "@/core/mounting";
import { type Fixing, frontEdges, roofZones, mountingMethodIds, roofSurfaces } from "@/core/plan";
import { fieldSpecs, type FieldName } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, QuantityField, Region, TextButton, TextLine, useUnits } from "@/ui";
import { amount, methodWords, roofSurfaceWords } from "@/messages/en";
import { useReport } from "./facts";

/** The change of one field of the fixing shown, one undo step while it is typed. */
function usePatch() {
  const desk = useDesk();
  const { fixing } = useReport();
  return (patch: Partial<Fixing>, gesture?: string) =>
    desk.change(
      { type: "patchFixing", fixingId: fixing.id, patch },
      gesture === undefined ? undefined : `fixing:${fixing.id}:${gesture}`,
    );
}

type Stated =
  | "speedKmh"
  | "gustMs"
  | "stowKn"
  | "feet"
  | "footLongMm"
  | "footWideMm"
  | "shortTermKpa"
  | "longTermKpa"
  | "ratedC"
  | "pullOutN"
  | "tiltDeg"
  | "heightMm"
  | "baseLongMm"
  | "baseKg"
  | "anchorsPerSide"
  | "anchorEachN"
  | "snowKnM2"
  | "footHeightMm";

const specs: Readonly<Record<Stated, FieldName>> = {
  speedKmh: "speedKmh",
  gustMs: "gustMs",
  stowKn: "knots",
  feet: "feet",
  footLongMm: "footMm",
  footWideMm: "footMm",
  shortTermKpa: "kpa",
  longTermKpa: "kpa",
  ratedC: "ratedC",
  pullOutN: "newton",
  tiltDeg: "slopeDeg",
  heightMm: "surfaceMm",
  baseLongMm: "surfaceMm",
  baseKg: "baseKg",
  anchorsPerSide: "anchors",
  anchorEachN: "newton",
  snowKnM2: "snowKnM2",
  footHeightMm: "footHeightMm",
};

function MountingField({
  of,
  label,
  placeholder,
  help,
}: {
  readonly of: Stated;
  readonly label: string;
  readonly placeholder: string;
  readonly help: string;
}) {
  const desk = useDesk();
  const { fixing } = useReport();
  const patch = usePatch();
  return (
    <QuantityField
      label={label}
      spec={fieldSpecs[specs[of]]}
      value={fixing[of]}
      onValue={(next) => patch({ [of]: next }, of)}
      onDone={desk.endGesture}
      placeholder={placeholder}
      help={help}
    />
  );
}

const frontEdgeWords = {
  covered: "covered or ramped, all edges sealed",
  open: "not covered",
  lifted: "an edge has lifted",
} as const;

const footWords = { foot: "Feet", bracket: "Brackets", fastener: "Fasteners", clamp: "Clamps" } as const;

const methodOptions = mountingMethodIds
  .map((value) => ({ value, text: methodWords[value].name }))
  .sort((a, b) => a.text.localeCompare(b.text));

/** What is said of a fixing: how and to what it is held, in which wind, by how much. What is not said stands as assumed. */
export function MountingForm() {
  const desk = useDesk();
  const system = useUnits();
  const { fixing, held, conditions } = useReport();
  const patch = usePatch();
  const method = mountingMethods[fixing.method];
  const feet = feetOf(fixing, held?.load.longMm ?? 0);
  const isGlued = method.adhesive !== null;
  const isBonded = method.holdsBy === "bond";
  const hold = held?.hold;
  const usual = (value: number | undefined) => (value === undefined ? "" : String(Math.round(value)));
  return (
    <Region
      title="This mounting"
      aside={
        <TextButton look="plain" onClick={() => desk.change({ type: "removeFixing", fixingId: fixing.id })}>
          Remove this mounting
        </TextButton>
      }
    >
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <TextLine
          label="Name"
          value={fixing.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={desk.endGesture}
        />
        <ChoiceField
          label="Mounting method"
          value={fixing.method}
          options={methodOptions}
          onChoice={(chosen) => patch({ method: chosen })}
        />
        <ChoiceField
          label="Fixed to"
          value={roofSurfaceOf(fixing) ?? ""}
          placeholder="not entered yet"
          options={roofSurfaces.map((value) => ({ value, text: roofSurfaceWords[value] }))}
          onChoice={(roofSurface) => patch({ roofSurface })}
        />
        {isGlued && (
          <ChoiceField
            label="Colour of the roof"
            value={fixing.isWhite ? "white" : "other"}
            options={[
              { value: "white", text: "white (5 K cooler)" },
              { value: "other", text: "any other" },
            ]}
            onChoice={(value) => patch({ isWhite: value === "white" })}
          />
        )}
        {method.travels && (
          <MountingField
            of="speedKmh"
            label="Top driving speed"
            placeholder={usual(held?.load.speedKmh ?? defaultSpeedKmh)}
            help="0 = never driven. 50 km/h (31 mph) of headwind is added."
          />
        )}
        {method.comesIn === "asked" && (
          <ChoiceField
            label="In a gale it"
            value={fixing.staysUp === null ? "unknown" : fixing.staysUp ? "stays" : "comesIn"}
            options={[
              { value: "unknown", text: "not entered (counts as staying up)" },
              { value: "stays", text: "stays up: arch, rail or davit" },
              { value: "comesIn", text: "is always taken in before" },
            ]}
            onChoice={(value) => patch({ staysUp: value === "unknown" ? null : value === "stays" })}
          />
        )}
        {held !== null && held.load.zone !== null && (
          <ChoiceField
            label="Where on the roof"
            value={fixing.zone ?? "unknown"}
            options={[
              { value: "unknown", text: "not entered (counts as edge)" },
              ...roofZones.map((value) => ({
                value,
                text: value === "edge" ? "edge, ridge or corner" : "in the field",
              })),
            ]}
            onChoice={(value) => patch({ zone: roofZones.find((each) => each === value) ?? null })}
          />
        )}
        {method.holdsBy === "peel" && (
          <ChoiceField
            label="Front edge"
            value={fixing.frontEdge ?? "unknown"}
            options={[
              { value: "unknown", text: "not checked" },
              ...frontEdges.map((value) => ({ value, text: frontEdgeWords[value] })),
            ]}
            onChoice={(value) => patch({ frontEdge: frontEdges.find((each) => each === value) ?? null })}
          />
        )}
        {!method.travels && (
          <MountingField
            of="snowKnM2"
            label="Snow load on the ground"
            placeholder="none entered"
            help="In kN/m², from the building code or the town; 0 where none falls."
          />
        )}
        {held !== null && held.load.stowMs !== null ? (
          <MountingField
            of="stowKn"
            label="Taken in above"
            placeholder={String(defaultStowKn)}
            help="Knots of wind in which it is taken in at the latest."
          />
        ) : (
          <MountingField
            of="gustMs"
            label="Strongest gust"
            placeholder={String(defaultGustMs)}
            help="Strongest gust where it is parked or stands."
          />
        )}
        {method.feet[0] > 0 && (
          <MountingField
            of="feet"
            label={`${footWords[method.footKind]} of a panel`}
            placeholder={usual(feet.feet)}
            help="Of each panel."
          />
        )}
        {isBonded && (
          <>
            <MountingField
              of="footLongMm"
              label="Bonded length of each"
              placeholder={usual(feet.footLongMm)}
              help="The length that is bonded: a short bracket bonds its foot alone."
            />
            <MountingField
              of="footWideMm"
              label="Bonded width of each"
              placeholder={usual(feet.footWideMm)}
              help="The width that is bonded."
            />
          </>
        )}
        {isGlued && (
          <>
            <MountingField
              of="shortTermKpa"
              label="Adhesive strength, short-term"
              placeholder={hold?.type === "bond" ? String(hold.shortTermKpa) : ""}
              help="Design stress for gusts at 20 °C, in kPa, from its maker’s sheet. What heat takes is reckoned here."
            />
            <MountingField
              of="longTermKpa"
              label="Adhesive strength, long-term"
              placeholder={hold?.type === "bond" ? String(hold.longTermKpa) : ""}
              help="Design stress for constant load at 20 °C, in kPa, from its maker’s sheet."
            />
            <MountingField
              of="ratedC"
              label="Adhesive rated up to"
              placeholder={usual(held?.heat?.ratedC)}
              help="The hottest the adhesive may get for long, by its maker’s sheet."
            />
          </>
        )}
        {method.holdsBy === "screws" && (
          <MountingField
            of="pullOutN"
            label="Pull-out strength of one"
            placeholder="not known"
            help="Of one fastener, from its maker or a test: a scale, a lever, a screw in the same material."
          />
        )}
        {method.holdsBy === "standing" && (
          <>
            <MountingField
              of="heightMm"
              label="Height of the panels’ middle"
              placeholder={hold?.type === "standing" ? usual(hold.heightMm) : ""}
              help="Above the ground."
            />
            <MountingField
              of="baseLongMm"
              label="Base, front to back"
              placeholder={hold?.type === "standing" ? usual(hold.baseLongMm) : ""}
              help="Between the front and the back feet, the way the panels face."
            />
            <MountingField
              of="baseKg"
              label="Weight of the base"
              placeholder="0"
              help="Frame and ballast, without the panels."
            />
            <MountingField
              of="anchorsPerSide"
              label="Anchors a side"
              placeholder="2"
              help="The same on all sides: wind comes from any."
            />
            <MountingField
              of="anchorEachN"
              label="One anchor holds"
              placeholder="none set"
              help="Pulled with a lever and a scale, as it stands in this ground."
            />
          </>
        )}
        <MountingField
          of="tiltDeg"
          label="Tilt"
          placeholder={
            held === null ? "" : `${held.load.tiltDeg.toFixed(0)}${held.load.tiltIsAssumed ? " assumed" : ""}`
          }
          help="Against what it is fixed to; empty: the steepest of Need and of the positions."
        />
        {held !== null && held.load.tiltDeg > 0 && method.holdsBy !== "standing" && (
          <MountingField
            of="footHeightMm"
            label="Height of the feet"
            placeholder="60"
            help="How high the feet hold the low edge: the higher, the more wind turns it over."
          />
        )}
        {isBonded && (
          <ChoiceField
            label="Frames"
            value={conditions.drillsFrame ? "drilled" : "whole"}
            options={[
              { value: "drilled", text: "holes are drilled in them" },
              { value: "whole", text: "by the holes there are" },
            ]}
            onChoice={(value) => patch({ frameDrilled: value === "drilled" })}
          />
        )}
      </Box>
      {held !== null && held.load.kgAssumed > 0 && (
        <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
          {amount(held.load.kgAssumed, "kg", system)} of their weight are assumed: their labels state none.
        </p>
      )}
    </Region>
  );
}
