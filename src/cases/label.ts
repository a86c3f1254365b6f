import { z } from "zod";
import { mostText, readText } from "@/core/reading";
import { type CaseAnswering, malformed } from "./reading";

const labelCase = z.union([
  z.strictObject({ type: z.literal("label"), text: z.string().max(mostText) }),
  z.strictObject({ type: z.literal("label"), image: z.string().min(1).max(200) }),
]);

/** A label or a data sheet, from text. Pictures are not read yet, and are refused in as many words. */
export function answerLabel(value: unknown): CaseAnswering {
  const parsed = labelCase.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  if ("image" in parsed.data) return { type: "malformed", path: "$.image", problem: "pictures cannot be read yet" };
  return { type: "answer", answer: readText(parsed.data.text) };
}
