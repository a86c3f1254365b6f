import { applyChange, type Plan } from "@/core/plan";
import { assess, type Look } from "@/core/rules";
import { equinoxNoon } from "@/core/sky";
import { demoPlan } from "@/testing";
import { createHandler, createJudgeClient, type JudgeAnswer, type JudgeLetter, letterVersion, type Slot } from ".";

const boat = demoPlan("Narrowboat");
const look: Look = { sky: "brightNoon", moment: equinoxNoon, poseId: null };
const letter = (revision: number, plan: Plan): Extract<JudgeLetter, { type: "judge" }> => ({
  version: letterVersion,
  type: "judge",
  revision,
  plan,
  wiringId: "wiring-1",
  look,
  withMends: true,
});

/** A handler whose clock runs ahead at every look, so that it pauses as often as it can. */
function handler() {
  const answers: JudgeAnswer[] = [];
  let now = 0;
  const handle = createHandler({
    post: (answer) => answers.push(structuredClone(answer)),
    nowMs: () => (now += 100),
    pause: () => new Promise((resolve) => setImmediate(resolve)),
    rest: () => new Promise((resolve) => setImmediate(resolve)),
  });
  return { answers, handle };
}

test("a letter is answered with the verdict first, then mends; all can cross to another thread", async () => {
  const { answers, handle } = handler();
  await handle(letter(1, boat));
  expect(answers.map(({ type }) => type).filter((type) => type !== "progress")).toEqual(["verdict", "mends"]);
  const [verdict] = answers;
  const alone = assess(boat, "wiring-1");
  if (verdict?.type !== "verdict" || verdict.assessment.type !== "assessed" || alone.type !== "assessed")
    throw new Error("expected verdicts");
  expect(verdict.assessment.findings).toEqual(alone.findings);
  expect(answers.find(({ type }) => type === "mends")).toMatchObject({
    remedies: [
      ["coldVoc@controller/pv", { mends: [{ kind: { type: "matrix", series: 1, strings: 2 } }], needs: null }],
    ],
  });
});

test("a look at another sky brings that sky's curve and panels, and no new search for mends that are known", async () => {
  const { answers, handle } = handler();
  await handle({ ...letter(1, boat), look: { ...look, sky: "haze" }, withMends: false });
  expect(answers.map(({ type }) => type)).toEqual(["verdict"]);
  const [verdict] = answers;
  if (verdict?.type !== "verdict" || verdict.assessment.type !== "assessed") throw new Error("expected a verdict");
  const skies = verdict.assessment.lanes[0]?.skies;
  expect([skies?.haze.array.curve === null, skies?.now.array.curve === null]).toEqual([false, true]);
  const panelsW = Object.values(verdict.tiles).reduce((sum, { p }) => sum + p, 0);
  // within what a curve may be off from its panels
  expect(panelsW / (skies?.haze.operating?.p ?? Number.NaN)).toBeCloseTo(1, 2);
});

test("of letters that come close together only the last is judged to the end; a cancelled one falls silent", async () => {
  const { answers, handle } = handler();
  const second = applyChange(boat, { type: "rename", name: "Second" });
  await Promise.all([handle(letter(1, boat)), handle(letter(2, second))]);
  expect(new Set(answers.map(({ revision }) => revision))).toEqual(new Set([2]));
  answers.length = 0;
  const under = handle(letter(3, boat));
  while (answers.length === 0) await new Promise((resolve) => setImmediate(resolve));
  await handle({ version: letterVersion, type: "cancel" });
  await under;
  expect(answers.map(({ type }) => type)).not.toContain("mends");
});

test("a plan that cannot be judged is answered, not left hanging", async () => {
  const { answers, handle } = handler();
  await handle({
    version: letterVersion,
    type: "judge",
    revision: 5,
    plan: boat,
    wiringId: "nowhere",
    look,
    withMends: true,
  });
  expect(answers).toMatchObject([{ type: "failed", revision: 5 }]);
});

test("the page hears answers to its last question only, and gets a fresh worker when one dies", () => {
  const slots: (Slot & { sent: JudgeLetter[]; ended: boolean })[] = [];
  const heard: JudgeAnswer[] = [];
  const client = createJudgeClient(
    () => {
      const slot = {
        sent: [] as JudgeLetter[],
        ended: false,
        onmessage: null,
        onerror: null,
        postMessage: (sent: JudgeLetter) => void slot.sent.push(sent),
        terminate: () => void (slot.ended = true),
      } as Slot & { sent: JudgeLetter[]; ended: boolean };
      slots.push(slot);
      return slot;
    },
    (answer) => heard.push(answer),
  );
  const say = (answer: JudgeAnswer) => slots[0]?.onmessage?.({ data: answer } as MessageEvent<JudgeAnswer>);
  const first = client.ask({ plan: boat, wiringId: "wiring-1", look, withMends: true });
  const second = client.ask({ plan: boat, wiringId: "wiring-1", look, withMends: true });
  say({ version: letterVersion, type: "progress", revision: first, tried: 1 });
  expect(heard).toEqual([]);
  say({ version: letterVersion, type: "progress", revision: second, tried: 2 });
  expect(heard).toMatchObject([{ tried: 2 }]);
  slots[0]?.onerror?.({ preventDefault: () => undefined, message: "out of memory" } as unknown as ErrorEvent);
  expect(slots[0]?.ended).toBe(true);
  expect(heard[1]).toMatchObject({ type: "failed", message: "out of memory" });
  client.ask({ plan: boat, wiringId: "wiring-1", look, withMends: true });
  expect(slots[1]?.sent.length).toBe(1);
});
