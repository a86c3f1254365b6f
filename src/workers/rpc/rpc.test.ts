import { type Answer, createHandler, createClient, type Job, type Request, type Client, type WorkerPort } from ".";

type Numbers = { readonly name: string; readonly list: readonly number[]; readonly more: { readonly by: number } };
type Counting = Job<{ readonly to: number }, number, number>;
type Adding = Job<{ readonly numbers: Numbers }, never, number>;

/** Jobs that say which objects they were given, and when they were run. */
function jobsOf(log: unknown[]) {
  const count: Counting = function* ({ to }) {
    log.push(`count ${to}`);
    for (let k = 1; k <= to; k++) yield k;
    return to;
  };
  const add: Adding = function* ({ numbers }) {
    log.push(numbers.list);
    return numbers.list.reduce((sum, each) => sum + each, 0) + numbers.more.by;
  };
  const fail: Job<object, never, never> = function* () {
    throw new Error("cannot");
  };
  return { count, add, fail };
}

type Pretended = WorkerPort & { readonly letters: Request[]; ended: boolean };

/** A mail whose workers are handlers in this thread; all that passes between them is copied, as between threads. */
function post() {
  const log: unknown[] = [];
  const workers: Pretended[] = [];
  let now = 0;
  const tick = () => new Promise<void>((resolve) => setImmediate(resolve));
  const mail: Client<ReturnType<typeof jobsOf>> = createClient(() => {
    const answer = (data: Answer) => {
      if (!worker.ended) worker.onmessage?.({ data: structuredClone(data) } as MessageEvent<Answer>);
    };
    // a clock that runs ahead at every look, so that a job pauses as often as it can
    const handle = createHandler(jobsOf(log), { post: answer, nowMs: () => (now += 150), pause: tick, rest: tick });
    const worker: Pretended = {
      letters: [],
      ended: false,
      onmessage: null,
      onerror: null,
      postMessage: (letter) => {
        worker.letters.push(letter);
        void handle(structuredClone(letter));
      },
      terminate: () => void (worker.ended = true),
    };
    workers.push(worker);
    return worker;
  });
  const crash = (worker: Pretended | undefined) =>
    worker?.onerror?.({ preventDefault: () => undefined, message: "out of memory" } as unknown as ErrorEvent);
  return { mail, workers, log, crash, tick };
}

const numbers: Numbers = { name: "some", list: [1, 2, 3], more: { by: 4 } };

test("a question is answered with its progress and its value, a job that throws with its fault, none for ever", async () => {
  const { mail } = post();
  const heard: number[] = [];
  const asked = mail.ask("count", { to: 9 }, { queue: "patient", topic: "one", progressed: (k) => heard.push(k) });
  expect(await asked).toEqual({ type: "done", value: 9 });
  expect(heard.length).toBeGreaterThan(2);
  expect(heard).toEqual([...heard].sort((a, b) => a - b));
  expect(await mail.ask("fail", {}, { queue: "patient", topic: "two" })).toEqual({ type: "failed", message: "cannot" });
  const uncloneable = { ...numbers, list: [() => 1] as unknown as number[] };
  const ask = (of: Numbers) =>
    mail.ask("add", { numbers: of }, { queue: "patient", topic: "three", once: ["numbers"] });
  // asked twice: nothing is taken for sent that was not
  expect([(await ask(uncloneable)).type, (await ask(uncloneable)).type]).toEqual(["failed", "failed"]);
  expect(await ask(numbers)).toEqual({ type: "done", value: 10 });
  const unknown = mail as unknown as Client<{ nothing: Counting }>;
  expect(await unknown.ask("nothing", { to: 1 }, { queue: "patient", topic: "two" })).toMatchObject({ type: "failed" });
});

test("the newest of a topic wins, whichever queue it is in; what is overtaken at once never runs; others go on", async () => {
  const { mail, log, tick } = post();
  const progress: string[] = [];
  const ask = (to: number, topic: string, queue: "prompt" | "patient" = "patient") =>
    mail.ask("count", { to }, { queue, topic, progressed: () => progress.push(topic) });
  const [first, second, other] = [ask(1000, "a"), ask(1000, "a"), ask(40, "b")];
  expect(await first).toEqual({ type: "cancelled" });
  while (!progress.includes("a")) await tick();
  const third = ask(5, "a", "prompt");
  expect(await second).toEqual({ type: "cancelled" });
  const heard = progress.filter((topic) => topic === "a").length;
  expect([await third, await other].map(({ type }) => type)).toEqual(["done", "done"]);
  expect(progress.filter((topic) => topic === "a").length - heard).toBeLessThanOrEqual(5);
  expect(log.filter((line) => line === "count 1000").length).toBe(1);
});

test("what is large is sent once, section by section, and is the same object at the other end; a few are kept", async () => {
  const { mail, workers, log } = post();
  const ask = async (of: Numbers) =>
    mail.ask("add", { numbers: of }, { queue: "prompt", topic: "one", once: ["numbers"] });
  expect(await ask(numbers)).toMatchObject({ value: 10 });
  expect(await ask({ ...numbers, more: { by: 5 } })).toMatchObject({ value: 11 });
  expect(log[0]).toBe(log[1]);
  const puts = () => workers[0]?.letters.filter(({ type }) => type === "put").length;
  expect(puts()).toBe(3);
  for (let k = 0; k < 100; k++) expect(await ask({ ...numbers, list: [k] })).toMatchObject({ value: k + 4 });
  const drops = workers[0]?.letters.filter(({ type }) => type === "drop").length ?? 0;
  expect((puts() ?? 0) - drops).toBeLessThanOrEqual(48);
  // forgotten meanwhile, and sent again
  expect(await ask(numbers)).toMatchObject({ value: 10 });
});

test("a worker that dies is replaced before its question hears of it, and the new one is sent everything anew", async () => {
  const { mail, workers, crash } = post();
  await mail.ask("add", { numbers }, { queue: "prompt", topic: "one", once: ["numbers"] });
  const asked = mail.ask("count", { to: 1000 }, { queue: "prompt", topic: "one" });
  crash(workers[0]);
  expect([workers.length, workers[0]?.ended]).toEqual([2, true]);
  expect(await asked).toEqual({ type: "failed", message: "out of memory" });
  const again = await mail.ask("add", { numbers }, { queue: "prompt", topic: "one", once: ["numbers"] });
  expect([again, workers.length]).toEqual([{ type: "done", value: 10 }, 2]);
  // one that dies with nothing to do is not opened for nothing
  crash(workers[1]);
  expect(workers.length).toBe(2);
});

test("a question with a worker of its own ends it, when answered and when given up", async () => {
  const { mail, workers } = post();
  const [one, two] = [1, 1000].map((to) => mail.ask("count", { to }, { queue: "own", topic: `to ${to}` }));
  expect(await one).toMatchObject({ type: "done" });
  mail.cancel("to 1000");
  expect(await two).toEqual({ type: "cancelled" });
  expect(workers.map(({ ended }) => ended)).toEqual([true, true]);
  const open = mail.ask("count", { to: 1000 }, { queue: "patient", topic: "two" });
  mail.close();
  expect([await open, workers.every(({ ended }) => ended)]).toEqual([{ type: "cancelled" }, true]);
});
