"use client";

import {
  DndContext,
  type DragStartEvent,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  type MouseEvent,
  type ReactNode,
  type Ref,
  type TouchEvent,
  useImperativeHandle,
  useLayoutEffect,
  useRef,
} from "react";
import { type PanelKey } from "@/core/engine/array";
import style from "./board.module.css";
import { followDrag, type Followed } from "./follow-drag";
import { type Target } from "./targets";
import { dragSurfaceTexts } from "@/messages/en/string-board/view";

type Props = {
  /** What is said at the pointer while this panel is dragged. */
  readonly wordsFor: (key: PanelKey) => string;
  /** Returns whether the board changes by it. */
  readonly onDrop: (key: PanelKey, target: Target) => boolean;
  readonly onKeyDown: (event: React.KeyboardEvent) => void;
  readonly ref: Ref<HTMLDivElement>;
  readonly children: ReactNode;
};

const onTile = (target: EventTarget | null) => target instanceof Element && target.closest("[data-tile]") !== null;

/** The package's sensors, begun by panels only. */
class TileMouse extends MouseSensor {
  static override activators = [
    {
      eventName: "onMouseDown" as const,
      handler: ({ nativeEvent }: MouseEvent) => nativeEvent.button === 0 && onTile(nativeEvent.target),
    },
  ];
}
class TileTouch extends TouchSensor {
  static override activators = [
    {
      eventName: "onTouchStart" as const,
      handler: ({ nativeEvent }: TouchEvent) => nativeEvent.touches.length === 1 && onTile(nativeEvent.target),
    },
  ];
}

// objects that stay the same, so that nothing is set up again at each drawing
const byMouse = { activationConstraint: { distance: 6 } };
const byTouch = { activationConstraint: { delay: 180, tolerance: 8 } };
// the page scrolls under a drag at its very edge only: farther in, what one aims at would run away
const atTheEdge = { threshold: { x: 0.04, y: 0.08 } };
const spokenByUs = {
  announcements: {
    onDragStart: () => undefined,
    onDragOver: () => undefined,
    onDragEnd: () => undefined,
    onDragCancel: () => dragSurfaceTexts.putBack,
  },
};

/**
 * Where panels are dragged. The whole board is one draggable of the package, not each panel one: a package's hooks in
 * every panel are all run again when a drag begins or ends, and a drop has to show its verdict within three frames.
 * What follows the pointer, and the marks on panel and place, are set straight in the page for the same reason.
 */
export function DragSurface({ wordsFor, onDrop, onKeyDown, ref, children }: Props) {
  const sensors = useSensors(useSensor(TileMouse, byMouse), useSensor(TileTouch, byTouch));
  const word = useRef<HTMLDivElement>(null);
  const under = useRef<{ readonly key: PanelKey; readonly followed: Followed } | null>(null);
  const start = ({ activatorEvent }: DragStartEvent) => {
    const tile =
      activatorEvent.target instanceof Element ? activatorEvent.target.closest<HTMLElement>("[data-tile]") : null;
    const key = tile?.dataset["tile"];
    if (tile === null || key === undefined || word.current === null) return;
    word.current.textContent = wordsFor(key);
    under.current = { key, followed: followDrag(activatorEvent, tile, word.current) };
  };
  const dropped = useRef<Followed | null>(null);
  const end = (letGo: boolean) => {
    const drag = under.current;
    if (drag === null) return;
    under.current = null;
    const target = drag.followed.end();
    if (letGo && target !== null && onDrop(drag.key, target)) dropped.current = drag.followed;
    else drag.followed.clear();
  };
  // the marks of a drop go when the board is drawn with it: taken away before, they would cost a frame of their own
  useLayoutEffect(() => {
    dropped.current?.clear();
    dropped.current = null;
  });
  return (
    <DndContext
      id="board"
      sensors={sensors}
      accessibility={spokenByUs}
      autoScroll={atTheEdge}
      onDragStart={start}
      onDragCancel={() => end(false)}
      onDragEnd={() => end(true)}
    >
      <Surface holder={ref} onKeyDown={onKeyDown}>
        {children}
      </Surface>
      <div ref={word} aria-hidden className={style["dragWord"]} />
    </DndContext>
  );
}

function Surface({
  holder,
  onKeyDown,
  children,
}: {
  holder: Ref<HTMLDivElement>;
  onKeyDown: Props["onKeyDown"];
  children: ReactNode;
}) {
  const { setNodeRef, listeners } = useDraggable({ id: "board" });
  const node = useRef<HTMLDivElement>(null);
  useImperativeHandle(holder, () => node.current as HTMLDivElement);
  return (
    <div
      ref={(element) => {
        node.current = element;
        setNodeRef(element);
      }}
      {...listeners}
      onKeyDown={onKeyDown}
    >
      {children}
    </div>
  );
}
