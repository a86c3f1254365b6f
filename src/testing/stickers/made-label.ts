import { type Random } from "@/core/engine/random";

/** The numbers of a panel that does not exist; they agree with one another as a real one's do. */
export type MadeLabel = {
  readonly maker: string;
  readonly model: string;
  readonly pmaxW: number;
  readonly vmpV: number;
  readonly impA: number;
  readonly vocV: number;
  readonly iscA: number;
  readonly betaPct: number;
  readonly alphaPct: number;
  readonly gammaPct: number;
  readonly maxSystemV: number;
  readonly fuseA: number;
  readonly cells: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly weightKg: number;
};

export function madeLabel(draw: Random): MadeLabel {
  const cells = draw.pick([32, 36, 40, 54, 60, 66, 72]);
  const decimals = draw.pick([1, 1, 2]);
  const vocV = round(cells * draw.number(0.6, 0.7), decimals);
  const vmpV = round(vocV * draw.number(0.8, 0.855), decimals);
  const impA = round(draw.number(2.5, 14), 2);
  const iscA = round(impA * draw.number(1.04, 1.085), 2);
  const pmaxW = Math.round(vmpV * impA);
  const areaM2 = pmaxW / draw.number(165, 225);
  const widthMm = Math.round(1000 * Math.sqrt(areaM2 / draw.number(1.3, 2)));
  const maker = draw.pick(["Hedgerow", "Millbrook", "Fernwright", "Tallow Vale", "Brackenridge"]);
  return {
    maker,
    model: `${draw.pick(["HX", "ML", "FW", "TV"])}${draw.pick(["-", " ", ""])}${pmaxW}-${draw.pick(["F", "K", "M", `${cells}M`])}`,
    pmaxW,
    vmpV,
    impA,
    vocV,
    iscA,
    betaPct: -round(draw.number(0.24, 0.34), 2),
    alphaPct: round(draw.number(0.03, 0.07), 2),
    gammaPct: -round(draw.number(0.29, 0.42), 2),
    maxSystemV: draw.pick([600, 1000, 1500]),
    fuseA: draw.pick([10, 15, 20, 25, 30]),
    cells,
    lengthMm: Math.round((areaM2 * 1e6) / widthMm),
    widthMm,
    weightKg: round(draw.number(4, 24), 1),
  };
}

export function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
