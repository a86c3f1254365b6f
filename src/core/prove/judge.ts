import { type Meter, readingsOf, type WalkStep, asReadings } from "./walk";
import { type ProvedLane, readPlaceOf } from "./lane";
import { checksAmong } from "./next-check";
import { type CauseId } from "../measured";
import { type Place, rankWorlds, type Suspicion } from "./rank";
import { type ReadPlace, stepKey } from "../measured";

/** A cause where it sits, and how likely it is among all that could be. */
export type JudgedCause = { readonly id: CauseId | "turnedPlug"; readonly at: ReadPlace; readonly share: number };

export type LaneJudgement = {
  /** Best first; nothing to say (`[]`) before anything was read. */ readonly causes: readonly JudgedCause[];
  /** Whether one is left. */ readonly isSure: boolean;
  /** The step that is expected to narrow it down most; null: none would. */ readonly nextKey: string | null;
};

/** A cause this likely is taken as found. */
export const sureShare = 0.9;
/** A reading expected to tell less than this is not worth a walk, bits. */
const leastBits = 0.02;
const mostCauses = 5;
const leastShown = 0.01;

/** What is wrong with an array, by all that was read of it. Some 0.2 to 0.5 s: beside the page. */
export function judgeLane(
  lane: ProvedLane,
  steps: readonly WalkStep[],
  meter: Meter,
  suspicion: Suspicion | null = null,
): LaneJudgement {
  const turned = turnedIn(steps);
  if (turned !== null) return { causes: [turned], isSure: true, nextKey: null };
  const readings = asReadings(lane, steps);
  if (readings.length === 0 && suspicion === null) return { causes: [], isSure: false, nextKey: steps[0]?.key ?? null };
  const ranked = rankWorlds(lane.tree, lane.sky, readings, lane.window, lane.tracking, suspicion);
  const causes = ranked
    .filter(({ share }) => share >= leastShown)
    .slice(0, mostCauses)
    .map(({ id, at, share }): JudgedCause => ({ id, at: readPlaceOf(lane, placeNamed(at)), share }));
  const isSure = (causes[0]?.share ?? 0) >= sureShare;
  const asked = new Map(
    readingsOf(lane, meter).map(({ at, quantity }) => [stepKey(readPlaceOf(lane, at), quantity), { at, quantity }]),
  );
  const taken = new Set(steps.filter(({ read }) => read !== null).map(({ key }) => key));
  // nobody parts a plug under load: while it runs only the input is read
  const next = checksAmong(lane.tree, readings, ranked, ["openV", "shortA", "runV", "runA"]).find(
    ({ at, quantity, bits }) => {
      const key = stepKey(readPlaceOf(lane, at), quantity);
      return bits >= leastBits && asked.has(key) && !taken.has(key);
    },
  );
  return { causes, isSure, nextKey: next === undefined ? null : stepKey(readPlaceOf(lane, next.at), next.quantity) };
}

/** A minus sign needs no weighing: a panel alone has its own plugs turned, a row of right panels one between them. */
function turnedIn(steps: readonly WalkStep[]): JudgedCause | null {
  const minus = steps.filter(({ outcome, quantity }) => outcome?.type === "minus" && quantity === "openV");
  const panel = minus.find(({ phase }) => phase === "panels");
  if (panel !== undefined) return { id: "reversed", at: panel.place, share: 1 };
  const [other] = minus;
  return other === undefined ? null : { id: "turnedPlug", at: other.place, share: 1 };
}

function placeNamed(at: string): Place {
  const [kind, number] = at.split(":");
  if (kind === "panel") return { type: "panel", id: Number(number) };
  if (kind === "string") return { type: "string", n: Number(number) };
  return { type: kind === "input" ? "input" : "array" };
}
