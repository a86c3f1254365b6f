import { equalNet, solveNet } from "../src/core/net";
import { fitLabel, type PanelLabel, readLabel } from "../src/core/panel";
import { assess } from "../src/core/rules";
import { demoPanels, demoPlans } from "../src/demo";
import { print, timed } from "./figures";

/** The engine alone, in a warm process. */
const reading = readLabel(demoPanels.rigid195);
if (reading.type !== "label") throw new Error("the demo label is incomplete");
const label: PanelLabel = reading.label;
const { model } = fitLabel(label);
const sky = { irradianceWm2: 1000, cellTempC: 58 };

print("fit of a label", timed(500, () => fitLabel(label)));
print("fit of a label that contradicts itself", timed(200, () => fitLabel({ ...label, vmpV: 26.9, pmaxW: 230 })));
print("whole curve, one panel", timed(1000, () => solveNet(equalNet(model, 1, 1, sky))));
print("whole curve, 4 in series × 3 strings", timed(1000, () => solveNet(equalNet(model, 4, 3, sky))));
for (const plan of demoPlans()) print(`verdict with mends: ${plan.name}`, timed(200, () => assess(plan, "wiring-1")));
