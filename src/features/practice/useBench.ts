import { useState } from "react";
import { createBench, healthyArray, leavesOf, stringsOf as stringsIn } from "@/core/commissioning";
import { type BenchCase, playBench, type Repair, type Verdict } from "@/practice";
import { lightAt, type MeterAnswer, parseAnswer } from "@/simulator";
import { useBenchTexts } from "@/messages/en/practice/view";

export const dials = [
  { name: "V DC 60", line: "METER V DC 60", quantity: "openV" },
  { name: "V DC 600", line: "METER V DC 600", quantity: "openV" },
  { name: "A DC 10", line: "METER A DC 10", quantity: "shortA" },
  { name: "mV DC", line: "METER MV DC 600", quantity: "openV" },
  { name: "V AC", line: "METER V AC 600", quantity: "openV" },
] as const;
export type Dial = (typeof dials)[number];

/** The hands on a bench: dial, leads, plug; and what its devices show. */
export function useBench(drill: BenchCase, onEnd: (verdict: Verdict) => void) {
  const [play] = useState(() => playBench(drill));
  const [dial, setDial] = useState<Dial | null>(null);
  const [probe, setProbe] = useState<string | null>(null);
  const [isPlugged, setPlugged] = useState(() => play.isPlugged());
  const [meter, setMeter] = useState<MeterAnswer | null>(null);
  const [display, setDisplay] = useState<{ readonly inline: string; readonly display: string } | null>(null);
  const [told, tell] = useState("");

  const say = (...lines: readonly string[]): string => {
    let answer = "";
    for (const line of lines) {
      const said = play.say(line);
      if (said.verdict !== null) onEnd(said.verdict);
      answer = said.answer;
    }
    return answer;
  };
  const readMeter = (by: Dial | null, at: string | null) => {
    if (by === null || at === null) return;
    say(by.line, `PROBE ${at}`);
    const read = parseAnswer(say("READ meter"));
    setMeter(read);
    tell(read.type === "fault" ? useBenchTexts.meterMessage(read.message) : "");
  };
  const look = () => {
    const inline = say("WAIT 30", "READ inline");
    setDisplay({ inline, display: say("READ display") });
  };
  return {
    dial,
    probe,
    isPlugged,
    meter,
    display,
    told,
    turn: (next: Dial) => {
      setDial(next);
      readMeter(next, probe);
    },
    touch: (at: string) => {
      setProbe(at);
      if (dial === null) tell(useBenchTexts.theMeterIsOffSetItsDialFirst);
      readMeter(dial, at);
    },
    plug: () => {
      say(isPlugged ? "PLUG out" : "PLUG in");
      setPlugged(!isPlugged);
      if (isPlugged) setDisplay(null);
      else look();
      readMeter(dial, probe);
    },
    look,
    newFuse: () => {
      say("FUSE");
      readMeter(dial, probe);
    },
    fix: (repair: Repair, n: number | null) => {
      const verdict = play.fix(repair, n);
      if (verdict === null) tell(useBenchTexts.measureFirstTheFaultIsNotVisible);
      else onEnd(verdict);
    },
  };
}

/** What the meter should show there if nothing were wrong; null: nothing can be said of that dial. */
export function dueAt(drill: BenchCase, dial: Dial | null, probe: string | null) {
  if (dial === null || probe === null || dial.name === "V AC" || dial.name === "mV DC") return null;
  const { tree, window, tracking, rossK, sky } = drill.setup;
  const world = healthyArray({ irradianceWm2: lightAt(sky, 0), airTempC: sky.airTempC, rossK });
  const { panels, strings, array } = createBench(tree, window, tracking).predict(world);
  const [kind, number] = probe.split(":");
  const shown =
    kind === "panel"
      ? panels.get(leavesOf(tree)[Number(number) - 1]?.id ?? 0)
      : kind === "string"
        ? strings[Number(number) - 1]
        : array;
  const due = shown?.[dial.quantity] ?? null;
  return due === null ? null : { low: 0.94 * due, due, high: 1.06 * due };
}

/** Panels of each string, by their numbers from 1. */
export function stringsOf({ setup: { tree } }: BenchCase): readonly (readonly number[])[] {
  const all = leavesOf(tree).map(({ id }) => id);
  return stringsIn(tree).map((part) => leavesOf(part).map(({ id }) => all.indexOf(id) + 1));
}
