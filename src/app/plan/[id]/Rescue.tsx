"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { browserClient } from "@/api";
import { TextButton } from "@/ui";
import { rescueTexts } from "@/messages/en/app/plan";

/** A plan that is spoiled on the disk, made anew of its last whole revision. */
export function Rescue({ id, whole }: { readonly id: string; readonly whole: number }) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const rescue = async () => {
    const made = await browserClient.rescuePlan(id);
    if (made.type === "fault") setFault(made.fault.message);
    else router.push(`/plan/${made.value.id}/wiring`);
  };
  return (
    <p>
      <TextButton look="amber" onClick={() => void rescue()}>
        {rescueTexts.makeANewPlanFromRevisionWhole(whole)}
      </TextButton>
      {fault !== null && <span role="alert"> {fault}</span>}
    </p>
  );
}
