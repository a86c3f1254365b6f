"use client";

import Box from "@mui/material/Box";
import Link from "next/link";
import { type PlanInput, type Wiring } from "@/core/plan";
import { fieldSpecs } from "@/core/units";
import { useAssessment, useDesk, useDeskState, usePlan, useWiring } from "@/features/desk";
import { ChoiceField } from "@/ui";
import { Stepper } from "./Stepper";
import { StringDrawing } from "./StringDrawing";

/** What is wired to what: the panel, the port, how many in series and how many strings. */
export function WiringForm() {
  const desk = useDesk();
  const plan = usePlan();
  const wiring = useWiring();
  const planId = useDeskState((state) => state.planId);
  const assessment = useAssessment();
  const sky = useDeskState((state) => state.sky);
  const array = assessment.type === "assessed" ? assessment.context.skies[sky].array : null;
  const patch = (change: Partial<Omit<Wiring, "id">>, gesture?: string) => desk.change({ type: "setWiring", wiringId: wiring.id, patch: change }, gesture);
  const ports = portOptions(plan.inputs);
  return (
    <Box sx={{ display: "grid", gap: 1.25 }}>
      {plan.panels.length === 0
        ? <Empty href={`/plan/${planId}/panels`}>Choose a panel first, at Panels.</Empty>
        : <ChoiceField label="Panel" value={wiring.panelId ?? ""} options={plan.panels.map(({ id, label }) => ({ value: id, text: label.name }))} onChoice={(panelId) => patch({ panelId })} />}
      {ports.length === 0
        ? <Empty href={`/plan/${planId}/input`}>Choose the input it feeds, at Input.</Empty>
        : <ChoiceField label="Feeds" value={ports.find(({ inputId, portId }) => inputId === wiring.inputId && portId === wiring.portId)?.value ?? ""} options={ports} onChoice={(value) => {
            const chosen = ports.find((option) => option.value === value);
            if (chosen !== undefined) patch({ inputId: chosen.inputId, portId: chosen.portId });
          }} />}
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr" }}>
        <Stepper label="In series" law="volts add, amps don’t" help="Panels one after another, plus to minus. Volts add up; amps stay those of one panel." spec={fieldSpecs.series} value={wiring.series} onValue={(series) => patch({ series }, "wire:series")} onDone={desk.endGesture} />
        <Stepper label="Strings" law="in parallel: amps add" help="Equal rows side by side, plus to plus. Amps add up; volts stay those of one row." spec={fieldSpecs.strings} value={wiring.strings} onValue={(strings) => patch({ strings }, "wire:strings")} onDone={desk.endGesture} />
      </Box>
      <StringDrawing series={wiring.series} strings={wiring.strings} stringV={array?.mpp.v ?? null} totalA={array?.mpp.i ?? null} />
    </Box>
  );
}

function Empty({ href, children }: { href: string; children: React.ReactNode }) {
  return <Box component={Link} href={href} sx={{ color: "var(--ink)", fontWeight: 600, minHeight: 44, display: "flex", alignItems: "center" }}>{children}</Box>;
}

function portOptions(inputs: readonly PlanInput[]) {
  return inputs.flatMap(({ id, device }) => device.ports.map((port) => ({ inputId: id, portId: port.id, value: `${id}/${port.id}`, text: `${device.name}: ${port.name}` })));
}
