import { type Fixing, plainFixing } from "@/core/plan";

const pieces = (panelId: string, count: number) => Array.from({ length: count }, (_, k) => ({ panelId, piece: k + 1 }));
const tick = (step: string, atUtc: string) => ({ step, atUtc });

/** The Lantern's roof, half done one morning in May; and the pair out of the book bay, on its legs at the pitch. */
export const lanternFixings: readonly Fixing[] = [
  {
    ...plainFixing("roof", "Roof", "gluedBrackets", pieces("roof", 4)),
    roofSurface: "paintedAluminium",
    isWhite: true,
    speedKmh: 90,
    ratedC: 90,
    airC: 17,
    humidityPct: 60,
    ticks: [
      tick("readSheet", "2026-05-08T16:30:00Z"),
      tick("lookOver", "2026-05-09T07:20:00Z"),
      tick("lookInside", "2026-05-09T07:40:00Z"),
      tick("dryFit", "2026-05-09T08:50:00Z"),
      tick("measureCorner", "2026-05-09T09:05:00Z"),
    ],
    gates: [
      {
        gate: "corner",
        first: { fromLeftMm: 166, fromBackMm: 92, by: "Ines", atUtc: "2026-05-09T08:55:00Z" },
        second: { fromLeftMm: 164, fromBackMm: 91, by: "Tam", atUtc: "2026-05-09T09:04:00Z" },
        passedOver: null,
      },
    ],
  },
  { ...plainFixing("pitch", "Book bay pair", "foldingLegs", pieces("bookbay", 2)), anchorEachN: 200, tiltDeg: 40 },
];
