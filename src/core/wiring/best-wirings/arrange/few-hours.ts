import { type Problem } from "./problem";

/** Some of the hours, each standing for several: with them a first look is quick. */
export type FewHours = { readonly at: readonly number[]; readonly hours: readonly number[] };

/** Hours taken together by how bright they are, in parts that bring alike much light; of each part the one nearest its mean. */
export function fewHours({ classes, hours }: Pick<Problem, "classes" | "hours">, parts: number): FewHours {
  const brightOf = (k: number) =>
    classes.reduce((sum, { light }) => sum + meanOf(light[k]?.irradianceWm2 ?? []), 0) / Math.max(1, classes.length);
  const all = hours.map((long, k) => ({ k, long, wm2: brightOf(k) })).filter(({ wm2 }) => wm2 > 0);
  all.sort((a, b) => a.wm2 - b.wm2);
  const total = all.reduce((sum, { long, wm2 }) => sum + long * wm2, 0);
  const at: number[] = [];
  const standsFor: number[] = [];
  let [begun, part] = [0, 0];
  for (let seen = 0; seen < all.length;) {
    const from = seen;
    part += 1;
    while (seen < all.length && (begun < (total * part) / parts || seen === from)) {
      begun += (all[seen]?.long ?? 0) * (all[seen]?.wm2 ?? 0);
      seen += 1;
    }
    const members = all.slice(from, seen);
    const light = members.reduce((sum, { long, wm2 }) => sum + long * wm2, 0);
    const mean = light / members.reduce((sum, { long }) => sum + long, 0);
    const nearest = members.reduce((a, b) => (Math.abs(b.wm2 - mean) < Math.abs(a.wm2 - mean) ? b : a));
    at.push(nearest.k);
    standsFor.push(light / nearest.wm2);
  }
  return { at, hours: standsFor };
}

function meanOf(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;
}
