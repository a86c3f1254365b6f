import { type ReadQuantity } from "@/core/measurements";
import { type MeterAnswer } from "./answers";

/** The number an answer gives for what was asked; null with why where it gives none. */
export function readingOf(
  answer: MeterAnswer,
  quantity: ReadQuantity,
): { readonly value: number; readonly why: null } | { readonly value: null; readonly why: string } {
  const value = (of: number) => ({ value: of, why: null });
  const none = (why: string) => ({ value: null, why });
  switch (answer.type) {
    case "fault":
      return none(answer.message);
    case "over":
      return none("it shows OL: above the range of its dial. Set the next higher range.");
    case "volts":
      return quantity === "openV" ? value(answer.value) : none("it shows volts");
    case "amps":
      return quantity === "shortA" ? value(answer.value) : none("it shows amps");
    case "inline":
      return quantity === "runV"
        ? value(answer.volts)
        : quantity === "runA"
          ? value(answer.amps)
          : none("it is the inline meter");
    case "display":
      return quantity === "displayW"
        ? value(answer.watts)
        : quantity === "batterySoc"
          ? value(answer.socPct)
          : none("it is the display");
    case "ok":
    case "sky":
      return none("it took no reading");
  }
}
