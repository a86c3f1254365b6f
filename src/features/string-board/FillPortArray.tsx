"use client";

import Box from "@mui/material/Box";
import { memo, useCallback, useRef, useState } from "react";
import { fillPortArray, type Filling } from "@/core/plan";
import { asMatrix, type PortArray, type PortArrayRef, samePortArray, tilesOf } from "@/core/engine/array";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, TextButton } from "@/ui";
import { Stepper } from "./Stepper";
import { type Board, fill, fillWords, shelfOf } from "./commands";
import style from "./board.module.css";
import { type Act } from "./useBoard";
import { fillPortArrayTexts } from "@/messages/en/string-board/view";

type Props = { readonly board: Board; readonly act: Act } & PortArrayRef;

/** Equal strings that are asked for. */
type Wish = { readonly panelId: string; readonly series: number; readonly strings: number };

/**
 * A port array of panels all alike, set by number: kind, how many in series, how many strings. What the panels there are suffice for is
 * laid at once; what takes more of them, or would sweep away strings that are not alike, is said and waits for a press.
 */
export const FillPortArray = memo(function FillPortArray({ board, act, inputId, portId }: Props) {
  const desk = useDesk();
  const [wish, setWish] = useState<Wish | null>(null);
  // what is wished now, for a second press that comes before the first is drawn
  const wished = useRef<Wish | null>(null);
  const keep = useCallback((next: Wish | null) => {
    wished.current = next;
    setWish(next);
  }, []);
  const ask = useCallback(
    (of: (from: Wish) => Wish, gesture?: string) =>
      act((now) => {
        const portArray = portArrayOf(now, { inputId, portId });
        const laid = portArray === null ? null : asMatrix(portArray.strings);
        const panelId = now.plan.panels[0]?.id;
        if (panelId === undefined) return null;
        const filling = { inputId, portId, ...of(wished.current ?? laid ?? { panelId, series: 1, strings: 1 }) };
        const { lacks } = fillPortArray(now.plan, now.wiring, filling);
        const waits = lacks > 0 || (portArray !== null && laid === null);
        keep(waits ? filling : null);
        return waits
          ? { change: null, said: fillPortArrayTexts.notWiredYetSeeBelowWhatItNeeds }
          : fill(now, filling, 0);
      }, gesture),
    [act, keep, inputId, portId],
  );
  const setSeries = useCallback((series: number) => ask((from) => ({ ...from, series }), "fill:series"), [ask]);
  const setStrings = useCallback((strings: number) => ask((from) => ({ ...from, strings }), "fill:strings"), [ask]);
  const stepSeries = useCallback((by: number) => ask((from) => ({ ...from, series: from.series + by })), [ask]);
  const stepStrings = useCallback((by: number) => ask((from) => ({ ...from, strings: from.strings + by })), [ask]);
  const choose = useCallback((panelId: string) => ask((from) => ({ ...from, panelId })), [ask]);
  const { plan } = board;
  const [first] = plan.panels;
  if (first === undefined) return null;
  const portArray = portArrayOf(board, { inputId, portId });
  const laid = portArray === null ? null : asMatrix(portArray.strings);
  const shown = wish ?? laid;
  const mixed = portArray !== null && shown === null;
  return (
    <>
      <Box
        sx={{
          display: "grid",
          gap: 1.25,
          gridTemplateColumns: { xs: "1fr 1fr", sm: "1.1fr 1fr 1.2fr" },
          alignItems: "start",
          // one line each, so that the fields stand level
          "& label": { whiteSpace: { sm: "nowrap" } },
        }}
      >
        <Box sx={{ gridColumn: { xs: "1 / 3", sm: "auto" } }}>
          <KindChoice
            none={portArray === null}
            chosen={mixed ? "" : (shown?.panelId ?? first.id)}
            panels={plan.panels}
            onChoice={choose}
          />
          {!mixed && <div className={style["quiet"]}>{freeWords(board, portArray, shown?.panelId ?? first.id)}</div>}
        </Box>
        <Stepper
          label={fillPortArrayTexts.inSeries}
          law="voltages add, current stays"
          help={fillPortArrayTexts.inSeriesHelp}
          spec={fieldSpecs.series}
          value={mixed ? null : (shown?.series ?? 1)}
          onValue={setSeries}
          onDone={desk.endGesture}
          onStep={stepSeries}
        />
        <Stepper
          label={fillPortArrayTexts.stringsInParallel}
          law="currents add, voltage stays"
          help={fillPortArrayTexts.stringsInParallelHelp}
          spec={fieldSpecs.strings}
          value={mixed ? null : (shown?.strings ?? 1)}
          onValue={setStrings}
          onDone={desk.endGesture}
          onStep={stepStrings}
        />
      </Box>
      {wish !== null && (
        <Waiting board={board} act={act} filling={{ inputId, portId, ...wish }} onDone={() => keep(null)} />
      )}
    </>
  );
});

type WaitingProps = {
  readonly board: Board;
  readonly act: Act;
  readonly filling: PortArrayRef & Wish;
  readonly onDone: () => void;
};

/** What is asked for, what it takes, and the press that does it. */
function Waiting({ board, act, filling, onDone }: WaitingProps) {
  const { lacks } = fillPortArray(board.plan, board.wiring, filling);
  const taking = { ...filling, takesOthers: true };
  const { borrowed, lacks: stillLacks } = fillPortArray(board.plan, board.wiring, taking);
  const lay = (what: Filling, more: number) => {
    act((now) => fill(now, what, more));
    onDone();
  };
  return (
    <div role="group" aria-label={fillPortArrayTexts.stringsToAdd} className={style["waiting"]}>
      <span>{fillWords(board, filling)}.</span>
      {lacks > 0 && borrowed.length > 0 && stillLacks === 0 && (
        <TextButton look="amber" onClick={() => lay(taking, 0)}>
          {fillPortArrayTexts.takeFromOthers(borrowed.length)}
        </TextButton>
      )}
      <TextButton look="amber" onClick={() => lay(filling, lacks)}>
        {lacks > 0 ? fillPortArrayTexts.addLacksToThePlanAndWireThese(lacks) : fillPortArrayTexts.wireTheseStrings}
      </TextButton>
      <TextButton look="plain" onClick={onDone}>
        {fillPortArrayTexts.cancel}
      </TextButton>
    </div>
  );
}

function portArrayOf({ wiring }: Board, ref: PortArrayRef): PortArray | null {
  return wiring.portArrays.find((candidate) => samePortArray(candidate, ref)) ?? null;
}

/** How many of a kind lie in the port array and how many more are free for it. */
function freeWords(board: Board, portArray: PortArray | null, panelId: string): string {
  const here = portArray === null ? 0 : tilesOf([portArray]).filter((tile) => tile.panelId === panelId).length;
  const free = shelfOf(board).find(({ panel }) => panel.id === panelId)?.tiles.length ?? 0;
  return fillPortArrayTexts.hereHereFreeOnTheShelf(here, free);
}

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
        label={fillPortArrayTexts.panel}
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
