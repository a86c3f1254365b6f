"use client";

import { useMemo, useState } from "react";
import { type BenchCase, type Repair } from "@/practice";
import { MeterFace } from "@/features/multimeter";
import { Columns, Facts, Region, TextButton } from "@/ui";
import { cloudNames, given, repairWords } from "@/messages/en";
import { type PlayProps } from "./play-props";
import { LabelSheet } from "./Sheets";
import { dials, dueAt, stringsOf, useBench } from "./useBench";
import style from "./practice.module.css";
import { benchDrillTexts } from "@/messages/en/practice/view";

/** Repairs of one panel or one string: which one has to be said. */
const ofPanel: readonly Repair[] = ["turnPlug", "remakePlug", "wash", "changePanel", "bareLeads", "stepAside"];
const ofString: readonly Repair[] = ["plugString"];

/** An array with something wrong, a meter, an inline meter and a display; and then what one does about it. */
export function BenchDrill({ drill, level, verdict, onEnd }: PlayProps<BenchCase>) {
  const bench = useBench(drill, onEnd);
  const { dial, probe, meter, display, isPlugged, told } = bench;
  const strings = useMemo(() => stringsOf(drill), [drill]);
  const isOver = verdict !== null;
  const value = meter !== null && (meter.type === "volts" || meter.type === "amps") ? meter.value : null;
  const due = level === 1 ? dueAt(drill, dial, probe) : null;
  const place = (at: string, name: string) => (
    <button
      key={at}
      type="button"
      className={style["place"]}
      aria-pressed={probe === at}
      disabled={isOver}
      onClick={() => bench.touch(at)}
    >
      {name}
    </button>
  );
  return (
    <Columns beside="340px">
      <div style={{ display: "grid", gap: 16, minWidth: 0 }}>
        <Region title={benchDrillTexts.meter}>
          <div className={style["row"]} role="group" aria-label={benchDrillTexts.dial}>
            {dials.map((each) => (
              <TextButton
                key={each.name}
                aria-pressed={dial === each}
                disabled={isOver}
                onClick={() => bench.turn(each)}
              >
                {each.name}
              </TextButton>
            ))}
            <TextButton look="plain" disabled={isOver} onClick={bench.newFuse}>
              {benchDrillTexts.replaceTheMetersFuse}
            </TextButton>
          </div>
          <MeterFace band={due} value={value} quantity={dial?.quantity ?? "openV"} />
          <p className={style["figures"]} role="status">
            {dial === null || meter === null
              ? "–"
              : meter.type === "over"
                ? "OL"
                : value === null
                  ? "–"
                  : `${value.toFixed(2)} ${dial.quantity === "shortA" ? "A" : "V"}`}
          </p>
          <p role="status" style={{ margin: 0 }}>
            {told}
          </p>
        </Region>
        <Region title={benchDrillTexts.arrayTouchItWithTheProbes}>
          <div className={style["array"]}>
            {strings.map((panels, k) => (
              <div key={k} className={style["row"]}>
                {panels.map((n) => place(`panel:${n}`, benchDrillTexts.panelN(n)))}
                {panels.length > 1 && place(`string:${k + 1}`, benchDrillTexts.stringKItsTwoEnds(k + 1))}
              </div>
            ))}
            <div className={style["row"]}>
              {place("array", benchDrillTexts.wholeArray)}
              <button type="button" className={style["do"]} disabled={isOver} onClick={bench.plug}>
                {isPlugged ? benchDrillTexts.switchOffThenUnplug : benchDrillTexts.plugIn}
              </button>
            </div>
          </div>
        </Region>
        <Region title={benchDrillTexts.displayOfTheController}>
          <p style={{ marginTop: 0 }}>
            {display === null
              ? isPlugged
                ? benchDrillTexts.pluggedIn
                : benchDrillTexts.notPluggedIn
              : benchDrillTexts.displayDisplayInlineMeterInline(display.display, display.inline)}
          </p>
          <TextButton disabled={isOver || !isPlugged} onClick={bench.look}>
            {benchDrillTexts.waitHalfAMinuteAndLook}
          </TextButton>
        </Region>
      </div>
      <div style={{ display: "grid", gap: 16, minWidth: 0 }}>
        <Fixing drill={drill} isOver={isOver} onFix={bench.fix} />
        <Region title={benchDrillTexts.theArray}>
          <LabelSheet label={drill.panel} count={drill.panels} />
          <Facts
            facts={[
              [benchDrillTexts.sky, cloudNames[drill.setup.sky.cloud]],
              [benchDrillTexts.airTemperature, given(drill.setup.sky.airTempC, "°C")],
              [
                benchDrillTexts.pvInput,
                `${given(drill.window.minV, "V")} to ${given(drill.window.maxV, "V")}${drill.window.maxW === null ? "" : `, ${given(drill.window.maxW, "W")}`}`,
              ],
            ]}
          />
        </Region>
      </div>
    </Columns>
  );
}

type FixingProps = {
  readonly drill: BenchCase;
  readonly isOver: boolean;
  readonly onFix: (repair: Repair, n: number | null) => void;
};

function Fixing({ drill, isOver, onFix }: FixingProps) {
  const [repair, choose] = useState<Repair | null>(null);
  const most =
    repair === null ? 0 : ofPanel.includes(repair) ? drill.panels : ofString.includes(repair) ? drill.strings : 0;
  return (
    <Region title={benchDrillTexts.fixTheFault}>
      <div className={style["repairs"]}>
        {drill.offered.map((each) => (
          <TextButton
            key={each}
            aria-pressed={repair === each}
            disabled={isOver}
            onClick={() => {
              const isOfOne = ofPanel.includes(each) ? drill.panels > 1 : ofString.includes(each);
              if (isOfOne) choose(each);
              else onFix(each, null);
            }}
          >
            {repairWords[each]}
          </TextButton>
        ))}
      </div>
      {repair !== null && most > 1 && (
        <div className={style["row"]} role="group" aria-label={benchDrillTexts.repairNameWhichOne(repairWords[repair])}>
          {Array.from({ length: most }, (_, k) => (
            <TextButton key={k} look="amber" disabled={isOver} onClick={() => onFix(repair, k + 1)}>
              {ofString.includes(repair) ? benchDrillTexts.stringK(k + 1) : benchDrillTexts.panelK(k + 1)}
            </TextButton>
          ))}
        </div>
      )}
    </Region>
  );
}
