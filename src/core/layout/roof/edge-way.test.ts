import { alongEdges } from ".";

const outline = [
  [0, 0],
  [2000, 0],
  [2000, 6000],
  [0, 6000],
].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));

test("a cable keeps to the nearer edge and goes round the shorter way", () => {
  // both by the left edge: along it
  expect(alongEdges({ outline }, [300, 1000], [300, 4000])).toEqual([
    [40, 1000],
    [40, 4000],
  ]);
  // from the left edge to the right one, both near the back: round the back corners
  expect(alongEdges({ outline }, [200, 700], [1800, 900])).toEqual([
    [40, 700],
    [40, 40],
    [1960, 40],
    [1960, 900],
  ]);
});
