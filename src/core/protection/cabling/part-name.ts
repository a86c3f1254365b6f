import { type BranchPlace } from "./branches";
import { type ResolvedRun } from "./runs";

/** How the cable, fuse or switch that is spoken of is called: by what it is and where. */
export type CablingPartName = {
  readonly part: ResolvedRun["part"];
  /** Where the string or branch stands on its port; null: it is of none. */ readonly place: BranchPlace | null;
  readonly inputName: string;
  readonly portName: string | null;
};
