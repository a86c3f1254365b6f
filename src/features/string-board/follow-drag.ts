import { isTarget, type Target } from "./targets";

export type Followed = {
  /** Ends the following; where the panel was let go, or null for nowhere. The marks stay. */
  readonly end: () => Target | null;
  /** Takes the marks and the words away. */
  readonly clear: () => void;
};

/** Follows a drag over the board: words go with the pointer, the panel dragged and the place under the pointer are marked. */
export function followDrag(start: Event, dragged: HTMLElement, words: HTMLElement): Followed {
  let point = pointOf(start);
  let over: HTMLElement | null = null;
  let due = 0;

  const look = () => {
    if (point !== null) words.style.transform = `translate(${point.x + 12}px, ${point.y + 12}px)`;
    const next = point === null ? null : targetUnder(point, dragged);
    if (next === over) return;
    over?.removeAttribute("data-over");
    next?.setAttribute("data-over", "true");
    over = next;
  };
  const moved = (event: Event) => {
    point = pointOf(event) ?? point;
  };
  // every frame, not at every move: the page may grow or scroll under a pointer that rests
  const frame = () => {
    look();
    due = requestAnimationFrame(frame);
  };
  const kinds = ["mousemove", "touchmove"] as const;
  for (const kind of kinds) window.addEventListener(kind, moved, { capture: true, passive: true });
  dragged.setAttribute("data-dragging", "true");
  // what lies over the lower part of the board makes way: a panel may be dropped there
  const dock = document.querySelector("[data-dock]");
  dock?.setAttribute("data-away", "true");
  words.setAttribute("data-shown", "true");
  frame();

  return {
    end: () => {
      for (const kind of kinds) window.removeEventListener(kind, moved, { capture: true });
      cancelAnimationFrame(due);
      // let go between two frames: what was marked last may not be what lies under the pointer now
      look();
      return over === null ? null : targetOf(over);
    },
    clear: () => {
      over?.removeAttribute("data-over");
      dragged.removeAttribute("data-dragging");
      dock?.removeAttribute("data-away");
      words.removeAttribute("data-shown");
    },
  };
}

type Point = { readonly x: number; readonly y: number };

function pointOf(event: Event): Point | null {
  if (event instanceof MouseEvent) return { x: event.clientX, y: event.clientY };
  const touch =
    typeof TouchEvent !== "undefined" && event instanceof TouchEvent
      ? (event.touches[0] ?? event.changedTouches[0])
      : undefined;
  return touch === undefined ? null : { x: touch.clientX, y: touch.clientY };
}

/** The zone or panel a point lies on; elsewhere on a port array, the port array's place for a new string. */
function targetUnder({ x, y }: Point, dragged: HTMLElement): HTMLElement | null {
  const found =
    document.elementFromPoint(x, y)?.closest<HTMLElement>("[data-tile], [data-zone], [data-port-array]") ?? null;
  // a panel on the shelf is no place of its own, nor is the one being dragged
  const place =
    found?.dataset["tile"] !== undefined && (found === dragged || found.closest("[data-port-array=shelf]") !== null)
      ? (found.parentElement?.closest<HTMLElement>("[data-zone], [data-port-array]") ?? null)
      : found;
  return place?.dataset["portArray"] === undefined
    ? place
    : place.querySelector<HTMLElement>(":scope > * > [data-zone], :scope > [data-zone]:last-of-type");
}

function targetOf(element: HTMLElement): Target | null {
  const { tile, target } = element.dataset;
  if (tile !== undefined) return { type: "beside", key: tile };
  const value: unknown = target === undefined ? null : JSON.parse(target);
  return isTarget(value) ? value : null;
}
