import { type Plan } from "./plan";

/** A plan as a file: the document alone, indented, as the published schema describes it. */
export function planFileText(plan: Plan): string {
  return `${JSON.stringify(plan, null, 2)}\n`;
}

export function planFileName({ name }: Pick<Plan, "name">): string {
  const words = name.toLowerCase().match(/[a-z0-9]+/g) ?? ["plan"];
  return `${words.join("-")}.golden-array.json`;
}
