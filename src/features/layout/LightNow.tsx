"use client";

import { pieceName, type Plan } from "@/core/plan";
import { type Layout } from "./layout";
import style from "./space.module.css";
import { lightNowTexts } from "@/messages/en/layout/view";

/** What the sun of the hour leaves each panel. */
export function LightNow({ plan, layout }: { readonly plan: Plan; readonly layout: Layout }) {
  return (
    <>
      <ul className={style["list"]} aria-label={lightNowTexts.sunlightOnEachPanel}>
        {layout.panels.map(({ id, shade, heldBeam }) => (
          <li key={id} className="num">
            <span style={{ flex: 1 }}>{pieceName(plan, id)}</span>
            <span>
              {lightNowTexts.litLit((100 * shade.lit).toFixed(0))}
              <br />
              {lightNowTexts.cellGroupsAtShares(heldBeam.map((held) => (100 * held).toFixed(0)).join(", "))}
            </span>
          </li>
        ))}
      </ul>
      <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>{lightNowTexts.theCellWithTheLeastLightLimits}</p>
    </>
  );
}
