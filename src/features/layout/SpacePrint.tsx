"use client";

import { pieceName } from "@/core/plan";
import { stow } from "@/core/layout/storage";
import { keyOf, partsOfKey } from "@/core/engine/array";
import { poseIdOf, useDeskState, usePlan } from "@/features/plan-session";
import { surfacePapers } from "@/features/print-tables";
import { PrintTable, SvgPicture } from "@/ui";

/** The drawing to scale, where everything lies by its distance from fixed edges, cables, rails, lockers. */
export function SpacePrint() {
  const plan = usePlan();
  const poseId = useDeskState(poseIdOf);
  const stowing = stow(plan);
  return (
    <>
      {plan.space.surfaces.map((surface) => {
        const { id, name, svg, places, more } = surfacePapers(plan, surface, poseId);
        return (
          <div key={id}>
            <SvgPicture svg={svg} alt={`Drawing of ${name}`} />
            {[places, ...more].map((table) => (
              <PrintTable key={table.caption} {...table} />
            ))}
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
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.layout}</p>
      <p>Ladders, roofs and skylights: step only on what carries your weight. Look for cables before you drill.</p>
    </>
  );
}
