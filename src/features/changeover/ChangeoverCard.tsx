"use client";

import { useState } from "react";
import { positionIdOf, useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { ChoiceField, Region } from "@/ui";
import { changeoverTexts } from "@/messages/en/changeover/view";
import { ChangeoverSteps } from "./ChangeoverSteps";
import { type Compared, inPositions, standKey } from "./useComparison";
import { positionedName } from "./names";

/** From the wiring on the board to another, as a card of its own: nothing where the plan has only one. */
export function ChangeoverCard({ compared: { verdicts, misplugs } }: { readonly compared: Compared }) {
  const plan = usePlan();
  const wiring = useWiring();
  const positionId = useDeskState(positionIdOf);
  const [chosen, setChosen] = useState<string | null>(null);
  const from = { wiring, positionId };
  const others = inPositions(plan).filter((each) => standKey(each) !== standKey(from));
  const usual = others.find((each) => each.wiring.id !== wiring.id) ?? others[0];
  const to = others.find((each) => standKey(each) === chosen) ?? usual;
  if (to === undefined) return null;
  return (
    <Region title={changeoverTexts.changingOver}>
      <div data-testid="changeover">
        <ChoiceField
          label={changeoverTexts.from(positionedName(plan, from))}
          value={standKey(to)}
          options={others.map((each) => ({ value: standKey(each), text: positionedName(plan, each) }))}
          onChoice={setChosen}
        />
        <ChangeoverSteps
          plan={plan}
          from={from}
          to={to}
          verdicts={verdicts}
          misplugs={misplugs.filter(({ toId }) => toId === to.wiring.id && toId !== wiring.id)}
        />
      </div>
    </Region>
  );
}
