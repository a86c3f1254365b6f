"use client";

import Box from "@mui/material/Box";
import { batteryFusesA, standardFusesA, switchSizesA, voltClasses } from "@/core/fuse";
import { type End, type Guard, fuseAt, switchAt } from "@/core/plan";
import { useDesk, useWiring } from "@/features/desk";
import { ChoiceField, newId, TextButton, sheetStyle } from "@/ui";
import { given } from "@/words";

type Props = {
  readonly at: End;
  readonly what: "row" | "switch" | "battery";
  readonly advisedA: number | null;
  readonly classV: number | null;
};

const sizes = { row: standardFusesA, switch: switchSizesA, battery: batteryFusesA } as const;

/** A fuse, a breaker or a switch: what is fitted, or what would be. */
export function GuardForm({ at, what, advisedA, classV }: Props) {
  const desk = useDesk();
  const { id: wiringId, guards } = useWiring();
  const guard = what === "switch" ? switchAt(guards, at) : fuseAt(guards, at);
  const put = (patch: Partial<Guard>) => {
    const known: Guard = guard ?? {
      id: newId(),
      kind: what === "switch" ? "isolator" : "fuse",
      at,
      ratedA: advisedA ?? sizes[what][0],
      ratedV: what === "battery" ? null : classV,
    };
    desk.change({ type: "setGuard", wiringId, guard: { ...known, ...patch } });
  };
  const name = what === "switch" ? "switch" : "fuse";
  if (guard === null)
    return (
      <div className={sheetStyle["buttons"]}>
        {advisedA !== null && (
          <TextButton look="amber" onClick={() => put({})}>
            {what === "switch" ? "Choose" : "Fit"} a {given(advisedA, "A")} {name}
          </TextButton>
        )}
        <TextButton onClick={() => put({})}>I have another {name}</TextButton>
      </div>
    );
  const listed: readonly number[] = sizes[what];
  const all = listed.includes(guard.ratedA) ? listed : [...listed, guard.ratedA].sort((a, b) => a - b);
  const volts: readonly number[] = voltClasses;
  const classes =
    guard.ratedV === null || volts.includes(guard.ratedV) ? volts : [...volts, guard.ratedV].sort((a, b) => a - b);
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", alignItems: "end" }}>
      {what === "row" && (
        <ChoiceField
          label="It is a"
          value={guard.kind === "breaker" ? "breaker" : "fuse"}
          options={[
            { value: "fuse", text: "fuse" },
            { value: "breaker", text: "breaker" },
          ]}
          onChoice={(kind) => put({ kind })}
        />
      )}
      <ChoiceField
        label="Rated"
        value={String(guard.ratedA)}
        options={all.map((amps) => ({
          value: String(amps),
          text: `${given(amps, "A")}${amps === advisedA ? ", as advised" : ""}`,
        }))}
        onChoice={(amps) => put({ ratedA: Number(amps) })}
      />
      {what !== "battery" && (
        <ChoiceField
          label="For volts DC"
          value={guard.ratedV === null ? "unknown" : String(guard.ratedV)}
          options={[
            { value: "unknown", text: "not known" },
            ...classes.map((each) => ({ value: String(each), text: given(each, "V") })),
          ]}
          onChoice={(each) => put({ ratedV: each === "unknown" ? null : Number(each) })}
        />
      )}
      <TextButton onClick={() => desk.change({ type: "removeGuard", wiringId, guardId: guard.id })}>
        Take it out
      </TextButton>
    </Box>
  );
}
