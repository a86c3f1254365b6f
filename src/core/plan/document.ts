import { z } from "zod";
import { name } from "./fields";
import { type Plan, planFormat, planVersion } from "./plan";
import { type Section } from "./section";
import { type SectionName, sectionNames, sections } from "./sections";

type Schemas = { [Name in SectionName]: (typeof sections)[Name]["schema"] };

function ofEach<T>(of: (section: Section, name: SectionName) => T): Record<SectionName, T> {
  return Object.fromEntries(sectionNames.map((each) => [each, of(sections[each], each)])) as Record<SectionName, T>;
}

export const sectionVersions = ofEach(({ version }) => version);

export const planSchema = z.strictObject({
  format: z.literal(planFormat),
  version: z.literal(planVersion),
  name,
  sections: z.strictObject(ofEach(({ version }) => z.literal(version))),
  ...(ofEach(({ schema }) => schema) as Schemas),
});

/** A new plan: a name and open questions. */
export function emptyPlan(planName: string): Plan {
  return {
    format: planFormat,
    version: planVersion,
    name: planName,
    sections: sectionVersions,
    ...(ofEach(({ empty }) => empty) as Pick<Plan, SectionName>),
  };
}
