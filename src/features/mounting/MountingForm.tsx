"use client";

import Box from "@mui/material/Box";
import { feetOf, mountingMethods, roofSurfaceOf, defaultGustMs, defaultSpeedKmh, defaultStowKn } from "@/core/mounting";
import { frontEdges, roofZones, mountingMethodIds, roofSurfaces } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, Region, TextButton, TextLine, useUnits } from "@/ui";
import { amount, methodWords, roofSurfaceWords } from "@/messages/en";
import { useReport } from "./facts";
import { mountingFormTexts } from "@/messages/en/mounting/view";
import { usePatch, MountingField } from "./MountingField";

const frontEdgeWords = {
  covered: mountingFormTexts.coveredOrRampedAllEdgesSealed,
  open: "not covered",
  lifted: mountingFormTexts.anEdgeHasLifted,
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
      title={mountingFormTexts.thisMounting}
      aside={
        <TextButton look="plain" onClick={() => desk.change({ type: "removeFixing", fixingId: fixing.id })}>
          {mountingFormTexts.deleteThisMounting}
        </TextButton>
      }
    >
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <TextLine
          label={mountingFormTexts.name}
          value={fixing.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={desk.endGesture}
        />
        <ChoiceField
          label={mountingFormTexts.mountingMethod}
          value={fixing.method}
          options={methodOptions}
          onChoice={(chosen) => patch({ method: chosen })}
        />
        <ChoiceField
          label={mountingFormTexts.fixedTo}
          value={roofSurfaceOf(fixing) ?? ""}
          placeholder={mountingFormTexts.notEnteredYet}
          options={roofSurfaces.map((value) => ({ value, text: roofSurfaceWords[value] }))}
          onChoice={(roofSurface) => patch({ roofSurface })}
        />
        {isGlued && (
          <ChoiceField
            label={mountingFormTexts.colorOfTheRoof}
            value={fixing.isWhite ? "white" : "other"}
            options={[
              { value: "white", text: mountingFormTexts.white5CCooler },
              { value: "other", text: "any other" },
            ]}
            onChoice={(value) => patch({ isWhite: value === "white" })}
          />
        )}
        {method.travels && (
          <MountingField
            of="speedKmh"
            label={mountingFormTexts.topDrivingSpeed}
            placeholder={usual(held?.load.speedKmh ?? defaultSpeedKmh)}
            help={mountingFormTexts.topDrivingSpeedHelp}
          />
        )}
        {method.comesIn === "asked" && (
          <ChoiceField
            label={mountingFormTexts.inAGale}
            value={fixing.staysUp === null ? "unknown" : fixing.staysUp ? "stays" : "comesIn"}
            options={[
              { value: "unknown", text: mountingFormTexts.notEnteredCalculatedAsStayingUp },
              { value: "stays", text: mountingFormTexts.staysUpArchRailOrDavit },
              { value: "comesIn", text: mountingFormTexts.isAlwaysTakenInBefore },
            ]}
            onChoice={(value) => patch({ staysUp: value === "unknown" ? null : value === "stays" })}
          />
        )}
        {held !== null && held.load.zone !== null && (
          <ChoiceField
            label={mountingFormTexts.zoneOfTheRoof}
            value={fixing.zone ?? "unknown"}
            options={[
              { value: "unknown", text: mountingFormTexts.notEnteredCalculatedAsEdge },
              ...roofZones.map((value) => ({
                value,
                text: value === "edge" ? mountingFormTexts.edgeRidgeOrCorner : mountingFormTexts.middleOfTheRoof,
              })),
            ]}
            onChoice={(value) => patch({ zone: roofZones.find((each) => each === value) ?? null })}
          />
        )}
        {method.holdsBy === "peel" && (
          <ChoiceField
            label={mountingFormTexts.frontEdge}
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
            label={mountingFormTexts.snowLoadOnTheGround}
            placeholder={mountingFormTexts.noneEntered}
            help={mountingFormTexts.snowLoadOnTheGroundHelp}
          />
        )}
        {held !== null && held.load.stowMs !== null ? (
          <MountingField
            of="stowKn"
            label={mountingFormTexts.takenInAbove}
            placeholder={String(defaultStowKn)}
            help={mountingFormTexts.takenInAboveHelp}
          />
        ) : (
          <MountingField
            of="gustMs"
            label={mountingFormTexts.strongestGust}
            placeholder={String(defaultGustMs)}
            help={mountingFormTexts.strongestGustHelp}
          />
        )}
        {method.feet[0] > 0 && (
          <MountingField
            of="feet"
            label={mountingFormTexts.footNameOfAPanel(footWords[method.footKind])}
            placeholder={usual(feet.feet)}
            help={mountingFormTexts.forEachPanel}
          />
        )}
        {isBonded && (
          <>
            <MountingField
              of="footLongMm"
              label={mountingFormTexts.bondedLengthOfEach}
              placeholder={usual(feet.footLongMm)}
              help={mountingFormTexts.bondedLengthOfEachHelp}
            />
            <MountingField
              of="footWideMm"
              label={mountingFormTexts.bondedWidthOfEach}
              placeholder={usual(feet.footWideMm)}
              help={mountingFormTexts.bondedWidthOfEachHelp}
            />
          </>
        )}
        {isGlued && (
          <>
            <MountingField
              of="shortTermKpa"
              label={mountingFormTexts.adhesiveStrengthShortTerm}
              placeholder={hold?.type === "bond" ? String(hold.shortTermKpa) : ""}
              help={mountingFormTexts.adhesiveStrengthShortTermHelp}
            />
            <MountingField
              of="longTermKpa"
              label={mountingFormTexts.adhesiveStrengthLongTerm}
              placeholder={hold?.type === "bond" ? String(hold.longTermKpa) : ""}
              help={mountingFormTexts.adhesiveStrengthLongTermHelp}
            />
            <MountingField
              of="ratedC"
              label={mountingFormTexts.adhesiveRatedUpTo}
              placeholder={usual(held?.heat?.ratedC)}
              help={mountingFormTexts.adhesiveRatedUpToHelp}
            />
          </>
        )}
        {method.holdsBy === "screws" && (
          <MountingField
            of="pullOutN"
            label={mountingFormTexts.pullOutStrengthOfOne}
            placeholder={mountingFormTexts.notKnown}
            help={mountingFormTexts.pullOutStrengthOfOneHelp}
          />
        )}
        {method.holdsBy === "standing" && (
          <>
            <MountingField
              of="heightMm"
              label={mountingFormTexts.heightOfThePanelsMiddle}
              placeholder={hold?.type === "standing" ? usual(hold.heightMm) : ""}
              help={mountingFormTexts.heightOfThePanelsMiddleHelp}
            />
            <MountingField
              of="baseLongMm"
              label={mountingFormTexts.baseFrontToBack}
              placeholder={hold?.type === "standing" ? usual(hold.baseLongMm) : ""}
              help={mountingFormTexts.baseFrontToBackHelp}
            />
            <MountingField
              of="baseKg"
              label={mountingFormTexts.weightOfTheBase}
              placeholder="0"
              help={mountingFormTexts.weightOfTheBaseHelp}
            />
            <MountingField
              of="anchorsPerSide"
              label={mountingFormTexts.anchorsOnEachSide}
              placeholder="2"
              help={mountingFormTexts.anchorsOnEachSideHelp}
            />
            <MountingField
              of="anchorEachN"
              label={mountingFormTexts.oneAnchorHolds}
              placeholder={mountingFormTexts.noneEntered}
              help={mountingFormTexts.oneAnchorHoldsHelp}
            />
          </>
        )}
        <MountingField
          of="tiltDeg"
          label={mountingFormTexts.tilt}
          placeholder={
            held === null
              ? ""
              : `${held.load.tiltDeg.toFixed(0)}${held.load.tiltIsAssumed ? mountingFormTexts.assumed : ""}`
          }
          help={mountingFormTexts.tiltHelp}
        />
        {held !== null && held.load.tiltDeg > 0 && method.holdsBy !== "standing" && (
          <MountingField
            of="footHeightMm"
            label={mountingFormTexts.heightOfTheFeet}
            placeholder="60"
            help={mountingFormTexts.heightOfTheFeetHelp}
          />
        )}
        {isBonded && (
          <ChoiceField
            label={mountingFormTexts.framesOfThePanels}
            value={conditions.drillsFrame ? "drilled" : "whole"}
            options={[
              { value: "drilled", text: mountingFormTexts.drillNewHoles },
              { value: "whole", text: mountingFormTexts.useTheExistingHoles },
            ]}
            onChoice={(value) => patch({ frameDrilled: value === "drilled" })}
          />
        )}
      </Box>
      {held !== null && held.load.kgAssumed > 0 && (
        <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
          {mountingFormTexts.kgAssumedOfTheWeightIsAssumed(amount(held.load.kgAssumed, "kg", system))}
        </p>
      )}
    </Region>
  );
}
