"use client";

import { type Collision, type CollisionDetection, DndContext, DragOverlay, MouseSensor, pointerWithin, rectIntersection, TouchSensor, useSensor, useSensors } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { Keyboard } from "lucide-react";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { completeLabel, readLabel } from "@/core/panel";
import { type Finding, type Level, type TileState, worstLevel } from "@/core/rules";
import { keyOf, type Lane, laneKey, locate, partsOfKey, rowAt, sameLane, type Tile, type TileKey, tilesOfRows } from "@/core/wiring";
import { useDeskState, useJudgement } from "@/features/desk";
import { Sheet } from "@/ui";
import { laneName, laneRefs, put, tilesByKey, tileWords, toggleShade } from "./commands";
import { FillLane } from "./FillLane";
import { Inspector } from "./Inspector";
import { KeyList } from "./KeyList";
import { boardKeys } from "./keys";
import { LaneView, type TileDrawing } from "./LaneView";
import { neighbourOf } from "./neighbour";
import { ShelfView } from "./ShelfView";
import { Palette } from "./Palette";
import { isTarget } from "./targets";
import { TileView } from "./TileView";
import { useBoard } from "./useBoard";

type Props = { readonly chosenLane: string | null; readonly onChooseLane: (id: string) => void };

/** The string board: lanes of rows of panels, the shelf, and everything that can be done to them. */
export function Board({ chosenLane, onChooseLane }: Props) {
  const { board, selected, latest, select, act } = useBoard();
  const judgement = useJudgement();
  const sky = useDeskState((state) => state.sky);
  const said = useDeskState((state) => state.said);
  const lit = useDeskState((state) => state.litFinding);
  const [dragged, setDragged] = useState<TileKey | null>(null);
  const [helpOpen, setHelpOpen] = useState(false);
  const [paletteOpen, setPaletteOpen] = useState(false);
  useEffect(() => onPaletteKey(() => setPaletteOpen(true)), []);
  const holder = useRef<HTMLDivElement>(null);
  const sensors = useSensors(useSensor(MouseSensor, { activationConstraint: { distance: 6 } }), useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }));
  const states = judgement?.tiles[sky] ?? null;
  const assessed = judgement?.assessment.type === "assessed" ? judgement.assessment : null;
  const refs = laneRefs(board);
  const chosenRef = refs.find((ref) => laneKey(ref) === chosenLane);
  const kinds = useMemo(() => new Map(board.plan.panels.map((panel) => [panel.id, { panel, substrings: substringsOfLabel(panel.label) }])), [board.plan.panels]);
  const substringsOf = useCallback((panelId: string) => kinds.get(panelId)?.substrings ?? 1, [kinds]);
  const litText = lit === null ? "" : [...litKeys(assessed?.findings.find(({ id }) => id === lit), board.wiring.lanes)].join();
  const litTiles = useMemo(() => new Set(litText === "" ? [] : litText.split(",")), [litText]);

  // handlers that tiles keep: they ask for the board when pressed, so that a tile is not drawn again for each edit
  const onSelect = useCallback((key: TileKey, more: boolean) => {
    const { selected: keys } = latest();
    if (more) select(keys.includes(key) ? keys.filter((other) => other !== key) : [...keys, key]);
    else select(keys.length === 1 && keys[0] === key ? [] : [key]);
    const place = locate(latest().board.wiring.lanes, key);
    if (place !== null) onChooseLane(laneKey(place.lane));
  }, [latest, select, onChooseLane]);
  const onSubstring = useCallback((key: TileKey, k: number) => {
    const at = latest().board;
    const [tile] = tilesByKey(at, [key]);
    if (tile !== undefined) act(toggleShade(at, key, k, substringsOf(tile.panelId)));
  }, [latest, act, substringsOf]);

  const tiles: TileDrawing = useMemo(() => {
    const draw = (tile: Tile, where: string, state: TileState | null, onShelf = false) => {
      const kind = kinds.get(tile.panelId);
      if (kind === undefined) return null;
      const key = keyOf(tile);
      return <TileView key={key} tile={tile} panel={kind.panel} substrings={kind.substrings} state={state} selected={selected.includes(key)} lit={litTiles.has(key)} where={where} onSelect={onSelect} onSubstring={onShelf ? null : onSubstring} />;
    };
    return { draw, drawOnShelf: (tile) => draw(tile, "on the shelf", null, true) };
  }, [kinds, selected, litTiles, onSelect, onSubstring]);

  const onKeyDown = (event: React.KeyboardEvent) => {
    const key = (event.target as HTMLElement).closest<HTMLElement>("[data-tile]")?.dataset["tile"];
    if (event.key === "?") return setHelpOpen(true);
    if (event.key === "Escape") return select([]);
    if (key === undefined) return;
    const native = event.nativeEvent;
    const keys = selected.includes(key) ? selected : [key];
    const found = boardKeys.find(({ matches }) => matches(native));
    if (found !== undefined) {
      event.preventDefault();
      act(found.run(board, keys, native, (of) => substringsOf(partsOfKey(of).panelId)));
      // the panel may stand elsewhere now; the keyboard stays with it
      requestAnimationFrame(() => holder.current?.querySelector<HTMLElement>(`[data-tile="${CSS.escape(key)}"]`)?.focus());
      return;
    }
    if (event.key === " ") {
      event.preventDefault();
      return onSelect(key, true);
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "a") {
      event.preventDefault();
      const place = locate(board.wiring.lanes, key);
      const row = place === null ? undefined : rowAt(board.wiring.lanes, place.lane, place.path, place.row);
      return select(row === undefined ? [key] : tilesOfRows([row]).map(keyOf));
    }
    if (event.key.startsWith("Arrow") && !event.altKey && holder.current !== null) {
      const next = neighbourOf(holder.current, event.target as HTMLElement, event.key);
      if (next === null) return;
      event.preventDefault();
      next.focus();
    }
  };

  return (
    <Sheet title="String board" flush aside={<IconButton aria-label="Keys of the board" onClick={() => setHelpOpen(true)}><Keyboard size={18} /></IconButton>}>
      <DndContext
        id="board"
        sensors={sensors}
        collisionDetection={nearestZone}
        accessibility={{ announcements: { onDragStart: () => undefined, onDragOver: () => undefined, onDragEnd: () => undefined, onDragCancel: () => "Put back." } }}
        onDragStart={({ active }) => setDragged(String(active.id))}
        onDragCancel={() => setDragged(null)}
        onDragEnd={({ active, over }) => {
          setDragged(null);
          const key = String(active.id);
          const target: unknown = over?.data.current;
          if (isTarget(target)) act(put(board, selected.includes(key) ? selected : [key], target));
        }}
      >
        <Box ref={holder} onKeyDown={onKeyDown}>
          {refs.map((ref) => {
            const id = laneKey(ref);
            const lane = board.wiring.lanes.find((candidate) => sameLane(candidate, ref)) ?? null;
            const judged = assessed?.lanes.find((view) => view.inputId === ref.inputId && view.portId === ref.portId) ?? null;
            const level = assessed === null || judged === null ? null : worstOfLane(assessed.findings, judged.inputId, judged.portId);
            return (
              <LaneView key={id} name={laneName(board, ref)} laneRef={ref} lane={lane} judged={judged} level={level} sky={sky} chosen={id === chosenLane} states={states} onChoose={onChooseLane} tiles={tiles} />
            );
          })}
          <ShelfView board={board} tiles={tiles} />
        </Box>
        <DragOverlay dropAnimation={null}>{dragged === null ? null : <DragWord words={tileWords(board, tilesByKey(board, selected.includes(dragged) ? selected : [dragged]))} />}</DragOverlay>
      </DndContext>
      <Box role="status" aria-live="polite" data-testid="board-said" sx={{ px: 1, minHeight: 24, fontSize: "0.8125rem", fontStyle: "italic" }}>{said}</Box>
      <Box sx={{ borderTop: "1px solid var(--line-strong)" }}>
        <Inspector board={board} keys={selected} states={states} substringsOf={substringsOf} act={act} onClear={() => select([])} />
      </Box>
      {chosenRef !== undefined && (
        <Box role="group" aria-label={`Fill ${laneName(board, chosenRef)} by number`} sx={{ borderTop: "1px solid var(--line)", p: 1 }}>
          <Box sx={{ fontSize: "0.8125rem", mb: 0.5 }}>Fill <strong>{laneName(board, chosenRef)}</strong> with equal rows:</Box>
          <FillLane key={chosenLane} board={board} inputId={chosenRef.inputId} portId={chosenRef.portId} />
        </Box>
      )}
      <Palette open={paletteOpen} onClose={() => setPaletteOpen(false)} selected={selected.length} onRun={(action) => act(action.run(board, selected, new KeyboardEvent("keydown"), (of) => substringsOf(partsOfKey(of).panelId)))} />
      <KeyList open={helpOpen} onClose={() => setHelpOpen(false)} />
    </Sheet>
  );
}

/** Ctrl or Cmd + K, wherever the focus is. */
function onPaletteKey(open: () => void): () => void {
  const listen = (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey || event.key.toLowerCase() !== "k") return;
    event.preventDefault();
    open();
  };
  window.addEventListener("keydown", listen);
  return () => window.removeEventListener("keydown", listen);
}

function DragWord({ words }: { words: string }) {
  return <Box sx={{ display: "inline-block", bgcolor: "var(--amber)", color: "var(--on-amber)", border: "2px solid var(--ink)", px: 1, py: 0.5, fontWeight: 700, fontSize: "0.8125rem", whiteSpace: "nowrap" }}>{words}</Box>;
}

/** The smallest zone under the pointer: a gap wins over the panel or lane around it. */
const nearestZone: CollisionDetection = (args) => {
  const under = pointerWithin(args);
  const found = under.length > 0 ? under : rectIntersection(args);
  const area = ({ id }: Collision) => {
    const rect = args.droppableRects.get(id);
    return rect === undefined ? Number.POSITIVE_INFINITY : rect.width * rect.height;
  };
  return [...found].sort((a, b) => area(a) - area(b));
};

function litKeys(finding: Finding | undefined, lanes: readonly Lane[]): ReadonlySet<TileKey> {
  if (finding === undefined) return new Set();
  if (finding.tiles.length > 0) return new Set(finding.tiles);
  const { where } = finding;
  return new Set(lanes.filter((lane) => lane.inputId === where.inputId && (where.type === "group" || lane.portId === where.portId)).flatMap((lane) => tilesOfRows(lane.rows).map(keyOf)));
}

function worstOfLane(findings: readonly Finding[], inputId: string, portId: string): Level {
  return worstLevel(findings.filter(({ where }) => where.type === "lane" && where.inputId === inputId && where.portId === portId));
}

function substringsOfLabel(label: Parameters<typeof readLabel>[0]): number {
  const reading = readLabel(label);
  return reading.type === "label" ? Math.max(1, completeLabel(reading.label).label.bypassDiodes) : Math.max(1, label.bypassDiodes ?? 1);
}
