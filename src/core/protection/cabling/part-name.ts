import { type ResolvedRun } from "./resolve-run";
import { type BranchPlace } from "./branches";

/** How the cable, fuse or switch that is spoken of is called: by what it is and where. */
export type CablingPartName = {
  readonly part: ResolvedRun["part"];
  /** Where the string or branch stands on its port; null: it is of none. */ readonly place: BranchPlace | null;
  readonly inputName: string;
  readonly portName: string | null;
};
