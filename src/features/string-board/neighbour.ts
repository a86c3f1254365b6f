/** The panel that lies nearest in the direction of an arrow key, by where it stands on the screen. */
export function neighbourOf(holder: HTMLElement, from: HTMLElement, arrow: string): HTMLElement | null {
  const here = middleOf(from);
  const vertical = arrow === "ArrowUp" || arrow === "ArrowDown";
  const sign = arrow === "ArrowUp" || arrow === "ArrowLeft" ? -1 : 1;
  let best: { tile: HTMLElement; cost: number } | null = null;
  for (const tile of holder.querySelectorAll<HTMLElement>("[data-tile]")) {
    if (tile === from) continue;
    const there = middleOf(tile);
    const along = sign * (vertical ? there.y - here.y : there.x - here.x);
    const aside = Math.abs(vertical ? there.x - here.x : there.y - here.y);
    if (along < 10 || (!vertical && aside > 30)) continue;
    const cost = along + 2 * aside;
    if (best === null || cost < best.cost) best = { tile, cost };
  }
  return best?.tile ?? null;
}

function middleOf(element: HTMLElement): { x: number; y: number } {
  const { left, top, width, height } = element.getBoundingClientRect();
  return { x: left + width / 2, y: top + height / 2 };
}
