import { type Material, materials, type Tool, tools } from "./step-things";
import { type Fixing, type Plan } from "../plan";
import { feetOf, type Hold } from "./hold";
import { type Load, surfacesUnder } from "./load";
import { mountingMethods } from "./methods";
import { type StepId, stepFacts } from "./steps";

/** What fixing some panels takes: a line of a list to buy by. */
export type Taken = {
  readonly part: Material;
  readonly count: number;
  readonly unit: "pieces" | "m" | "kg";
  /** What it is like: a length, a size of drill, mm; null where it needs no number. */ readonly sizeMm: number | null;
  readonly key: string;
  readonly each: number;
  readonly eachIsAssumed: boolean;
  readonly owned: number;
  readonly toBuy: number;
  readonly money: number;
  readonly weightKg: number;
};

/** Tape is sold 25 mm wide; a cartridge holds so much, and a cable gland takes so much of it. */
const tapeWideMm = 25;
const cartridgeMl = 290;
const glandMl = 30;
const rollM = 5;
const wastePct = 10;
/** Litres and squares a bottle, a pack or a tin does, m². */
const cleanerM2 = 2;
const primerM2 = 1;

/** Rivet nuts of steel: the hole is a tenth of a millimetre over their shank. */
export const rivetNutHoleMm = { M6: 9.1, M8: 11.1 } as const;
export const guideTorqueNm = { M6: 8, M8: 19 } as const;

export function takesOf(plan: Plan, fixing: Fixing, load: Load, hold: Hold, steps: readonly StepId[]): Taken[] {
  const needed = new Set<string>(steps.flatMap((step) => stepFacts[step].needs));
  return materials
    .filter((part) => needed.has(part))
    .map((part) => {
      const { count, unit, sizeMm } = countOf(part, plan, fixing, load, hold);
      const key = `mount ${part}${sizeMm === null ? "" : ` ${sizeMm}`}`;
      const said = plan.protect.prices.find((price) => price.part === key);
      const owned = said?.owned ?? 0;
      const each = said?.each ?? defaultPrice[part];
      const toBuy = Math.max(0, count - owned);
      return {
        part,
        count,
        unit,
        sizeMm,
        key,
        each,
        eachIsAssumed: (said?.each ?? null) === null,
        owned,
        toBuy,
        money: toBuy * each,
        weightKg: staysKg[part] * count,
      };
    });
}

export function toolsOf(steps: readonly StepId[]): readonly Tool[] {
  const needed = new Set<string>(steps.flatMap((step) => stepFacts[step].needs));
  return tools.filter((tool) => needed.has(tool));
}

type Count = Pick<Taken, "count" | "unit" | "sizeMm">;

function countOf(part: Material, plan: Plan, fixing: Fixing, load: Load, hold: Hold): Count {
  const { panels } = load;
  const { feet: feetEach, footLongMm, footWideMm } = feetOf(fixing, load.longMm);
  const feet = feetEach * panels;
  const method = mountingMethods[fixing.method];
  const screws = feet * method.screwsEach;
  const extent = { panels, longMm: load.longMm, wideMm: load.wideMm, feet, footLongMm, footWideMm, screws };
  const footM2 = (feet * footLongMm * footWideMm) / 1e6;
  const bondM2 = method.holdsBy === "peel" ? load.areaMm2 / 1e6 : footM2;
  const pieces = (count: number, sizeMm: number | null = null): Count => ({ count, unit: "pieces", sizeMm });
  switch (part) {
    case "cleaner":
      return pieces(atLeastOne(bondM2 / cleanerM2));
    case "primer":
      return pieces(atLeastOne(bondM2 / primerM2));
    case "cloths":
      return pieces(2 * panels + 2);
    case "abrasive":
      return pieces(panels);
    case "maskingTape":
      return pieces(atLeastOne(panels / 4));
    case "foamTape": {
      const metres = (footM2 * 1e6 * (1 + wastePct / 100)) / tapeWideMm / 1000;
      return { count: Math.max(1, Math.ceil(metres / rollM - 1e-9)) * rollM, unit: "m", sizeMm: tapeWideMm };
    }
    case "sealant":
      return pieces(atLeastOne(((glandMl + method.sealantMl(extent)) * (1 + wastePct / 100)) / cartridgeMl));
    case "feet":
    case "legs":
      return pieces(feet);
    case "brackets":
      return pieces(feet, footLongMm);
    case "rails":
      // two under all panels side by side
      return { count: Math.ceil((2 * panels * load.wideMm * (1 + wastePct / 100)) / 500) / 2, unit: "m", sizeMm: null };
    case "rivetNuts":
      return pieces(method.rivetNutsEach(footLongMm) * feet);
    case "bolts":
      return pieces(method.bolts(extent));
    case "skinScrews":
    case "woodScrews":
      return pieces(screws);
    case "threadLock":
    case "edgePaint":
      return pieces(1);
    case "panelClamps":
      return pieces(4 * panels);
    case "cableGland":
      return pieces(1);
    case "wheeledFrame":
    case "cableLock":
      return pieces(1);
    case "slides":
      return pieces(2);
    case "wedges":
      return pieces(2);
    case "ballast":
      return { count: fixing.baseKg ?? 0, unit: "kg", sizeMm: null };
    case "groundAnchors":
      // at all corners: wind comes from any side
      return pieces(hold.type === "standing" ? 2 * hold.perSide : 4);
    case "cableRamp":
      return { count: Math.max(1, Math.ceil(wayMetres(plan, fixing))), unit: "m", sizeMm: null };
    case "lanyards":
      return pieces(2 * panels);
    case "pegs":
      return pieces(4 * panels);
  }
}

function atLeastOne(share: number): number {
  return Math.max(1, Math.ceil(share - 1e-9));
}

/** The longest cable way from where its panels are, m; 10 where none is drawn. */
function wayMetres({ space }: Plan, fixing: Fixing): number {
  const from = space.ways.filter(({ from: ref }) =>
    fixing.pieces.some((piece) => ref !== null && piece.panelId === ref.panelId && piece.piece === ref.piece),
  );
  return from.length === 0 ? 10 : Math.max(...from.map(({ onMm }) => onMm)) / 1000;
}

/** About what one costs where nobody has said: for comparing ways, not for a bill. */
const defaultPrice: Readonly<Record<Material, number>> = {
  cleaner: 6,
  cloths: 0.5,
  abrasive: 2,
  primer: 14,
  maskingTape: 3,
  foamTape: 3,
  sealant: 11,
  feet: 9,
  legs: 14,
  brackets: 12,
  rails: 9,
  rivetNuts: 0.4,
  bolts: 0.6,
  skinScrews: 0.8,
  woodScrews: 0.4,
  threadLock: 8,
  panelClamps: 3,
  edgePaint: 7,
  cableGland: 12,
  wheeledFrame: 220,
  wedges: 6,
  ballast: 0.4,
  groundAnchors: 18,
  cableRamp: 12,
  slides: 90,
  lanyards: 6,
  pegs: 1.5,
  cableLock: 20,
};

/** What stays where it is put, kg each, a metre, or a kilogram. */
const staysKg: Readonly<Record<Material, number>> = {
  cleaner: 0,
  cloths: 0,
  abrasive: 0,
  primer: 0,
  maskingTape: 0,
  foamTape: 0.02,
  sealant: 0.35,
  feet: 0.15,
  legs: 0.6,
  brackets: 0.45,
  rails: 0.9,
  rivetNuts: 0.005,
  bolts: 0.01,
  skinScrews: 0.008,
  woodScrews: 0.006,
  threadLock: 0,
  panelClamps: 0.06,
  edgePaint: 0,
  cableGland: 0.1,
  wheeledFrame: 25,
  wedges: 0.8,
  ballast: 1,
  groundAnchors: 0.9,
  cableRamp: 1.5,
  slides: 3,
  lanyards: 0.1,
  pegs: 0.1,
  cableLock: 0.4,
};

/** What bases add to what a surface bears, kg: nothing of what only stands on the ground. */
export function basesKg(
  plan: Plan,
  surfaceId: string,
  weighed: readonly { readonly fixing: Fixing; readonly kg: number }[],
) {
  return weighed
    .filter(({ fixing }) => surfacesUnder(plan, fixing).some(({ id }) => id === surfaceId))
    .reduce((sum, { kg }) => sum + kg, 0);
}
