import fc from "fast-check";
import { changed, demoPlan } from "@/testing";
import { type Locker, type Plan } from "../../plan";
import { foldedIn, stow } from ".";

const lantern = demoPlan("The Lantern");
const locker = (id: string, size: readonly [number, number, number], maxKg: number | null = null): Locker => {
  const [lengthMm, widthMm, heightMm] = size;
  return { id, name: id, lengthMm, widthMm, heightMm, maxKg };
};
const folding = (size: readonly [number, number, number], count: number, ...lockers: readonly Locker[]): Plan => {
  const [stowedLengthMm, stowedWidthMm, stowedDepthMm] = size;
  return changed(
    { ...lantern, space: { ...lantern.space, lockers: [...lockers] } },
    {
      type: "setLabel",
      panelId: "bookbay",
      patch: { stowedLengthMm, stowedWidthMm, stowedDepthMm, weightKg: 6, pmaxW: 160 },
    },
    { type: "setCount", panelId: "bookbay", count },
  );
};

test("watts for room and weight are the label's; one without a folded size is left out of every locker", () => {
  const [one] = foldedIn(folding([500, 400, 50], 2));
  expect(one).toMatchObject({ wPerLitre: 16, wPerKg: expect.closeTo(26.667, 3) as unknown });
  const unsaid = changed(folding([500, 400, 50], 1, locker("boot", [900, 900, 900])), {
    type: "setLabel",
    panelId: "bookbay",
    patch: { stowedDepthMm: null },
  });
  expect(stow(unsaid).left).toEqual(["bookbay.1"]);
});

test("slabs are stacked until the locker is full, whichever way it lies, and not beyond what it bears", () => {
  const size = [500, 400, 50] as const;
  for (const box of [
    [510, 410, 200],
    [200, 510, 410],
    [410, 200, 510],
  ] as const)
    expect(stow(folding(size, 5, locker("boot", box))).lockers[0]?.keys).toHaveLength(4);
  expect(stow(folding(size, 5, locker("boot", [510, 410, 200], 13))).lockers[0]).toMatchObject({ kg: 12 });
  // the smaller one first, what is left into the larger
  const two = stow(folding(size, 5, locker("large", [2000, 1000, 1000]), locker("small", [510, 410, 100])));
  expect(two.lockers.map(({ lockerId, keys }) => [lockerId, keys.length])).toEqual([
    ["small", 2],
    ["large", 3],
  ]);
});

test("whatever is put away takes no more room than there is, and every panel is somewhere or left", () => {
  const side = fc.integer({ min: 40, max: 900 });
  const sizes = fc.tuple(side, side, side);
  fc.assert(
    fc.property(sizes, fc.integer({ min: 1, max: 12 }), fc.array(sizes, { maxLength: 3 }), (size, count, boxes) => {
      const plan = folding(size, count, ...boxes.map((box, k) => locker(`l${k}`, box)));
      const { lockers, left } = stow(plan);
      expect(lockers.flatMap(({ keys }) => keys).length + left.length).toBe(count);
      for (const { lockerId, keys } of lockers) {
        const box = boxes[Number(lockerId.slice(1))] ?? [0, 0, 0];
        expect(keys.length * size[0] * size[1] * size[2]).toBeLessThanOrEqual(box[0] * box[1] * box[2]);
        if (keys.length > 0) {
          const [a, b] = [size.toSorted((x, y) => x - y), box.toSorted((x, y) => x - y)];
          expect(a.every((edge, k) => edge <= (b[k] ?? 0))).toBe(true);
        }
      }
    }),
  );
});
