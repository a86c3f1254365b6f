import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { demoPanels } from "@/demo";
import { atVoltage } from "../iv";
import { type Net, solveNet } from "../net";
import { fitLabel, readLabel } from "../panel";
import { spiceNetlist } from ".";

const simulator = "ngspice";
const present = spawnSync(simulator, ["--version"]).status === 0;

function panel(name: keyof typeof demoPanels, cellTempC: number, irradianceWm2: number[]): Net {
  const reading = readLabel(demoPanels[name]);
  if (reading.type !== "label") throw new Error(`${name} is incomplete`);
  return { type: "panel", model: fitLabel(reading.label).model, cellTempC, irradianceWm2 };
}

/** Runs a deck as a person would, and reads the printed table: volts and amps out of the array. */
function simulate(deck: string): { v: number; i: number }[] {
  const dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-spice-"));
  const file = path.join(dir, "net.cir");
  writeFileSync(file, deck);
  const { stdout } = spawnSync(simulator, ["-b", file], { encoding: "utf8" });
  rmSync(dir, { recursive: true });
  return [...stdout.matchAll(/^\d+\s+(\S+)\s+(\S+)\s*$/gm)].map(([, v, i]) => ({ v: Number(v), i: Number(i) }));
}

const nets: [string, Net][] = [
  ["one panel in the cold", panel("rigid195", -14, [1000])],
  [
    "a shaded substring in a string",
    { type: "series", members: [panel("rigid410", 55, [1000, 150, 1000]), panel("rigid410", 55, [1000])] },
  ],
  [
    "unequal strings, one through a blocking diode, over cables",
    {
      type: "parallel",
      members: [
        {
          type: "series",
          members: [panel("rigid120", 45, [900]), panel("rigid120", 45, [900]), { type: "cable", ohm: 0.12 }],
        },
        {
          type: "series",
          members: [{ type: "blockingDiode" }, panel("poly240", 50, [400, 400, 60]), { type: "cable", ohm: 0.05 }],
        },
      ],
    },
  ],
  [
    "a fuse blown in one of three strings",
    {
      type: "parallel",
      members: [
        panel("flexible100", 40, [800]),
        { type: "series", members: [{ type: "fuse", open: true }, panel("flexible100", 40, [800])] },
        { type: "series", members: [{ type: "fuse", open: false }, panel("flexible100", 40, [800])] },
      ],
    },
  ],
  [
    "thin film partly in shade beside a folding pair",
    {
      type: "parallel",
      members: [
        panel("film160", 60, [...Array<number>(14).fill(1000), ...Array<number>(6).fill(120)]),
        { type: "series", members: [panel("folding160", 35, [1000]), panel("blanket60", 35, [1000])] },
      ],
    },
  ],
];

describe("a general circuit simulator, where one is installed, draws our curve from our netlist", () => {
  for (const [name, net] of present ? nets : [])
    test(name, () => {
      const solution = solveNet(net);
      const table = simulate(spiceNetlist(net, { toV: solution.vocV, stepV: solution.vocV / 120 }, name));
      expect(table.length).toBeGreaterThan(100);
      for (const { v, i } of table)
        expect(Math.abs(atVoltage(solution.curve, v).i - i)).toBeLessThanOrEqual(0.001 * solution.iscA);
    });
});

test("a netlist names its source, sweeps the output and ends", () => {
  const deck = spiceNetlist(panel("rigid120", 25, [1000]), { toV: 22, stepV: 1 }, "two\nlines");
  expect(deck).toMatch(/^\* two lines\n/);
  expect(deck).toContain("VOUT out 0 0");
  expect(deck.trimEnd().endsWith(".end")).toBe(true);
  expect((deck.match(/^DB/gm) ?? []).length).toBe(2);
});
