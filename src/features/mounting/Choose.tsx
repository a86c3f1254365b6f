"use client";

import Box from "@mui/material/Box";
import { mountingMethods } from "@/core/mounting";
import { panelKindFacts, plainFixing, type Plan, type MountingMethodId, mountingMethodIds } from "@/core/plan";
import { keyOf } from "@/core/engine/array";
import { useDesk, usePlan } from "@/features/plan-session";
import { newId, Region, TextButton } from "@/ui";
import { methodWords } from "@/messages/en";
import { useMount } from "./facts";
import style from "./mount.module.css";
import { chooseTexts } from "@/messages/en/mounting/view";
import { commonTexts } from "@/messages/en/common/view";

/** The ways there are to hold panels, those first that suit what the plan already says. */
export function Choose() {
  const desk = useDesk();
  const plan = usePlan();
  const { choose } = useMount();
  const free = freePieces(plan);
  const take = (method: MountingMethodId) => {
    const id = newId();
    desk.change({
      type: "setFixing",
      fixing: plainFixing(id, nameFor(plan, method), method, fitting(plan, method, free)),
    });
    choose(id);
  };
  if (plan.panels.length === 0) return <p>{commonTexts.noPanels}</p>;
  return (
    <Region title={chooseTexts.chooseAMountingMethod}>
      <p style={{ marginTop: 0 }}>
        {free.length === 0 ? chooseTexts.allPanelsHaveAMountingPanels : chooseTexts.chooseAMethodThenThePanelsIt}
      </p>
      <Box component="ul" className={style["methods"]}>
        {[...mountingMethodIds]
          .sort((a, b) => Number(suits(plan, b)) - Number(suits(plan, a)))
          .map((method) => (
            <li key={method}>
              <strong>{methodWords[method].name}</strong>
              <span>{methodWords[method].suits}</span>
              <span className={style["watch"]}>{methodWords[method].watch}</span>
              <TextButton
                look={suits(plan, method) ? "amber" : "outlined"}
                aria-label={chooseTexts.useThisMountingMethodName(methodWords[method].name)}
                onClick={() => take(method)}
              >
                {chooseTexts.useThisMethod}
              </TextButton>
            </li>
          ))}
      </Box>
    </Region>
  );
}

type Ref = { readonly panelId: string; readonly piece: number };

function freePieces({ panels, fixings }: Plan): Ref[] {
  const held = new Set(fixings.list.flatMap(({ pieces }) => pieces.map(keyOf)));
  return panels.flatMap(({ id, pieces }) =>
    pieces.map(({ number }) => ({ panelId: id, piece: number })).filter((ref) => !held.has(keyOf(ref))),
  );
}

/** The free panels a method is likely for: what folds stands on legs, and nothing else does. */
function fitting(plan: Plan, method: MountingMethodId, free: readonly Ref[]): Ref[] {
  const labels = new Map(plan.panels.map(({ id, label }) => [id, label]));
  return free.filter(({ panelId }) => {
    const label = labels.get(panelId);
    return label !== undefined && panelKindFacts[label.kind].folds === mountingMethods[method].isForFolding;
  });
}

function suits(plan: Plan, method: MountingMethodId): boolean {
  return mountingMethods[method].suits(plan);
}

const placeWords = { roof: "Roof", ground: chooseTexts.onTheGround, deck: chooseTexts.onDeck } as const;

function nameFor({ fixings }: Plan, method: MountingMethodId): string {
  const base = placeWords[mountingMethods[method].place];
  const taken = new Set(fixings.list.map(({ name }) => name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? base : `${base} ${n}`;
    if (!taken.has(name)) return name;
  }
}
