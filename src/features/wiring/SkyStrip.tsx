"use client";

import { format } from "date-fns";
import { CloudSun, Clock, Snowflake, Sun, Thermometer } from "lucide-react";
import { type SkyView } from "@/core/assessment";
import { type Sky, type SkyName, skyNames } from "@/core/engine/sky";
import { type UnitSystem } from "@/core/engine/units";
import { useDesk, useDeskState } from "@/features/plan-session";
import { skyWords } from "@/features/window-chart";
import { useUnits } from "@/ui";
import { amount } from "@/messages/en";
import style from "./sky.module.css";

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
      <div role="group" aria-label="Sky" className={style["strip"]}>
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
                {sky.irradianceWm2 === 0 ? "sun is down" : `cells ${amount(sky.cellTempC, "°C", system)}`}
              </span>
              <span className={`num ${style["figures"]}`}>
                {name === "coldDawn" ? `${amount(openV, "V")} open` : amount(operating?.p ?? array.mpp.p, "W")}
              </span>
              <span className={style["icon"]}>{icons[name]}</span>
            </button>
          );
        })}
      </div>
      <div className={style["assumed"]}>
        <em>Assumed:</em> {assumedWords(skies[chosen].sky, system)}
      </div>
    </>
  );
}

/** What a sky takes for granted. */
function assumedWords({ name, irradianceWm2, airTempC, sun }: Sky, system: UnitSystem): string {
  const light = `${amount(irradianceWm2, "W/m²")}, air ${amount(airTempC, "°C", system)}`;
  switch (name) {
    case "coldDawn":
      return `first full sun, ${light}, on cells as cold as the record low.`;
    case "brightNoon":
      return `full sun, ${light}.`;
    case "hotRoof":
      return `full sun, ${light}, the record high.`;
    case "haze":
      return `bright overcast, ${light}, light from the whole sky.`;
    case "now":
      return irradianceWm2 === 0
        ? "the sun of your clock’s time zone and this latitude is down."
        : `no cloud; sun ${amount(90 - sun.zenithDeg, "°")} high by your clock’s time zone and this latitude; ${light} as usual for the season.`;
  }
}
