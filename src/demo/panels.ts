import { blankLabel, type PanelSheet } from "@/core/plan";

/** Made-up panels of real variety. Makers, models and numbers are invented; each label is consistent in itself. */
export const demoPanels = {
  rigid120: {
    ...blankLabel("Brindlewick BR-120, 12 V class"), pmaxW: 120, vmpV: 18.9, impA: 6.35, vocV: 22.7, iscA: 6.8,
    tempCoPmaxPctPerC: -0.38, tempCoVocPctPerC: -0.3, tempCoIscPctPerC: 0.05, cellsInSeries: 36, bypassDiodes: 2, maxSeriesFuseA: 15, maxSystemV: 600, lengthMm: 1195, widthMm: 541,
    weightKg: 7.4, price: 74,
  },
  rigid195: {
    ...blankLabel("Mossgate MG-195, half-cut"), pmaxW: 195, vmpV: 22.8, impA: 8.56, vocV: 27.2, iscA: 9.05,
    tempCoPmaxPctPerC: -0.34, tempCoVocPctPerC: -0.27, tempCoIscPctPerC: 0.05, cellsInSeries: 40, bypassDiodes: 2, maxSeriesFuseA: 20, maxSystemV: 1000, lengthMm: 1480, widthMm: 670,
    weightKg: 10.3, price: 112,
  },
  rigid410: {
    ...blankLabel("Corrigeen CG-410, half-cut"), pmaxW: 410, vmpV: 31.3, impA: 13.1, vocV: 37.2, iscA: 13.9,
    tempCoPmaxPctPerC: -0.34, tempCoVocPctPerC: -0.26, tempCoIscPctPerC: 0.05, cellsInSeries: 54, bypassDiodes: 3, maxSeriesFuseA: 25, maxSystemV: 1500, lengthMm: 1722, widthMm: 1134,
    weightKg: 21.1, price: 148,
  },
  poly240: {
    ...blankLabel("Dunlow DL-240, poly"), cellType: "poly", pmaxW: 240, vmpV: 30.6, impA: 7.85, vocV: 37.6, iscA: 8.42,
    tempCoPmaxPctPerC: -0.41, tempCoVocPctPerC: -0.31, tempCoIscPctPerC: 0.05, cellsInSeries: 60, bypassDiodes: 3, maxSeriesFuseA: 15, maxSystemV: 1000, lengthMm: 1650, widthMm: 992,
    weightKg: 18.6, price: 82,
  },
  flexible100: {
    ...blankLabel("Sallow SL-100, flexible"), kind: "flexible", pmaxW: 100, vmpV: 17.6, impA: 5.68, vocV: 21.1, iscA: 6.05,
    tempCoVocPctPerC: -0.29, cellsInSeries: 32, maxSystemV: 600, lengthMm: 1050, widthMm: 530,
    weightKg: 1.9, price: 119,
  },
  film160: {
    ...blankLabel("Pellwater PW-160, peel and stick"), kind: "thinFilm", cellType: "cigs", pmaxW: 160, vmpV: 30.6, impA: 5.23, vocV: 39.4, iscA: 5.95,
    tempCoPmaxPctPerC: -0.36, tempCoVocPctPerC: -0.3, tempCoIscPctPerC: 0.01, cellsInSeries: 60, bypassDiodes: 20, maxSeriesFuseA: 10, maxSystemV: 600, lengthMm: 2590, widthMm: 370,
    weightKg: 3.3, price: 362,
  },
  folding160: {
    ...blankLabel("Thornby TF-160, folding pair"), kind: "folding", pmaxW: 160, vmpV: 20.2, impA: 7.92, vocV: 24.3, iscA: 8.45,
    tempCoVocPctPerC: -0.28, cellsInSeries: 36, bypassDiodes: 2, lengthMm: 1580, widthMm: 560,
    weightKg: 5.2, price: 259, stowedLengthMm: 560, stowedWidthMm: 540, stowedDepthMm: 45,
  },
  blanket60: {
    ...blankLabel("Wimble W-60, blanket"), kind: "blanket", pmaxW: 60, vmpV: 18, impA: 3.34, vocV: 21.6, iscA: 3.55, cellsInSeries: 32, bypassDiodes: 1, lengthMm: 930, widthMm: 560,
    weightKg: 1.3, price: 124, stowedLengthMm: 300, stowedWidthMm: 210, stowedDepthMm: 60,
  },
  rigid60: {
    ...blankLabel("Brindlewick BR-60, narrow"), pmaxW: 60, vmpV: 18.6, impA: 3.23, vocV: 22.3, iscA: 3.46,
    tempCoPmaxPctPerC: -0.38, tempCoVocPctPerC: -0.3, tempCoIscPctPerC: 0.05, cellsInSeries: 36, bypassDiodes: 2, maxSeriesFuseA: 10, maxSystemV: 600, lengthMm: 1190, widthMm: 292,
    weightKg: 4.1, price: 49,
  },
  rigid225: {
    ...blankLabel("Mossgate MG-225, 24 V class"), pmaxW: 225, vmpV: 37.6, impA: 5.99, vocV: 45.1, iscA: 6.4,
    tempCoPmaxPctPerC: -0.36, tempCoVocPctPerC: -0.29, tempCoIscPctPerC: 0.05, cellsInSeries: 72, bypassDiodes: 3, maxSeriesFuseA: 15, maxSystemV: 1000, lengthMm: 1580, widthMm: 808,
    weightKg: 14.2, price: 121,
  },
  rigid545: {
    ...blankLabel("Corrigeen CG-545, large half-cut"), pmaxW: 545, vmpV: 41.8, impA: 13.04, vocV: 49.6, iscA: 13.92,
    tempCoPmaxPctPerC: -0.34, tempCoVocPctPerC: -0.26, tempCoIscPctPerC: 0.05, cellsInSeries: 72, bypassDiodes: 3, maxSeriesFuseA: 30, maxSystemV: 1500, lengthMm: 2278, widthMm: 1134,
    weightKg: 28.4, price: 189,
  },
  flexible170: {
    ...blankLabel("Sallow SL-170, flexible"), kind: "flexible", pmaxW: 170, vmpV: 19.2, impA: 8.85, vocV: 23.0, iscA: 9.4,
    tempCoVocPctPerC: -0.28, tempCoPmaxPctPerC: -0.36, cellsInSeries: 36, bypassDiodes: 2, maxSystemV: 600, lengthMm: 1480, widthMm: 680,
    weightKg: 3.0, price: 194,
  },
  film105: {
    ...blankLabel("Pellwater PW-105, short film"), kind: "thinFilm", cellType: "cigs", pmaxW: 105, vmpV: 20.0, impA: 5.25, vocV: 25.7, iscA: 5.95,
    tempCoPmaxPctPerC: -0.36, tempCoVocPctPerC: -0.3, tempCoIscPctPerC: 0.01, cellsInSeries: 40, bypassDiodes: 13, maxSeriesFuseA: 10, maxSystemV: 600, lengthMm: 1750, widthMm: 370,
    weightKg: 2.2, price: 251,
  },
  folding400: {
    ...blankLabel("Thornby TF-400, four leaves"), kind: "folding", pmaxW: 400, vmpV: 41.0, impA: 9.76, vocV: 49.2, iscA: 10.4,
    tempCoVocPctPerC: -0.28, cellsInSeries: 72, bypassDiodes: 4, lengthMm: 2430, widthMm: 1010,
    weightKg: 12.6, price: 589, stowedLengthMm: 1010, stowedWidthMm: 620, stowedDepthMm: 90,
  },
  blanket120: {
    ...blankLabel("Wimble W-120, blanket"), kind: "blanket", pmaxW: 120, vmpV: 18.2, impA: 6.59, vocV: 21.9, iscA: 7.0, cellsInSeries: 33, bypassDiodes: 2, lengthMm: 1380, widthMm: 680,
    weightKg: 2.9, price: 229, stowedLengthMm: 380, stowedWidthMm: 300, stowedDepthMm: 70,
  },
} as const satisfies Record<string, PanelSheet>;
