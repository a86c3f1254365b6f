"use client";

import Box from "@mui/material/Box";
import Link from "next/link";
import { useState } from "react";
import { browserClient } from "@/api";
import { type CauseId, causeIds, type ReadSky, skyWords, unsaidSky } from "@/core/measurements";
import { useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { brightMoment, openBench } from "@/features/simulator";
import { AlertBar, ChoiceField, Columns, Region, TextButton, useHash } from "@/ui";
import { causeName, cloudNames } from "@/messages/en";
import { useProve } from "./facts";
import { PortArrayTabs } from "./PortArrayTabs";
import style from "./prove.module.css";
import { standInSheetTexts } from "@/messages/en/commissioning/view";
import { commonTexts } from "@/messages/en/common/view";

/** A meter, an inline meter, a controller and a sky that are simulated, to learn the walk on before the roof. */
export function StandInSheet() {
  const plan = usePlan();
  const wiring = useWiring();
  const planId = useDeskState((state) => state.planId);
  const now = useDeskState((state) => state.moment);
  const { portArray, walk, standIn, setStandIn } = useProve();
  const [, show] = useHash();
  const [fault, setFault] = useState<CauseId | "hidden">("hidden");
  const [n, setN] = useState(1);
  const [cloud, setCloud] = useState<(typeof skyWords)[number]>("clear");
  const [trouble, setTrouble] = useState<string | null>(null);
  const panels = walk?.keys.length ?? 1;
  const open = async () => {
    if (portArray === null) return;
    setTrouble(null);
    const seed = Math.floor(Math.random() * 1_000_000);
    const hidden = hiddenFault(seed, panels);
    const put = fault === "hidden" ? hidden : { id: fault, n, strength: 0.6 };
    const moment = brightMoment(plan, now);
    const sky: ReadSky = { ...unsaidSky, cloud, airC: 18 };
    const opened = await openBench({ plan, planId, wiringId: wiring.id, ...portArray, sky, moment, fault: put });
    if (opened.type === "fault") return setTrouble(opened.message);
    setStandIn({
      id: opened.id,
      moment,
      sky,
      sinceUtc: new Date().toISOString(),
      told: fault === "hidden" ? null : causeName({ id: fault }),
    });
    show("walk");
  };
  return (
    <>
      <PortArrayTabs />
      {trouble !== null && <AlertBar level="care">{trouble}</AlertBar>}
      <Columns beside="390px">
        <Region title={standInSheetTexts.simulatorPractiseTheTest}>
          <p style={{ marginTop: 0 }}>{standInSheetTexts.aSimulatedMeterWithItsDialAnd}</p>
          <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" } }}>
            <ChoiceField
              label={standInSheetTexts.fault}
              value={fault}
              options={[
                { value: "hidden", text: standInSheetTexts.aFaultNotTold },
                ...causeIds.map((value) => ({ value, text: causeName({ id: value }).toLowerCase() })),
              ]}
              onChoice={setFault}
            />
            <ChoiceField
              label={standInSheetTexts.placeOfTheFault}
              value={String(n)}
              options={Array.from({ length: panels }, (_, k) => ({
                value: String(k + 1),
                text: standInSheetTexts.panelOrStringK(k + 1),
              }))}
              onChoice={(value) => setN(Number(value))}
            />
            <ChoiceField
              label={standInSheetTexts.skyOfTheSimulator}
              value={cloud}
              options={skyWords.map((value) => ({ value, text: cloudNames[value] }))}
              onChoice={setCloud}
            />
          </Box>
          <div className={style["chips"]} style={{ marginTop: 12 }}>
            <TextButton look="amber" onClick={() => void open()}>
              {standIn === null ? standInSheetTexts.openTheSimulator : standInSheetTexts.openAnotherSimulator}
            </TextButton>
            {standIn !== null && (
              <TextButton
                onClick={() => {
                  void browserClient.standIns.close(standIn.id);
                  setStandIn(null);
                }}
              >
                {standInSheetTexts.closeTheSimulator}
              </TextButton>
            )}
          </div>
        </Region>
        <Region title={standInSheetTexts.howItWorks}>
          <p style={{ marginTop: 0 }}>
            {standInSheetTexts.theSimulatorAnswersLinesOfTextOn} <code>{standInSheetTexts.docsSimulatorMd}</code>.
          </p>
          <p>
            {standInSheetTexts.commonMistakesOneByOneSee}{" "}
            <Link href="/practice" style={{ color: "inherit" }}>
              {standInSheetTexts.practice}
            </Link>
            .
          </p>
          <p style={{ marginBottom: 0 }}>
            {standIn === null ? commonTexts.noSimulator : standInSheetTexts.isOpen(standIn.told)}
          </p>
        </Region>
      </Columns>
    </>
  );
}

const hiddenIds: readonly CauseId[] = [
  "reversed",
  "openCircuit",
  "bypassedSubstring",
  "dirty",
  "shaded",
  "looseJoint",
  "tapering",
  "fine",
];

function hiddenFault(seed: number, panels: number) {
  const id = hiddenIds[seed % hiddenIds.length] ?? "fine";
  return { id, n: id === "looseJoint" || id === "tapering" || id === "fine" ? 1 : 1 + (seed % panels), strength: 0.6 };
}
