"use client";

import { Snowflake, Sun, Thermometer } from "lucide-react";
import { type SkyView } from "@/core/rules";
import { type SkyName, skyNames } from "@/core/sky";
import { useDesk, useDeskState } from "@/features/desk";
import { skyWords } from "@/features/window-chart";
import { amount, useUnits } from "@/ui";
import style from "./sky.module.css";

// the same elements at every drawing, so that they are not compared again
const icons = { coldDawn: <Snowflake size={20} aria-hidden />, brightNoon: <Sun size={20} aria-hidden />, hotRoof: <Thermometer size={20} aria-hidden /> } as const;

/** The skies side by side; a press moves the running point to that sky. */
export function SkyStrip({ skies }: { skies: Readonly<Record<SkyName, SkyView>> }) {
  const desk = useDesk();
  const system = useUnits();
  const chosen = useDeskState((state) => state.sky);
  return (
    <div role="group" aria-label="Sky" className={style["strip"]}>
      {skyNames.map((name) => {
        const { sky, array, operating } = skies[name];
        return (
          <button key={name} type="button" aria-pressed={name === chosen} onClick={() => desk.set({ sky: name })} className={style["sky"]}>
            <span className={style["icon"]}>{icons[name]}</span>
            <span className={style["words"]}>
              <span className={style["name"]}>{skyWords[name]}</span>
              <span className={`num ${style["figures"]}`}>
                cells {amount(sky.cellTempC, "°C", system)} · {name === "coldDawn" ? `${amount(array.vocV, "V")} open` : amount(operating?.p ?? array.mpp.p, "W")}
              </span>
            </span>
          </button>
        );
      })}
    </div>
  );
}
