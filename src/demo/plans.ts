import { type DeviceSheet, emptyPlan, type PanelSheet, type Plan, planSchema } from "@/core/plan";
import { type Lane, matrixRows, type Row } from "@/core/wiring";
import { demoInputs } from "./inputs";
import { demoPanels } from "./panels";

type Sketch = {
  readonly name: string;
  readonly site: Plan["site"];
  readonly panels: readonly { readonly id: string; readonly count: number; readonly sheet: PanelSheet }[];
  readonly inputs: readonly { readonly id: string; readonly sheet: DeviceSheet }[];
  readonly wirings: readonly {
    readonly id: string;
    readonly name: string;
    readonly note: string;
    readonly lanes: readonly Lane[];
  }[];
  readonly notes: Partial<Plan["notes"]>;
};

const lane = (inputId: string, portId: string, rows: readonly Row[]): Lane => ({ inputId, portId, rows });

/** The same rows with every panel stowed: folded away, or under another. */
const stowed = (rows: readonly Row[]): Row[] =>
  rows.map((row) => ({
    ...row,
    items: row.items.map((item) => (item.type === "panel" ? { ...item, stance: "stowed" } : item)),
  }));

/** The made-up scenario: the Lantern and three smaller plans, each with a different verdict. */
const sketches: readonly Sketch[] = [
  {
    name: "The Lantern: travelling print workshop",
    site: { recordLowC: -14, recordHighC: 31, latitudeDeg: 57, mount: "roofGap" },
    panels: [
      { id: "roof", count: 4, sheet: demoPanels.rigid195 },
      { id: "bookbay", count: 2, sheet: demoPanels.folding160 },
    ],
    inputs: [
      { id: "station", sheet: demoInputs.twoPortStation },
      { id: "press", sheet: demoInputs.pressController },
    ],
    wirings: [
      {
        id: "parked",
        name: "Parked",
        note: "Folding pair set up on the towpath side.",
        lanes: [lane("station", "high", matrixRows("roof", 4, 1)), lane("station", "low", matrixRows("bookbay", 2, 1))],
      },
      {
        id: "underway",
        name: "Under way",
        note: "Folding pair closed in the book bay.",
        lanes: [
          lane("station", "high", matrixRows("roof", 4, 1)),
          lane("station", "low", stowed(matrixRows("bookbay", 2, 1))),
        ],
      },
      {
        id: "pressday",
        name: "Press day",
        note: "Roof to the press battery, station on the folding pair alone.",
        lanes: [lane("press", "pv", matrixRows("roof", 2, 2)), lane("station", "low", matrixRows("bookbay", 2, 1))],
      },
    ],
    notes: {
      need: "Press motor 300 W for two hours, lights, laptop, the kettle only on sunny days. About 1.4 kWh a day from April to September.",
      space:
        "Four panels fit beside the hatch and the cupola if the walkway stays on the canal side. The folding pair lives in the old book bay.",
      mount:
        "Roof is 1.5 mm aluminium on ribs. Long glued brackets, panels bolted so they come off for the winter yard.",
    },
  },
  {
    name: "Narrowboat with tilting panels",
    site: { recordLowC: -12, recordHighC: 32, latitudeDeg: 53, mount: "tilted" },
    panels: [{ id: "deck", count: 2, sheet: demoPanels.rigid410 }],
    inputs: [{ id: "controller", sheet: demoInputs.boatController }],
    wirings: [
      { id: "wiring-1", name: "First wiring", note: "", lanes: [lane("controller", "pv", matrixRows("deck", 2, 1))] },
    ],
    notes: { space: "Two panels on the cabin roof. Flat under the low bridges, tilted at the mooring." },
  },
  {
    name: "Rooftop tent with one blanket",
    site: { recordLowC: -4, recordHighC: 34, latitudeDeg: null, mount: "freeStanding" },
    panels: [{ id: "blanket", count: 1, sheet: demoPanels.blanket60 }],
    inputs: [{ id: "box", sheet: demoInputs.smallStation }],
    wirings: [
      { id: "wiring-1", name: "First wiring", note: "", lanes: [lane("box", "dc", matrixRows("blanket", 1, 1))] },
    ],
    notes: {},
  },
  {
    name: "Bee-keeper’s shed, long cable",
    site: { recordLowC: -18, recordHighC: 30, latitudeDeg: 55.5, mount: "tilted" },
    panels: [{ id: "shed", count: 3, sheet: demoPanels.poly240 }],
    inputs: [{ id: "station", sheet: demoInputs.middleStation }],
    wirings: [
      { id: "wiring-1", name: "First wiring", note: "", lanes: [lane("station", "pv", matrixRows("shed", 1, 3))] },
    ],
    notes: { wire: "38 m from the frame behind the hives to the shed." },
  },
];

/** The demo plans as documents, validated like any file. */
export function demoPlans(): Plan[] {
  return sketches.map((sketch) => {
    const plan = emptyPlan(sketch.name);
    return planSchema.parse({
      ...plan,
      site: sketch.site,
      panels: sketch.panels.map(({ id, count, sheet }) => ({
        id,
        libraryId: null,
        label: sheet,
        count,
        measured: null,
      })),
      inputs: sketch.inputs.map(({ id, sheet }) => ({ id, libraryId: null, device: sheet })),
      wirings: sketch.wirings,
      notes: { ...plan.notes, ...sketch.notes },
    });
  });
}
