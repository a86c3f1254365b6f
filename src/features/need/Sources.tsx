"use client";

import Box from "@mui/material/Box";
import { Trash2 } from "lucide-react";
import { type EnergySource, seasons, sourceKinds } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, newId, QuantityField, Region, TextButton, ToolButton } from "@/ui";
import { CheckGroup } from "./CheckGroup";
import { seasonWords, sourceWords } from "@/messages/en/need/loads";
import { sourcesTexts } from "@/messages/en/need/view";

const usual: Readonly<Record<EnergySource["kind"], Partial<EnergySource>>> = {
  alternator: { watts: 350, hoursADay: 1, daysAWeek: 3 },
  shore: { watts: 600, hoursADay: 8, daysAWeek: 1 },
  generator: { watts: 800, hoursADay: 1, daysAWeek: 1 },
};

/** What else brings some: hours under way, nights plugged in, a generator. */
export function Sources() {
  const desk = useDesk();
  const { sources } = usePlan().need;
  return (
    <Region title={sourcesTexts.otherSources} flush>
      {sources.map((source) => (
        <SourceForm key={source.id} source={source} />
      ))}
      <Box sx={{ p: 1, display: "flex", flexWrap: "wrap", gap: 0.5 }}>
        {sourceKinds.map((kind) => (
          <TextButton
            key={kind}
            onClick={() =>
              desk.change({
                type: "addToNeed",
                list: "sources",
                id: newId(),
                like: { name: sourceWords[kind], kind, seasons: [...seasons], ...usual[kind] },
              })
            }
          >
            {sourceWords[kind]}
          </TextButton>
        ))}
      </Box>
    </Region>
  );
}

function SourceForm({ source }: { source: EnergySource }) {
  const desk = useDesk();
  const patch = (change: Partial<EnergySource>, gesture?: string) =>
    desk.change(
      { type: "patchInNeed", list: "sources", id: source.id, patch: change },
      gesture === undefined ? undefined : `source:${source.id}:${gesture}`,
    );
  const quantity = (name: "watts" | "hoursADay" | "daysAWeek", label: string, help: string) => (
    <QuantityField
      label={label}
      spec={fieldSpecs[name === "watts" ? "loadW" : name]}
      value={source[name]}
      onValue={(value) => patch({ [name]: value }, name)}
      onDone={desk.endGesture}
      help={help}
      helpBelow
    />
  );
  return (
    <Box sx={{ p: 1.5, borderBottom: "1px solid var(--line)", display: "grid", gap: 1 }} data-source={source.id}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "2fr 1fr 1fr 1fr auto" } }}>
        <ChoiceField
          label={sourcesTexts.source}
          value={source.kind}
          options={sourceKinds.map((value) => ({ value, text: sourceWords[value] }))}
          onChoice={(kind) => patch({ kind, name: sourceWords[kind] })}
        />
        {quantity("watts", sourcesTexts.powerIntoTheBattery, sourcesTexts.wattsThatReachTheBatteryWhileThe)}
        {quantity("hoursADay", sourcesTexts.hoursADay, sourcesTexts.hoursOnADayOnWhichTheSourceIs)}
        {quantity("daysAWeek", sourcesTexts.daysAWeek, sourcesTexts.daysOfATypicalWeekOnWhichThe)}
        <Box sx={{ pt: "20px" }}>
          <ToolButton
            aria-label={sourcesTexts.deleteName(source.name)}
            onClick={() => desk.change({ type: "removeFromNeed", list: "sources", id: source.id })}
          >
            <Trash2 size={16} />
          </ToolButton>
        </Box>
      </Box>
      <CheckGroup
        label={sourcesTexts.seasons}
        options={seasons.map((value) => ({ value, text: seasonWords[value] }))}
        chosen={source.seasons}
        onChosen={(chosen) => patch({ seasons: chosen })}
      />
    </Box>
  );
}
