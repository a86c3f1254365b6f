import { z } from "zod";
import { sunPosition } from "@/core/engine/sky";
import { type CaseAnswering, malformed } from "./reading";

const schema = z.strictObject({
  type: z.literal("sun"),
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  atUtc: z.array(z.iso.datetime({ offset: true })).max(100_000),
});

/** Where the sun stands at some moments: true elevation of the disc's centre. */
export function answerSun(value: unknown): CaseAnswering {
  const parsed = schema.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  const { latitudeDeg, longitudeDeg, atUtc } = parsed.data;
  return { type: "answer", answer: { sun: atUtc.map((at) => sunPosition(Date.parse(at), latitudeDeg, longitudeDeg)) } };
}
