"use client";

import { useEffect, useState } from "react";
import { type Plan } from "@/core/plan";
import { useDesk } from "@/features/plan-session";

/** So long after the last edit a plan counts as at rest, ms. */
const restMs = 400;

/**
 * The plan as it was when it last came to rest. For what stands beside the work and costs much: while one edit follows another
 * it is not even drawn again (with 24 panels an edit took some 10 ms longer, the slowest of twenty 30 ms).
 */
export function useRestedPlan(): Plan {
  const desk = useDesk();
  const [rested, setRested] = useState(() => desk.now().history.present);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let seen = desk.now().history.present;
    const settle = () => setRested(desk.now().history.present);
    const unsubscribe = desk.store.subscribe(() => {
      const { present } = desk.now().history;
      if (present === seen) return;
      seen = present;
      clearTimeout(timer);
      timer = setTimeout(settle, restMs);
    });
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, [desk]);
  return rested;
}
