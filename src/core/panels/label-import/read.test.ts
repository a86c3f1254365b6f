import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { dealersText, flyerText, runs, sellersText } from "@/testing";
import { valuesOf } from "./number";
import { type PanelFields, readText } from ".";
import { linesOf } from "./plain";

const folder = path.join(__dirname, "../../fixtures/label");
type Reference = {
  readonly case: { readonly text: string };
  readonly answer: {
    readonly panels: readonly {
      readonly fields: PanelFields;
      readonly tol?: Readonly<Record<string, number>>;
      readonly mustDoubt?: readonly (readonly string[])[];
      readonly ignore?: readonly string[];
      readonly optional?: boolean;
    }[];
    readonly inputs: readonly {
      readonly ports: readonly (Readonly<Record<string, unknown>> & {
        readonly ignore?: readonly string[];
        readonly mustDoubt?: readonly (readonly string[])[];
      })[];
      readonly groups?: readonly object[];
    }[];
    readonly mayDoubt: readonly string[];
  };
};

/** What older cases do not ask for, though their texts say it. */
const mayBeRead = new Set(["batteryMaxA", "wattsByBattery", "maxVByBattery", "isOpenCircuit"]);
const isEmpty = (value: unknown) => Array.isArray(value) && value.length === 0;

test.each(readdirSync(folder))(
  "%s: every value is the one that is meant, with its words, and doubted only where it may be",
  (file) => {
    const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as Reference;
    const { panels, devices } = readText(given.text);
    for (const [k, { fields, tol = {}, mustDoubt = [], ignore = [], optional = false }] of answer.panels.entries()) {
      const read = panels[k];
      if (optional && read === undefined) continue;
      for (const [field, value] of Object.entries(fields)) {
        if (field === "name" || ignore.includes(field)) continue;
        const made = read?.fields[field as keyof PanelFields];
        if (typeof value === "string") expect([field, made]).toEqual([field, value]);
        else
          expect([field, Math.abs(Number(made) - value) <= (tol[field] ?? 0.001 * Math.abs(value)) + 1e-9]).toEqual([
            field,
            true,
          ]);
        expect([field, read?.from[field]]).toEqual([field, expect.stringMatching(/\d/)]);
      }
      const known = new Set([...Object.keys(fields), ...ignore, "name"]);
      expect(Object.keys(read?.fields ?? {}).filter((field) => !known.has(field))).toEqual([]);
      const doubted = new Set((read?.doubts ?? []).map(({ field }) => field));
      for (const either of mustDoubt) expect(either.some((field) => doubted.has(field))).toBe(true);
      expect([...doubted].filter((field) => !answer.mayDoubt.includes(field))).toEqual([]);
    }
    expect(devices.map(({ ports }) => ports.length)).toEqual(answer.inputs.map(({ ports }) => ports.length));
    for (const [k, { ports, groups = [] }] of answer.inputs.entries()) {
      expect(devices[k]?.groups).toMatchObject(groups);
      const doubted = new Set(devices[k]?.doubts.map(({ field }) => field));
      for (const [n, { ignore, alt, mustDoubt = [], ...due }] of ports.entries()) {
        expect(devices[k]?.ports[n]).toMatchObject(due);
        for (const either of mustDoubt) expect(either.some((field) => doubted.has(`ports[${n}].${field}`))).toBe(true);
        if (mustDoubt.length === 0) expect([...doubted]).toEqual([]);
        const unsaid = Object.entries(devices[k]?.ports[n] ?? {}).filter(
          ([field, value]) => !(field in due) && !ignore?.includes(field) && value !== null && !isEmpty(value),
        );
        expect([alt, unsaid.map(([field]) => field).filter((field) => !mayBeRead.has(field))]).toEqual([alt, []]);
      }
    }
  },
);

test("numbers as people write them: thousands and decimals in any dress, the likelier meaning first", () => {
  for (const [digits, ...values] of [
    ["13,06", 13.06],
    ["1.199,99", 1199.99],
    ["1,199.99", 1199.99],
    ["1.000", 1000, 1],
    ["1'848", 1848],
    ["0.305", 0.305],
    ["12", 12],
    ["1,000,000", 1_000_000],
  ] as const)
    expect([digits, valuesOf(digits)]).toEqual([digits, values]);
});

test("markup is taken off, its characters are read, and no text takes long or throws", () => {
  expect(
    linesOf("<p>V<sub>oc</sub>:&nbsp;41&#46;0&nbsp;V</p><tr><td>a</td><td>b</td></tr>").map(({ words }) => words),
  ).toEqual(expect.arrayContaining(["Voc: 41.0 V"]));
  for (const text of [
    "<".repeat(50_000),
    "1x".repeat(50_000),
    "max ".repeat(30_000),
    "1,".repeat(60_000),
    "&".repeat(90_000),
  ])
    expect(readText(text).panels.length).toBeLessThanOrEqual(1);
});

test.each([
  ["sellers", sellersText],
  ["dealers", dealersText],
  ["flyers", flyerText],
] as const)(
  "texts of made-up %s: at least 98 of 100 fields are right, and none is wrong without a mark of doubt",
  (_, make) => {
    let [right, all] = [0, 0];
    const wrong: string[] = [];
    for (let seed = 1; seed <= runs(80); seed++) {
      const { text, fields, torn, panels: count = 1 } = make(seed);
      const { panels, devices } = readText(text);
      const [read] = panels;
      if (devices.length > 0) wrong.push(`${seed}: a device is read`);
      if (panels.length !== count) wrong.push(`${seed}: ${panels.length} panels`);
      for (const [field, value] of Object.entries(fields)) {
        all += 1;
        const made = read?.fields[field as keyof PanelFields];
        if (Math.abs(Number(made) - value) <= 0.003 * Math.abs(value)) right += 1;
        else if (made !== undefined && !read?.doubts.some((doubt) => doubt.field === field))
          wrong.push(`${seed}: ${field} read as ${made}, is ${value}`);
      }
      for (const field of torn)
        if (!read?.doubts.some((doubt) => doubt.field === field)) wrong.push(`${seed}: ${field} is not doubted`);
      const strange = Object.keys(read?.fields ?? {}).filter(
        (field) => !(field in fields) && !["name", "currency"].includes(field),
      );
      if (strange.length > 0) wrong.push(`${seed}: ${strange.join()} is not in the text`);
    }
    expect(wrong).toEqual([]);
    expect(right / all).toBeGreaterThanOrEqual(0.98);
  },
);

test("a text is looked at in bearable pieces and as far as a label goes, which is told: what that takes grows no faster than it", () => {
  for (const bit of ["1x", "Voc ", "Pmax: ", "12×", "\t1", "a; 1\n", "\n", "é"]) {
    const lines = linesOf(bit.repeat(100_000 / bit.length));
    expect([bit, Math.max(...lines.map(({ words }) => words.length)) <= 600]).toEqual([bit, true]);
  }
  const lines = Array.from({ length: 1000 }, (_, k) => `Line ${k}`).join("\n");
  expect(readText(lines).beyond).toBe(600);
  expect(readText(`Amberley AB-195\nPmax 195 W\nVoc 27.2 V\n${lines}`).panels[0]?.fields).toMatchObject({ vocV: 27.2 });
});
