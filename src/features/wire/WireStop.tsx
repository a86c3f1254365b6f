"use client";

import Box from "@mui/material/Box";
import { equalNet } from "@/core/net";
import { skiesOfRule } from "@/core/rules";
import { useAssessment, useDeskState, usePlan } from "@/features/desk";
import { Ledger } from "@/features/ledger";
import { skyWords, WindowChart } from "@/features/window-chart";
import { Sheet } from "@/ui";
import { SiteForm } from "./SiteForm";
import { SkyStrip } from "./SkyStrip";
import { WiringForm } from "./WiringForm";

/** Steps of the voltage sweep in a netlist. */
const sweepSteps = 200;

/** The stop where panels meet the input: set the wiring, see the window move, read the ledger. */
export function WireStop() {
  return (
    <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "350px minmax(0, 1fr)" }, gridTemplateAreas: { xs: '"wiring" "result" "site"', md: '"wiring result" "site result"' }, gridTemplateRows: { md: "auto 1fr" }, alignItems: "start" }}>
      <Box sx={{ gridArea: "wiring" }}><Sheet title="Wiring"><WiringForm /></Sheet></Box>
      <Box sx={{ gridArea: "site" }}><Sheet title="Site"><SiteForm /></Sheet></Box>
      <Box sx={{ gridArea: "result", display: "grid", gap: 2, minWidth: 0 }}>
        <Sheet title="The window" flush><Window /></Sheet>
        <Sheet title="Ledger" flush><Ledger /></Sheet>
        <Box component="p" sx={{ m: 0, fontSize: "0.8125rem", color: "text.secondary", maxWidth: "80ch" }}>
          Panels are live whenever there is light: cover them or work at dusk, and never part a connector under load. Above 60 V (30 V wet or afloat) treat DC as a shock hazard. Battery first, panels last; take off in the reverse order. This is a plan, not a permit: your local code and a licensed person have the last word.
        </Box>
      </Box>
    </Box>
  );
}

function Window() {
  const assessment = useAssessment();
  const chosen = useDeskState((state) => state.sky);
  const litRule = useDeskState((state) => state.litRule);
  const { name } = usePlan();
  if (assessment.type === "incomplete") {
    return <Box sx={{ p: 2, minHeight: 340, fontSize: "0.9375rem", maxWidth: "60ch" }}>Here the input’s window is drawn, and the array’s curves inside it, once a panel and an input are chosen. “Fits”, “clips”, “sleeps” and “too much” can then be seen before a number is read.</Box>;
  }
  const { window, skies, fit, series, strings } = assessment.context;
  const netlist = async () => {
    const { spiceNetlist } = await import("@/core/spice");
    const { sky, array } = skies[chosen];
    return spiceNetlist(equalNet(fit.model, series, strings, sky), { toV: array.vocV, stepV: array.vocV / sweepSteps }, `${name}, ${skyWords[chosen]}`);
  };
  return (
    <>
      <SkyStrip skies={skies} />
      <WindowChart window={window} skies={skies} chosen={chosen} lit={litRule === null ? [] : skiesOfRule[litRule]} height={340} netlist={netlist} />
    </>
  );
}
