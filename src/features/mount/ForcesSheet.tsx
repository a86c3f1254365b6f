"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import {
  feetOf,
  type Held,
  schoolFacts,
  skinFacts,
  skinOf,
  usualGustMs,
  usualSpeedKmh,
  usualStowKn,
} from "@/core/mount";
import { type Fixing, pieceName, schools, skins } from "@/core/plan";
import { careShare } from "@/core/rules";
import { fieldSpecs, type FieldName } from "@/core/units";
import { keyOf } from "@/core/wiring";
import { useDesk, usePlan } from "@/features/desk";
import { StopFindings } from "@/features/ledger";
import { ChoiceField, Columns, Facts, QuantityField, Region, TextButton, TextLine, useUnits } from "@/ui";
import { amount, given, mountWords, schoolWords, skinWords, windSchoolWords, windWords } from "@/words";
import { useReport } from "./facts";
import style from "./mount.module.css";

/** What is said of a fixing, and what wind, weight and heat do to it. */
export function ForcesSheet() {
  const report = useReport();
  return (
    <Columns beside="minmax(0, 1fr)">
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <SaidOfIt />
        <Pieces />
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title="Wind, weight and heat">
          {report.held === null ? (
            <p style={{ margin: 0 }}>It holds no panel whose size is known: press one, or say its size at Panels.</p>
          ) : (
            <Answers held={report.held} />
          )}
        </Region>
        <Region title="What the rules say">
          <StopFindings stop="mount" nothing="Nothing yet." />
        </Region>
      </Box>
    </Columns>
  );
}

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

function SaidOfIt() {
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

/** Which panels it holds: pressed ones. One that something else held leaves it. */
function Pieces() {
  const desk = useDesk();
  const plan = usePlan();
  const { fixing } = useReport();
  const held = new Set(fixing.pieces.map(keyOf));
  const all = plan.panels.flatMap(({ id, pieces }) => pieces.map(({ number }) => ({ panelId: id, piece: number })));
  const [announced, announce] = useState("");
  return (
    <Region title="Panels it holds">
      <div className={style["pieces"]}>
        {all.map((ref) => {
          const key = keyOf(ref);
          const isHeld = held.has(key);
          return (
            <TextButton
              key={key}
              aria-pressed={isHeld}
              onClick={() => {
                const pieces = isHeld ? fixing.pieces.filter((each) => keyOf(each) !== key) : [...fixing.pieces, ref];
                desk.change({ type: "setFixing", fixing: { ...fixing, pieces } });
                announce(`${pieceName(plan, key)} ${isHeld ? "let go" : "held"}`);
              }}
            >
              {pieceName(plan, key)}
            </TextButton>
          );
        })}
      </div>
      <span className="visually-hidden" role="status">
        {announced}
      </span>
    </Region>
  );
}

function Answers({ held }: { readonly held: Held }) {
  const system = useUnits();
  const { fixing } = useReport();
  const { load, hold, heat, movement, mounts } = held;
  const n = (newton: number) => amount(newton, "N", system);
  const skin = skinOf(fixing);
  return (
    <>
      <p style={{ marginTop: 0 }}>
        The strongest: {windWords(load, system)}. All {load.panels}: up {n(load.all.upliftN)}, along {n(load.all.dragN)}
        .{load.unknown > 0 ? ` Of ${load.unknown} more no size is known.` : ""}
      </p>
      <Facts
        facts={[
          [
            `${load.worst.name}, ${windSchoolWords[load.worst.school]}`,
            `up ${n(load.worst.upliftN)}, along ${n(load.worst.dragN)}`,
          ],
          ["They weigh", amount(load.kg, "kg", system)],
          ["What holds them weighs", amount(held.weightKg, "kg", system)],
        ]}
      />
      {hold.type === "bond" && (
        <>
          <Use name="Its bond in that wind" share={hold.windUse} />
          <Facts facts={[["Bond of one panel", `${(hold.areaMm2 / 100).toFixed(0)} cm², bears ${n(hold.bearsN)}`]]} />
          {hold.restUse !== null && <Use name="Its bond under its weight, for good" share={hold.restUse} />}
        </>
      )}
      {hold.type === "screws" && (
        <>
          <Facts facts={[[`Each of ${hold.count} fastenings of a panel`, n(hold.eachN)]]} />
          {hold.use === null ? (
            <p>What one bears is asked: nothing is guessed here.</p>
          ) : (
            <Use name="Each fastening" share={hold.use} />
          )}
        </>
      )}
      {hold.type === "standing" && (
        <>
          <Use name="What keeps it from falling over" share={hold.anchoredUse} />
          <Use name="What keeps it from sliding" share={hold.slideShare} />
          <Facts
            facts={[
              [
                "Anchors must bear, so that it just stands",
                hold.neededN === 0 ? "it stands by itself" : n(hold.neededN),
              ],
              ["They bear", hold.anchorN === 0 ? "none set" : n(hold.anchorN)],
            ]}
          />
        </>
      )}
      <Facts
        facts={[
          ...(heat === null
            ? []
            : [
                [
                  "Its glue on the hottest day",
                  `${amount(heat.hottestC, "°C", system)} of ${given(heat.ratedC, "°C", system)}${heat.ratedIsAssumed ? " (assumed)" : ""}`,
                ] as const,
              ]),
          ...(movement === null
            ? []
            : [
                [
                  `Frost to sun, over ${amount(movement.overMm, "mm", system)}`,
                  `${movement.mm.toFixed(1)} mm against each other`,
                ] as const,
              ]),
          ["Heat reckoned as", mounts.map((mount) => mountWords[mount]).join(", ")],
          ...(skin === null
            ? []
            : [["The skin grows", `${skinFacts[skin].growsMmPerMK} mm per m and degree`] as const]),
        ]}
      />
      <p style={{ fontSize: "0.8125rem", marginBottom: 0 }}>
        Planning values, not a structural design: what hangs over people or a road is for the maker’s sheet and a
        competent person.
      </p>
    </>
  );
}

/** How much of what holds is used: half is the most to plan with. */
function Use({ name, share }: { readonly name: string; readonly share: number }) {
  const level = share > 1 ? "stop" : share > careShare ? "care" : "good";
  const words = share > 10 ? "far more than all" : `${(100 * share).toFixed(0)} %`;
  return (
    <Box sx={{ my: 1 }}>
      <Box sx={{ display: "flex", justifyContent: "space-between", gap: 1 }}>
        <span>{name}</span>
        <strong className="num">
          {words} used{level === "stop" ? ": it does not hold" : level === "care" ? ": over half" : ""}
        </strong>
      </Box>
      <div className={style["use"]} data-level={level} aria-hidden>
        <span style={{ width: `${Math.min(100, 100 * share)}%` }} />
      </div>
    </Box>
  );
}
