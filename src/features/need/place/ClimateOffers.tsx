"use client";

import { climateKinds, climatesAt, type ClimateKind, doKindsAgree } from "@/core/site/climate";
import { assumedLatitudeDeg, recordLowOf } from "@/core/plan-model";
import { likeliestKind, monthsOfKind } from "@/core/wiring/year";
import { useDesk, usePlan } from "@/features/plan-session";
import { TextButton, useUnits } from "@/ui";
import { given } from "@/messages/en";
import style from "../need.module.css";
import { climateOffersTexts } from "@/messages/en/need/place";

/** The kinds of climate there may be at the place; one press confirms one with its months and records. */
export function ClimateOffers() {
  const desk = useDesk();
  const { site } = usePlan();
  const system = useUnits();
  const latitudeDeg = site.latitudeDeg ?? assumedLatitudeDeg;
  const fitting = climatesAt(latitudeDeg, site);
  const offered = fitting.length > 0 ? fitting : [likeliestKind(latitudeDeg)];
  const chosen = site.climate === null ? null : (climateKinds.find(({ id }) => id === site.climate?.kind) ?? null);
  const all = chosen === null || offered.includes(chosen) ? offered : [chosen, ...offered];
  const take = (kind: ClimateKind) =>
    desk.change({
      type: "setSite",
      patch: {
        climate: monthsOfKind(kind, latitudeDeg),
        // what somebody typed is theirs
        ...(site.recordLowSource === "typed"
          ? {}
          : { recordLowC: kind.recordLowC, recordLowSource: "climateKind" as const }),
        ...(site.recordHighSource === "typed"
          ? {}
          : { recordHighC: kind.recordHighC, recordHighSource: "climateKind" as const }),
      },
    });
  return (
    <>
      {fitting.length === 0 && <p>{climateOffersTexts.noKnownKindOfClimateLiesThisFar}</p>}
      {fitting.length > 0 && !doKindsAgree(latitudeDeg) && site.recordLowSource !== "typed" && (
        <p role="note">
          {climateOffersTexts.theRecordLowsOfTheseClimates(given(recordLowOf(site).lowC, "°C", system))}
        </p>
      )}
      <ul className={style["offers"]} aria-label={climateOffersTexts.kindsOfClimate}>
        {all.map((kind) => {
          const mean = kind.clearness.reduce((sum, each) => sum + each, 0) / 12;
          return (
            <li key={kind.id}>
              <span>
                <strong>{kind.name}</strong>
                <span style={{ display: "block", fontSize: "0.8125rem" }} className="num">
                  {climateOffersTexts.recordLowRecordLowCRecordHigh(
                    given(kind.recordLowC, "°C", system),
                    given(kind.recordHighC, "°C", system),
                    given(kind.airTempC[0] ?? 0, "°C", system),
                    given(kind.airTempC[6] ?? 0, "°C", system),
                    (100 * mean).toFixed(0),
                  )}
                </span>
              </span>
              <TextButton aria-pressed={kind === chosen} onClick={() => take(kind)}>
                {kind === chosen ? climateOffersTexts.confirmed : climateOffersTexts.useThisClimate}
              </TextButton>
            </li>
          );
        })}
      </ul>
      <p className={style["small"]}>{climateOffersTexts.roundedFromGeneralClimatology}</p>
    </>
  );
}
