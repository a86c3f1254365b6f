import { type Offer } from "@/core/wiring/best-wirings";
import { titleWords } from "@/messages/en";

/** An offer by what it is the best in. */
export function nameOf({ titles }: Offer): string {
  return titles.map((title) => titleWords[title]).join(", ");
}
