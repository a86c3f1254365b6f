import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { linesOf } from "./plain";
import { valuesOf } from "./number";
import { type PanelFields, readText } from ".";

const folder = path.join(__dirname, "../fixtures/label");
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
    readonly inputs: readonly { readonly ports: readonly Readonly<Record<string, unknown>>[] }[];
    readonly mayDoubt: readonly string[];
  };
};

test.each(readdirSync(folder))(
  "%s: every value is the one that is meant, with its words, and doubted only where it may be",
  (file) => {
    const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as Reference;
    const { panels, inputs } = readText(given.text);
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
    for (const [k, { ports }] of answer.inputs.entries())
      for (const [n, port] of ports.entries()) {
        const { ignore = [], ...due } = port as { ignore?: string[] };
        expect(ignore.every((field) => typeof field === "string")).toBe(true);
        expect(inputs[k]?.ports[n]).toMatchObject(due);
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
