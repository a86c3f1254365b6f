"use client";

import { useMemo, useState } from "react";
import { type BenchCase, type Repair } from "@/practice";
import { MeterFace } from "@/features/multimeter";
import { Columns, Facts, Region, TextButton } from "@/ui";
import { cloudNames, given, repairWords } from "@/messages/en";
import { type PlayProps } from "./play-props";
import { LabelSheet } from "./Sheets";
import { dials, dueAt, rowsOf, useBench } from "./useBench";
import style from "./practice.module.css";

/** Repairs of one panel or one row: which one has to be said. */
const ofPanel: readonly Repair[] = ["turnPlug", "remakePlug", "wash", "changePanel", "bareLeads", "stepAside"];
const ofRow: readonly Repair[] = ["plugString"];

/** An array with something wrong, a meter, an inline meter and a display; and then what one does about it. */
export function BenchDrill({ drill, level, verdict, onEnd }: PlayProps<BenchCase>) {
  const bench = useBench(drill, onEnd);
  const { dial, probe, meter, display, isPlugged, told } = bench;
  const rows = useMemo(() => rowsOf(drill), [drill]);
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
        <Region title="The meter">
          <div className={style["row"]} role="group" aria-label="Dial">
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
              New fuse
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
        <Region title="The array: touch it with the leads">
          <div className={style["array"]}>
            {rows.map((panels, k) => (
              <div key={k} className={style["row"]}>
                {panels.map((n) => place(`panel:${n}`, `Panel ${n}`))}
                {panels.length > 1 && place(`string:${k + 1}`, `Row ${k + 1}: its two ends`)}
              </div>
            ))}
            <div className={style["row"]}>
              {place("array", "All joined")}
              <button type="button" className={style["do"]} disabled={isOver} onClick={bench.plug}>
                {isPlugged ? "Switch off, then plug out" : "Plug in"}
              </button>
            </div>
          </div>
        </Region>
        <Region title="The input’s display">
          <p style={{ marginTop: 0 }}>
            {display === null
              ? isPlugged
                ? "Plugged in."
                : "Not plugged in."
              : `Display: ${display.display}. Inline meter: ${display.inline}.`}
          </p>
          <TextButton disabled={isOver || !isPlugged} onClick={bench.look}>
            Wait half a minute and look
          </TextButton>
        </Region>
      </div>
      <div style={{ display: "grid", gap: 16, minWidth: 0 }}>
        <Mending drill={drill} isOver={isOver} onMend={bench.mend} />
        <Region title="What it is">
          <LabelSheet label={drill.panel} count={drill.panels} />
          <Facts
            facts={[
              ["Sky", cloudNames[drill.setup.sky.cloud]],
              ["Air", given(drill.setup.sky.airTempC, "°C")],
              [
                "The input takes",
                `${given(drill.window.minV, "V")} to ${given(drill.window.maxV, "V")}${drill.window.maxW === null ? "" : `, ${given(drill.window.maxW, "W")}`}`,
              ],
            ]}
          />
        </Region>
      </div>
    </Columns>
  );
}

type MendingProps = {
  readonly drill: BenchCase;
  readonly isOver: boolean;
  readonly onMend: (repair: Repair, n: number | null) => void;
};

function Mending({ drill, isOver, onMend }: MendingProps) {
  const [repair, choose] = useState<Repair | null>(null);
  const most =
    repair === null ? 0 : ofPanel.includes(repair) ? drill.panels : ofRow.includes(repair) ? drill.strings : 0;
  return (
    <Region title="Do something about it">
      <div className={style["repairs"]}>
        {drill.offered.map((each) => (
          <TextButton
            key={each}
            aria-pressed={repair === each}
            disabled={isOver}
            onClick={() => {
              const isOfOne = ofPanel.includes(each) ? drill.panels > 1 : ofRow.includes(each);
              if (isOfOne) choose(each);
              else onMend(each, null);
            }}
          >
            {repairWords[each]}
          </TextButton>
        ))}
      </div>
      {repair !== null && most > 1 && (
        <div className={style["row"]} role="group" aria-label={`${repairWords[repair]}: which one`}>
          {Array.from({ length: most }, (_, k) => (
            <TextButton key={k} look="amber" disabled={isOver} onClick={() => onMend(repair, k + 1)}>
              {ofRow.includes(repair) ? `Row ${k + 1}` : `Panel ${k + 1}`}
            </TextButton>
          ))}
        </div>
      )}
    </Region>
  );
}
