"use client";

import Box from "@mui/material/Box";
import { pieceName, type Plan } from "@/core/plan";
import { type ShadeMap } from "@/core/wiring/year";
import { partsOfKey } from "@/core/engine/array";
import { type Asked } from "@/features/worker-hooks";
import { TextButton } from "@/ui";
import { kwh } from "@/messages/en";
import { lossSteps } from "./drawing/Shade";
import style from "./space.module.css";
import { shadeYearTexts } from "@/messages/en/layout/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly plan: Plan;
  readonly asked: Asked<ShadeMap>;
  readonly isShown: boolean;
  readonly onShown: (shown: boolean) => void;
};

/** Where shadows cost most in a year, and which way substrings run cheaper. */
export function ShadeYear({ plan, asked, isShown, onShown }: Props) {
  const { value: map, isOfNow, share, fault } = asked;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", alignItems: "center" }}>
        {share === null ? (
          <TextButton look={map === null || !isOfNow ? "amber" : "outlined"} onClick={asked.ask}>
            {map === null ? shadeYearTexts.calculateYearlyShading : shadeYearTexts.calculateYearlyShadingAgain}
          </TextButton>
        ) : (
          <>
            <progress value={share} aria-label={shadeYearTexts.calculatingYearlyShading} />
            <TextButton onClick={asked.cancel}>{shadeYearTexts.cancel}</TextButton>
          </>
        )}
        {map !== null && (
          <TextButton aria-pressed={isShown} onClick={() => onShown(!isShown)}>
            {shadeYearTexts.showOnTheDrawing}
          </TextButton>
        )}
      </Box>
      {fault !== null && (
        <p role="alert" style={{ margin: 0 }}>
          {commonTexts.couldNotCalculate(fault)}
        </p>
      )}
      {map === null ? (
        <p style={{ margin: 0, fontSize: "0.8125rem" }}>{shadeYearTexts.showsOnTheRoofWherePanelsLose}</p>
      ) : (
        <>
          {!isOfNow && <p style={{ margin: 0 }}>{shadeYearTexts.somethingWasMovedSinceCalculate}</p>}
          <p style={{ margin: 0, fontSize: "0.8125rem" }}>
            {shadeYearTexts.fromLightToDarkLossStepsOfThe(
              lossSteps.map((step) => `${100 * step} %`).join(", "),
              Math.round(map.openKwhM2),
            )}
          </p>
          <ul className={style["list"]} aria-label={shadeYearTexts.lostToShadeInAYear}>
            {map.panels.map(({ id, couldKwh, lostKwh, otherWayLostKwh }) => {
              const { panelId, piece } = partsOfKey(id);
              const run = plan.panels
                .find((each) => each.id === panelId)
                ?.pieces.find(({ number }) => number === piece);
              const other = run?.substringsRun === "across" ? "along" : "across";
              const saved = lostKwh - otherWayLostKwh;
              return (
                <li key={id}>
                  <span style={{ flex: 1 }}>{pieceName(plan, id)}</span>
                  <span className="num">
                    {shadeYearTexts.lostKwhLost(kwh(lostKwh))}{" "}
                    {couldKwh > 0 ? ((100 * lostKwh) / couldKwh).toFixed(1) : "0"} %
                    {saved > Math.max(0.5, 0.01 * couldKwh) && (
                      <>
                        <br />
                        {shadeYearTexts.savedLessIfItsCellGroupsRan(kwh(saved), other)}
                      </>
                    )}
                  </span>
                </li>
              );
            })}
          </ul>
          <p style={{ margin: 0, fontSize: "0.8125rem" }}>{shadeYearTexts.eachPanelOnItsOwnApproximately}</p>
        </>
      )}
    </Box>
  );
}
