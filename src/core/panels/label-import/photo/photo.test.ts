import { evened, type Grey, liesOf, settled, shapeOf, withStrokes } from ".";

/** A page of strokes, as lines of small letters are from far; they stand below one another in no line. */
function page(width: number, height: number, turnDeg: number, [paper, ink]: readonly [number, number]): Grey {
  const data = new Uint8Array(width * height).fill(paper);
  const [sin, cos] = [Math.sin((turnDeg * Math.PI) / 180), Math.cos((turnDeg * Math.PI) / 180)];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [cos * (x - width / 2) + sin * (y - height / 2), -sin * (x - width / 2) + cos * (y - height / 2)];
      const isLetter =
        Math.abs(u) < width * 0.35 &&
        Math.abs(v) < height * 0.35 &&
        (((u + 40 * Math.sin(7 * Math.floor(v / 24))) % 9) + 9) % 9 < 5 &&
        ((v % 24) + 24) % 24 < 9;
      if (isLetter) data[y * width + x] = ink;
    }
  return { width, height, data };
}

test("the turn of lines is found to a tenth of a degree, and lines that run down the picture are", () => {
  for (const turn of [-6, 0, 2.5]) {
    const [first] = liesOf(page(500, 380, turn, [225, 15]));
    expect([first.quarters, Math.abs(first.deg - turn) <= 0.1]).toEqual([0, true]);
    const [side] = liesOf(page(500, 380, turn + 90, [225, 15]));
    expect(side.quarters).toBe(1);
  }
});

test("dark letters on light paper and light ones on dark come out alike", () => {
  for (const shades of [
    [200, 60],
    [60, 160],
  ] as const) {
    const picture = page(300, 240, 0, shades);
    const flat = { ...picture, data: new Uint8Array(picture.data.length).fill(shades[0]) };
    const { picture: even, contrast } = evened(picture, flat);
    const at = (x: number, y: number) => even.data[y * 300 + x];
    expect(contrast).toBeGreaterThan(0.3);
    expect([at(2, 2), Math.min(...even.data) < 30]).toEqual([225, true]);
  }
});

/** Digits as bars of full height, and points as small squares at their foot. */
function digits(shape: string): Grey {
  const data = new Uint8Array(40 * 12 * shape.length).fill(225);
  const width = 12 * shape.length;
  [...shape].forEach((c, k) => {
    for (let y = c === "." ? 30 : 6; y < 35; y++) for (let x = 3; x < 8; x++) data[y * width + 12 * k + x] = 10;
  });
  return { width, height: 40, data };
}

test("points are seen by their shape, wherever they stand; none is seen where there is none", () => {
  expect(shapeOf(digits("11.1"))).toEqual({ digits: 3, points: [2] });
  expect(shapeOf(digits("1.11"))).toEqual({ digits: 3, points: [1] });
  expect(shapeOf(digits("111"))).toEqual({ digits: 3, points: [] });
});

test("looks are put together: a lost point comes back, a torn digit is unsure, and one that all saw is not", () => {
  expect(settled("219", ["21.9", "21.9"], { digits: 3, points: [2] })).toMatchObject({ text: "21.9", unsure: [] });
  expect(settled("219", ["219", "219"], { digits: 3, points: [2] }).unsure).not.toEqual([]);
  expect(settled("7.85", ["7.85", "7.05"], { digits: 3, points: [1] })).toMatchObject({
    text: "7.85",
    unsure: [2],
    others: ["7.05"],
  });
  expect(settled("1560", ["1500", "1500"], { digits: 4, points: [] }).text).toBe("1500");
  expect(settled("-0.26", ["0.26", "0.26"], { digits: 3, points: [1] })).toMatchObject({ text: "-0.26", unsure: [] });
  // the stroke of a unit beside it is no digit
  expect(settled("600", ["600", "6001"], { digits: 3, points: [] })).toMatchObject({ text: "600", unsure: [] });
});

test("where looks are torn over noughts, every six, eight and nine of the sticker is unsure", () => {
  const of = (text: string, ...others: string[]) => ({ text, others, unsure: [] });
  const sure = [of("28.8"), of("1500", "1508"), of("9.86")];
  expect(withStrokes(sure)).toEqual(sure);
  const torn = withStrokes([...sure, of("0.05", "0.85")]);
  expect(torn.map(({ unsure }) => unsure)).toEqual([[1, 3], [], [0, 2, 3], []]);
});
