import { type PanelModel } from "../engine/panel";
import { solveNet } from "../engine/net";

/** Two panels under the same sky at the same moment: no sky has to be known. */
export type Pair = { readonly openV: number | null; readonly shortA: number | null };

export type SideBySide = {
  readonly quantity: "openV" | "shortA";
  /** How much lower the second reads than its label has it against the first, %; negative: higher. */ readonly lowerPct: number;
  /** Labels and meters may be off by so much, %. */ readonly allowedPct: number;
  readonly lower: "first" | "second" | null;
  /** What that says: volts missing by parts of a panel, or light. */
  readonly says: "alike" | "substring" | "volts" | "light";
};

/** Two labels ±3 % each, two readings by one meter. */
const allowed = { openV: 100 * Math.hypot(0.03, 0.03, 0.01, 0.01), shortA: 100 * Math.hypot(0.03, 0.03, 0.015, 0.015) };
const cellTempC = 35;

/** What two panels' readings say of each other, by their models: ratios hardly depend on light and heat. */
export function sideBySide(
  first: { readonly model: PanelModel; readonly read: Pair },
  second: { readonly model: PanelModel; readonly read: Pair },
): readonly SideBySide[] {
  const alone = (model: PanelModel, wm2: number) => solveNet({ type: "panel", model, cellTempC, irradianceWm2: [wm2] });
  // by the light of the brighter one's amps
  const full = { first: alone(first.model, 1000), second: alone(second.model, 1000) };
  const wm2 = Math.max(
    100,
    ...[
      (1000 * (first.read.shortA ?? 0)) / full.first.iscA,
      (1000 * (second.read.shortA ?? 0)) / full.second.iscA,
      first.read.shortA === null && second.read.shortA === null ? 600 : 0,
    ],
  );
  const due = { first: alone(first.model, Math.min(1200, wm2)), second: alone(second.model, Math.min(1200, wm2)) };
  return (["openV", "shortA"] as const).flatMap((quantity): SideBySide[] => {
    const [a, b] = [first.read[quantity], second.read[quantity]];
    if (a === null || b === null || a <= 0 || b < 0) return [];
    const ratio = quantity === "openV" ? due.second.vocV / due.first.vocV : due.second.iscA / due.first.iscA;
    const lowerPct = 100 * (1 - b / a / ratio);
    const allowedPct = allowed[quantity];
    const lower = Math.abs(lowerPct) <= allowedPct ? null : lowerPct > 0 ? "second" : "first";
    const missing = lower === "second" ? lowerPct : lower === "first" ? 100 * (1 - (a / b) * ratio) : 0;
    return [
      {
        quantity,
        lowerPct,
        allowedPct,
        lower,
        says:
          lower === null
            ? "alike"
            : quantity === "shortA"
              ? "light"
              : missing > minSubstringPct
                ? "substring"
                : "volts",
      },
    ];
  });
}
/** A carried substring takes a third or a half of a panel's volts, a quarter at the least. */
const minSubstringPct = 18;
