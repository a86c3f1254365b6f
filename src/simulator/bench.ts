import { type InputWindow, type Tracking } from "@/core/engine/pv-input";
import { type CauseId, causeIds } from "@/core/measurements";
import { createBench, type Prediction, type ProveTree, type Shown, stringsOf, leavesOf } from "@/core/commissioning";
import { canHave, inputWith, isOfPanel, type PutIn, worldWith } from "./fault";
import { lightAt, type SimulatedSky } from "./sky";

/**
 * A simulated bench on the real engine: an array with something wrong or nothing, a meter with its dial and leads, an inline meter,
 * a controller with its display, a sun with clouds. It is spoken to line by line; docs/SIMULATOR.md has the lines.
 */
export type BenchSetup = {
  readonly tree: ProveTree;
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly rossK: number;
  readonly sky: SimulatedSky;
  readonly fault: PutIn;
};

type Dial = { readonly mode: "OFF" | "V DC" | "V AC" | "MV DC" | "A DC"; readonly range: number };
type Probe =
  | { readonly type: "panel"; readonly n: number }
  | { readonly type: "string"; readonly n: number }
  | { readonly type: "array" }
  | { readonly type: "input" };
type State = {
  dial: Dial;
  probe: Probe | null;
  isCrossed: boolean;
  isPlugged: boolean;
  /** A meter's fuse, gone when it was asked for more amps than it bears. */ isFuseWhole: boolean;
  seconds: number;
  pluggedAt: number;
  soc: number;
  fault: PutIn;
};

export type SimulatedBench = { readonly say: (line: string) => string };

/** Dials of the simulated meter and what each shows at most. */
const ranges: Readonly<Record<string, readonly number[]>> = {
  "V DC": [6, 60, 600],
  "V AC": [60, 600],
  "MV DC": [600],
  "A DC": [0.4, 10],
};
/** The tracker finds its point within so long, s. */
const trackerS = 25;
/** A controller of the usual kind gives its battery so much of what goes in. */
const conversion = 0.955;

export function createSimulatedBench(setup: BenchSetup): SimulatedBench {
  const state: State = {
    dial: { mode: "OFF", range: 0 },
    probe: null,
    isCrossed: false,
    isPlugged: false,
    isFuseWhole: true,
    seconds: 0,
    pluggedAt: 0,
    soc: 62,
    fault: setup.fault,
  };
  const skyNow = () => ({
    irradianceWm2: lightAt(setup.sky, state.seconds),
    airTempC: setup.sky.airTempC,
    rossK: setup.rossK,
  });
  let known: { readonly key: string; readonly prediction: Prediction } | null = null;
  const predict = (): Prediction => {
    const sky = skyNow();
    const key = `${sky.irradianceWm2} ${JSON.stringify(state.fault)} ${state.soc}`;
    if (known?.key === key) return known.prediction;
    const window = inputWith(setup.tree, setup.window, sky, state.fault);
    const bench = createBench(setup.tree, window, setup.tracking);
    const world = worldWith(bench, sky, state.fault);
    const prediction = bench.predict(world);
    known = { key, prediction };
    return prediction;
  };
  const shown = (prediction: Prediction): Shown | null => {
    const { probe } = state;
    switch (probe?.type) {
      case undefined:
        return null;
      case "array":
        return prediction.array;
      case "input":
        return prediction.input;
      case "string":
        return prediction.strings[probe.n - 1] ?? null;
      case "panel":
        return prediction.panels.get(leavesOf(setup.tree)[probe.n - 1]?.id ?? 0) ?? null;
    }
  };
  /** A hand meter is off by up to half of what its sheet allows, the same way for the same reading. */
  const off = (value: number, share: number) => value * (1 + share * Math.sin(1e3 * value + setup.sky.seed));

  function meter(): string {
    const { dial, probe } = state;
    if (dial.mode === "OFF") return "ERR the meter is off: METER V DC 60";
    if (probe === null) return "ERR the leads touch nothing: PROBE panel:1";
    const at = shown(predict());
    if (at === null) return "ERR there is nothing at that place";
    const isRunning = state.isPlugged && (probe.type === "array" || probe.type === "input");
    const isReversedAlone = state.fault.id === "reversed" && probe.type === "panel" && probe.n === state.fault.n;
    const sign = state.isCrossed !== isReversedAlone ? -1 : 1;
    if (dial.mode === "A DC") {
      if (isRunning) return "ERR never short what is plugged in: PLUG OUT first";
      const amps = at.shortA ?? 0;
      if (amps > dial.range) state.isFuseWhole = false;
      if (!state.isFuseWhole) return "0.00 A DC";
      return `${(sign * off(amps, 0.007)).toFixed(2)} A DC`;
    }
    const volts = sign * off((isRunning ? at.runV : at.openV) ?? 0, 0.005);
    if (dial.mode === "V AC") return `${(0.01 * Math.abs(volts)).toFixed(2)} V AC`;
    const shownValue = dial.mode === "MV DC" ? 1000 * volts : volts;
    return Math.abs(shownValue) > dial.range
      ? "OL"
      : `${shownValue.toFixed(2)} ${dial.mode === "MV DC" ? "mV" : "V"} DC`;
  }

  function running(): { readonly v: number; readonly i: number; readonly what: Prediction["limitedBy"] } | null {
    if (!state.isPlugged) return null;
    const { input, limitedBy } = predict();
    const isFound = state.seconds - state.pluggedAt >= trackerS;
    return { v: isFound ? (input.runV ?? 0) : (input.openV ?? 0), i: isFound ? (input.runA ?? 0) : 0, what: limitedBy };
  }

  function inline(): string {
    const run = running();
    if (run === null) return "0.00 V 0.00 A 0.0 W";
    const [v, i] = [off(run.v, 0.004), off(run.i, 0.006)];
    return `${v.toFixed(2)} V ${i.toFixed(2)} A ${(v * i).toFixed(1)} W`;
  }

  function display(): string {
    const run = running();
    const soc = state.fault.id === "tapering" ? Math.max(93, state.soc) : state.soc;
    if (run === null) return `0 W ${soc} %`;
    if (run.what === "overVoltage") return `OVER VOLTAGE ${soc} %`;
    if (run.what === "asleep") return `ASLEEP ${soc} %`;
    return `${Math.round(run.v * run.i * conversion)} W ${soc} %`;
  }

  function setMeter(words: readonly string[]): string {
    if (words[0] === "OFF") {
      state.dial = { mode: "OFF", range: 0 };
      return "OK";
    }
    const mode = words.slice(0, 2).join(" ");
    const of = ranges[mode];
    if (of === undefined) return `ERR no dial ${JSON.stringify(mode)}; allowed: ${Object.keys(ranges).join(", ")}, OFF`;
    const range = words[2] === undefined ? (of.at(-1) ?? 0) : Number(words[2]);
    if (!of.includes(range)) return `ERR no range ${words[2]} of ${mode}; allowed: ${of.join(", ")}`;
    state.dial = { mode: mode as Dial["mode"], range };
    return "OK";
  }

  function setProbe(word: string | undefined): string {
    const [, type, number] = /^(panel|string):(\d{1,3})$/.exec(word ?? "") ?? [];
    const n = Number(number);
    const most = type === "panel" ? leavesOf(setup.tree).length : stringsOf(setup.tree).length;
    if (word === "array" || word === "input") state.probe = { type: word };
    else if (type === "panel" && n >= 1 && n <= most) state.probe = { type, n };
    else if (type === "string" && n >= 1 && n <= most) state.probe = { type, n };
    else
      return `ERR no place ${JSON.stringify(word ?? "")}; allowed: panel:1 to panel:${leavesOf(setup.tree).length}, string:N, array, input`;
    return "OK";
  }

  function setFault([word, at, strength]: readonly string[]): string {
    const id = causeIds.find((each): each is CauseId => each === word);
    if (id === undefined) return `ERR no fault ${JSON.stringify(word ?? "")}; allowed: ${causeIds.join(", ")}`;
    const n = at === undefined ? 1 : Number(at.replace(/^(panel|string):/, ""));
    const why = canHave(setup.tree, id, n);
    if (why !== null) return `ERR ${why}`;
    const badly = strength === undefined ? 0.5 : Number(strength);
    if (!(badly >= 0 && badly <= 1)) return `ERR strength ${strength}; allowed: 0 to 1`;
    state.fault = {
      id,
      n: isOfPanel(id) || id === "stringMissing" || id === "parallelForSeries" ? n : 1,
      strength: badly,
    };
    return "OK";
  }

  function amount(word: string | undefined, least: number, most: number): number | null {
    const value = Number(word);
    return word !== undefined && word !== "" && value >= least && value <= most ? value : null;
  }

  return {
    say: (line) => {
      const [verb = "", ...words] = line.trim().split(/\s+/);
      switch (verb.toUpperCase()) {
        case "HELLO":
          return "STANDIN 1 meter inline display sky";
        case "METER":
          return setMeter(words.map((word) => word.toUpperCase()));
        case "PROBE":
          return setProbe(words[0]);
        case "LEADS":
          if (words[0] !== "right" && words[0] !== "crossed") return "ERR allowed: LEADS right, LEADS crossed";
          state.isCrossed = words[0] === "crossed";
          return "OK";
        case "FUSE":
          state.isFuseWhole = true;
          return "OK";
        case "PLUG":
          if (words[0] !== "in" && words[0] !== "out") return "ERR allowed: PLUG in, PLUG out";
          if (words[0] === "in" && !state.isPlugged) state.pluggedAt = state.seconds;
          state.isPlugged = words[0] === "in";
          return "OK";
        case "WAIT": {
          const seconds = amount(words[0], 0, 86_400);
          if (seconds === null) return "ERR allowed: WAIT 0 to 86400, seconds";
          state.seconds += seconds;
          return "OK";
        }
        case "SOC": {
          const soc = amount(words[0], 0, 100);
          if (soc === null) return "ERR allowed: SOC 0 to 100";
          state.soc = soc;
          return "OK";
        }
        case "FAULT":
          return setFault(words);
        case "READ":
          switch (words[0]?.toLowerCase()) {
            case "meter":
              return meter();
            case "inline":
              return inline();
            case "display":
              return display();
            case "sky":
              return `${skyNow().irradianceWm2.toFixed(0)} W/m2 ${setup.sky.airTempC.toFixed(1)} C`;
            default:
              return "ERR allowed: READ meter, READ inline, READ display, READ sky";
          }
        default:
          return `ERR no such line: ${JSON.stringify(verb.slice(0, 20))}; allowed: HELLO METER PROBE LEADS FUSE PLUG WAIT SOC FAULT READ`;
      }
    },
  };
}
