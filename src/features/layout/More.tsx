"use client";

import Box from "@mui/material/Box";
import { memo } from "react";
import { type Plan, type Surface } from "@/core/plan";
import { type ShadeMap } from "@/core/wiring/year";
import { type Asked } from "@/features/worker-hooks";
import { NotesField } from "@/features/notes";
import { Region } from "@/ui";
import { type Chosen } from "./chosen";
import { Fill } from "./Fill";
import { type Layout } from "./layout";
import { LightNow } from "./LightNow";
import { ShadeYear } from "./ShadeYear";
import { Stock } from "./Stock";
import { moreTexts } from "@/messages/en/layout/view";

type Props = {
  readonly plan: Plan;
  readonly layout: Layout | null;
  readonly surface: Surface | undefined;
  readonly positionId: string;
  readonly onChoose: (chosen: readonly Chosen[]) => void;
  readonly shade: Asked<ShadeMap>;
  readonly isMapShown: boolean;
  readonly onMapShown: (shown: boolean) => void;
};

/** Below the drawing: what can be put on it, what fills it, what shade costs. */
export const More = memo(function More(props: Props) {
  const { plan, layout, surface, positionId, onChoose, shade, isMapShown, onMapShown } = props;
  return (
    <Box
      sx={{
        gridArea: "more",
        display: "grid",
        gap: 2,
        minWidth: 0,
        alignItems: "start",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 1fr)" },
      }}
    >
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Stock plan={plan} surface={surface} positionId={positionId} onChoose={onChoose} />
        {layout !== null && (
          <Region title={moreTexts.shadeAtThisHour}>
            <LightNow plan={plan} layout={layout} />
          </Region>
        )}
        <Region title={moreTexts.notes}>
          <label htmlFor="space-notes" className="visually-hidden">
            {moreTexts.notes}
          </label>
          <NotesField step="layout" id="space-notes" />
        </Region>
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        {surface !== undefined && layout !== null && (
          <>
            {plan.panels.length > 0 && (
              <Region title={moreTexts.autoLayout}>
                <Fill plan={plan} surface={surface} positionId={positionId} map={shade.isOfNow ? shade.value : null} />
              </Region>
            )}
            <Region title={moreTexts.yearlyShading}>
              <ShadeYear plan={plan} asked={shade} isShown={isMapShown} onShown={onMapShown} />
            </Region>
          </>
        )}
      </Box>
    </Box>
  );
});
