import fc from "fast-check";
import { runs } from "@/testing";
import { crosses, overlap, placeLabels, type Spot, type Wanted } from "./place-labels";

const within = { left: 40, right: 640, top: 30, bottom: 400 };
const spot = fc.record({ x: fc.integer({ min: 45, max: 635 }), y: fc.integer({ min: 35, max: 395 }) });
const label = fc.tuple(spot, fc.integer({ min: 3, max: 14 })).map(([at, length]): Omit<Wanted, "key"> => ({
  at,
  sides: ["belowLeft", "aboveRight"],
  lines: [{ text: "8".repeat(length), sizePx: 13, bold: false }],
  shorter: [{ text: "8", sizePx: 13, bold: false }],
}));

test("labels lie over no line, over no other and inside the drawing, however many there are", () => {
  fc.assert(
    fc.property(
      fc.array(label, { maxLength: 12 }),
      fc.array(fc.array(spot, { maxLength: 9 }), { maxLength: 5 }),
      (list, lines) => {
        const placed = placeLabels(
          list.map((each, k) => ({ ...each, key: String(k) })),
          within,
          lines,
        );
        for (const [k, { box }] of placed.entries()) {
          expect(lines.some((points) => crosses(box, points))).toBe(false);
          expect(placed.slice(0, k).some((other) => overlap(box, other.box))).toBe(false);
          expect(box.left >= 40 && box.right <= 640 && box.top >= 30 && box.bottom <= 400).toBe(true);
        }
      },
    ),
    { numRuns: runs(200) },
  );
});

test("on an empty drawing a label stands on the side it asks for; a line there sends it elsewhere", () => {
  const wanted: Wanted = {
    key: "a",
    at: { x: 300, y: 200 },
    sides: ["belowLeft"],
    lines: [{ text: "524 W", sizePx: 15, bold: true }],
    shorter: null,
  };
  const [free] = placeLabels([wanted], within, []);
  expect(free?.box.right).toBeLessThan(300);
  expect(free?.box.top).toBeGreaterThan(200);
  const below: Spot[] = [
    { x: 40, y: 215 },
    { x: 640, y: 215 },
  ];
  const [moved] = placeLabels([wanted], within, [below]);
  expect(moved === undefined ? null : crosses(moved.box, below)).toBe(false);
});

test("a line through a box is seen though no point of it lies inside", () => {
  const box = { left: 100, right: 150, top: 100, bottom: 120 };
  const line = (y1: number, y2: number) => [
    { x: 0, y: y1 },
    { x: 300, y: y2 },
  ];
  expect([crosses(box, line(0, 220)), crosses(box, line(110, 110)), crosses(box, line(90, 90))]).toEqual([
    true,
    true,
    false,
  ]);
});
