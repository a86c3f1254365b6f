"use client";

import Box from "@mui/material/Box";
import { type Place, type Plan, type RoofObstacle } from "@/core/plan";
import { sizeOf } from "@/core/roof";
import { type FieldName, fieldSpecs } from "@/core/units";
import { keyOf } from "@/core/wiring";
import { useDesk } from "@/features/desk";
import { QuantityField, TextButton, TextLine } from "@/ui";
import { type Chosen } from "./Drawing";
import { pieceName } from "./fault-words";

type Props = { readonly plan: Plan; readonly chosen: NonNullable<Chosen>; readonly onGone: () => void };

/** What is chosen on the drawing, by its numbers. */
export function ChosenForm({ plan, chosen, onGone }: Props) {
  const place = plan.space.places.find((each) => keyOf(each) === chosen.id);
  const obstacle = plan.space.obstacles.find(({ id }) => id === chosen.id);
  if (chosen.type === "panel" && place !== undefined) return <PlaceForm plan={plan} place={place} onGone={onGone} />;
  if (chosen.type === "obstacle" && obstacle !== undefined) return <ObstacleForm obstacle={obstacle} onGone={onGone} />;
  return <p style={{ margin: 0 }}>It is not there any more.</p>;
}

function Quantity(props: {
  readonly label: string;
  readonly spec: FieldName;
  readonly value: number;
  readonly onValue: (value: number) => void;
  readonly help: string;
}) {
  const desk = useDesk();
  const { label, spec, value, onValue, help } = props;
  return (
    <QuantityField
      label={label}
      spec={fieldSpecs[spec]}
      value={value}
      onValue={(next) => onValue(next ?? value)}
      onDone={desk.endGesture}
      help={help}
      helpBelow
      required
    />
  );
}

const two = { display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" } as const;

function PlaceForm({ plan, place, onGone }: { plan: Plan; place: Place; onGone: () => void }) {
  const desk = useDesk();
  const key = keyOf(place);
  const panel = plan.panels.find(({ id }) => id === place.panelId);
  const size = panel === undefined ? null : sizeOf(panel);
  const refs = [{ panelId: place.panelId, piece: place.piece }];
  const patch = (change: Partial<Pick<Place, "xMm" | "yMm" | "turnedDeg" | "gapMm">>, gesture: string) =>
    desk.change({ type: "patchPlaces", refs, patch: change }, `place:${key}:${gesture}`);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>{pieceName(plan, key)}</strong>
      <Box sx={two}>
        <Quantity
          label="From the left"
          spec="placeMm"
          value={place.xMm}
          onValue={(xMm) => patch({ xMm }, "x")}
          help="To its middle."
        />
        <Quantity
          label="From the back"
          spec="placeMm"
          value={place.yMm}
          onValue={(yMm) => patch({ yMm }, "y")}
          help="To its middle."
        />
        <Quantity
          label="Turned"
          spec="turnedDeg"
          value={place.turnedDeg}
          onValue={(turnedDeg) => patch({ turnedDeg }, "turn")}
          help="Degrees clockwise; its longer edge points to the front at 0."
        />
        <Quantity
          label="Above the roof"
          spec="gapMm"
          value={place.gapMm}
          onValue={(gapMm) => patch({ gapMm }, "gap")}
          help="From the surface to its back."
        />
      </Box>
      {size?.assumed === true && (
        <Box sx={{ fontSize: "0.8125rem" }}>
          Size or cells are not all on its label: drawn {Math.round(size.lengthMm)} × {Math.round(size.widthMm)} mm,{" "}
          {size.cellsAlong} × {size.cellsAcross} cells assumed.
        </Box>
      )}
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton
          onClick={() => desk.change({ type: "patchPlaces", refs, patch: { turnedDeg: (place.turnedDeg + 90) % 360 } })}
        >
          A quarter turn
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "liftPanels", refs });
            onGone();
          }}
        >
          Take it off
        </TextButton>
      </Box>
    </Box>
  );
}

function ObstacleForm({ obstacle, onGone }: { obstacle: RoofObstacle; onGone: () => void }) {
  const desk = useDesk();
  const { id, shape } = obstacle;
  const patch = (change: Partial<RoofObstacle>, gesture?: string) =>
    desk.change(
      { type: "patchInSpace", list: "obstacles", id, patch: change },
      gesture === undefined ? undefined : `obstacle:${id}:${gesture}`,
    );
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextLine
        label="Name"
        value={obstacle.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={two}>
        <Quantity
          label="From the left"
          spec="placeMm"
          value={obstacle.xMm}
          onValue={(xMm) => patch({ xMm }, "x")}
          help="To its middle."
        />
        <Quantity
          label="From the back"
          spec="placeMm"
          value={obstacle.yMm}
          onValue={(yMm) => patch({ yMm }, "y")}
          help="To its middle."
        />
        {shape.type === "box" ? (
          <>
            <Quantity
              label="Length"
              spec="surfaceMm"
              value={shape.lengthMm}
              onValue={(lengthMm) => patch({ shape: { ...shape, lengthMm } }, "length")}
              help="From back to front."
            />
            <Quantity
              label="Width"
              spec="surfaceMm"
              value={shape.widthMm}
              onValue={(widthMm) => patch({ shape: { ...shape, widthMm } }, "width")}
              help="From left to right."
            />
            <Quantity
              label="Turned"
              spec="turnedDeg"
              value={shape.turnDeg}
              onValue={(turnDeg) => patch({ shape: { ...shape, turnDeg } }, "turn")}
              help="Degrees clockwise."
            />
          </>
        ) : (
          <Quantity
            label="Radius"
            spec="surfaceMm"
            value={shape.radiusMm}
            onValue={(radiusMm) => patch({ shape: { ...shape, radiusMm } }, "radius")}
            help="Half of how thick it is."
          />
        )}
        <Quantity
          label="Height"
          spec="surfaceMm"
          value={shape.heightMm}
          onValue={(heightMm) =>
            patch({ shape: shape.type === "box" ? { ...shape, heightMm } : { ...shape, heightMm } }, "height")
          }
          help="From its foot to its top: it throws the shadow."
        />
        <Quantity
          label="Foot above the roof"
          spec="gapMm"
          value={obstacle.zMm}
          onValue={(zMm) => patch({ zMm }, "foot")}
          help="0 for what stands on it; a boom hangs."
        />
        <Quantity
          label="Free round it"
          spec="gapMm"
          value={obstacle.clearanceMm}
          onValue={(clearanceMm) => patch({ clearanceMm }, "clear")}
          help="So that it opens, or can be reached."
        />
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton aria-pressed={obstacle.planned} onClick={() => patch({ planned: !obstacle.planned })}>
          To come later
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "obstacles", id });
            onGone();
          }}
        >
          Take it away
        </TextButton>
      </Box>
    </Box>
  );
}
