"use client";

import Box from "@mui/material/Box";
import { type ControllerFacts, controllerFactsOf } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField } from "@/ui";
import { StatedField } from "./forms";
import { controllerFormTexts } from "@/messages/en/protection/view";

const unknown = { value: "unknown", text: "not known" } as const;
const backfeedOptions = [
  unknown,
  { value: "none", text: controllerFormTexts.noneIsolatedOrBlocked },
  { value: "fromBattery", text: controllerFormTexts.fromTheBattery },
] as const;
const joinsOptions = [
  unknown,
  { value: "negative", text: controllerFormTexts.theNegativesCommonNegative },
  { value: "positive", text: controllerFormTexts.thePositivesCommonPositive },
  { value: "neither", text: "nothing: isolated" },
] as const;

/** What the manual of a charge controller says of its terminals, and of what flows through it. */
export function ControllerForm({ inputId }: { readonly inputId: string }) {
  const desk = useDesk();
  const facts = controllerFactsOf(usePlan(), inputId);
  const put = (patch: Partial<ControllerFacts>, gesture?: string) =>
    desk.change(
      // typed letter by letter: what the letter before made is the one to go on from
      { type: "setController", facts: { ...controllerFactsOf(desk.now().history.present, inputId), ...patch } },
      gesture && `controller:${inputId}:${gesture}`,
    );
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, alignItems: "start" }}>
      <StatedField
        label={controllerFormTexts.pvTerminalsAcceptAtMost}
        spec={fieldSpecs.terminalMm2}
        value={facts.pvMm2}
        onValue={(pvMm2) => put({ pvMm2 }, "pv")}
        placeholder={controllerFormTexts.notKnown}
        help={controllerFormTexts.pvTerminalsAcceptAtMostHelp}
      />
      <StatedField
        label={controllerFormTexts.batteryTerminalsAcceptAtMost}
        spec={fieldSpecs.terminalMm2}
        value={facts.batteryMm2}
        onValue={(batteryMm2) => put({ batteryMm2 }, "battery")}
        placeholder={controllerFormTexts.notKnown}
        help={controllerFormTexts.batteryTerminalsAcceptAtMostHelp}
      />
      <ChoiceField
        label={controllerFormTexts.reverseCurrent}
        value={facts.backfeed ?? "unknown"}
        options={backfeedOptions}
        onChoice={(value) => put({ backfeed: value === "unknown" ? null : value })}
      />
      <ChoiceField
        label={controllerFormTexts.connectedInside}
        value={facts.joins ?? "unknown"}
        options={joinsOptions}
        onChoice={(value) => put({ joins: value === "unknown" ? null : value })}
      />
    </Box>
  );
}
