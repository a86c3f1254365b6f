import { type Plan } from "../../plan";

/** The position of each hour of a day: the first that is for it, else the usual one of the wiring. */
export function positionsByHour({ positions }: Pick<Plan, "positions">, positionIds: readonly string[]): string[] {
  const used = positionIds.flatMap((positionId) => positions.find(({ id }) => id === positionId) ?? []);
  const usual = used.find(({ hours }) => hours === null) ?? used[0];
  return Array.from({ length: 24 }, (_, hour) => {
    const named = used.find(({ hours }) => hours !== null && isWithin(hour + 0.5, hours));
    return (named ?? usual)?.id ?? "";
  });
}

function isWithin(hour: number, { fromH, toH }: { readonly fromH: number; readonly toH: number }): boolean {
  return fromH <= toH ? hour >= fromH && hour < toH : hour >= fromH || hour < toH;
}
