import { thingNouns } from "./things";
import { given, materials, mountReport, procedureOf, stepFacts, tools } from "@/core/mounting";
import { plainFixing, type Plan, mountingMethodIds, roofSurfaces } from "@/core/plan";
import { mountEnvironment } from "@/core/plan-model";
import { changed, demoPlan } from "@/testing";
import { mountStepWords } from "..";

const lantern = demoPlan("The Lantern");
const pieces = [1, 2, 3, 4].map((piece) => ({ panelId: "roof", piece }));

function reportOf(plan: Plan) {
  const fixing = plan.fixings.list.find(({ id }) => id === "f");
  if (fixing === undefined) throw new Error("it has one");
  return mountReport(plan, fixing, mountEnvironment(plan));
}

/** Whether a text has a noun, as a word or words of its own, in the singular or the plural. */
function speaksOf(text: string, noun: string): boolean {
  return new RegExp(`\\b${noun}(e?s)?\\b`, "i").test(text);
}

test("no step speaks of anything nobody has told of before", () => {
  const nouns = Object.entries(thingNouns);
  const wrong = new Set<string>();
  for (const method of mountingMethodIds)
    for (const roofSurface of [null, ...roofSurfaces])
      for (const frameDrilled of [true, false]) {
        const fixing = { ...plainFixing("f", "Roof", method, pieces), roofSurface, frameDrilled };
        const report = reportOf(changed(lantern, { type: "setFixing", fixing }));
        for (const hole of ["new", "old"] as const) {
          const conditions = { ...report.conditions, hole };
          const steps = procedureOf(method, conditions);
          const taken = new Set<string>(steps.flatMap((step) => stepFacts[step].needs));
          // what is bought or fetched is on the list because a step takes it
          const known = new Set<string>([...given, ...[...materials, ...tools].filter((thing) => taken.has(thing))]);
          for (const step of steps) {
            for (const made of stepFacts[step].gives) known.add(made);
            const { what, how } = mountStepWords(step, { ...report, conditions }, "metric");
            const spoken = nouns.filter(([, noun]) => speaksOf(`${what}. ${how}`, noun));
            const unknown = spoken.filter(([thing]) => !known.has(thing)).map(([, noun]) => noun);
            if (unknown.length > 0) wrong.add(`${method}: ${step} speaks of ${unknown.join(", ")}`);
          }
        }
      }
  expect([...wrong]).toEqual([]);
});

test("what a step takes is named in its words, or in those of a step before", () => {
  const wrong: string[] = [];
  for (const method of mountingMethodIds) {
    const fixing = { ...plainFixing("f", "Roof", method, pieces), roofSurface: "paintedSteel" as const };
    const report = reportOf(changed(lantern, { type: "setFixing", fixing }));
    let said = "";
    for (const step of report.steps) {
      const { what, how } = mountStepWords(step, report, "us");
      said += `${what}. ${how} `.toLowerCase();
      const silent = stepFacts[step].needs.filter((thing) => {
        const noun = thingNouns[thing];
        return (
          noun !== undefined &&
          [...materials, ...tools].some((each) => each === thing) &&
          !said.includes(noun.toLowerCase())
        );
      });
      if (silent.length > 0) wrong.push(`${method}: ${step} does not speak of ${silent.join(", ")}`);
    }
  }
  expect(wrong).toEqual([]);
});
