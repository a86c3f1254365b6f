import { changed, demoPlan } from "@/testing";
import { answerAny } from ".";

const nothingBeside = () => null;

const answerOf = (value: unknown) => {
  const answering = answerAny(value, () => 0, nothingBeside);
  if (answering.type !== "answer") throw new Error(JSON.stringify(answering));
  // as it would be printed
  return JSON.parse(JSON.stringify(answering.answer)) as Record<string, unknown>;
};
type Told = {
  rule: string;
  level: string;
  says: string;
  value: { value: number } | null;
  limit: { value: number } | null;
  fixes?: { says: string; plan: unknown }[];
};
const findingsOf = (answer: Record<string, unknown>) => answer["findings"] as Told[];
const boat = demoPlan("Narrowboat");

describe("a verdict", () => {
  test("is answered with every finding in the ledger's words, number and limit among them", () => {
    const answer = answerOf({ type: "verdict", plan: boat });
    const cold = findingsOf(answer).find(({ rule }) => rule === "coldVoc");
    expect([answer["worst"], answer["open"], cold?.level]).toEqual(["stop", [], "stop"]);
    expect(cold?.says).toContain(`${cold?.value?.value.toFixed(1) ?? ""}\u00a0V`);
    expect(cold?.says).toContain(`${cold?.limit?.value ?? ""}\u00a0V`);
    expect(cold?.fixes).toBeUndefined();
  });

  test("comes with fixes that are plans, and judged again they leave no Stop that is not named", () => {
    const answer = answerOf({ type: "verdict", plan: boat, withFixes: true });
    const [fix] = findingsOf(answer).find(({ rule }) => rule === "coldVoc")?.fixes ?? [];
    expect(fix?.says).toMatch(/^Wire 1 in series × 2 strings in parallel \(1S2P\)/);
    expect(answerOf({ type: "verdict", plan: fix?.plan })["worst"]).not.toBe("stop");
  });

  test("of a label that cannot be is a question", () => {
    const [panel] = boat.panels;
    const plan = changed(boat, { type: "setLabel", panelId: panel?.id ?? "", patch: { vmpV: 40, vocV: 31 } });
    const answer = answerOf({ type: "verdict", plan });
    expect([answer["worst"], answer["findings"]]).toEqual(["open", []]);
    expect(answer["open"]).toEqual([expect.stringMatching(/contradicts itself.*Vmp.*not below Voc/)]);
  });

  test.each<[string, object, string, RegExp]>([
    ["a key nobody knows", { type: "verdict", plan: boat, wring: "x" }, "$", /wring/],
    [
      "a wiring the plan has not",
      { type: "verdict", plan: boat, wiring: "x" },
      "$.wiring",
      /no wiring "x"; there are "wiring-1"/,
    ],
    [
      "a plan out of bounds",
      { type: "verdict", plan: { ...boat, site: { ...boat.site, recordLowC: -300 } } },
      "$.plan.site.recordLowC",
      /-300/,
    ],
    [
      "a kind of case nobody knows",
      { type: "verdikt" },
      "$.type",
      /"verdikt" is no kind of case; known: verdict, change/,
    ],
  ])("with %s is refused where it stands", (_, value, path, problem) => {
    expect(answerAny(value, () => 0, nothingBeside)).toMatchObject({
      type: "malformed",
      path,
      problem: expect.stringMatching(problem) as string,
    });
  });
});

test("a change is answered with its steps, and with the old string at the new port as a dangerous slip", () => {
  const answer = answerOf({ type: "change", plan: demoPlan("The Lantern"), from: "everyday", to: "pressday" });
  expect(answer["steps"]).toEqual([
    expect.stringMatching(/^Switch off the PV isolator at Haybarn Loft/),
    expect.stringMatching(/^Switch off the PV isolator at Lodestone Long/),
    expect.stringMatching(/Disconnect at Haybarn Loft/),
    expect.stringMatching(/connect at Lodestone Long/),
    expect.stringMatching(/measure \+ to − of the array: no minus sign, and below its max PV voltage of 94/),
  ]);
  // four in series, 120 V in the cold, stood where 142 V are borne; the press controller bears 94 V
  expect((answer["slips"] as object[])[0]).toMatchObject({
    dangerous: true,
    port: "Lodestone Long, Panel terminals",
    says: expect.stringMatching(/120\.3\sV.*94\sV/) as string,
  });
  const back = answerOf({ type: "change", plan: demoPlan("The Lantern"), from: "pressday", to: "everyday" });
  expect((back["slips"] as { dangerous: boolean; port: string }[]).filter(({ dangerous }) => dangerous)).toMatchObject([
    { port: "Lodestone Long, Panel terminals" },
  ]);
});

test("a year by typical months is answered; a weather file that is not there, or broken, is told by its place", () => {
  const label = { pmaxW: 104.4, vocV: 22.6, iscA: 6.04, vmpV: 18.55, impA: 5.63 };
  const of = (value: number) => Array.from({ length: 12 }, () => value);
  const given = {
    type: "harvest",
    site: { latitudeDeg: 48, longitudeDeg: 11 },
    weather: { monthly: { clearness: of(0.45), airTempC: of(9), dailyRangeK: of(9) } },
    panels: { a: label },
    net: { panel: "a", tiltDeg: 35, azimuthDeg: 180, rossK: 0.03 },
  };
  const answering = answerAny(given, () => 0, nothingBeside);
  if (answering.type !== "answer") throw new Error(JSON.stringify(answering));
  const { yearKwh, monthsKwh } = answering.answer as { yearKwh: number; monthsKwh: number[] };
  expect(yearKwh).toBeGreaterThan(80);
  expect(yearKwh).toBeLessThan(140);
  expect(Math.max(...monthsKwh)).toBeGreaterThan(2 * Math.min(...monthsKwh));
  const byFile = { ...given, weather: { epw: "year.epw" } };
  const path = "$.weather.epw";
  expect(answerAny(byFile, () => 0, nothingBeside)).toMatchObject({ type: "malformed", path });
  expect(
    answerAny(
      byFile,
      () => 0,
      () => "LOCATION,x,-,-,-,-,90.5,0,0,0",
    ),
  ).toMatchObject({
    type: "malformed",
    path,
    problem: expect.stringMatching(/year\.epw, line 1, latitude: "90\.5"/) as string,
  });
  expect(answerAny({ ...byFile, weather: { epw: "../year.epw" } }, () => 0, nothingBeside)).toMatchObject({
    type: "malformed",
  });
});
