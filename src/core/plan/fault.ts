/** Why a file or document was not taken, with where in it the trouble lies. */
export type PlanFault =
  | { readonly type: "notJson"; readonly detail: string }
  | { readonly type: "tooCostly"; readonly detail: string }
  | { readonly type: "tooLarge"; readonly bytes: number; readonly maxBytes: number }
  | { readonly type: "foreign"; readonly found: string }
  | { readonly type: "newer"; readonly version: number; readonly known: number }
  | { readonly type: "newerSection"; readonly section: string; readonly version: number; readonly known: number }
  | { readonly type: "invalid"; readonly path: string; readonly problem: string; readonly more: number };
