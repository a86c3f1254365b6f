import { type DrillId, drillIds, endlessDrill, type Level } from "@/practice";

/** Which drill is open, told by the address, so that it can be shared: a drill of the list, or one of an endless run. */
export type At = {
  readonly id: DrillId;
  readonly level: Level;
  readonly seed: number;
  readonly endless: { readonly seed: number; readonly nth: number } | null;
};

export function addressOf({ id, level, seed, endless }: At): string {
  return endless === null ? `${id}.${level}.${seed}` : `endless.${endless.seed}.${endless.nth}`;
}

/** Null: the address names no drill. */
export function atOf(hash: string): At | null {
  const run = /^endless\.(\d{1,6})\.(\d{1,5})$/.exec(hash);
  if (run !== null) return inRun(Number(run[1]), Number(run[2]));
  const found = /^([A-Za-z]{1,40})\.([123])\.(\d{1,6})$/.exec(hash);
  const id = drillIds.find((each) => each === found?.[1]);
  return found === null || id === undefined
    ? null
    : { id, level: Number(found[2]) as Level, seed: Number(found[3]), endless: null };
}

export function inRun(seed: number, nth: number): At {
  return { ...endlessDrill({ seed, nth }), endless: { seed, nth } };
}

export function anySeed(): number {
  return 1 + Math.floor(Math.random() * 999_998);
}
