import { type Verdict } from "@/practice";
import { type At } from "./at";

export type PlayProps<Case> = {
  readonly drill: Case;
  readonly level: At["level"];
  readonly verdict: Verdict | null;
  readonly onEnd: (verdict: Verdict) => void;
};
