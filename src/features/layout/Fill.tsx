"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type Plan, type Surface } from "@/core/plan";
import { baseOf, bodyOf, type FillAnswer, fillChanges, footprintOf, pointsOf, sizeOf } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import { type ShadeMap } from "@/core/wiring/year";
import { useJobOnDemand } from "@/features/worker-hooks";
import { useDesk } from "@/features/plan-session";
import { TextButton, useUnits } from "@/ui";
import { amount, counted } from "@/messages/en";
import { workerClient } from "@/workers";
import { Quantity } from "./Quantity";
import style from "./space.module.css";
import { viewOf } from "./view";
import { fillTexts } from "@/messages/en/layout/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly plan: Plan;
  readonly surface: Surface;
  readonly positionId: string;
  readonly map: ShadeMap | null;
};

const strategyWords: Readonly<Record<FillAnswer["strategy"], { readonly title: string; readonly why: string }>> = {
  most: { title: fillTexts.keepObstaclesAndFreeAreas, why: fillTexts.highestWattageWithEverythingOn },
  minShade: { title: fillTexts.leastShade, why: fillTexts.keepsMostOfTheYearsSunlight },
  oneKind: { title: fillTexts.oneKind, why: fillTexts.oneKindOfPanelOneLabelFew },
  inLine: { title: fillTexts.inLine, why: fillTexts.oneKindAllInTheSameOrientation },
  everyInch: { title: fillTexts.highestWattage, why: fillTexts.alsoUsesWalkwaysAndTheSpaceOf },
};

/** Lays the plan’s panels where there is room, in ways that differ in what they are good for; a press takes one, undo takes it back. */
export function Fill({ plan, surface, positionId, map }: Props) {
  const desk = useDesk();
  const system = useUnits();
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [asManyAsFit, setAsMany] = useState(false);
  const [seamMm, setSeam] = useState(20);
  const kinds = plan.panels.filter((panel) => sizeOf(panel) !== null && panel.label.pmaxW !== null);
  const chosen = kinds.filter(({ id }) => !without.has(id)).map(({ id }) => id);
  const asked = useJobOnDemand<readonly FillAnswer[]>([surface.id, positionId, chosen.join()], (topic, progressed) =>
    workerClient().ask(
      "fill",
      {
        plan,
        surfaceId: surface.id,
        positionId,
        parked: parkedIn(plan),
        kinds: chosen.map((panelId) => ({ panelId, asManyAsFit })),
        seamMm,
        map,
      },
      { topic, queue: "patient", once: ["plan"], progressed },
    ),
  );
  const { share, fault } = asked;
  // what is laid is told of the chosen kinds: answers for others are none
  const answers = asked.isOfNow ? asked.value : null;
  const most = answers?.[0]?.watts ?? 0;
  const take = (answer: FillAnswer) => {
    desk.changeAll(fillChanges(plan, surface.id, chosen, answer, 40));
    desk.set({ said: fillTexts.panelCountPlacedUndoRemovesThem(counted(answer.panels.length, "panel")) });
  };
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }} role="group" aria-label={fillTexts.kindsOfPanelToPlace}>
        {kinds.map(({ id, label }) => (
          <TextButton
            key={id}
            aria-pressed={!without.has(id)}
            onClick={() =>
              setWithout(
                without.has(id) ? new Set([...without].filter((each) => each !== id)) : new Set([...without, id]),
              )
            }
          >
            {label.name}
          </TextButton>
        ))}
      </Box>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", alignItems: "end" }}>
        <Quantity
          label={fillTexts.gapBetweenPanels}
          spec="gapMm"
          value={seamMm}
          onValue={setSeam}
          help={fillTexts.gapBetweenPanelsHelp}
        />
        <TextButton aria-pressed={asManyAsFit} onClick={() => setAsMany(!asManyAsFit)}>
          {fillTexts.asManyAsFit}
        </TextButton>
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, alignItems: "center" }}>
        {share === null ? (
          <TextButton look="amber" disabled={chosen.length === 0} onClick={asked.ask}>
            {fillTexts.autoLayout}
          </TextButton>
        ) : (
          <>
            <progress value={share} aria-label={fillTexts.calculatingTheLayouts} />
            <TextButton onClick={asked.cancel}>{fillTexts.cancel}</TextButton>
          </>
        )}
      </Box>
      {fault !== null && (
        <p role="alert" style={{ margin: 0 }}>
          {commonTexts.couldNotCalculate(fault)}
        </p>
      )}
      {answers !== null && answers.length === 0 && <p style={{ margin: 0 }}>{fillTexts.noneOfThesePanelsFitsHere}</p>}
      {answers !== null && answers.length > 0 && (
        <ul className={style["offers"]} aria-label={fillTexts.layoutsToChooseFrom}>
          {answers.map((answer) => (
            <li key={answer.strategy}>
              <Sketch plan={plan} surface={surface} answer={answer} />
              <div className={style["offer"]}>
                <strong>{strategyWords[answer.strategy].title}</strong>
                {": "}
                <span className="num">{amount(answer.watts, "W")}</span>{" "}
                {fillTexts.withPanelCountWhyGivesUpBound(
                  counted(answer.panels.length, "panel"),
                  strategyWords[answer.strategy].why,
                  givesUp(answer, most),
                  boundWords(answer),
                )}
                <TextButton
                  onClick={() => take(answer)}
                  aria-label={fillTexts.useThisLayoutTitle(strategyWords[answer.strategy].title)}
                >
                  {fillTexts.useThisLayout}
                </TextButton>
              </div>
            </li>
          ))}
        </ul>
      )}
      <p style={{ margin: 0, fontSize: "0.8125rem" }}>
        {fillTexts.theChosenKindsArePlacedAnewOther(amount(seamMm, "mm", system))}
        {map === null ? fillTexts.calculateYearlyShadingFirstToBe : ""}
      </p>
    </Box>
  );
}

function givesUp({ watts, keptShare, givenUp }: FillAnswer, most: number): string {
  const parts = [
    watts < most - 0.5 ? fillTexts.lessWLessThanTheHighestWattage(amount(most - watts, "W")) : null,
    givenUp.length > 0 ? fillTexts.usesTheSpaceOfGivenUp(givenUp.map((name) => `“${name}”`).join(", ")) : null,
    keptShare === null ? null : fillTexts.keptShareOfTheYearsSunlightIs((100 * keptShare).toFixed(1)),
  ].filter((part) => part !== null);
  return parts.length === 0 ? "" : `${parts.join("; ").replace(/^./, (first) => first.toUpperCase())}.`;
}

function boundWords({ worthW, boundW, proved, strategy }: FillAnswer): string {
  if (proved) return strategy === "most" ? fillTexts.noOtherLayoutHasMoreWatts : "";
  return fillTexts.noLayoutCanHaveMoreThanBoundW(
    amount(boundW, "W"),
    ((100 * boundW) / Math.max(1, worthW) - 100).toFixed(0),
  );
}

/** The layout in small. */
function Sketch({
  plan,
  surface,
  answer,
}: {
  readonly plan: Plan;
  readonly surface: Surface;
  readonly answer: FillAnswer;
}) {
  const view = viewOf(surface, false);
  const shapes = answer.panels.flatMap(({ panelId, xMm, yMm, turnedDeg }) => {
    const panel = plan.panels.find(({ id }) => id === panelId);
    const size = panel === undefined ? null : sizeOf(panel);
    if (size === null) return [];
    const { lengthMm: alongMm, widthMm: acrossMm } = size;
    return [footprintOf({ xMm, yMm, alongMm, acrossMm, turnDeg: turnedDeg, tiltDeg: 0, tiltTowardsDeg: 0 })];
  });
  return (
    <svg viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`} className={style["sketch"]} aria-hidden>
      <path d={view.path(pointsOf(surface.outline))} className={style["outline"]} />
      {plan.space.obstacles
        .filter(({ surfaceId }) => surfaceId === surface.id)
        .map((each) => (
          <path key={each.id} d={view.path(baseOf(bodyOf(each)))} className={style["body"]} />
        ))}
      {shapes.map((shape, k) => (
        <g key={k}>
          <path d={view.path(shape)} className={style["glass"]} />
          <path d={view.path(shape)} className={style["frame"]} />
        </g>
      ))}
    </svg>
  );
}
