import { type Plan, type Wiring } from "@/core/plan";
import { equinoxNoon, type Moment, type SkyName } from "@/core/engine/sky";
import { type Judgement } from "../judgement";
import { type DocumentSlice } from "./document";

/** What is looked at, and what was said of it. */
export type LookSlice = {
  readonly sky: SkyName;
  /** What "now" means; moved on as time goes by. */ readonly moment: Moment;
  /** The wiring on the desk; the first when the plan has none of this id. */ readonly wiringId: string;
  /** The position looked at; the usual one of the wiring when it is not used in this. */ readonly positionId:
    string | null;
  /** What the worker last said of it; null until it has spoken. */ readonly judgement: Judgement | null;
};

export function firstLook({ wirings }: Plan): LookSlice {
  return {
    sky: "brightNoon",
    moment: equinoxNoon,
    wiringId: wirings[0]?.id ?? "",
    positionId: null,
    judgement: null,
  };
}

type Looked = Pick<DocumentSlice, "history"> & LookSlice;

/** The wiring on the desk. */
export function wiringOf({ history, wiringId }: Pick<Looked, "history" | "wiringId">): Wiring {
  const { wirings } = history.present;
  const wiring = wirings.find((candidate) => candidate.id === wiringId) ?? wirings[0];
  if (wiring === undefined) throw new Error("a plan always has a wiring");
  return wiring;
}

/** The id of the position on the desk: one that the wiring on it is used in. */
export function positionIdOf(state: Pick<Looked, "history" | "wiringId" | "positionId">): string {
  const { positionIds } = wiringOf(state);
  const positionId = positionIds.find((each) => each === state.positionId) ?? positionIds[0];
  if (positionId === undefined) throw new Error("a wiring is always used in a position");
  return positionId;
}

/** Whether what was last said of the plan is of the document and the wiring that are on the desk now. */
export function isJudged(state: Looked): boolean {
  const { judgement, history } = state;
  return judgement?.plan === history.present && judgement.wiringId === wiringOf(state).id;
}
