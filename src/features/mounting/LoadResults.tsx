"use client";

import Box from "@mui/material/Box";
import { type Held, roofSurfaceFacts, roofSurfaceOf } from "@/core/mounting";
import { careShare } from "@/core/mounting/rules";
import { Facts, useUnits } from "@/ui";
import { amount, given, mountWords, windCaseWords, windWords } from "@/messages/en";
import { useReport } from "./facts";
import style from "./mount.module.css";
import { loadResultsTexts } from "@/messages/en/mounting/view";

/** What wind, weight and heat do to what is held, and how much of its hold they use. */
export function LoadResults({ held }: { readonly held: Held }) {
  const system = useUnits();
  const { fixing } = useReport();
  const { load, hold, heat, movement, mounts } = held;
  const n = (newton: number) => amount(newton, "N", system);
  const skin = roofSurfaceOf(fixing);
  return (
    <>
      <p style={{ marginTop: 0 }}>
        {loadResultsTexts.strongestWindWindAllPanelsUplift(
          windWords(load, system),
          load.panels,
          n(load.all.upliftN),
          n(load.all.dragN),
        )}
        {load.unknown > 0 ? loadResultsTexts.unknownMoreHaveNoKnownSizeAndAre(load.unknown) : ""}
      </p>
      <Facts
        facts={[
          [
            `${load.worst.name}, ${windCaseWords[load.worst.windCase]}`,
            loadResultsTexts.upliftNSidewaysSidewaysN(n(load.worst.upliftN), n(load.worst.dragN)),
          ],
          [loadResultsTexts.weightOfThePanels, amount(load.kg, "kg", system)],
          [loadResultsTexts.weightOfTheMounting, amount(held.weightKg, "kg", system)],
        ]}
      />
      {hold.type === "bond" && (
        <>
          {hold.windUse === null ? (
            <p>{loadResultsTexts.hotterThanTheTemperatureForWhich}</p>
          ) : (
            <Use name={loadResultsTexts.adhesiveJointShareOfItsStrength} share={hold.windUse} />
          )}
          <Facts
            facts={[
              [
                loadResultsTexts.adhesiveJointOfOnePanel,
                loadResultsTexts.areaMm2CmCanHoldN((hold.areaMm2 / 100).toFixed(0), n(hold.bearsN)),
              ],
              ...(hold.turned === null
                ? []
                : ([
                    [loadResultsTexts.pullOnItsWindwardFeet, n(hold.turned.windwardPullN)],
                    [loadResultsTexts.shearOnAllItsFeet, n(hold.turned.shearN)],
                  ] as const)),
            ]}
          />
          {hold.restUse !== null && (
            <Use name={loadResultsTexts.adhesiveJointShareOfItsStrength2} share={hold.restUse} />
          )}
        </>
      )}
      {hold.type === "screws" && (
        <>
          <Facts
            facts={[
              hold.turned === null
                ? [loadResultsTexts.loadOnEachOfCountFastenersOfA(hold.count), n(hold.eachN)]
                : [
                    loadResultsTexts.loadOnEachOfWindwardWindward(hold.windward),
                    loadResultsTexts.nPullShearNShear(n(hold.turned.pullEachN), n(hold.turned.shearEachN)),
                  ],
            ]}
          />
          {hold.use === null ? (
            <p>{loadResultsTexts.thePullOutStrengthOfOneFastener}</p>
          ) : (
            <Use name={loadResultsTexts.eachFastenerShareOfItsStrength} share={hold.use} />
          )}
        </>
      )}
      {hold.type === "standing" && (
        <>
          <Use name={loadResultsTexts.resistanceToTippingShareUsed} share={hold.anchoredUse} />
          <Use name={loadResultsTexts.resistanceToSlidingShareUsed} share={hold.slideShare} />
          <Facts
            facts={[
              [
                loadResultsTexts.eachAnchorMustHoldPerSideOnEach(hold.perSide),
                hold.neededN === 0 ? loadResultsTexts.noAnchorNeeded : n(hold.neededEachN),
              ],
              [loadResultsTexts.eachAnchorHoldsAsTested, hold.anchorEachN === 0 ? "none set" : n(hold.anchorEachN)],
            ]}
          />
        </>
      )}
      <Facts
        facts={[
          ...(heat === null
            ? []
            : [
                [
                  loadResultsTexts.adhesiveOnTheHottestDay,
                  loadResultsTexts.adhesiveHeat(
                    amount(heat.hottestC, "°C", system),
                    given(heat.ratedC, "°C", system),
                    heat.ratedIsAssumed,
                  ),
                ] as const,
              ]),
          ...(movement === null
            ? []
            : [
                [
                  loadResultsTexts.movementFromFrostToFullSunOver(amount(movement.overMm, "mm", system)),
                  loadResultsTexts.mmMmRelativeMovement(movement.mm.toFixed(1)),
                ] as const,
              ]),
          [loadResultsTexts.cellTemperatureCalculatedAs, mounts.map((mount) => mountWords[mount]).join(", ")],
          ...(skin === null
            ? []
            : [
                [
                  loadResultsTexts.expansionOfTheRoofSurface,
                  loadResultsTexts.growsMmPerMKMmPerMAndC(roofSurfaceFacts[skin].growsMmPerMK),
                ] as const,
              ]),
        ]}
      />
      <p style={{ fontSize: "0.8125rem", marginBottom: 0 }}>{loadResultsTexts.planningValuesNotAStructural}</p>
    </>
  );
}

/** How much of what holds is used: half is the most to plan with. */
function Use({ name, share }: { readonly name: string; readonly share: number }) {
  const level = share > 1 ? "stop" : share > careShare ? "care" : "good";
  const words = share > 10 ? loadResultsTexts.farMoreThan100 : `${(100 * share).toFixed(0)} %`;
  return (
    <Box sx={{ my: 1 }}>
      <Box sx={{ display: "flex", justifyContent: "space-between", gap: 1 }}>
        <span>{name}</span>
        <strong className="num">
          {loadResultsTexts.wordsUsed(words)}
          {level === "stop" ? loadResultsTexts.itDoesNotHold : level === "care" ? loadResultsTexts.moreThanHalf : ""}
        </strong>
      </Box>
      <div className={style["use"]} data-level={level} aria-hidden>
        <span style={{ width: `${Math.min(100, 100 * share)}%` }} />
      </div>
    </Box>
  );
}
