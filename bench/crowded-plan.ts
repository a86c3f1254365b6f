import { applyChange, emptyPlan, type Plan } from "../src/core/plan";
import { type PvString, stringOf, newTile } from "../src/core/engine/array";
import { demoInputs, demoPanels } from "../src/demo";

/** 24 panels of 6 kinds on 4 ports: the most that the bars of the interface speak of. */
export function crowdedPlan(): Plan {
  const kinds = ["rigid195", "rigid225", "flexible100", "film160", "folding160", "blanket60"] as const;
  const withPanels = kinds.reduce<Plan>(
    (plan, kind) => applyChange(plan, { type: "addPanel", id: kind, libraryId: null, label: demoPanels[kind] }),
    emptyPlan("Crowded: 24 panels, 6 kinds, 4 ports"),
  );
  const withStation = applyChange(withPanels, {
    type: "addInput",
    id: "station",
    libraryId: null,
    device: demoInputs.threePortStation,
  });
  const plan = applyChange(withStation, {
    type: "addInput",
    id: "press",
    libraryId: null,
    device: demoInputs.pressController,
  });
  const string = (...tiles: readonly (readonly [(typeof kinds)[number], number])[]): PvString =>
    stringOf(tiles.map(([kind, piece]) => newTile(kind, piece)));
  return applyChange(plan, {
    type: "rewire",
    wiringId: "wiring-1",
    counts: Object.fromEntries(kinds.map((kind) => [kind, 4])),
    portArrays: [
      {
        inputId: "station",
        portId: "a",
        strings: [
          string(["rigid195", 1], ["rigid195", 2]),
          string(["folding160", 1], ["folding160", 2]),
          string(["flexible100", 1], ["blanket60", 1]),
        ],
      },
      {
        inputId: "station",
        portId: "b",
        strings: [
          string(["rigid195", 3], ["rigid195", 4]),
          string(["folding160", 3], ["folding160", 4]),
          string(["flexible100", 2], ["blanket60", 2]),
        ],
      },
      {
        inputId: "station",
        portId: "extra",
        strings: [
          string(["rigid225", 1], ["rigid225", 2]),
          string(["film160", 1], ["film160", 2]),
          string(["rigid225", 3]),
        ],
      },
      {
        inputId: "press",
        portId: "pv",
        strings: [
          string(["film160", 3]),
          string(["film160", 4]),
          string(["rigid225", 4]),
          string(["flexible100", 3], ["flexible100", 4]),
          string(["blanket60", 3], ["blanket60", 4]),
        ],
      },
    ],
  });
}
