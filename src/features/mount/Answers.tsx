"use client";

import Box from "@mui/material/Box";
import { type Held, skinFacts, skinOf } from "@/core/mount";
import { careShare } from "@/core/rules";
import { Facts, useUnits } from "@/ui";
import { amount, given, mountWords, windSchoolWords, windWords } from "@/words";
import { useReport } from "./facts";
import style from "./mount.module.css";

/** What wind, weight and heat do to what is held, and how much of its hold they use. */
export function Answers({ held }: { readonly held: Held }) {
  const system = useUnits();
  const { fixing } = useReport();
  const { load, hold, heat, movement, mounts } = held;
  const n = (newton: number) => amount(newton, "N", system);
  const skin = skinOf(fixing);
  return (
    <>
      <p style={{ marginTop: 0 }}>
        The strongest: {windWords(load, system)}. All {load.panels}: up {n(load.all.upliftN)}, along {n(load.all.dragN)}
        .{load.unknown > 0 ? ` Of ${load.unknown} more no size is known.` : ""}
      </p>
      <Facts
        facts={[
          [
            `${load.worst.name}, ${windSchoolWords[load.worst.school]}`,
            `up ${n(load.worst.upliftN)}, along ${n(load.worst.dragN)}`,
          ],
          ["They weigh", amount(load.kg, "kg", system)],
          ["What holds them weighs", amount(held.weightKg, "kg", system)],
        ]}
      />
      {hold.type === "bond" && (
        <>
          <Use name="Its bond in that wind" share={hold.windUse} />
          <Facts facts={[["Bond of one panel", `${(hold.areaMm2 / 100).toFixed(0)} cm², bears ${n(hold.bearsN)}`]]} />
          {hold.restUse !== null && <Use name="Its bond under its weight, for good" share={hold.restUse} />}
        </>
      )}
      {hold.type === "screws" && (
        <>
          <Facts facts={[[`Each of ${hold.count} fastenings of a panel`, n(hold.eachN)]]} />
          {hold.use === null ? (
            <p>What one bears is asked: nothing is guessed here.</p>
          ) : (
            <Use name="Each fastening" share={hold.use} />
          )}
        </>
      )}
      {hold.type === "standing" && (
        <>
          <Use name="What keeps it from falling over" share={hold.anchoredUse} />
          <Use name="What keeps it from sliding" share={hold.slideShare} />
          <Facts
            facts={[
              [
                "Anchors must bear, so that it just stands",
                hold.neededN === 0 ? "it stands by itself" : n(hold.neededN),
              ],
              ["They bear", hold.anchorN === 0 ? "none set" : n(hold.anchorN)],
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
                  "Its glue on the hottest day",
                  `${amount(heat.hottestC, "°C", system)} of ${given(heat.ratedC, "°C", system)}${heat.ratedIsAssumed ? " (assumed)" : ""}`,
                ] as const,
              ]),
          ...(movement === null
            ? []
            : [
                [
                  `Frost to sun, over ${amount(movement.overMm, "mm", system)}`,
                  `${movement.mm.toFixed(1)} mm against each other`,
                ] as const,
              ]),
          ["Heat reckoned as", mounts.map((mount) => mountWords[mount]).join(", ")],
          ...(skin === null
            ? []
            : [["The skin grows", `${skinFacts[skin].growsMmPerMK} mm per m and degree`] as const]),
        ]}
      />
      <p style={{ fontSize: "0.8125rem", marginBottom: 0 }}>
        Planning values, not a structural design: what hangs over people or a road is for the maker’s sheet and a
        competent person.
      </p>
    </>
  );
}

/** How much of what holds is used: half is the most to plan with. */
function Use({ name, share }: { readonly name: string; readonly share: number }) {
  const level = share > 1 ? "stop" : share > careShare ? "care" : "good";
  const words = share > 10 ? "far more than all" : `${(100 * share).toFixed(0)} %`;
  return (
    <Box sx={{ my: 1 }}>
      <Box sx={{ display: "flex", justifyContent: "space-between", gap: 1 }}>
        <span>{name}</span>
        <strong className="num">
          {words} used{level === "stop" ? ": it does not hold" : level === "care" ? ": over half" : ""}
        </strong>
      </Box>
      <div className={style["use"]} data-level={level} aria-hidden>
        <span style={{ width: `${Math.min(100, 100 * share)}%` }} />
      </div>
    </Box>
  );
}
