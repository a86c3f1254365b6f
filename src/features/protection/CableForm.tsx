"use client";

import Box from "@mui/material/Box";
import {
  cablePlaces,
  cableStandards,
  dropLimitOf,
  layings,
  maxAmps,
  mustCarry,
  sizeNamed,
  sizeNames,
  sizesOf,
} from "@/core/engine/cable";
import {
  endsInConnector,
  fitsConnector,
  lossThatCounts,
  type ResolvedRun,
  sizeThatCounts,
} from "@/core/protection/cabling";
import { type Plan, type Cable, sameEnd } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { conduitFor, type PortArrayReport } from "@/core/protection/diagram";
import { useDesk, useWiring } from "@/features/plan-session";
import { Facts, ChoiceField, TextButton, useUnits, sheetStyle } from "@/ui";
import { amount, given, layingWords, money, partNames, percent, placeWords, sizeWords } from "@/messages/en";
import { LengthField, StatedField } from "./forms";
import { patchRun } from "./runs";
import { cableFormTexts } from "@/messages/en/protection/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly plan: Plan;
  readonly run: ResolvedRun;
  readonly portArray: PortArrayReport | null;
  /** What its watts lost add up to in a year; null while that is not known. */ readonly yearKwh: number | null;
};

/** One cable: how long, where it lies, how thick; what it carries and what it loses. */
export function CableForm({ plan, run, portArray, yearKwh }: Props) {
  const desk = useDesk();
  const system = useUnits();
  const { ask, advised, lengthMm, lengthBy } = run;
  // what is typed is the plan's at once; what is worked out of it follows
  const said = useWiring().runs.find(({ from, to }) => sameEnd(from, run.from) && sameEnd(to, run.to)) ?? null;
  const how = said?.how ?? run.how;
  const patch = (change: Partial<Cable>, gesture?: string) => patchRun(desk, run, change, gesture);
  const size = sizeThatCounts(run);
  const loss = lossThatCounts(run);
  const ways = plan.space.ways;
  // sizes of the standard first, AWG and mm² both
  const usual = ask === null ? [] : sizesOf(ask).map(({ name }) => name);
  // what its connectors are not made for is not offered, unless it is what was said
  const isOffered = (name: string) =>
    portArray === null ||
    !endsInConnector(run, portArray.joint) ||
    name === said?.size ||
    fitsConnector(sizeNamed(name)?.areaMm2 ?? 0);
  const sizes = [...usual, ...sizeNames.filter((name) => !usual.includes(name))].filter(isOffered);
  const maxA = ask === null || size === null ? null : maxAmps(size.size, ask);
  const string = run.from.type === "string" ? run.from.stringId : null;
  const number = portArray?.strings.find(({ stringId }) => stringId === string)?.number;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>{number === undefined ? partNames[run.part] : cableFormTexts.cableOfStringNumber(number)}</strong>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <LengthField
          label={cableFormTexts.lengthOneWay}
          valueMm={said?.lengthMm ?? null}
          onValueMm={(next) => patch({ lengthMm: next }, "length")}
          placeholder={
            lengthBy === "way"
              ? cableFormTexts.lengthMmByItsRoute((lengthMm / 1000).toFixed(1))
              : cableFormTexts.lengthMmAssumed((lengthMm / 1000).toFixed(1))
          }
          help={cableFormTexts.lengthOneWayHelp}
        />
        <ChoiceField
          label={cableFormTexts.locationOfTheCable}
          value={run.where}
          options={cablePlaces.map((value) => ({ value, text: placeWords[value] }))}
          // what is in the ground is buried there, and nothing else is
          onChoice={(where) =>
            patch({ where, how: where === "ground" ? "buried" : how === "buried" ? "touching" : how })
          }
        />
        <ChoiceField
          label={cableFormTexts.installedIn}
          value={how}
          options={layings.map((value) => ({ value, text: layingWords[value] }))}
          onChoice={(next) =>
            patch({ how: next, where: next === "buried" ? "ground" : run.where === "ground" ? "outside" : run.where })
          }
        />
        <StatedField
          label={cableFormTexts.circuitsTogether}
          spec={fieldSpecs.circuits}
          value={said?.circuits ?? null}
          onValue={(circuits) => patch({ circuits }, "circuits")}
          placeholder={cableFormTexts.circuitsAssumed(run.circuits)}
          help={cableFormTexts.circuitsTogetherHelp}
        />
        {ask !== null &&
          cableStandards[ask.standard].sizes === "awg" &&
          cableStandards[ask.standard].countsTerminals && (
            <ChoiceField
              label={cableFormTexts.temperatureRatingOfTerminals}
              value={String(run.terminalC)}
              options={[
                { value: "60", text: cableFormTexts.n60COrNotMarked },
                { value: "75", text: "75 °C" },
              ]}
              onChoice={(value) => patch({ terminalC: value === "75" ? 75 : 60 })}
            />
          )}
        <ChoiceField
          label={cableFormTexts.size}
          value={said?.size ?? "advised"}
          options={[
            {
              value: "advised",
              text:
                advised === null
                  ? commonTexts.noListedSize
                  : cableFormTexts.sizeRecommended(sizeWords(advised.size.name)),
            },
            ...sizes.map((name) => ({ value: name, text: sizeWords(name) })),
          ]}
          onChoice={(value) => patch({ size: value === "advised" ? null : value })}
        />
        <ChoiceField
          label={cableFormTexts.use}
          value={(said?.portable ?? ask?.isPortable) === true ? "portable" : "fixed"}
          options={[
            { value: "fixed", text: "fixed" },
            { value: "portable", text: cableFormTexts.portableLeadPutAwayAfterUse },
          ]}
          onChoice={(value) => patch({ portable: value === "portable" })}
        />
        {ways.length > 0 && (
          <ChoiceField
            label={cableFormTexts.routeOnTheRoofPlan}
            value={said?.wayId ?? "none"}
            options={[{ value: "none", text: "no route" }, ...ways.map(({ id, name }) => ({ value: id, text: name }))]}
            onChoice={(value) =>
              patch({ wayId: value === "none" ? null : value, ...(value === "none" ? {} : { lengthMm: null }) })
            }
          />
        )}
      </Box>
      {ask === null && <p style={{ margin: 0 }}>{cableFormTexts.itsCurrentIsNotKnownYetComplete}</p>}
      {ask !== null && (
        <Facts
          facts={[
            [cableFormTexts.mustCarry, amount(mustCarry(ask), "A")],
            [
              cableFormTexts.canCarryThereAmpacity,
              maxA === null
                ? `no table for ${given(Math.round(ask.ambientC), "°C", system)} and ${ask.circuits === 1 ? "one circuit" : cableFormTexts.circuitsCircuits(ask.circuits)}`
                : cableFormTexts.maxAAtAmbientC(amount(maxA, "A"), given(Math.round(ask.ambientC), "°C", system)),
            ],
            ...(how !== "conduit" || size === null ? [] : conduitFacts(size.size.areaMm2)),
            ...(loss === null
              ? []
              : ([
                  [
                    `Voltage drop in full sun${lengthBy === "assumed" ? cableFormTexts.atTheAssumedLength : ""}`,
                    `${size === null ? cableFormTexts.withTheThickestSize(sizeWords(loss.size.name)) : ""}${amount(loss.dropV, "V")}, ${percent(loss.dropPct)} (at most ${percent(dropLimitOf(ask))}), ${amount(loss.lossW, "W")}`,
                  ],
                  ...(yearKwh === null
                    ? []
                    : [
                        [
                          cableFormTexts.inAYear,
                          `${yearKwh.toFixed(1)} kWh${plan.protect.kwhPrice === null ? "" : `, ${money(yearKwh * plan.protect.kwhPrice, plan.protect.currency)}`}`,
                        ] as const,
                      ]),
                ] as const)),
          ]}
        />
      )}
      {said !== null && (
        <div className={sheetStyle["buttons"]}>
          <TextButton
            onClick={() => {
              const wiring = desk
                .now()
                .history.present.wirings.find(({ runs }) => runs.some(({ id }) => id === said.id));
              if (wiring !== undefined) desk.change({ type: "removeRun", wiringId: wiring.id, runId: said.id });
            }}
          >
            {cableFormTexts.resetThisCable}
          </TextButton>
        </div>
      )}
    </Box>
  );
}

/** The conduit for both conductors, and how full it is. */
function conduitFacts(areaMm2: number): readonly (readonly [string, string])[] {
  const conduit = conduitFor(2, areaMm2);
  return [
    [
      cableFormTexts.conduitForBoth,
      conduit === null
        ? cableFormTexts.noConduitIsWideEnough
        : cableFormTexts.nominalMmMmFullPctFullOfAtMost31(conduit.nominalMm, conduit.fullPct.toFixed(0)),
    ],
  ];
}
