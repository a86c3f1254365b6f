"use client";

import { put } from "./move-commands";
import { Keyboard } from "lucide-react";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { portOf, type TileState } from "@/core/plan-model";
import {
  keyOf,
  portArrayKey,
  locate,
  lying,
  partsOfKey,
  stringAt,
  samePortArray,
  type Stand,
  type PanelRef,
  type PanelKey,
  tilesOfStrings,
} from "@/core/engine/array";
import { useActions, useDeskState, useJudgement } from "@/features/plan-session";
import { skyWords } from "@/messages/en/window-chart/operating";
import { ToolButton, Region } from "@/ui";
import style from "./board.module.css";
import { portArrayName, portArrayRefs, tilesByKey, tileWords } from "./commands";
import { DragSurface } from "./DragSurface";
import { FillPortArray } from "./FillPortArray";
import { Inspector } from "./Inspector";
import { type AroundKey, KeyList } from "./KeyList";
import { boardKeys } from "./shortcuts";
import { PortArrayView, type TileDrawing } from "./PortArrayView";
import { neighbourOf } from "./neighbour";
import { ShelfView } from "./ShelfView";
import { Readout } from "./Readout";
import { type Target } from "./targets";
import { TileView } from "./TileView";
import { useBoard } from "./useBoard";
import { boardTexts } from "@/messages/en/string-board/view";
import { litKeys, worstOfPortArray, substringsOfLabel } from "./board-facts";

type Props = {
  readonly chosenPortArray: string | null;
  readonly onChoosePortArray: (id: string) => void;
  /** Keys of what stands around the board. */ readonly around: readonly AroundKey[];
  /** Whether panels that are not there may be put in: filled by number, bought. */ readonly mayGrow?: boolean;
};

/** The string board: port arrays of strings of panels, the shelf, and everything that can be done to them. */
export function Board({ chosenPortArray, onChoosePortArray, around, mayGrow = true }: Props) {
  const { board, selected, latest, select, act } = useBoard();
  const judgement = useJudgement();
  const sky = useDeskState((state) => state.sky);
  const said = useDeskState((state) => state.said);
  const lit = useDeskState((state) => state.litFinding);
  const [helpOpen, setHelpOpen] = useState(false);
  const holder = useRef<HTMLDivElement>(null);
  const fill = useRef<HTMLDivElement>(null);
  const [adding, setAdding] = useState(false);
  // read by handlers that tiles keep
  const addingNow = useRef(adding);
  useEffect(() => {
    addingNow.current = adding;
  }, [adding]);
  const states = judgement?.tiles ?? null;
  const assessed = judgement?.assessment.type === "assessed" ? judgement.assessment : null;
  const refs = portArrayRefs(board);
  const chosenRef = refs.find((ref) => portArrayKey(ref) === chosenPortArray);
  const kinds = useMemo(
    () => new Map(board.plan.panels.map((panel) => [panel.id, { panel, substrings: substringsOfLabel(panel.label) }])),
    [board.plan.panels],
  );
  const keysButton = useMemo(
    () => (
      <ToolButton aria-label={boardTexts.keysOfTheBoard} onClick={() => setHelpOpen(true)}>
        <Keyboard size={18} />
      </ToolButton>
    ),
    [],
  );
  const substringsOf = useCallback((panelId: string) => kinds.get(panelId)?.substrings ?? 1, [kinds]);
  const litText =
    lit === null
      ? ""
      : [
          ...litKeys(
            assessed?.findings.find(({ id }) => id === lit),
            board.wiring.portArrays,
          ),
        ].join();
  const litTiles = useMemo(() => new Set(litText === "" ? [] : litText.split(",")), [litText]);

  // handlers that tiles keep: they ask for the board when pressed, so that a tile is not drawn again for each edit
  const onSelect = useCallback(
    (key: PanelKey, more: boolean) => {
      const { selected: keys } = latest();
      if (more || addingNow.current)
        select(keys.includes(key) ? keys.filter((other) => other !== key) : [...keys, key]);
      else select(keys.length === 1 && keys[0] === key ? [] : [key]);
      const place = locate(latest().board.wiring.portArrays, key);
      if (place !== null) onChoosePortArray(portArrayKey(place.portArray));
    },
    [latest, select, onChoosePortArray],
  );
  /** The panels that move with one: all that are selected when it is among them. */
  const withSelected = useCallback(
    (key: PanelKey) => {
      const { selected: keys } = latest();
      return keys.includes(key) ? keys : [key];
    },
    [latest],
  );
  const wordsFor = useCallback(
    (key: PanelKey) => tileWords(latest().board, tilesByKey(latest().board, withSelected(key))),
    [latest, withSelected],
  );
  const onDrop = useCallback(
    (key: PanelKey, target: Target) => act((now) => put(now, withSelected(key), target)),
    [act, withSelected],
  );
  const onClear = useCallback(() => {
    setAdding(false);
    select([]);
  }, [select]);

  const tiles: TileDrawing = useMemo(() => {
    const draw = (tile: PanelRef, where: string, state: TileState | null, stand: Stand) => {
      const kind = kinds.get(tile.panelId);
      if (kind === undefined) return null;
      const key = keyOf(tile);
      return (
        <TileView
          key={key}
          tile={tile}
          stand={stand}
          panel={kind.panel}
          substrings={kind.substrings}
          state={state}
          selected={selected.includes(key)}
          lit={litTiles.has(key)}
          where={where}
          onSelect={onSelect}
        />
      );
    };
    return { draw, drawOnShelf: (tile) => draw(tile, boardTexts.onTheShelf, null, lying) };
  }, [kinds, selected, litTiles, onSelect]);

  // after a key the panel may stand elsewhere; the keyboard stays with it
  const follow = useRef<PanelKey | null>(null);
  useEffect(() => {
    if (follow.current !== null)
      holder.current?.querySelector<HTMLElement>(`[data-tile="${CSS.escape(follow.current)}"]`)?.focus();
    follow.current = null;
  }, [board]);

  // what can be done comes up over the lower part of the board; the panel it is for stays in sight
  useEffect(() => {
    const [only, more] = selected;
    if (only !== undefined && more === undefined)
      holder.current?.querySelector(`[data-tile="${CSS.escape(only)}"]`)?.scrollIntoView({ block: "nearest" });
  }, [selected]);

  // a digit needs to say which substring, and the buttons and keys do that
  useActions(() => [
    ...boardKeys
      .filter(({ press }) => selected.length > 0 && press !== "1 … 9")
      .map(({ press, words, run }) => ({
        of:
          selected.length === 1
            ? boardTexts.theSelectedPanel
            : boardTexts.theSelectedCountSelectedPanels(selected.length),
        press,
        words,
        run: () =>
          void act((now) =>
            run(now, selected, new KeyboardEvent("keydown"), (of) => substringsOf(partsOfKey(of).panelId)),
          ),
      })),
    ...around.map((key) => ({ of: boardTexts.theWiring, ...key })),
  ]);

  const selectString = (key: PanelKey) => {
    const place = locate(board.wiring.portArrays, key);
    const string =
      place === null ? undefined : stringAt(board.wiring.portArrays, place.portArray, place.path, place.string);
    select(string === undefined ? [key] : tilesOfStrings([string]).map(keyOf));
  };

  const onKeyDown = (event: React.KeyboardEvent) => {
    const key = (event.target as HTMLElement).closest<HTMLElement>("[data-tile]")?.dataset["tile"];
    if (event.key === "?") return setHelpOpen(true);
    if (event.key === "Escape") return select([]);
    if (key === undefined) return;
    const native = event.nativeEvent;
    const keys = withSelected(key);
    const found = boardKeys.find(({ matches }) => matches(native));
    if (found !== undefined) {
      event.preventDefault();
      if (act((now) => found.run(now, keys, native, (of) => substringsOf(partsOfKey(of).panelId))))
        follow.current = key;
      return;
    }
    if (event.key === " ") {
      event.preventDefault();
      return onSelect(key, true);
    }
    if (event.key.toLowerCase() === "f" && !event.altKey && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      const place = locate(board.wiring.portArrays, key);
      if (place !== null) onChoosePortArray(portArrayKey(place.portArray));
      // its numbers are there once the port array has been chosen
      return void requestAnimationFrame(() => fill.current?.querySelector<HTMLElement>("input[inputmode]")?.focus());
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "a") {
      event.preventDefault();
      return selectString(key);
    }
    if (event.key.startsWith("Arrow") && !event.altKey && holder.current !== null) {
      const next = neighbourOf(holder.current, event.target as HTMLElement, event.key);
      if (next === null) return;
      event.preventDefault();
      next.focus();
    }
  };

  return (
    <Region title={boardTexts.stringBoard} flush aside={keysButton}>
      <DragSurface ref={holder} onKeyDown={onKeyDown} wordsFor={wordsFor} onDrop={onDrop}>
        {/* the dock keeps to the port arrays: it stays in sight over them, and never lies over the shelf */}
        <div>
          {refs.map((ref) => {
            const id = portArrayKey(ref);
            const portArray = board.wiring.portArrays.find((candidate) => samePortArray(candidate, ref)) ?? null;
            const judged =
              assessed?.portArrays.find((view) => view.inputId === ref.inputId && view.portId === ref.portId) ?? null;
            const level =
              assessed === null || judged === null
                ? null
                : worstOfPortArray(assessed.findings, judged.inputId, judged.portId);
            return (
              <PortArrayView
                key={id}
                name={portArrayName(board, ref)}
                portArrayRef={ref}
                portArray={portArray}
                port={portOf(board.plan, ref)?.port ?? null}
                judged={judged}
                level={level}
                sky={sky}
                chosen={id === chosenPortArray}
                states={states}
                position={board.position}
                onChoose={onChoosePortArray}
                tiles={tiles}
              />
            );
          })}
          <div data-dock className={style["dock"]}>
            <Readout
              holder={holder}
              board={board}
              states={states}
              selected={selected}
              skyName={skyWords[judgement?.sky ?? sky]}
              shade={judgement?.shade ?? null}
            />
            <div role="status" aria-live="polite" data-testid="board-said" className={style["said"]}>
              {said}
            </div>
            <Inspector
              board={board}
              keys={selected}
              substringsOf={substringsOf}
              act={act}
              onClear={onClear}
              adding={adding}
              onAdding={() => setAdding(!adding)}
              onString={() => selected[0] !== undefined && selectString(selected[0])}
            />
          </div>
        </div>
        <ShelfView board={board} act={act} tiles={tiles} mayGrow={mayGrow} />
      </DragSurface>
      {mayGrow && chosenRef !== undefined && (
        <div
          ref={fill}
          role="group"
          aria-label={boardTexts.fillPortArrayByNumber(portArrayName(board, chosenRef))}
          className={style["fill"]}
        >
          <div className={style["quiet"]}>
            {boardTexts.fill} <strong>{portArrayName(board, chosenRef)}</strong> {boardTexts.withEqualStrings}
          </div>
          <FillPortArray
            key={chosenPortArray}
            board={board}
            act={act}
            inputId={chosenRef.inputId}
            portId={chosenRef.portId}
          />
        </div>
      )}
      {helpOpen && <KeyList around={around} onClose={() => setHelpOpen(false)} />}
    </Region>
  );
}
