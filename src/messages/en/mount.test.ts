import { given, materials, mountReport, procedureOf, stepFacts, tools } from "@/core/mounting";
import { plainFixing, type Plan, schools, skins } from "@/core/plan";
import { mountEnvironment } from "@/core/plan-model";
import { changed, demoPlan } from "@/testing";
import { mountStepWords } from ".";
import { thingNouns } from "./mount-steps";

const lantern = demoPlan("The Lantern");
const pieces = [1, 2, 3, 4].map((piece) => ({ panelId: "roof", piece }));

function reportOf(plan: Plan) {
  const [fixing] = plan.fixings.list;
  if (fixing === undefined) throw new Error("it has one");
  return mountReport(plan, fixing, mountEnvironment(plan));
}

test("no step speaks of anything nobody has told of before", () => {
  const nouns = Object.entries(thingNouns);
  for (const school of schools)
    for (const skin of [null, ...skins])
      for (const frameDrilled of [true, false]) {
        const fixing = { ...plainFixing("f", "Roof", school, pieces), skin, frameDrilled };
        const report = reportOf(changed(lantern, { type: "setFixing", fixing }));
        for (const hole of ["new", "old", "none"] as const) {
          const steps = procedureOf({ ...report.way, hole });
          const taken = new Set<string>(steps.flatMap((step) => stepFacts[step].needs));
          // what is bought or fetched is on the list because a step takes it
          const known = new Set<string>([...given, ...[...materials, ...tools].filter((thing) => taken.has(thing))]);
          for (const step of steps) {
            for (const made of stepFacts[step].gives) known.add(made);
            const { what, how } = mountStepWords(step, { ...report, way: { ...report.way, hole } }, "metric");
            const spoken = nouns.filter(([, noun]) => `${what}. ${how}`.toLowerCase().includes(noun.toLowerCase()));
            const unknown = spoken.filter(([thing]) => !known.has(thing)).map(([, noun]) => noun);
            expect([school, skin, hole, step, unknown]).toEqual([school, skin, hole, step, []]);
          }
        }
      }
});

test("what a step takes is named in its words, or in those of a step before", () => {
  for (const school of schools) {
    const fixing = { ...plainFixing("f", "Roof", school, pieces), skin: "paintedSteel" as const };
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
      expect([school, step, silent]).toEqual([school, step, []]);
    }
  }
});
