"use client";

import { z } from "zod";

/** The content security policy forbids compiled code; told so, the validator does not even try. */
export function ZodWithoutEval() {
  z.config({ jitless: true });
  return null;
}
