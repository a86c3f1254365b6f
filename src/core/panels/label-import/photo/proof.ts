import { draftOf, type Doubt, type PanelFields, type PanelRead } from "../panel-read";
import { doubtsAbout } from "@/core/engine/panel";

import { type ReadField, textFields } from "../fields";

/** Fields that the label's own check binds to one another. */
const bound: readonly ReadField[] = [
  "pmaxW",
  "vmpV",
  "impA",
  "vocV",
  "iscA",
  "cellsInSeries",
  "tempCoVocPctPerC",
  "tempCoIscPctPerC",
  "tempCoPmaxPctPerC",
];
const coefficients = ["tempCoVocPctPerC", "tempCoIscPctPerC", "tempCoPmaxPctPerC"] as const;
/** The only values that labels print of some fields: steps of insulation classes and of fuses. */
const printed: Partial<Record<ReadField, readonly number[]>> = Object.fromEntries(
  textFields.flatMap(({ field, printed: values }) => (values === undefined ? [] : [[field, values]])),
);
/** Pmax and Vmp times Imp differ by no more than their rounding, as a share. */
const productApart = 0.012;
const maxCombinations = 4096;

/**
 * The label as its own proof-reader: of the readings the looks left open, those that agree with one another. Where they leave one
 * value only, that it was the one taken is no doubt any more; where they leave another, it is offered, never taken.
 */
export function proofed(
  read: PanelRead,
  candidates: Readonly<Record<string, readonly number[]>>,
  unsure: ReadonlySet<string>,
): PanelRead {
  const open = bound.filter((field) => unsure.has(field) && (candidates[field]?.length ?? 0) > 1);
  const fitting = combinations(open, candidates).filter((patch) => agrees({ ...read.fields, ...patch }));
  const doubts = new Map<string, Doubt>(read.doubts.map((doubt) => [`${doubt.field} ${doubt.value}`, doubt]));
  const doubt = (field: string, value: number, why: string) => {
    if (![...doubts.values()].some((each) => each.field === field && each.value === value))
      doubts.set(`${field} ${value}`, { field, value, why });
  };
  const patch: Record<string, number> = {};
  for (const field of unsure) {
    const value = read.fields[field as ReadField];
    if (typeof value !== "number") continue;
    const among = printed[field as ReadField];
    const left = open.includes(field as ReadField)
      ? [...new Set(fitting.map((each) => each[field] ?? value))]
      : among === undefined
        ? []
        : [...new Set([...(candidates[field] ?? []), ...zeroed(String(value)).map(Number)])].filter((each) =>
            among.includes(each),
          );
    if (left.length === 1 && left[0] === value) continue;
    if (left.length === 1 && left[0] !== undefined && among !== undefined) patch[field] = left[0];
    doubt(field, value, "looksDiffer");
  }
  for (const field of coefficients) {
    const value = read.fields[field];
    // no panel is untouched by heat
    if (value === 0) doubt(field, value, "unusual");
    if (value === undefined || !read.doubts.some((each) => each.field === field)) continue;
    // a stroke before a number is lost easily
    if (doubtsAbout(draftOf({ [field]: -value })).length === 0) patch[field] = -value;
  }
  for (const [field, among] of Object.entries(printed)) {
    const value = read.fields[field as ReadField];
    if (typeof value !== "number" || among.includes(value) || unsure.has(field)) continue;
    doubt(field, value, "unusual");
    const likely = zeroed(String(value))
      .map(Number)
      .filter((each) => among.includes(each));
    if (likely.length === 1 && likely[0] !== undefined) patch[field] = likely[0];
  }
  const [best] = fitting.sort(
    (a, b) =>
      changes(a, read.fields) - changes(b, read.fields) ||
      apart({ ...read.fields, ...a }) - apart({ ...read.fields, ...b }),
  );
  // what agrees with itself as it is needs no other reading; the others stand beside the values that are in doubt
  if (best !== undefined && !agrees(read.fields)) Object.assign(patch, best);
  for (const field of open)
    for (const value of new Set(fitting.map((each) => each[field])))
      if (
        value !== undefined &&
        value !== read.fields[field] &&
        [...doubts.values()].some((each) => each.field === field)
      )
        doubt(field, value, "oneLook");
  const isOther = changes(patch, read.fields) > 0;
  const offers = [
    ...(isOther ? [{ fields: { ...read.fields, ...patch }, why: "looks" as const }] : []),
    ...read.offers,
  ];
  return { ...read, doubts: [...doubts.values()], offers: offers.slice(0, 4) };
}

function combinations(
  open: readonly ReadField[],
  candidates: Readonly<Record<string, readonly number[]>>,
): Record<string, number>[] {
  let all: Record<string, number>[] = [{}];
  for (const field of open) {
    const each = (candidates[field] ?? []).slice(0, 6);
    if (all.length * each.length > maxCombinations) break;
    all = all.flatMap((before) => each.map((value) => ({ ...before, [field]: value })));
  }
  return open.length === 0 ? [] : all;
}

function agrees(fields: PanelFields): boolean {
  return doubtsAbout(draftOf(fields)).length === 0 && apart(fields) <= productApart;
}

/** How far Pmax is from Vmp times Imp, as a share; 0 where one of them is missing. */
function apart({ pmaxW, vmpV, impA }: PanelFields): number {
  return pmaxW === undefined || vmpV === undefined || impA === undefined ? 0 : Math.abs((vmpV * impA) / pmaxW - 1);
}

function changes(patch: Readonly<Record<string, number>>, fields: PanelFields): number {
  return Object.entries(patch).filter(([field, value]) => fields[field as ReadField] !== value).length;
}

/** A number with some of its sixes and eights as zeros with a stroke through them. */
export function zeroed(digits: string): string[] {
  const at = [...digits].flatMap((c, k) => (c === "6" || c === "8" ? [k] : [])).slice(0, 4);
  return Array.from({ length: 2 ** at.length - 1 }, (_, mask) =>
    [...digits].map((c, k) => (at.includes(k) && (((mask + 1) >> at.indexOf(k)) & 1) === 1 ? "0" : c)).join(""),
  ).filter((each) => !/^0\d/.test(each));
}
