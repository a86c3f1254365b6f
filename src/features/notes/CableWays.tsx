"use client";

import Typography from "@mui/material/Typography";
import { panelsOn, wayLength, wayLine } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import { positionIdOf, useDeskState, usePlan } from "@/features/plan-session";
import { useUnits } from "@/ui";
import { amount } from "@/messages/en";
import { cableWaysTexts } from "@/messages/en/notes/view";

/** Cable ways measured at Layout, for who chooses the cables. */
export function CableWays() {
  const plan = usePlan();
  const system = useUnits();
  const positionId = useDeskState(positionIdOf);
  const { ways, surfaces } = plan.space;
  if (ways.length === 0) return null;
  const lengths = ways.flatMap((way) => {
    const surface = surfaces.find(({ id }) => id === way.surfaceId);
    if (surface === undefined) return [];
    const panels = panelsOn(plan, surface, positionId, parkedIn(plan));
    return [{ way, ...wayLength(way, wayLine(way, plan, panels)) }];
  });
  return (
    <>
      <Typography variant="h2" component="h3">
        {cableWaysTexts.measuredAtLayout}
      </Typography>
      <ul aria-label={cableWaysTexts.cableRoutes}>
        {lengths.map(({ way, cutMm }) => (
          <li key={way.id}>
            {way.name}: <span className="num">{amount(cutMm, "mm", system)}</span>{" "}
            {cableWaysTexts.eachForAndWithSlackPctExtra(way.slackPct)}
          </li>
        ))}
      </ul>
    </>
  );
}
