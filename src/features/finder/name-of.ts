import { type Offer } from "@/core/finder";
import { titleWords } from "@/words";

/** An offer by what it is the best in. */
export function nameOf({ titles }: Offer): string {
  return titles.map((title) => titleWords[title]).join(", ");
}
