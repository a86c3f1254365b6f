import {
  type CablePlace,
  chooseSize,
  type Laying,
  type NoSize,
  placeAirC,
  type RunAsk,
  sizedRun,
  type SizedRun,
  sizeNamed,
  sizesOf,
  type TerminalC,
} from "../../engine/cable";
import { type End, panelKindFacts, type ProtectiveDevice, type Plan, type Cable, runKey, sameEnd } from "../../plan";
import { panelsOn, type Parked, wayLength, wayLine } from "../../layout/roof";
import { type Mount } from "../../engine/sky";
import { type PortArray, usedIn } from "../../engine/array";
import { type LabelAmps, sheetOf } from "./amps";
import { cableRulesOf } from "./standards";

/** What a cable is in the job: of one string, of all strings joined, behind the switch, to the battery, from frame to frame. */
export type RunPart = "string" | "trunk" | "tail" | "battery" | "bond";

/** What the cables of a plan are judged by besides what they carry. */
export type CableEnvironment = {
  readonly recordHighC: number;
  readonly mount: Mount;
  readonly parked: Parked;
  /** The position in which cable ways are measured. */ readonly positionId: string;
};

/** A cable with all that is known, worked out or assumed of it. */
export type ResolvedRun = {
  readonly key: string;
  readonly part: RunPart;
  readonly from: End;
  readonly to: End;
  /** What the plan says of it; null: nothing yet. */ readonly said: Cable | null;
  readonly lengthMm: number;
  readonly lengthBy: "typed" | "way" | "assumed";
  readonly where: CablePlace;
  readonly how: Laying;
  readonly circuits: number;
  readonly terminalC: TerminalC;
  /** What it is judged by; null while a label lacks a figure. */ readonly ask: RunAsk | null;
  /** Of the size that is said, and of the one that would do; null: none is said, none would do. */
  readonly chosen: SizedRun | null;
  readonly advised: SizedRun | null;
  /** Why no size would do; null where one does. */ readonly noSize: NoSize | null;
  /** Of the thickest size of its standard: what is reckoned with where none would do. */ readonly thickest: SizedRun | null;
};

/** Lengths taken where nobody has measured, mm one way. */
const assumedLengthMm: Readonly<Record<RunPart, number>> = {
  string: 2000,
  trunk: 5000,
  tail: 1000,
  battery: 1500,
  bond: 5000,
};

const defaultDropPct = 3;

export type Copper = {
  readonly id: string;
  readonly runs: readonly Cable[];
  readonly guards: readonly ProtectiveDevice[];
};

type Asked = {
  readonly part: RunPart;
  readonly from: End;
  readonly to: End;
  readonly amps: LabelAmps | null;
  readonly vmpV: number | null;
  readonly faultA: number | null;
  readonly isPortable: boolean;
  /** Circuits that would share a conduit with it where nobody has said. */ readonly circuits: number;
};

export function resolved(plan: Plan, { runs }: Copper, asked: Asked, around: CableEnvironment): ResolvedRun {
  const { part, from, to, amps, vmpV, faultA } = asked;
  const said = runs.find((run) => sameEnd(run.from, from) && sameEnd(run.to, to)) ?? null;
  const way = said === null ? null : wayMm(plan, said, around);
  const lengthMm = said?.lengthMm ?? way ?? assumedLengthMm[part];
  const { standard } = cableRulesOf(plan);
  const laid = laidAs(asked, said, around);
  const ambientC = placeAirC(laid.where, around.recordHighC);
  const ask: RunAsk | null =
    amps === null || vmpV === null
      ? null
      : {
          standard,
          how: laid.how,
          circuits: laid.circuits,
          terminalC: laid.terminalC,
          isBattery: part === "battery",
          isPortable: said?.portable ?? asked.isPortable,
          metresOneWay: lengthMm / 1000,
          ambientC,
          conductorC: ambientC,
          iscA: amps.iscA,
          impA: amps.impA,
          vmpV,
          maxDropPct: plan.protect.maxDropPct ?? defaultDropPct,
          faultA,
        };
  const size = said?.size === null || said === null ? null : sizeNamed(said.size);
  const advised = ask === null ? null : chooseSize(ask);
  const thickest = ask === null ? undefined : sizesOf(ask).at(-1);
  return {
    key: runKey(asked),
    part,
    from,
    to,
    said,
    lengthMm,
    lengthBy: said !== null && said.lengthMm !== null ? "typed" : way !== null ? "way" : "assumed",
    ...laid,
    ask,
    chosen: ask === null || size === null ? null : sizedRun(size, ask),
    advised: typeof advised === "string" ? null : advised,
    noSize: typeof advised === "string" ? advised : null,
    thickest: ask === null || thickest === undefined ? null : sizedRun(thickest, ask),
  };
}

/** How long the cable way is that a run follows, as it is cut; null where it follows none. */
function wayMm(plan: Plan, { lengthMm, wayId }: Cable, { parked, positionId }: CableEnvironment): number | null {
  if (lengthMm !== null || wayId === null) return null;
  const way = plan.space.ways.find(({ id }) => id === wayId);
  const surface = plan.space.surfaces.find(({ id }) => id === way?.surfaceId);
  if (way === undefined || surface === undefined) return null;
  return wayLength(way, wayLine(way, plan, panelsOn(plan, surface, positionId, parked))).cutMm;
}

/** Where and how a cable lies, as said or as the careful guess has it: what is in the ground is buried, and what is buried in the ground. */
function laidAs({ part, circuits }: Asked, said: Cable | null, { mount }: CableEnvironment) {
  const isOnRoof = mount === "roofGap" || mount === "flush" || mount === "glued";
  const usual: CablePlace = (part === "string" || part === "trunk" || part === "bond") && isOnRoof ? "roof" : "inside";
  const isBuried = said !== null && (said.how === "buried" || (said.where === "ground" && said.how === null));
  const how: Laying = isBuried ? "buried" : (said?.how ?? "touching");
  const where: CablePlace = isBuried ? "ground" : said?.where === "ground" ? usual : (said?.where ?? usual);
  // strings that are led to one box mostly share its conduit
  const together = part === "string" && (how === "conduit" || how === "buried") ? circuits : 1;
  const terminalC: TerminalC = said?.terminalC === 75 ? 75 : 60;
  return { where, how, circuits: said?.circuits ?? together, terminalC };
}

/** Whether all panels of a port array are of the kind that is put away again. */
export function areFolded(plan: Plan, portArray: PortArray): boolean {
  const tiles = usedIn(portArray.strings);
  return tiles.every((tile) => {
    const kind = sheetOf(plan, tile)?.kind;
    return kind !== undefined && panelKindFacts[kind].folds;
  });
}
