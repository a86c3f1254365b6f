"use client";

import Box from "@mui/material/Box";
import { memo } from "react";
import { type Plan, type Surface } from "@/core/plan";
import { type FindingWithoutFixes } from "@/core/assessment";
import { Region } from "@/ui";
import { type Chosen } from "./chosen";
import { ChosenForm } from "./ChosenForm";
import { type Pointing } from "./forms/PhotoForm";
import { Judged } from "./Judged";
import { type Layout } from "./layout";
import { Measure } from "./Measure";
import { SurfaceForm } from "./SurfaceForm";
import { propertiesPanelTexts } from "@/messages/en/layout/view";

type Props = {
  readonly plan: Plan;
  readonly layout: Layout | null;
  readonly findings: readonly FindingWithoutFixes[];
  readonly surface: Surface | undefined;
  readonly positionId: string;
  readonly chosen: readonly Chosen[];
  readonly onChoose: (chosen: readonly Chosen[]) => void;
  readonly pointing: Pointing;
};

/** Beside the drawing: what is wrong, what is chosen by its numbers, and how far apart things are. */
export const PropertiesPanel = memo(function Side(props: Props) {
  const { plan, layout, findings, surface, positionId, chosen, onChoose, pointing } = props;
  const [only] = chosen.length === 1 ? chosen : [];
  return (
    <Box sx={{ gridArea: "side", display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
      {surface !== undefined && layout !== null && (
        <>
          <Region title={propertiesPanelTexts.conflicts}>
            <Judged findings={findings} panels={layout.panels.length} />
          </Region>
          <Region title={chosen.length === 0 ? surface.name : propertiesPanelTexts.selection}>
            {chosen.length === 0 ? (
              <SurfaceForm key={surface.id} surface={surface} pointing={pointing} />
            ) : (
              <ChosenForm
                plan={plan}
                chosen={chosen}
                layout={layout}
                positionId={positionId}
                onGone={() => onChoose([])}
              />
            )}
          </Region>
          <Region title={propertiesPanelTexts.measure}>
            <Measure plan={plan} surface={surface} layout={layout} chosen={only?.id ?? null} />
          </Region>
        </>
      )}
    </Box>
  );
});
