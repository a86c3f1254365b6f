/** What wirings are ranked by: the energy of a year, of a month (1 to 12), or the watts of bright noon. */
export type Goal =
  { readonly type: "year" } | { readonly type: "month"; readonly month: number } | { readonly type: "noon" };
