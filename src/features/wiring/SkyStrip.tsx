"use client";

import { format } from "date-fns";
import { CloudSun, Clock, Snowflake, Sun, Thermometer } from "lucide-react";
import { type SkyView } from "@/core/assessment";
import { type Sky, type SkyName, skyNames } from "@/core/engine/sky";
import { type UnitSystem } from "@/core/engine/units";
import { useDesk, useDeskState } from "@/features/plan-session";
import { skyWords } from "@/messages/en/window-chart/operating";
import { useUnits } from "@/ui";
import { amount } from "@/messages/en";
import style from "./sky.module.css";
import { skyStripTexts } from "@/messages/en/wiring/view";

// the same elements at every drawing, so that they are not compared again
const icons = {
  coldDawn: <Snowflake size={16} aria-hidden />,
  brightNoon: <Sun size={16} aria-hidden />,
  hotRoof: <Thermometer size={16} aria-hidden />,
  haze: <CloudSun size={16} aria-hidden />,
  now: <Clock size={16} aria-hidden />,
} as const;

/** The skies side by side; a press moves every curve and number on screen to that sky. */
export function SkyStrip({ skies }: { skies: Readonly<Record<SkyName, SkyView>> }) {
  const desk = useDesk();
  const system = useUnits();
  const chosen = useDeskState((state) => state.sky);
  const { atMs } = useDeskState((state) => state.moment);
  return (
    <>
      <div role="group" aria-label={skyStripTexts.conditions} className={style["strip"]}>
        {skyNames.map((name) => {
          const { sky, array, operating, openV } = skies[name];
          return (
            <button
              key={name}
              type="button"
              aria-pressed={name === chosen}
              onClick={() => desk.set({ sky: name })}
              className={style["sky"]}
            >
              <span className={style["name"]}>
                {skyWords[name]}
                {name === "now" ? ` ${format(atMs, "HH:mm")}` : ""}
              </span>
              <span className={`num ${style["figures"]}`}>
                {sky.irradianceWm2 === 0
                  ? skyStripTexts.sunIsDown
                  : skyStripTexts.cellsCellTempC(amount(sky.cellTempC, "°C", system))}
              </span>
              <span className={`num ${style["figures"]}`}>
                {name === "coldDawn"
                  ? skyStripTexts.vocOpenV(amount(openV, "V"))
                  : amount(operating?.p ?? array.mpp.p, "W")}
              </span>
              <span className={style["icon"]}>{icons[name]}</span>
            </button>
          );
        })}
      </div>
      <div className={style["assumed"]}>
        <em>{skyStripTexts.assumed}</em> {assumedWords(skies[chosen].sky, system)}
      </div>
    </>
  );
}

/** What a sky takes for granted. */
function assumedWords({ name, irradianceWm2, airTempC, sun }: Sky, system: UnitSystem): string {
  const light = skyStripTexts.irradianceWm2AirAirTempC(amount(irradianceWm2, "W/m²"), amount(airTempC, "°C", system));
  switch (name) {
    case "coldDawn":
      return skyStripTexts.firstFullSunLightWithTheCellsAs(light);
    case "brightNoon":
      return skyStripTexts.fullSunLight(light);
    case "hotRoof":
      return skyStripTexts.fullSunLightWithTheAirAtThe(light);
    case "haze":
      return skyStripTexts.brightOvercastLightLightFromThe(light);
    case "now":
      return irradianceWm2 === 0
        ? skyStripTexts.theSunIsDownAtThisLatitudeInYour
        : skyStripTexts.noCloudSunZenithDegAboveThe(amount(90 - sun.zenithDeg, "°"), light);
  }
}
