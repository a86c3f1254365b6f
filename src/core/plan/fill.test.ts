import fc from "fast-check";
import { keyOf, matrixStrings, tilesOf, usedIn } from "../engine/array";
import { changed, planWith } from "@/testing";
import { fillPortArray } from "./fill";

const size = fc.integer({ min: 1, max: 4 });

test("strings that may take from other PV inputs: no panel stands twice, none is bought while another input has one, and no more go than are needed", () => {
  fc.assert(
    fc.property(size, size, size, size, fc.integer({ min: 0, max: 4 }), (series, strings, wanted, parallel, spare) => {
      const plan = changed(planWith({ series, strings }), {
        type: "setCount",
        panelId: "p",
        count: series * strings + spare,
      });
      const [wiring] = plan.wirings;
      if (wiring === undefined) throw new Error("a plan has a wiring");
      const other = { inputId: "i", portId: "other", panelId: "p", series: wanted, strings: parallel };
      const { portArrays, lacks, borrowed } = fillPortArray(plan, wiring, { ...other, takesOthers: true });
      const keys = tilesOf(portArrays).map(keyOf);
      expect(new Set(keys).size).toBe(keys.length);
      const needed = wanted * parallel;
      const made = portArrays.find(({ portId }) => portId === "other")?.strings ?? [];
      expect(made.map((string) => usedIn([string]).length)).toEqual(Array.from({ length: parallel }, () => wanted));
      expect(borrowed).toHaveLength(Math.min(series * strings, Math.max(0, needed - spare)));
      expect(lacks).toBe(Math.max(0, needed - spare - series * strings));
      // left to itself it takes nothing from anyone
      const alone = fillPortArray(plan, wiring, other);
      expect(alone.borrowed).toEqual([]);
      expect(tilesOf(alone.portArrays.filter(({ portId }) => portId !== "other"))).toEqual(
        tilesOf([{ inputId: "i", portId: "high", strings: matrixStrings("p", series, strings) }]).map((tile) =>
          expect.objectContaining({ panelId: tile.panelId, piece: tile.piece }),
        ),
      );
    }),
  );
});
