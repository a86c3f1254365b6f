"use client";

import Box from "@mui/material/Box";
import Link from "next/link";
import { useParams } from "next/navigation";
import { assumedSite } from "@/core/plan-model";
import { mounts } from "@/core/engine/sky";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, useDeskState } from "@/features/plan-session";
import { ChoiceField, QuantityField, useUnits } from "@/ui";
import { given, mountWords } from "@/messages/en";

const help = {
  recordLowC:
    "The coldest the site has ever been. Cold raises volts: this decides whether they stay under the input’s max PV voltage.",
  recordHighC: "The hottest the site has ever been. Heat lowers volts: this decides whether the input stays awake.",
  latitudeDeg:
    "Degrees north (south negative). Used for the sun’s path: how often the input is offered more watts than it takes.",
  mount: "How much air reaches the back of the panels; it decides how hot the cells get.",
} as const;

/** Weather extremes and mounting, typed here; empty fields show what is assumed instead. */
export function SiteForm() {
  const desk = useDesk();
  const { id } = useParams<{ id: string }>();
  const system = useUnits();
  const site = useDeskState((state) => state.history.present.site);
  const assumed = assumedSite(site);
  const quantity = (name: "recordLowC" | "recordHighC" | "latitudeDeg", label: string) => (
    <QuantityField
      label={label}
      spec={fieldSpecs[name]}
      value={site[name]}
      onValue={(value) => desk.change({ type: "setSite", patch: { [name]: value } }, `site:${name}`)}
      onDone={desk.endGesture}
      help={help[name]}
      helpBelow
      placeholder={`${given(assumed[name], fieldSpecs[name].unit, system)} assumed`}
    />
  );
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
      {quantity("recordLowC", "Record low")}
      {quantity("recordHighC", "Record high")}
      <ChoiceField
        label="Mount"
        value={site.mount ?? ""}
        options={mounts.map((value) => ({ value, text: mountWords[value] }))}
        onChoice={(mount) => desk.change({ type: "setSite", patch: { mount } })}
        help={help.mount}
        placeholder={`${mountWords[assumed.mount]} (assumed)`}
      />
      {quantity("latitudeDeg", "Latitude")}
      <Box sx={{ gridColumn: "1 / 3", fontSize: "0.875rem" }}>
        <Link
          href={`/plan/${id}/need#place`}
          style={{ color: "inherit", display: "inline-flex", alignItems: "center", minHeight: 44 }}
        >
          {site.recordLowSource === null ? "Confirm a place and its records" : "Place, map and climate"}
        </Link>
      </Box>
    </Box>
  );
}
