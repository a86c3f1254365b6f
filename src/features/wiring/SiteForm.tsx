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
import { siteFormTexts } from "@/messages/en/wiring/view";
import { commonTexts } from "@/messages/en/common/view";

const help = {
  recordLowC: siteFormTexts.theColdestAirEverMeasuredAtThe,
  recordHighC: siteFormTexts.theHottestAirEverMeasuredAtThe,
  latitudeDeg: siteFormTexts.degreesNorthSouthNegativeUsedFor,
  mount: commonTexts.mountingTypeHelp,
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
      placeholder={siteFormTexts.assumedNameAssumed(given(assumed[name], fieldSpecs[name].unit, system))}
    />
  );
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
      {quantity("recordLowC", siteFormTexts.recordLow)}
      {quantity("recordHighC", siteFormTexts.recordHigh)}
      <ChoiceField
        label={siteFormTexts.mountingType}
        value={site.mount ?? ""}
        options={mounts.map((value) => ({ value, text: mountWords[value] }))}
        onChoice={(mount) => desk.change({ type: "setSite", patch: { mount } })}
        help={help.mount}
        placeholder={siteFormTexts.mountNameAssumed(mountWords[assumed.mount])}
      />
      {quantity("latitudeDeg", siteFormTexts.latitude)}
      <Box sx={{ gridColumn: "1 / 3", fontSize: "0.875rem" }}>
        <Link
          href={`/plan/${id}/need#place`}
          style={{ color: "inherit", display: "inline-flex", alignItems: "center", minHeight: 44 }}
        >
          {site.recordLowSource === null
            ? siteFormTexts.confirmALocationAndItsRecords
            : siteFormTexts.locationMapAndClimate}
        </Link>
      </Box>
    </Box>
  );
}
