import { asReadings } from "./walk-readings";
import { type Bar } from "./bar";
import { withBars } from "./diagnose";
import { type Meter, readingsOf, type Walk } from "./walk";
import { type ProvedPortArray, readPlaceOf } from "./port-array";
import { checksAmong } from "./next-check";
import { causesOf, rankWorlds, type Suspicion } from "./rank";
import { type Place } from "./reading";
import { type DiagnosisId, type ReadPlace, type ReadQuantity, stepKey } from "../measurements";

/** A cause where it sits, and how likely it is among all that could be. */
export type JudgedCause = { readonly id: DiagnosisId | "turnedPlug"; readonly at: ReadPlace; readonly share: number };

export type PortArrayJudgement = {
  /** Best first; nothing to say (`[]`) before anything was read. */ readonly causes: readonly JudgedCause[];
  /** Whether one is left. */ readonly isSure: boolean;
  /** The step that is expected to narrow it down most; null: none would. */ readonly nextKey: string | null;
};

/** A cause this likely is taken as found. */
export const sureShare = 0.9;
/** A reading expected to tell less than this is not worth a walk, bits. */
const minBits = 0.02;
const maxCauses = 5;
const minShown = 0.01;

/**
 * What is wrong with an array, by all that was read of it; never "nothing wrong" while something bars it from being plugged in or a reading
 * fits no right array. Some 0.2 to 0.5 s: beside the page.
 */
export function judgePortArray(
  portArray: ProvedPortArray,
  { steps, bars, mayRun }: Pick<Walk, "steps" | "bars" | "mayRun">,
  meter: Meter,
  suspicion: Suspicion | null = null,
): PortArrayJudgement {
  const readings = asReadings(portArray, steps);
  if (readings.length === 0 && suspicion === null) return { causes: [], isSure: false, nextKey: steps[0]?.key ?? null };
  const mayBeFine = bars.length === 0 && steps.every(({ outcome }) => outcome === null || outcome.type === "fine");
  const ranked = rankWorlds(
    portArray.tree,
    portArray.sky,
    readings,
    portArray.window,
    portArray.tracking,
    suspicion,
    mayBeFine,
  );
  const turned = turnedIn(portArray, bars);
  const causes = [
    ...(turned === null ? [] : [turned]),
    ...withBars(causesOf(ranked), turned === null ? bars : bars.filter(({ why }) => why !== "reversed"))
      .filter(({ share }) => share >= minShown)
      .map(({ id, at, share }): JudgedCause => ({
        id,
        at: readPlaceOf(portArray, placeNamed(at)),
        share: turned === null ? share : (1 - turned.share) * share,
      })),
  ]
    .filter(({ share }) => share >= minShown)
    .slice(0, maxCauses);
  const isSure = (causes[0]?.share ?? 0) >= sureShare;
  const asked = new Map(
    readingsOf(portArray, meter).map(({ at, quantity }) => [
      stepKey(readPlaceOf(portArray, at), quantity),
      { at, quantity },
    ]),
  );
  const taken = new Set(steps.filter(({ read }) => read !== null).map(({ key }) => key));
  // what bars is read again before anything else; nobody opens a connector under load: while it runs only the input is read
  const [bar] = bars;
  if (bar !== undefined) {
    const key = stepKey(readPlaceOf(portArray, bar.at), bar.quantity);
    return { causes, isSure, nextKey: asked.has(key) && !isRunning(bar.quantity) ? key : null };
  }
  const next = checksAmong(portArray.tree, readings, ranked, ["openV", "shortA", "runV", "runA"]).find(
    ({ at, quantity, bits }) => {
      const key = stepKey(readPlaceOf(portArray, at), quantity);
      return bits >= minBits && asked.has(key) && !taken.has(key) && (mayRun || !isRunning(quantity));
    },
  );
  return {
    causes,
    isSure,
    nextKey: next === undefined ? null : stepKey(readPlaceOf(portArray, next.at), next.quantity),
  };
}

function isRunning(quantity: ReadQuantity): boolean {
  return quantity === "runV" || quantity === "runA" || quantity === "displayW";
}

/** A minus sign needs no weighing: a panel alone has its own connector turned, what is joined of right panels one between them. */
function turnedIn(portArray: ProvedPortArray, bars: readonly Bar[]): JudgedCause | null {
  const minus = bars.filter(({ why }) => why === "reversed");
  const panel = minus.find(({ at }) => at.type === "panel");
  const [bar] = panel === undefined ? minus : [panel];
  if (bar === undefined || bars.some(({ why }) => why === "overVoltage")) return null;
  const at = readPlaceOf(portArray, bar.at);
  return { id: panel === undefined ? "turnedPlug" : "reversed", at, share: turnedShare };
}
const turnedShare = 0.97;

function placeNamed(at: string): Place {
  const [kind, number] = at.split(":");
  if (kind === "panel") return { type: "panel", id: Number(number) };
  if (kind === "string") return { type: "string", n: Number(number) };
  return { type: kind === "input" ? "input" : "array" };
}
