import { type ChartPart } from "@/core/checks";

/** No rule is pointed at. */
export const nothingLit: ChartPart = { skies: [], edge: null };
