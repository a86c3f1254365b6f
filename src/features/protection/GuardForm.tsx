"use client";

import Box from "@mui/material/Box";
import {
  assumedBatteryShortA,
  batteryFusesA,
  lowFuseVolts,
  pvFuseVolts,
  standardFusesA,
  switchSizesA,
  voltClasses,
} from "@/core/engine/fuse";
import { type End, type ProtectiveDevice, fuseAt, switchAt } from "@/core/plan";
import { useDesk, useWiring } from "@/features/plan-session";
import { ChoiceField, newId, TextButton, sheetStyle } from "@/ui";
import { fieldSpecs } from "@/core/engine/units";
import { given } from "@/messages/en";
import { StatedField } from "./forms";
import { guardFormTexts } from "@/messages/en/protection/view";

type Props = {
  readonly at: End;
  readonly what: "string" | "switch" | "battery";
  readonly advisedA: number | null;
  /** Volts DC it is advised for; null: none is known. */ readonly classV: number | null;
};

const sizes = { string: standardFusesA, switch: switchSizesA, battery: batteryFusesA } as const;

/** A fuse, a breaker or a switch: what is fitted, or what would be. */
export function GuardForm({ at, what, advisedA, classV }: Props) {
  const desk = useDesk();
  const { id: wiringId, guards } = useWiring();
  const guard = what === "switch" ? switchAt(guards, at) : fuseAt(guards, at);
  const put = (patch: Partial<ProtectiveDevice>) => {
    const known: ProtectiveDevice = guard ?? {
      id: newId(),
      kind: what === "switch" ? "isolator" : "fuse",
      at,
      ratedA: advisedA ?? sizes[what][0],
      ratedV: classV,
      breaksA: what === "battery" ? assumedBatteryShortA : null,
    };
    desk.change({ type: "setGuard", wiringId, guard: { ...known, ...patch } });
  };
  const name = what === "switch" ? guardFormTexts.dcIsolator : "fuse";
  if (guard === null)
    return (
      <div className={sheetStyle["buttons"]}>
        {advisedA !== null && (
          <TextButton look="amber" onClick={() => put({})}>
            {guardFormTexts.addAAdvisedAName(given(advisedA, "A"), name)}
          </TextButton>
        )}
        <TextButton onClick={() => put({ ratedV: null, breaksA: null })}>
          {guardFormTexts.enterAnotherName(name)}
        </TextButton>
      </div>
    );
  const listed: readonly number[] = sizes[what];
  const all = listed.includes(guard.ratedA) ? listed : [...listed, guard.ratedA].sort((a, b) => a - b);
  const volts: readonly number[] =
    what === "battery" ? lowFuseVolts : guard.kind === "fuse" ? [...lowFuseVolts, ...pvFuseVolts] : voltClasses;
  const classes =
    guard.ratedV === null || volts.includes(guard.ratedV) ? volts : [...volts, guard.ratedV].sort((a, b) => a - b);
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", alignItems: "end" }}>
      {what === "string" && (
        <ChoiceField
          label={guardFormTexts.kind}
          value={guard.kind === "breaker" ? "breaker" : "fuse"}
          options={[
            { value: "fuse", text: guardFormTexts.pvFuseGPV },
            { value: "breaker", text: guardFormTexts.dcBreakerNotPolarised },
          ]}
          onChoice={(kind) => put({ kind })}
        />
      )}
      <ChoiceField
        label={guardFormTexts.ratedCurrent}
        value={String(guard.ratedA)}
        options={all.map((amps) => ({
          value: String(amps),
          text: `${given(amps, "A")}${amps === advisedA ? guardFormTexts.recommended : ""}`,
        }))}
        onChoice={(amps) => put({ ratedA: Number(amps) })}
      />
      <ChoiceField
        label={guardFormTexts.ratedVoltageDc}
        value={guard.ratedV === null ? "unknown" : String(guard.ratedV)}
        options={[
          { value: "unknown", text: "not known" },
          ...classes.map((each) => ({ value: String(each), text: given(each, "V") })),
        ]}
        onChoice={(each) => put({ ratedV: each === "unknown" ? null : Number(each) })}
      />
      {what === "battery" && (
        <StatedField
          label={guardFormTexts.breakingCapacity}
          spec={fieldSpecs.breaksA}
          value={guard.breaksA}
          onValue={(breaksA) => put({ breaksA })}
          placeholder={guardFormTexts.notKnown}
          help={guardFormTexts.breakingCapacityHelp(given(assumedBatteryShortA, "A"))}
        />
      )}
      <TextButton onClick={() => desk.change({ type: "removeGuard", wiringId, guardId: guard.id })}>
        {guardFormTexts.removeFromPlan}
      </TextButton>
    </Box>
  );
}
