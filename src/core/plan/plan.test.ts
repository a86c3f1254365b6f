import fc from "fast-check";
import { demoPanels, demoInputs, demoPlans } from "@/demo";
import { applyChange, type Change, differences, emptyPlan, endGesture, type Plan, planJsonSchema, readPlan, readPlanText, record, redo, startHistory, undo } from ".";

const withParts = [
  { type: "addPanel", id: "p", libraryId: null, label: demoPanels.rigid195 } as const,
  { type: "addInput", id: "i", libraryId: null, device: demoInputs.twoPortStation } as const,
].reduce<Plan>(applyChange, emptyPlan("Test"));

function faultOf(text: string) {
  const reading = readPlanText(text);
  if (reading.type === "plan") throw new Error("it was taken");
  return reading.fault;
}

const edited = (edit: (plan: Record<string, unknown>) => void): string => {
  const plan = JSON.parse(JSON.stringify(withParts)) as Record<string, unknown>;
  edit(plan);
  return JSON.stringify(plan);
};

describe("reading a plan file", () => {
  test("a plan written out reads back the same", () => {
    for (const plan of [withParts, ...demoPlans()]) expect(readPlanText(JSON.stringify(plan))).toEqual({ type: "plan", plan });
  });

  test("broken, foreign, newer and oversized files are told apart", () => {
    expect(faultOf('{"format": "golden-arr').type).toBe("notJson");
    expect(faultOf('{"hello": 1}').type).toBe("foreign");
    expect(faultOf("[1, 2]").type).toBe("foreign");
    expect(faultOf(edited((plan) => (plan["version"] = 7)))).toEqual({ type: "newer", version: 7, known: 1 });
    expect(faultOf(`{"format": "${"x".repeat(1_100_000)}"}`).type).toBe("tooLarge");
  });

  test.each<[string, (plan: Record<string, unknown>) => void, string, RegExp]>([
    ["a number out of bounds", (plan) => (plan["site"] = { recordLowC: -300, recordHighC: null, latitudeDeg: null, mount: null }), "site.recordLowC", /found -300/],
    ["a field nobody knows", (plan) => (plan["surprise"] = 1), "(top)", /surprise/],
    ["a prototype smuggled in", (plan) => Object.defineProperty(plan, "__proto__", { value: { polluted: true }, enumerable: true }), "(top)", /__proto__/],
    ["a wiring that names no panel", (plan) => (plan["wirings"] = [{ ...withParts.wirings[0], panelId: "ghost" }]), "wirings.0.panelId", /ghost/],
    ["the same id twice", (plan) => (plan["panels"] = [...withParts.panels, ...withParts.panels]), "panels.1.id", /twice/],
    ["no wiring at all", (plan) => (plan["wirings"] = []), "wirings", /./],
  ])("%s is refused where it stands", (_, edit, path, problem) => {
    const fault = faultOf(edited(edit));
    expect(fault).toMatchObject({ type: "invalid", path });
    if (fault.type === "invalid") expect(fault.problem).toMatch(problem);
    expect(({} as Record<string, unknown>)["polluted"]).toBeUndefined();
  });

  test("no text whatever throws", () => {
    fc.assert(fc.property(fc.oneof(fc.string(), fc.json()), (text) => expect(readPlanText(text).type).toBe("fault")));
    fc.assert(fc.property(fc.anything(), (value) => expect(readPlan(value).type).toBe("fault")));
  });

  test("deep nesting is refused, not followed", () => {
    expect(faultOf(`${"[".repeat(50_000)}${"]".repeat(50_000)}`).type).toMatch(/notJson|foreign/);
  });
});

test("the published schema names the format, the version and every part of the plan", () => {
  const schema = planJsonSchema() as { properties: Record<string, { const?: unknown }>; additionalProperties: boolean };
  expect(schema.properties["format"]?.const).toBe("golden-array-plan");
  expect(schema.additionalProperties).toBe(false);
  expect(Object.keys(schema.properties).sort()).toEqual(Object.keys(withParts).sort());
});

const anyChange: fc.Arbitrary<Change> = fc.oneof(
  fc.record({ type: fc.constant("rename" as const), name: fc.constantFrom("A", "B", "C") }),
  fc.record({ type: fc.constant("setWiring" as const), wiringId: fc.constant("wiring-1"), patch: fc.record({ series: fc.integer({ min: 1, max: 9 }) }) }),
  fc.record({ type: fc.constant("setSite" as const), patch: fc.record({ recordLowC: fc.option(fc.integer({ min: -40, max: 10 })) }) }),
  fc.record({ type: fc.constant("setLabel" as const), panelId: fc.constant("p"), patch: fc.record({ vocV: fc.option(fc.integer({ min: 10, max: 60 })) }) }),
  fc.record({ type: fc.constant("setPort" as const), inputId: fc.constant("i"), portId: fc.constant("high"), patch: fc.record({ maxV: fc.option(fc.integer({ min: 30, max: 150 })) }) }),
  fc.record({ type: fc.constant("removePanel" as const), panelId: fc.constant("p") }),
  fc.record({ type: fc.constant("removePort" as const), inputId: fc.constant("i"), portId: fc.constantFrom("low", "high") }),
  fc.record({ type: fc.constant("removeInput" as const), inputId: fc.constant("i") }),
);

test("any changes leave a plan that reads, and as many undos bring back the very first", () => {
  fc.assert(
    fc.property(fc.array(anyChange, { maxLength: 40 }), (changes) => {
      let history = startHistory(withParts);
      for (const change of changes) {
        history = record(history, applyChange(history.present, change), null);
        // an input with no port left is the one thing the interface never offers
        if (history.present.inputs.every((input) => input.device.ports.length > 0)) expect(readPlan(JSON.parse(JSON.stringify(history.present))).type).toBe("plan");
      }
      const last = history.present;
      while (history.past.length > 0) history = undo(history);
      expect(history.present).toBe(withParts);
      while (history.future.length > 0) history = redo(history);
      expect(history.present).toBe(last);
    }),
  );
});

test("keystrokes of one gesture are one step; the next gesture is another", () => {
  const type = (history: ReturnType<typeof startHistory>, name: string, gesture: string) => record(history, applyChange(history.present, { type: "rename", name }), gesture);
  let history = startHistory(withParts);
  for (const name of ["V", "Va", "Van"]) history = type(history, name, "rename");
  history = type(endGesture(history), "Vans", "rename");
  expect(history.past.length).toBe(2);
  expect(undo(history).present.name).toBe("Van");
  expect(undo(undo(history)).present).toBe(withParts);
});

test("differences names the deepest place that changed", () => {
  const after = applyChange(withParts, { type: "setLabel", panelId: "p", patch: { vocV: 30 } });
  expect(differences(withParts, after)).toEqual(["panels.0.label.vocV"]);
  expect(differences(withParts, structuredClone(withParts))).toEqual([]);
});
