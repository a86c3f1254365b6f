"use client";

import Box from "@mui/material/Box";
import { pieceName, type Place, type Plan, positionIn } from "@/core/plan";
import { placeIn, sizeOf } from "@/core/layout/roof";
import { keyOf, standOf } from "@/core/engine/array";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, TextButton } from "@/ui";
import { MiddleFields, Quantity, Stated, two } from "../Quantity";
import { placeFormTexts } from "@/messages/en/layout/forms";

type Props = { readonly plan: Plan; readonly place: Place; readonly positionId: string; readonly onGone: () => void };

/** How much higher than another a panel lies that slides or folds over it, mm. */
const overMm = 60;

/** A panel on a surface, by its numbers; in a position that has another place for it, there. */
export function PlaceForm({ plan, place, positionId, onGone }: Props) {
  const desk = useDesk();
  const key = keyOf(place);
  const ref = { panelId: place.panelId, piece: place.piece };
  const refs = [ref];
  const panel = plan.panels.find(({ id }) => id === place.panelId);
  const size = panel === undefined ? null : sizeOf(panel);
  const at = placeIn(place, positionId);
  const stand = standOf(positionIn(plan, positionId), ref);
  const position = plan.positions.find(({ id }) => id === positionId);
  const hasOwn = place.inPositions.some((each) => each.positionId === positionId);
  const patch = (change: Partial<Pick<Place, "xMm" | "yMm" | "turnedDeg" | "gapMm">>, gesture: string) =>
    desk.change({ type: "patchPlaces", refs, positionId, patch: change }, `place:${key}:${gesture}`);
  const tilt = (change: { readonly tiltDeg?: number; readonly azimuthDeg?: number | null }) =>
    desk.change({ type: "setStands", positionId, keys: [key], patch: change }, `place:${key}:tilt`);
  const others = plan.space.places.filter((each) => each.surfaceId === place.surfaceId && keyOf(each) !== key);
  const over = (otherKey: string, faceDown: boolean) => {
    const other = others.find((each) => keyOf(each) === otherKey);
    if (other === undefined) return;
    const { xMm, yMm, turnedDeg, gapMm } = placeIn(other, positionId);
    desk.changeAll([
      {
        type: "placeInPosition",
        ref,
        positionId,
        at: { xMm, yMm, turnedDeg, gapMm: gapMm + overMm, faceDown },
      },
      // what is covered gives nothing: the rules are told by the position, the shadow by the drawing
      { type: "setStands", positionId, keys: [keyOf(other)], patch: { light: [0] } },
      ...(faceDown ? [{ type: "setStands", positionId, keys: [key], patch: { stance: "stowed" } } as const] : []),
    ]);
  };
  const back = () => {
    const position = positionIn(plan, positionId);
    const covered = others.filter((other) => {
      const under = placeIn(other, positionId);
      return (
        under.xMm === at.xMm && under.yMm === at.yMm && standOf(position, other).light.every((share) => share === 0)
      );
    });
    desk.changeAll([
      { type: "placeInPosition", ref, positionId, at: null },
      ...(covered.length === 0
        ? []
        : [{ type: "setStands", positionId, keys: covered.map(keyOf), patch: { light: [1] } } as const]),
      ...(at.faceDown ? [{ type: "setStands", positionId, keys: [key], patch: { stance: "out" } } as const] : []),
    ]);
  };
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>{pieceName(plan, key)}</strong>
      <Box sx={two}>
        <MiddleFields xMm={at.xMm} yMm={at.yMm} onPatch={patch} />
        <Quantity
          label={placeFormTexts.turnedBy}
          spec="turnedDeg"
          value={at.turnedDeg}
          onValue={(turnedDeg) => patch({ turnedDeg }, "turn")}
          help={placeFormTexts.turnedByHelp}
        />
        <Quantity
          label={placeFormTexts.heightAboveTheRoof}
          spec="gapMm"
          value={at.gapMm}
          onValue={(gapMm) => patch({ gapMm }, "gap")}
          help={placeFormTexts.heightAboveTheRoofHelp}
        />
        <Quantity
          label={placeFormTexts.tilt}
          spec="tiltDeg"
          value={stand.tiltDeg}
          onValue={(tiltDeg) => tilt({ tiltDeg })}
          help={placeFormTexts.tiltHelp(position?.name ?? "")}
        />
        <Stated
          label={placeFormTexts.tiltedTowards}
          spec="azimuthDeg"
          value={stand.azimuthDeg}
          onValue={(azimuthDeg) => tilt({ azimuthDeg })}
          help={placeFormTexts.tiltedTowardsHelp}
          placeholder={placeFormTexts.noonSun}
        />
      </Box>
      <ChoiceField
        label={placeFormTexts.cellGroupsRun}
        value={panel?.pieces.find(({ number }) => number === place.piece)?.substringsRun ?? "along"}
        options={[
          { value: "along", text: placeFormTexts.alongItsLongerEdge },
          { value: "across", text: "across it" },
        ]}
        onChoice={(substringsRun) =>
          desk.change({ type: "setPieces", panelId: place.panelId, numbers: [place.piece], patch: { substringsRun } })
        }
      />
      {others.length > 0 && plan.positions.length > 0 && (
        <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", alignItems: "center" }}>
          {hasOwn ? (
            <TextButton onClick={back}>{placeFormTexts.resetToTheDefaultPosition}</TextButton>
          ) : (
            <>
              <CoverChoice
                label={placeFormTexts.inNameSlidOver(position?.name ?? "")}
                plan={plan}
                others={others}
                onChoice={(other) => over(other, false)}
              />
              <CoverChoice
                label={placeFormTexts.inNameFoldedOnto(position?.name ?? "")}
                plan={plan}
                others={others}
                onChoice={(other) => over(other, true)}
              />
            </>
          )}
        </Box>
      )}
      {size?.assumed === true && (
        <Box sx={{ fontSize: "0.8125rem" }}>
          {placeFormTexts.sizeOrCellsAreMissingOnItsLabel(
            Math.round(size.lengthMm),
            Math.round(size.widthMm),
            size.cellsAlong,
            size.cellsAcross,
          )}
        </Box>
      )}
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton onClick={() => patch({ turnedDeg: (at.turnedDeg + 90) % 360 }, "quarter")}>
          {placeFormTexts.turnBy90}
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "liftPanels", refs });
            onGone();
          }}
        >
          {placeFormTexts.removeFromTheRoof}
        </TextButton>
      </Box>
    </Box>
  );
}

type CoverProps = {
  readonly label: string;
  readonly plan: Plan;
  readonly others: readonly Place[];
  readonly onChoice: (key: string) => void;
};

function CoverChoice({ label, plan, others, onChoice }: CoverProps) {
  return (
    <Box sx={{ flex: "1 1 45%" }}>
      <ChoiceField
        label={label}
        value=""
        placeholder={placeFormTexts.noOtherPanel}
        options={others.map((each) => ({ value: keyOf(each), text: pieceName(plan, keyOf(each)) }))}
        onChoice={onChoice}
      />
    </Box>
  );
}
