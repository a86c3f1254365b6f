import { z } from "zod";
import { maxText, type PanelRead, readText } from "@/core/panels/label-import";
import { type PhotoReading } from "@/core/panels/label-import/photo";
import { type CaseAnswering, malformed } from "./reading";

const labelCase = z.union([
  z.strictObject({ type: z.literal("label"), text: z.string().max(maxText) }),
  z.strictObject({ type: z.literal("label"), image: z.string().min(1).max(200) }),
]);

/** A label or a data sheet from text; a picture is to be read first, and answered by `answerPicture`. */
export function answerLabel(value: unknown): CaseAnswering {
  const parsed = labelCase.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  if ("image" in parsed.data) return { type: "picture", file: parsed.data.image };
  const { panels, inputs, unread } = readText(parsed.data.text);
  return { type: "answer", answer: { panels: panels.map(told), inputs, unread } };
}

/** The answer to a case with a picture, once it is read. */
export function answerPicture({ panels, inputs, unread }: PhotoReading): CaseAnswering {
  return { type: "answer", answer: { panels: panels.map(told), inputs, unread } };
}

function told({ fields, from, doubts, offers }: PanelRead) {
  return { fields, from, doubts, offers };
}
