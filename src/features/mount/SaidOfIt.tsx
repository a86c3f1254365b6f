"use client";

import Box from "@mui/material/Box";
import { feetOf, schoolFacts, skinOf, usualGustMs, usualSpeedKmh, usualStowKn } from "@/core/mount";
import { type Fixing, schools, skins } from "@/core/plan";
import { fieldSpecs, type FieldName } from "@/core/units";
import { useDesk } from "@/features/desk";
import { ChoiceField, QuantityField, Region, TextButton, TextLine, useUnits } from "@/ui";
import { amount, schoolWords, skinWords } from "@/words";
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
  | "anchorN";

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
  anchorN: "newton",
};

function Said({
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

/** What is said of a fixing: how and to what it is held, in which wind, by how much. What is not said stands as assumed. */
export function SaidOfIt() {
  const desk = useDesk();
  const system = useUnits();
  const { fixing, held, way } = useReport();
  const patch = usePatch();
  const facts = schoolFacts[fixing.school];
  const feet = feetOf(fixing, held?.load.longMm ?? 0);
  const isGlued = facts.holdsBy === "bond";
  const hold = held?.hold;
  const usual = (value: number | undefined) => (value === undefined ? "" : String(Math.round(value)));
  const footName =
    fixing.school === "gluedBrackets"
      ? "brackets"
      : fixing.school === "ribRails"
        ? "fastenings"
        : fixing.school === "boatFrame"
          ? "clamps"
          : "feet";
  return (
    <Region
      title="What is said of it"
      aside={
        <TextButton look="plain" onClick={() => desk.change({ type: "removeFixing", fixingId: fixing.id })}>
          Take it out
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
          label="Held by"
          value={fixing.school}
          options={schools.map((value) => ({ value, text: schoolWords[value].name }))}
          onChoice={(school) => patch({ school })}
        />
        <ChoiceField
          label="Fixed to"
          value={skinOf(fixing) ?? ""}
          placeholder="not said yet"
          options={skins.map((value) => ({ value, text: skinWords[value] }))}
          onChoice={(skin) => patch({ skin })}
        />
        {isGlued && (
          <ChoiceField
            label="Its colour"
            value={fixing.isWhite ? "white" : "other"}
            options={[
              { value: "white", text: "white: five degrees cooler" },
              { value: "other", text: "any other" },
            ]}
            onChoice={(value) => patch({ isWhite: value === "white" })}
          />
        )}
        {facts.travels && (
          <Said
            of="speedKmh"
            label="Driven at most at"
            placeholder={usual(held?.load.speedKmh ?? usualSpeedKmh)}
            help="0: it never drives. Fifty more are reckoned for wind from ahead."
          />
        )}
        {facts.isStowed ? (
          <Said
            of="stowKn"
            label="Put away above"
            placeholder={String(usualStowKn)}
            help="Knots of wind in which it is put away at the latest."
          />
        ) : (
          <Said
            of="gustMs"
            label="Strongest gust"
            placeholder={String(usualGustMs)}
            help="Where it is parked or stands."
          />
        )}
        {facts.feet[0] > 0 && (
          <Said
            of="feet"
            label={`${footName[0]?.toUpperCase()}${footName.slice(1)} of a panel`}
            placeholder={usual(feet.feet)}
            help="Of each panel."
          />
        )}
        {isGlued && fixing.school !== "film" && (
          <>
            <Said
              of="footLongMm"
              label="Each holds, long"
              placeholder={usual(feet.footLongMm)}
              help="The length that is bonded: a short bracket bonds its foot alone."
            />
            <Said
              of="footWideMm"
              label="Each holds, wide"
              placeholder={usual(feet.footWideMm)}
              help="The width that is bonded."
            />
          </>
        )}
        {isGlued && (
          <>
            <Said
              of="shortTermKpa"
              label="Bears in gusts"
              placeholder={hold?.type === "bond" ? String(hold.shortTermKpa) : ""}
              help="Design stress for short loads, by its maker’s sheet."
            />
            <Said
              of="longTermKpa"
              label="Bears for good"
              placeholder={hold?.type === "bond" ? String(hold.longTermKpa) : ""}
              help="Design stress for loads that stay, by its maker’s sheet."
            />
            <Said
              of="ratedC"
              label="Rated for"
              placeholder={usual(held?.heat?.ratedC)}
              help="The hottest the adhesive may get for long, by its maker’s sheet."
            />
          </>
        )}
        {facts.holdsBy === "screws" && (
          <Said
            of="pullOutN"
            label="One bears, pulled out"
            placeholder="not known: asked"
            help="By its maker or by a test: a scale, a lever, a screw in the same skin."
          />
        )}
        {facts.holdsBy === "standing" && (
          <>
            <Said
              of="heightMm"
              label="Middle above ground"
              placeholder={hold?.type === "standing" ? usual(hold.heightMm) : ""}
              help="The middle of the panels over the ground."
            />
            <Said
              of="baseLongMm"
              label="Base, along the wind"
              placeholder={hold?.type === "standing" ? usual(hold.baseLongMm) : ""}
              help="From the windward foot to the lee one, across the way the panels look."
            />
            <Said of="baseKg" label="Base weighs" placeholder="0" help="Frame and ballast, without the panels." />
            <Said of="anchorN" label="Anchors bear" placeholder="none" help="Together, on the windward edge." />
          </>
        )}
        <Said
          of="tiltDeg"
          label="Tilt"
          placeholder={
            held === null ? "" : `${held.load.tiltDeg.toFixed(0)}${held.load.tiltIsAssumed ? " assumed" : ""}`
          }
          help="Against what it is fixed to; empty: as the mounts and poses have it, at their steepest."
        />
        {isGlued && fixing.school !== "film" && (
          <ChoiceField
            label="Frames"
            value={way.drillsFrame ? "drilled" : "whole"}
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
