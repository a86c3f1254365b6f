import { type Random } from "@/core/engine/random";
import { sized, anyPanel, coldVolts, drawsUpTo, drillPlan, portArray, portWith, round } from "./build";
import { type BoardCase, type Level } from "./case";
import { onOnePort, twelve, twentyFour } from "./drill-sheets";

/** Drills on the board: panels on the shelf, an input that bears so much, and a wiring that looks right and is not. */

type Make = (draw: Random, level: Level) => BoardCase;

const thirdInSeries: Make = (draw, level) => {
  const label = anyPanel(draw);
  const recordLowC = -draw.whole(5, 20);
  const one = coldVolts(label, 1, recordLowC);
  // two fit, a third does not; at the third level only strings of two keep within the amps
  const [count, tooMany] = level === 1 ? [3, 3] : level === 2 ? [4, 4] : [6, 3];
  const strings = level === 3 ? 3 : count;
  return onOnePort({
    label,
    recordLowC,
    remedy: level === 1 ? [1, 3] : [2, count / 2],
    mistake: [tooMany, count / tooMany],
    port: {
      minV: 10,
      maxV: Math.floor(one * draw.number(2.2, 2.8)),
      currentLimits: [drawsUpTo(round((label.iscA ?? 0) * (strings + 0.3), 1))],
    },
  });
};

const winterForgotten: Make = (draw, level) => {
  const label = anyPanel(draw);
  const recordLowC = -draw.whole(16, 30);
  const count = level === 1 ? 4 : 6;
  const warm = count * (label.vocV ?? 0);
  return onOnePort(
    {
      label,
      recordLowC,
      remedy: [count / 2, 2],
      mistake: [count, 1],
      port: {
        minV: 14,
        maxV: Math.floor(warm + draw.number(0.2, 0.7) * (coldVolts(label, count, recordLowC) - warm)),
        currentLimits: [drawsUpTo(round((label.iscA ?? 0) * 2.2, 1))],
      },
    },
    { warmV: round(warm, 1) },
  );
};

const runningForOpen: Make = (draw, level) => {
  const label = anyPanel(draw);
  const count = level === 3 ? 6 : 4;
  const [vmp, voc] = [count * (label.vmpV ?? 0), count * (label.vocV ?? 0)];
  return onOnePort(
    {
      label,
      recordLowC: -draw.whole(0, 12),
      remedy: [count / 2, 2],
      mistake: [count, 1],
      port: {
        minV: 14,
        maxV: Math.floor(vmp + draw.number(0.3, 0.8) * (voc - vmp)),
        currentLimits: [drawsUpTo(round((label.iscA ?? 0) * 2.2, 1))],
      },
    },
    { runningV: round(vmp, 1) },
  );
};

const lowerTier: Make = (draw, level) => {
  const label = twelve(draw);
  const strings = level === 1 ? 1 : 2;
  const upperA = 12.5;
  const lowerA = round(draw.number(5.5, 7), 1);
  return onOnePort(
    {
      label,
      kind: "powerStation",
      recordLowC: -draw.whole(4, 14),
      remedy: [2, strings],
      mistake: [1, 2 * strings],
      port: {
        minV: 10,
        maxV: 58,
        currentLimits: [drawsUpTo(lowerA, 10, 27), drawsUpTo(upperA, 27, 58)],
      },
    },
    { lowerA, upperA, edgeV: 27 },
  );
};

const ampsDoNotAdd: Make = (draw, level) => {
  const label = anyPanel(draw);
  const recordLowC = -draw.whole(3, 14);
  const [series, strings] = level === 3 ? ([2, 2] as const) : ([3, 1] as const);
  const limitA = round((label.iscA ?? 0) * (strings + 0.25), 1);
  return onOnePort(
    {
      label,
      kind: "powerStation",
      recordLowC,
      remedy: [series, strings],
      mistake: [1, series * strings],
      port: {
        minV: 12,
        maxV: Math.ceil(coldVolts(label, series, recordLowC) * 1.08),
        currentLimits: [drawsUpTo(limitA)],
      },
    },
    { limitA },
  );
};

const neverExceed: Make = (draw, level) => {
  const label = anyPanel(draw);
  const recordLowC = -draw.whole(3, 16);
  const strings = level === 1 ? 2 : 3;
  const limitA = round((label.iscA ?? 0) * 1.25 * (strings + 0.4), 1);
  return onOnePort(
    {
      label,
      recordLowC,
      remedy: [2, strings],
      mistake: [1, 2 * strings],
      port: {
        minV: 14,
        maxV: Math.ceil(coldVolts(label, 2, recordLowC) * 1.1),
        currentLimits: [{ fromV: null, toV: null, amps: limitA, nature: "neverExceed" }],
      },
    },
    { limitA },
  );
};

const wastedByPwm: Make = (draw, level) => {
  const label = twelve(draw);
  const count = level === 1 ? 2 : 4;
  return onOnePort(
    {
      label,
      recordLowC: -draw.whole(2, 12),
      remedy: [1, count],
      mistake: [2, count / 2],
      port: {
        maxV: 60,
        batteryV: 13.2,
        wakeMarginV: 1,
        stayMarginV: 0.5,
        conversion: "pwm",
        currentLimits: [drawsUpTo(round((label.iscA ?? 0) * (count + 0.6), 1))],
      },
    },
    { batteryV: 13.2 },
  );
};

const classesMixed: Make = (draw, level) => {
  const small = twelve(draw);
  const large = twentyFour(small);
  const recordLowC = -draw.whole(2, 15);
  const pairs = level === 3 ? 2 : 1;
  const smalls = Array.from({ length: 2 * pairs }, (_, k) => `a.${k + 1}`);
  return {
    type: "board",
    plan: drillPlan({
      panels: [
        { id: "a", label: small, count: 2 * pairs },
        { id: "b", label: large, count: 1 },
      ],
      ports: [
        portWith({
          minV: 14,
          maxV: Math.ceil(coldVolts(large, 1, recordLowC) * 1.15),
          currentLimits: [drawsUpTo(round((small.iscA ?? 0) * (pairs + 1.4), 1))],
        }),
      ],
      recordLowC,
    }),
    remedy: [portArray([...Array.from({ length: pairs }, (_, k) => smalls.slice(2 * k, 2 * k + 2)), ["b.1"]])],
    mistake: [portArray([...smalls.map((key) => [key]), ["b.1"]])],
    facts: { count: 2 * pairs + 1, smallV: small.vmpV ?? 0, largeV: large.vmpV ?? 0, recordLowC },
  };
};

const neverWakes: Make = (draw, level) => {
  const label = twelve(draw, 0.8, 1.1);
  const recordLowC = -draw.whole(3, 15);
  const strings = level === 1 ? 1 : 2;
  return onOnePort(
    {
      label,
      recordLowC,
      remedy: [2, strings],
      mistake: [1, 2 * strings],
      port: {
        maxV: Math.ceil(coldVolts(label, 2, recordLowC) * draw.number(1.1, 1.4)),
        batteryV: 25.6,
        wakeMarginV: 5,
        stayMarginV: 1,
        currentLimits: [drawsUpTo(round((label.iscA ?? 0) * (2 * strings + 0.4), 1))],
      },
    },
    { batteryV: 25.6, wakeV: 30.6 },
  );
};

const seriesKeepsVolts: Make = (draw, level) => {
  const label = anyPanel(draw);
  const recordLowC = -draw.whole(3, 12);
  const series = level === 1 ? 2 : 3;
  const strings = level === 3 ? 2 : 1;
  return onOnePort({
    label,
    kind: "powerStation",
    recordLowC,
    remedy: [series, strings],
    mistake: [1, series * strings],
    port: {
      minV: Math.round((label.vmpV ?? 0) * 1.35),
      maxV: Math.ceil(coldVolts(label, series, recordLowC) * 1.1),
      currentLimits: [drawsUpTo(round((label.iscA ?? 0) * (strings + 0.4), 1))],
    },
  });
};

const weakestRules: Make = (draw, level) => {
  const large = twelve(draw, 1, 1.2);
  const small = { ...sized(large, draw.number(0.45, 0.6)), name: "Brindlewick BR-60, 12 V class" };
  const recordLowC = -draw.whole(2, 12);
  const port = { minV: 12, maxV: 60, currentLimits: [drawsUpTo(15)] };
  const each = level === 3 ? 2 : 1;
  const string = (id: string) => Array.from({ length: each }, (_, k) => `${id}.${k + 1}`);
  return {
    type: "board",
    plan: drillPlan({
      panels: [
        { id: "a", label: large, count: each },
        { id: "b", label: small, count: each },
      ],
      ports: [portWith(port, "pv", "PV 1"), portWith(port, "second", "PV 2")],
      kind: "powerStation",
      recordLowC,
    }),
    remedy: [portArray([string("a")]), portArray([string("b")], "second")],
    mistake: [portArray([["a.1", "b.1"], ...(each === 2 ? [["a.2", "b.2"]] : [])])],
    facts: { count: 2 * each, largeA: large.impA ?? 0, smallA: small.impA ?? 0, recordLowC },
  };
};

export const boardDrills = {
  thirdInSeries,
  winterForgotten,
  runningForOpen,
  lowerTier,
  ampsDoNotAdd,
  neverExceed,
  wastedByPwm,
  classesMixed,
  neverWakes,
  seriesKeepsVolts,
  weakestRules,
} satisfies Record<string, Make>;
