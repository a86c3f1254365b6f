import { type DeviceSheet, emptyPlan, type PanelSheet, type Plan, planSchema } from "@/core/plan";
import { demoInputs } from "./inputs";
import { demoPanels } from "./panels";

type Part = { readonly id: string; readonly sheet: PanelSheet | DeviceSheet };
type Sketch = {
  readonly name: string;
  readonly site: Plan["site"];
  readonly panels: readonly (Part & { readonly sheet: PanelSheet })[];
  readonly inputs: readonly (Part & { readonly sheet: DeviceSheet })[];
  readonly wiring: Pick<Plan["wirings"][number], "panelId" | "inputId" | "portId" | "series" | "strings">;
  readonly notes: Partial<Plan["notes"]>;
};

/** The made-up scenario: the Lantern and three smaller plans, each with a different verdict. */
const sketches: readonly Sketch[] = [
  {
    name: "The Lantern: travelling print workshop",
    site: { recordLowC: -14, recordHighC: 31, latitudeDeg: 57, mount: "roofGap" },
    panels: [{ id: "roof", sheet: demoPanels.rigid195 }, { id: "bookbay", sheet: demoPanels.folding160 }],
    inputs: [{ id: "station", sheet: demoInputs.twoPortStation }, { id: "press", sheet: demoInputs.pressController }],
    wiring: { panelId: "roof", inputId: "station", portId: "high", series: 4, strings: 1 },
    notes: {
      need: "Press motor 300 W for two hours, lights, laptop, the kettle only on sunny days. About 1.4 kWh a day from April to September.",
      space: "Four panels fit beside the hatch and the cupola if the walkway stays on the canal side. The folding pair lives in the old book bay.",
      mount: "Roof is 1.5 mm aluminium on ribs. Long glued brackets, panels bolted so they come off for the winter yard.",
    },
  },
  {
    name: "Narrowboat with tilting panels",
    site: { recordLowC: -12, recordHighC: 32, latitudeDeg: 53, mount: "tilted" },
    panels: [{ id: "deck", sheet: demoPanels.rigid410 }],
    inputs: [{ id: "controller", sheet: demoInputs.boatController }],
    wiring: { panelId: "deck", inputId: "controller", portId: "pv", series: 2, strings: 1 },
    notes: { space: "Two panels on the cabin roof. Flat under the low bridges, tilted at the mooring." },
  },
  {
    name: "Rooftop tent with one blanket",
    site: { recordLowC: -4, recordHighC: 34, latitudeDeg: null, mount: "freeStanding" },
    panels: [{ id: "blanket", sheet: demoPanels.blanket60 }],
    inputs: [{ id: "box", sheet: demoInputs.smallStation }],
    wiring: { panelId: "blanket", inputId: "box", portId: "dc", series: 1, strings: 1 },
    notes: {},
  },
  {
    name: "Bee-keeper’s shed, long cable",
    site: { recordLowC: -18, recordHighC: 30, latitudeDeg: 55.5, mount: "tilted" },
    panels: [{ id: "shed", sheet: demoPanels.poly240 }],
    inputs: [{ id: "station", sheet: demoInputs.middleStation }],
    wiring: { panelId: "shed", inputId: "station", portId: "pv", series: 1, strings: 3 },
    notes: { wire: "38 m from the frame behind the hives to the shed." },
  },
];

/** The demo plans as documents, validated like any file. */
export function demoPlans(): Plan[] {
  return sketches.map((sketch) => {
    const plan = emptyPlan(sketch.name);
    const [wiring] = plan.wirings;
    return planSchema.parse({
      ...plan,
      site: sketch.site,
      panels: sketch.panels.map(({ id, sheet }) => ({ id, libraryId: null, label: sheet })),
      inputs: sketch.inputs.map(({ id, sheet }) => ({ id, libraryId: null, device: sheet })),
      wirings: [{ ...wiring, ...sketch.wiring }],
      notes: { ...plan.notes, ...sketch.notes },
    });
  });
}
