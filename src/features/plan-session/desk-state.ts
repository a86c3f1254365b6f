import { type DocumentSlice } from "./slices/document";
import { type LookSlice } from "./slices/look";
import { type PointingSlice } from "./slices/pointing";

export type DeskState = DocumentSlice & LookSlice & PointingSlice;

/** The desk as it stands, and as it is drawn: the same but for a frame after a change. */
export type DeskStates = { readonly now: DeskState; readonly shown: DeskState };
