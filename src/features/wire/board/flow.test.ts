import { type TileStates } from "@/core/rules";
import { newTile, type Row, rowOf } from "@/core/wiring";
import { flowOfRows, runningFlow } from "./flow";

const states: TileStates = Object.fromEntries(["a.1", "a.2", "b.1", "b.2"].map((key, k) => [key, { v: 10 + k, i: key.startsWith("a") ? 8 : 3, p: 0, substrings: [] }]));
const a = (piece: number) => newTile("a", piece);
const b = (piece: number) => newTile("b", piece);

test("volts add from plug to plug along a row, amps do not", () => {
  expect(runningFlow(rowOf([a(1), a(2)]), states)).toEqual([{ v: 10, i: 8 }, { v: 21, i: 8 }]);
});

test("in a group of rows amps add and volts are shared; the row goes on from there", () => {
  const pair: Row = rowOf([{ type: "group", rows: [rowOf([a(1)]), rowOf([b(1)])] }, a(2)]);
  expect(flowOfRows([rowOf([a(1)]), rowOf([b(1)])], states)).toEqual({ v: 10, i: 11 });
  expect(runningFlow(pair, states)).toEqual([{ v: 10, i: 11 }, { v: 21, i: 11 }]);
});

test("a panel taken out is a plain lead; one not judged yet leaves the sums unsaid", () => {
  expect(runningFlow(rowOf([{ ...a(1), stance: "off" }, b(2)]), states)).toEqual([null, { v: 13, i: 3 }]);
  expect(runningFlow(rowOf([a(1), a(9)]), states)).toBeNull();
  expect(runningFlow(rowOf([a(1)]), null)).toBeNull();
});
