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
            {map === null ? "Go through the year" : "Go through it again"}
          </TextButton>
        ) : (
          <>
            <progress value={share} aria-label="The year’s shade" />
            <TextButton onClick={asked.cancel}>Cancel</TextButton>
          </>
        )}
        {map !== null && (
          <TextButton aria-pressed={isShown} onClick={() => onShown(!isShown)}>
            On the drawing
          </TextButton>
        )}
      </Box>
      {fault !== null && (
        <p role="alert" style={{ margin: 0 }}>
          It could not be worked out: {fault}.
        </p>
      )}
      {map === null ? (
        <p style={{ margin: 0, fontSize: "0.8125rem" }}>
          Washes over the roof show where not to put a panel; each panel’s loss is told in kWh, and whether its
          substrings would lose less the other way round.
        </p>
      ) : (
        <>
          {!isOfNow && <p style={{ margin: 0 }}>Something was moved since: go through it again.</p>}
          <p style={{ margin: 0, fontSize: "0.8125rem" }}>
            Washes from light to dark: {lossSteps.map((step) => `${100 * step} %`).join(", ")} of a year’s{" "}
            {Math.round(map.openKwhM2)} kWh/m² lost at a spot.
          </p>
          <ul className={style["list"]} aria-label="Lost to shade in a year">
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
                    {kwh(lostKwh)} lost, {couldKwh > 0 ? ((100 * lostKwh) / couldKwh).toFixed(1) : "0"} %
                    {saved > Math.max(0.5, 0.01 * couldKwh) && (
                      <>
                        <br />
                        {kwh(saved)} less if its substrings ran {other}
                      </>
                    )}
                  </span>
                </li>
              );
            })}
          </ul>
          <p style={{ margin: 0, fontSize: "0.8125rem" }}>
            Each panel by itself, about; the year at Need counts the whole wiring. Substrings run as the maker built
            them: say how, where a panel is chosen. Turning it half round moves its box, not its loss.
          </p>
        </>
      )}
    </Box>
  );
}
