"use client";

import { pieceName } from "@/core/plan";
import { panelsOn, sizeOf, wayLength, wayLine } from "@/core/roof";
import { parkedIn } from "@/core/rules";
import { cutList, drawSurface, planSheet, sheetSvg } from "@/core/sheet";
import { stow } from "@/core/stow";
import { keyOf, partsOfKey } from "@/core/wiring";
import { poseIdOf, useDeskState, usePlan } from "@/features/desk";
import { PrintTable } from "@/ui";

/** The drawing to scale, where everything lies by its distance from fixed edges, cables, rails, lockers. */
export function SpacePrint() {
  const plan = usePlan();
  const poseId = useDeskState(poseIdOf);
  const { surfaces, obstacles } = plan.space;
  const mm = (value: number) => `${Math.round(value)} mm`;
  const stowing = stow(plan);
  return (
    <>
      {surfaces.map((surface) => {
        const { id, name } = surface;
        const panels = panelsOn(plan, surface, poseId, parkedIn(plan));
        const drawing = drawSurface(plan, surface, panels);
        const sheet = planSheet(name, drawing, "a4", (value) => String(Math.round(value)));
        const ways = plan.space.ways.filter(({ surfaceId }) => surfaceId === id);
        const { rails } = cutList(plan, panels, 3000);
        return (
          <div key={id}>
            {/* eslint-disable-next-line @next/next/no-img-element -- drawn here, nothing to fetch */}
            <img
              src={`data:image/svg+xml,${encodeURIComponent(sheetSvg(sheet))}`}
              alt={`Drawing of ${name}`}
              style={{ width: "100%", maxHeight: "230mm" }}
            />
            <PrintTable
              caption={`${name}: to the middle of each thing, from the left edge and from the back edge`}
              head={["Thing", "From the left", "From the back", "Turned", "Size"]}
              rows={[
                ...panels.map((panel) => {
                  const kind = plan.panels.find((each) => each.id === partsOfKey(panel.id).panelId);
                  const size = kind === undefined ? null : sizeOf(kind);
                  return [
                    pieceName(plan, panel.id),
                    mm(panel.xMm),
                    mm(panel.yMm),
                    `${panel.turnDeg}°`,
                    size === null ? "" : `${mm(size.lengthMm)} × ${mm(size.widthMm)}`,
                  ];
                }),
                ...obstacles
                  .filter(({ surfaceId }) => surfaceId === id)
                  .map(({ name: thing, xMm, yMm, shape }) => [
                    thing,
                    mm(xMm),
                    mm(yMm),
                    shape.type === "box" ? `${shape.turnDeg}°` : "",
                    shape.type === "box"
                      ? `${mm(shape.lengthMm)} × ${mm(shape.widthMm)}`
                      : `${mm(2 * shape.radiusMm)} thick`,
                  ]),
              ]}
            />
            {ways.length > 0 && (
              <PrintTable
                caption="Cables, each twice: plus and minus"
                head={["Cable", "Over the surface", "On from there", "To cut"]}
                rows={ways.map((way) => {
                  const { overMm, onMm, cutMm } = wayLength(way, wayLine(way, plan, panels));
                  return [way.name, mm(overMm), mm(onMm), mm(cutMm)];
                })}
              />
            )}
            {rails.length > 0 && (
              <PrintTable
                caption="Rails to cut, where rails are used"
                head={["Length", "How many", "Under"]}
                rows={rails.map(({ lengthMm, count, of }) => [mm(lengthMm), String(count), of])}
              />
            )}
          </div>
        );
      })}
      {plan.space.lockers.length > 0 && (
        <PrintTable
          caption="Where folded panels go"
          head={["Locker", "Takes"]}
          rows={plan.space.lockers.map(({ id, name }) => [
            name,
            (stowing.lockers.find(({ lockerId }) => lockerId === id)?.keys ?? [])
              .map((key) => pieceName(plan, keyOf(partsOfKey(key))))
              .join(", "),
          ])}
        />
      )}
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.space}</p>
      <p>Ladders, roofs and skylights: mind what will not bear you. Look for cables before you drill.</p>
    </>
  );
}
