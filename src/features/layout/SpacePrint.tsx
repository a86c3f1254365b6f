"use client";

import { pieceName } from "@/core/plan";
import { stow } from "@/core/layout/storage";
import { keyOf, partsOfKey } from "@/core/engine/array";
import { positionIdOf, useDeskState, usePlan } from "@/features/plan-session";
import { surfacePapers } from "@/features/print-tables";
import { PrintTable, SvgPicture } from "@/ui";
import { spacePrintTexts } from "@/messages/en/layout/view";

/** The drawing to scale, where everything lies by its distance from fixed edges, cables, rails, lockers. */
export function SpacePrint() {
  const plan = usePlan();
  const positionId = useDeskState(positionIdOf);
  const stowing = stow(plan);
  return (
    <>
      {plan.space.surfaces.map((surface) => {
        const { id, name, svg, places, more } = surfacePapers(plan, surface, positionId);
        return (
          <div key={id}>
            <SvgPicture svg={svg} alt={spacePrintTexts.drawingOfName(name)} />
            {[places, ...more].map((table) => (
              <PrintTable key={table.caption} {...table} />
            ))}
          </div>
        );
      })}
      {plan.space.lockers.length > 0 && (
        <PrintTable
          caption={spacePrintTexts.storageOfFoldedPanels}
          head={[spacePrintTexts.locker, spacePrintTexts.holds]}
          rows={plan.space.lockers.map(({ id, name }) => [
            name,
            (stowing.lockers.find(({ lockerId }) => lockerId === id)?.keys ?? [])
              .map((key) => pieceName(plan, keyOf(partsOfKey(key))))
              .join(", "),
          ])}
        />
      )}
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.layout}</p>
      <p>{spacePrintTexts.laddersRoofsAndSkylightsStepOnly}</p>
    </>
  );
}
