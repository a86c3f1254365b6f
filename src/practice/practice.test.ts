import { runs } from "@/testing";
import {
  closeBox,
  type DrillCase,
  drillIds,
  drillType,
  endlessDrill,
  type Level,
  makeDrill,
  nextDrill,
  playBench,
  playHand,
  plugInBoard,
  practised,
  type Progress,
  progressOf,
  type Verdict,
  wiredAs,
} from ".";

const levels: readonly Level[] = [1, 2, 3];
const ways = drillIds.flatMap((id) => levels.map((level) => [id, level] as const));

/** Plays a drill as somebody who knows would, or as the mistake would have it. */
function played(drill: DrillCase, how: "remedy" | "mistake"): Verdict | null {
  switch (drill.type) {
    case "board":
      return plugInBoard(drill, wiredAs(drill.plan, drill[how]));
    case "bench": {
      const play = playBench(drill);
      play.say(drill.startsPlugged ? "READ display" : "METER V DC 600");
      play.say("PROBE array");
      play.say("READ meter");
      if (how === "remedy") return play.fix(drill.right[0] ?? "leaveIt", drill.n);
      return drill.mistake === "plugIn" ? play.say("PLUG in").verdict : play.fix(drill.mistake, drill.n);
    }
    case "hand": {
      const play = playHand(drill);
      return drill[how].reduce<Verdict | null>((verdict, id) => {
        const told = verdict === null ? play.act(id) : null;
        return told === null ? verdict : told.type === "done" ? told.verdict : null;
      }, null);
    }
    case "fuse":
      return closeBox(drill, how === "remedy" ? drill.rightA : drill.mistakeA);
  }
}

test.each(ways)("%s at level %d can be solved, and its mistake fails, whatever the seed", (id, level) => {
  for (let seed = 1; seed <= runs(6); seed++) {
    const drill = makeDrill(id, seed, level);
    const solved = played(drill, "remedy");
    expect([seed, solved]).toMatchObject([seed, { type: "solved" }]);
    if (solved?.type === "solved" && solved.by.type === "wired") expect(solved.by.watts).toBeGreaterThan(50);
    expect([seed, played(makeDrill(id, seed, level), "mistake")]).toMatchObject([seed, { type: "failed" }]);
  }
});

test("the same seed makes the same drill, another one another", () => {
  for (const id of drillIds) {
    expect(makeDrill(id, 5, 2).type).toBe(drillType(id));
    expect(JSON.stringify(makeDrill(id, 5, 2))).toBe(JSON.stringify(makeDrill(id, 5, 2)));
    expect(JSON.stringify(makeDrill(id, 5, 2))).not.toBe(JSON.stringify(makeDrill(id, 6, 2)));
  }
  const run = (seed: number) => Array.from({ length: 30 }, (_, nth) => endlessDrill({ seed, nth }));
  expect(run(12)).toEqual(run(12));
  expect(run(12)).not.toEqual(run(13));
  expect(new Set(run(12).map(({ id }) => id)).size).toBeGreaterThan(10);
});

test("on the bench nobody fixes before something was read", () => {
  const drill = makeDrill("deadPlug", 3, 1);
  if (drill.type !== "bench") throw new Error("a bench");
  const play = playBench(drill);
  expect(play.fix("remakePlug", drill.n)).toBeNull();
  play.say("METER V DC 600");
  expect(play.fix("remakePlug", drill.n)).toBeNull();
  play.say("PROBE array");
  play.say("READ meter");
  expect(play.fix("remakePlug", drill.n === 1 ? 2 : 1)).toMatchObject({ type: "failed" });
});

test("what can be told apart on the bench can be read there: a fault shows somewhere by its numbers", () => {
  for (const [id, level] of ways) {
    const drill = makeDrill(id, 4, level);
    if (drill.type !== "bench" || drill.setup.fault.id === "fine") continue;
    const right = { ...drill, setup: { ...drill.setup, fault: { id: "fine", n: 1, strength: 0 } } } as const;
    const read = (of: typeof drill | typeof right) => {
      const play = playBench({ ...of, neverPlug: false });
      const places = [
        ...Array.from({ length: drill.panels }, (_, k) => `panel:${k + 1}`),
        ...Array.from({ length: drill.strings }, (_, k) => `string:${k + 1}`),
        "array",
      ];
      play.say("PLUG out");
      const meter = ["METER V DC 600", "METER A DC 10"].flatMap((dial) =>
        places.map((place) => {
          play.say(dial);
          play.say(`PROBE ${place}`);
          return play.say("READ meter").answer;
        }),
      );
      play.say("PLUG in");
      play.say("WAIT 40");
      return [...meter, play.say("READ inline").answer, play.say("READ display").answer];
    };
    const [is, was] = [read(drill), read(right)];
    expect([id, level, is.filter((answer, k) => answer !== was[k]).length]).not.toEqual([id, level, 0]);
  }
});

test("failed it comes back soon and easier; solved it rests longer each time and gets harder; new ones come in between", () => {
  const now = Date.UTC(2026, 5, 1);
  let progress: Progress = {};
  expect(nextDrill(progress, now)).toBe(drillIds[0]);
  progress = practised(progress, "thirdInSeries", false, now);
  expect(nextDrill(progress, now)).not.toBe("thirdInSeries");
  expect(nextDrill(progress, now + 3 * 60_000)).toBe("thirdInSeries");
  let rest = 0;
  for (let k = 0; k < 5; k++) {
    const before = progressOf(progress, "thirdInSeries");
    progress = practised(progress, "thirdInSeries", true, now);
    const after = progressOf(progress, "thirdInSeries");
    expect(after.dueMs - now).toBeGreaterThan(rest);
    expect(after.level).toBeGreaterThanOrEqual(before.level);
    rest = after.dueMs - now;
  }
  expect(progressOf(progress, "thirdInSeries").level).toBe(3);
  progress = practised(progress, "thirdInSeries", false, now);
  expect(progressOf(progress, "thirdInSeries").level).toBe(2);
});
