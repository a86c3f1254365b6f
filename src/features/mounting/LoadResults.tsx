"use client";

import Box from "@mui/material/Box";
import { type Held, roofSurfaceFacts, roofSurfaceOf } from "@/core/mounting";
import { careShare } from "@/core/mounting/rules";
import { Facts, useUnits } from "@/ui";
import { amount, given, mountWords, windCaseWords, windWords } from "@/messages/en";
import { useReport } from "./facts";
import style from "./mount.module.css";

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
        The strongest: {windWords(load, system)}. All {load.panels}: up {n(load.all.upliftN)}, along {n(load.all.dragN)}
        .{load.unknown > 0 ? ` Of ${load.unknown} more no size is known.` : ""}
      </p>
      <Facts
        facts={[
          [
            `${load.worst.name}, ${windCaseWords[load.worst.windCase]}`,
            `up ${n(load.worst.upliftN)}, along ${n(load.worst.dragN)}`,
          ],
          ["They weigh", amount(load.kg, "kg", system)],
          ["What holds them weighs", amount(held.weightKg, "kg", system)],
        ]}
      />
      {hold.type === "bond" && (
        <>
          {hold.windUse === null ? (
            <p>Hotter than the strength of its adhesive is known for: not judged.</p>
          ) : (
            <Use name="Adhesive joint used by that wind" share={hold.windUse} />
          )}
          <Facts
            facts={[
              ["Adhesive joint of one panel", `${(hold.areaMm2 / 100).toFixed(0)} cm², can hold ${n(hold.bearsN)}`],
              ...(hold.turned === null
                ? []
                : ([
                    ["Pull on its windward feet", n(hold.turned.windwardPullN)],
                    ["Shear on all its feet", n(hold.turned.shearN)],
                  ] as const)),
            ]}
          />
          {hold.restUse !== null && <Use name="Adhesive joint used by its weight, for good" share={hold.restUse} />}
        </>
      )}
      {hold.type === "screws" && (
        <>
          <Facts
            facts={[
              hold.turned === null
                ? [`Load on each of ${hold.count} fasteners of a panel`, n(hold.eachN)]
                : [
                    `Load on each of ${hold.windward} windward fasteners of a panel`,
                    `${n(hold.turned.pullEachN)} pull, ${n(hold.turned.shearEachN)} shear`,
                  ],
            ]}
          />
          {hold.use === null ? (
            <p>The pull-out strength of one fastener is not known: it is never guessed here.</p>
          ) : (
            <Use name="Each fastener used" share={hold.use} />
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
                `Each anchor must hold, ${hold.perSide} a side`,
                hold.neededN === 0 ? "it stands by itself" : n(hold.neededEachN),
              ],
              ["Each anchor holds, by test", hold.anchorEachN === 0 ? "none set" : n(hold.anchorEachN)],
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
                  "Adhesive on the hottest day",
                  `${amount(heat.hottestC, "°C", system)}, rated for ${given(heat.ratedC, "°C", system)}${heat.ratedIsAssumed ? " (assumed)" : ""}`,
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
            : [["The skin grows", `${roofSurfaceFacts[skin].growsMmPerMK} mm per m and degree`] as const]),
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
