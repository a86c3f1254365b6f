import { findingIn, planWith } from "@/testing";
import { decidingRecordC } from "./deciding-record";

/** Two of the 195 W panels in series, 54.4 V at 25 °C, where nobody has said how cold it gets. */
const asked = (maxV: number, recordLowC: number | null = null) =>
  decidingRecordC(findingIn(planWith({ series: 2, strings: 1, port: { maxV }, site: { recordLowC } }), "coldVoc"));

test("the record low is asked where an assumed one decides, and nowhere else", () => {
  // over the limit in the assumed cold, under it at 25 °C
  expect(asked(56)).toBeLessThan(0);
  // too many volts in any weather, none too many in the assumed cold, and a record that somebody said
  expect([asked(50), asked(90), asked(56, -20)]).toEqual([null, null, null]);
});
