"use client";

import Box from "@mui/material/Box";
import { pieceName, type Plan, type Surface, type Zone } from "@/core/plan";
import { boundsOf, groundOf, nearestSpot, panelsOn, pointsOf, sizeOf } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import { keyOf } from "@/core/engine/array";
import { useDesk } from "@/features/plan-session";
import { newId, Region, TextButton } from "@/ui";
import { type Chosen } from "./chosen";
import { obstacleStock } from "./stock-things";
import { stockTexts } from "@/messages/en/layout/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly plan: Plan;
  readonly surface: Surface | undefined;
  readonly positionId: string;
  readonly onChoose: (chosen: readonly Chosen[]) => void;
};

const zoneStock: readonly { readonly kind: Zone["kind"]; readonly name: string }[] = [
  { kind: "walkway", name: stockTexts.walkway },
  { kind: "free", name: stockTexts.mustStayFree },
  { kind: "noGlue", name: stockTexts.noAdhesive },
  { kind: "hot", name: stockTexts.hot },
  { kind: "weak", name: stockTexts.weak },
  { kind: "hidden", name: stockTexts.hiddenCablesOrRibs },
];

/** What can be put on a surface: the panels of the plan that lie nowhere yet, things that stand there, zones, holes and cable ways. */
export function Stock({ plan, surface, positionId, onChoose }: Props) {
  const desk = useDesk();
  const laid = new Set(plan.space.places.map(keyOf));
  const free = plan.panels.flatMap((panel) =>
    panel.pieces.flatMap(({ number: piece }) => {
      const key = keyOf({ panelId: panel.id, piece });
      return laid.has(key) ? [] : [{ key, panelId: panel.id, piece, size: sizeOf(panel) }];
    }),
  );
  const middle = surface === undefined ? ([0, 0] as const) : middleOf(surface);
  const lay = ({ key, panelId, piece, size }: (typeof free)[number]) => {
    if (surface === undefined || size === null) return;
    // where there is room, beginning at the back left; or in the middle, to be seen to
    const others = panelsOn(plan, surface, positionId, parkedIn(plan));
    const flat = { ...size, id: key, xMm: 0, yMm: 0, zMm: 0, alongMm: size.lengthMm, acrossMm: size.widthMm };
    const { x, y } = boundsOf(pointsOf(surface.outline));
    const corner = [x[0] + size.widthMm / 2, y[0] + size.lengthMm / 2] as const;
    const ground = groundOf(plan, surface, others);
    const ways = [0, 90].map((turnDeg) => ({
      turnDeg,
      spot: nearestSpot({ ...flat, turnDeg, tiltDeg: 0, tiltTowardsDeg: 0 }, corner, ground),
    }));
    const way = ways.find(({ spot }) => spot !== null);
    const [xMm, yMm] = way?.spot ?? middle;
    desk.change({
      type: "layPanel",
      place: {
        panelId,
        piece,
        surfaceId: surface.id,
        xMm,
        yMm,
        turnedDeg: way?.turnDeg ?? 0,
        gapMm: 40,
        inPositions: [],
      },
    });
    onChoose([{ type: "panel", id: key }]);
  };
  const put = (type: "obstacle" | "zone" | "gland" | "way", make: (id: string, surfaceId: string) => void) => {
    if (surface === undefined) return;
    const id = newId();
    make(id, surface.id);
    onChoose([{ type, id }]);
  };
  const [xMm, yMm] = middle;
  const none = surface === undefined;
  return (
    <>
      <Region title={stockTexts.panelsToPlace}>
        {plan.panels.length === 0 && <p style={{ margin: 0 }}>{commonTexts.noPanels}</p>}
        {plan.panels.length > 0 && free.length === 0 && <p style={{ margin: 0 }}>{stockTexts.allPanelsArePlaced}</p>}
        <Buttons>
          {free.map((each) => (
            <TextButton
              key={each.key}
              disabled={none || each.size === null}
              title={each.size === null ? stockTexts.itsLabelStatesNeitherSizeNor : undefined}
              onClick={() => lay(each)}
            >
              {pieceName(plan, each.key)}
            </TextButton>
          ))}
        </Buttons>
      </Region>
      <Region title={stockTexts.obstacles}>
        <Buttons>
          {obstacleStock.map(({ zMm = 0, ...stocked }) => (
            <TextButton
              key={stocked.kind}
              disabled={none}
              onClick={() =>
                put("obstacle", (id, surfaceId) =>
                  desk.change({
                    type: "putInSpace",
                    list: "obstacles",
                    item: { ...stocked, id, surfaceId, xMm, yMm, zMm, planned: false },
                  }),
                )
              }
            >
              {stocked.name}
            </TextButton>
          ))}
        </Buttons>
      </Region>
      <Region title={stockTexts.zonesHolesCableRoutes}>
        <Buttons>
          {zoneStock.map(({ kind, name }) => (
            <TextButton
              key={kind}
              disabled={none}
              onClick={() =>
                put("zone", (id, surfaceId) =>
                  desk.change({
                    type: "putInSpace",
                    list: "zones",
                    item: { id, name, kind, surfaceId, outline: square(middle, 400) },
                  }),
                )
              }
            >
              {name}
            </TextButton>
          ))}
          <TextButton
            disabled={none}
            onClick={() =>
              put("gland", (id, surfaceId) =>
                desk.change({
                  type: "putInSpace",
                  list: "glands",
                  item: { id, name: stockTexts.gland, surfaceId, xMm, yMm, holeMm: 22, existing: false },
                }),
              )
            }
          >
            {stockTexts.addAGlandOrHole}
          </TextButton>
          <TextButton
            disabled={none || (plan.space.glands.length === 0 && plan.space.places.length === 0)}
            onClick={() =>
              put("way", (id, surfaceId) => {
                const place = plan.space.places.find((each) => each.surfaceId === surfaceId);
                const gland = plan.space.glands.find((each) => each.surfaceId === surfaceId);
                const corner = { xMm, yMm };
                desk.change({
                  type: "putInSpace",
                  list: "ways",
                  item: {
                    id,
                    name: stockTexts.cableNumber(plan.space.ways.length + 1),
                    surfaceId,
                    from: place === undefined ? null : { panelId: place.panelId, piece: place.piece },
                    corners: place === undefined || gland === undefined ? [corner] : [],
                    glandId: gland?.id ?? null,
                    onMm: 1500,
                    slackPct: 10,
                  },
                });
              })
            }
          >
            {stockTexts.addACableRoute}
          </TextButton>
        </Buttons>
      </Region>
    </>
  );
}

function Buttons({ children }: { readonly children: React.ReactNode }) {
  return <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>{children}</Box>;
}

function middleOf({ outline }: Surface): readonly [number, number] {
  const { x, y } = boundsOf(pointsOf(outline));
  return [Math.round((x[0] + x[1]) / 2), Math.round((y[0] + y[1]) / 2)];
}

function square([xMm, yMm]: readonly [number, number], sideMm: number) {
  const half = sideMm / 2;
  return [
    { xMm: xMm - half, yMm: yMm - half },
    { xMm: xMm + half, yMm: yMm - half },
    { xMm: xMm + half, yMm: yMm + half },
    { xMm: xMm - half, yMm: yMm + half },
  ];
}
