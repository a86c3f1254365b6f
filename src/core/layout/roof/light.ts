import { type Plan } from "../../plan";
import { type SunPosition } from "../../engine/sky";
import { partsOfKey } from "../../engine/array";
import { frameOf, sunOver } from "./frame";
import { type LaidPanel, obstaclesOn, panelsOn, type Parked } from "./placed-panels";
import { createShadows, heldBeam } from "./shadow";

/** Share of the beam that each substring of a panel has the current of; panels in full sun are not named. */
export type RoofLight = (sun: SunPosition) => ReadonlyMap<string, readonly number[]>;

/** What the shadows on all surfaces of a plan leave of the beam, as its panels lie in a position, under any sun told by the compass. */
export function createRoofLight(
  plan: Parameters<typeof panelsOn>[0] & Pick<Plan, "space">,
  positionId: string,
  parked: Parked,
): RoofLight {
  const halfCut = new Set(plan.panels.filter(({ label }) => label.cellCut === "half").map(({ id }) => id));
  const surfaces = plan.space.surfaces.map((surface) => {
    const panels = panelsOn(plan, surface, positionId, parked);
    const frame = frameOf(surface, parked.headingDeg);
    return { frame, panels, shadows: createShadows(panels, obstaclesOn(plan, surface)) };
  });
  return (sun) =>
    new Map(
      surfaces.flatMap(({ frame, panels, shadows }) =>
        shadows(sunOver(sun, frame)).flatMap((shade, k) => {
          const panel: LaidPanel | undefined = panels[k];
          if (panel === undefined) return [];
          if (panel.faceDown) return [[shade.id, shade.substrings.map(() => 0)] as const];
          if (shade.lit > 1 - 1e-6) return [];
          return [[shade.id, heldBeam(shade, panel.cellsAlong, halfCut.has(partsOfKey(shade.id).panelId))] as const];
        }),
      ),
    );
}
