"use client";

import Box from "@mui/material/Box";
import { memo, useCallback } from "react";
import { type Board } from "./commands";
import { asMatrix, type LaneRef, sameLane } from "@/core/wiring";
import { fieldSpecs } from "@/core/units";
import { useDesk, wiringOf } from "@/features/desk";
import { ChoiceField } from "@/ui";
import { Stepper } from "../Stepper";

/** A lane of panels all alike, set by number: kind, how many in series, how many rows. */
export const FillLane = memo(function FillLane({ board, inputId, portId }: { board: Board } & LaneRef) {
  const desk = useDesk();
  const lane = board.wiring.lanes.find((candidate) => sameLane(candidate, { inputId, portId })) ?? null;
  const { plan } = board;
  const matrix = lane === null ? null : asMatrix(lane.rows);
  const panelId = matrix?.panelId ?? plan.panels[0]?.id;
  const choose = useCallback(
    (chosen: string) => {
      const state = desk.store.getState();
      const now = asMatrix(
        wiringOf(state).lanes.find((candidate) => sameLane(candidate, { inputId, portId }))?.rows ?? [],
      );
      desk.change({
        type: "fillLane",
        wiringId: wiringOf(state).id,
        inputId,
        portId,
        panelId: chosen,
        series: now?.series ?? 1,
        strings: now?.strings ?? 1,
      });
    },
    [desk, inputId, portId],
  );
  const fill = useCallback(
    (change: { series?: number; strings?: number }, gesture?: string) => {
      const { history, ...state } = desk.store.getState();
      const at = wiringOf({ history, ...state });
      const now = asMatrix(at.lanes.find((candidate) => sameLane(candidate, { inputId, portId }))?.rows ?? []);
      const kind = now?.panelId ?? history.present.panels[0]?.id;
      if (kind !== undefined)
        desk.change(
          {
            type: "fillLane",
            wiringId: at.id,
            inputId,
            portId,
            panelId: kind,
            series: now?.series ?? 1,
            strings: now?.strings ?? 1,
            ...change,
          },
          gesture,
        );
    },
    [desk, inputId, portId],
  );
  const setSeries = useCallback((series: number) => fill({ series }, "fill:series"), [fill]);
  const setStrings = useCallback((strings: number) => fill({ strings }, "fill:strings"), [fill]);
  const stepSeries = useCallback((series: number) => fill({ series }), [fill]);
  const stepStrings = useCallback((strings: number) => fill({ strings }), [fill]);
  if (panelId === undefined) return null;
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.25,
        gridTemplateColumns: { xs: "1fr 1fr", sm: "1.3fr 1fr 1fr" },
        alignItems: "start",
      }}
    >
      <Box sx={{ gridColumn: { xs: "1 / 3", sm: "auto" } }}>
        <KindChoice
          none={lane === null}
          chosen={matrix === null ? "" : panelId}
          panels={plan.panels}
          onChoice={choose}
        />
      </Box>
      <Stepper
        label="In series"
        law="volts add, amps don’t"
        help="Panels one after another, plus to minus. Volts add up; amps stay those of one panel."
        spec={fieldSpecs.series}
        value={matrix?.series ?? 1}
        onValue={setSeries}
        onDone={desk.endGesture}
        onStep={stepSeries}
      />
      <Stepper
        label="Strings"
        law="in parallel: amps add"
        help="Equal rows side by side, plus to plus. Amps add up; volts stay those of one row."
        spec={fieldSpecs.strings}
        value={matrix?.strings ?? 1}
        onValue={setStrings}
        onDone={desk.endGesture}
        onStep={stepStrings}
      />
    </Box>
  );
});

type ChoiceProps = {
  readonly none: boolean;
  readonly chosen: string;
  readonly panels: Board["plan"]["panels"];
  readonly onChoice: (panelId: string) => void;
};

/** The kind of panel; drawn again only when the kinds or the choice change. */
const KindChoice = memo(
  function KindChoice({ none, chosen, panels, onChoice }: ChoiceProps) {
    return (
      <ChoiceField
        label="Panel"
        value={chosen}
        placeholder={none ? "none yet" : "several kinds"}
        options={panels.map(({ id, label }) => ({ value: id, text: label.name }))}
        onChoice={onChoice}
      />
    );
  },
  (a, b) =>
    a.none === b.none &&
    a.chosen === b.chosen &&
    a.onChoice === b.onChoice &&
    a.panels.length === b.panels.length &&
    a.panels.every((panel, k) => panel.id === b.panels[k]?.id && panel.label.name === b.panels[k]?.label.name),
);
