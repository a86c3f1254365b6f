"use client";

import { type Fix } from "@/core/assessment";
import { useDesk } from "@/features/plan-session";
import { fixSentence } from "@/messages/en";
import { TextButton, useUnits } from "@/ui";
import { applyFix } from "./fixes";

/** The fixes of a finding, each applied by a press. */
export function FixButtons({ fixes }: { readonly fixes: readonly Fix[] }) {
  const desk = useDesk();
  const system = useUnits();
  return fixes.map((fix) => {
    const words = fixSentence(fix, system);
    return (
      <TextButton key={words} look="amber" onClick={() => applyFix(desk, fix)}>
        {words}
      </TextButton>
    );
  });
}
