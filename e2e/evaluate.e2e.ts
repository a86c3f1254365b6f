import { spawnSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { root, temporaryDir } from "./harness";

/** The case command as it is used: files and standard input in, one line out, complaints beside. */
const reference = (name: string) => path.join(root, "src", "core", "fixtures", "reference", `${name}.json`);
const temporary = temporaryDir();
afterAll(temporary.remove);

function evaluate(args: readonly string[], input = "") {
  const { status, stdout, stderr } = spawnSync("npm", ["run", "-s", "evaluate", "--", ...args], {
    cwd: root,
    input,
    encoding: "utf8",
  });
  return { status, lines: stdout.split("\n").filter((line) => line !== ""), stderr };
}

test("each file is answered on a line of its own, in order", () => {
  const names = ["single-cold", "nine-in-three-strings", "two-parallel-asleep-window-c"];
  const { status, lines, stderr } = evaluate(names.map(reference));
  expect(status).toBe(0);
  expect(stderr).toBe("");
  const answers = lines.map((line) => JSON.parse(line) as { vocV: number; operating?: { limitedBy: string } });
  names.forEach((name, k) => {
    const expected = (JSON.parse(readFileSync(reference(name), "utf8")) as { answer: { vocV: number } }).answer;
    expect(Math.abs((answers[k]?.vocV ?? 0) / expected.vocV - 1)).toBeLessThan(0.002);
  });
  expect(answers[2]?.operating?.limitedBy).toBe("asleep");
});

test("a case on standard input is answered, and timed when it asks to be", () => {
  const { case: given } = JSON.parse(readFileSync(reference("nine-in-three-strings"), "utf8")) as { case: object };
  const { status, lines } = evaluate(["-"], JSON.stringify({ ...given, repeat: 20, sampleV: [0, 30] }));
  expect(status).toBe(0);
  const answer = JSON.parse(lines[0] ?? "") as { medianMs: number; curve: unknown[] };
  expect(answer.medianMs).toBeGreaterThan(0);
  expect(answer.curve.length).toBe(2);
});

test("a bad case gets one line with file, path and trouble, the others their answers, and the exit code says so", () => {
  const bad = path.join(temporary.dir, "bad.json");
  writeFileSync(bad, '{"panels": {}, "net": {"panel": "ghost"}}');
  const broken = path.join(temporary.dir, "broken.json");
  writeFileSync(broken, '{"panels":');
  const { status, lines, stderr } = evaluate([
    bad,
    reference("single-stc"),
    broken,
    path.join(temporary.dir, "nowhere.json"),
  ]);
  expect(status).toBe(2);
  expect(lines.length).toBe(1);
  const complaints = stderr.split("\n").filter((line) => line !== "");
  expect(complaints.length).toBe(3);
  expect(complaints[0]).toMatch(/bad\.json: \$\.net\.panel: no panel "ghost"/);
  expect(complaints[1]).toMatch(/broken\.json: \$: /);
  expect(complaints[2]).toMatch(/nowhere\.json: \$: .*no such file/);
});

test("no case at all is a complaint too", () => {
  const { status, lines, stderr } = evaluate([]);
  expect([status, lines.length]).toEqual([2, 0]);
  expect(stderr).toMatch(/no case given/);
});
