import { saveWords } from "@/features/sync";
import { changedWords } from "./messages";

test("what changed elsewhere is named as the thing it is, once", () => {
  expect(changedWords(["site.recordLowC", "site.mount", "wirings.0.lanes.0.rows"])).toBe("the site, the wiring");
  expect(changedWords(null)).toBe("something in it");
});

test("how a plan is saved is always said", () => {
  expect(saveWords({ type: "saved" }, 4, true)).toBe("Saved, revision 4");
  expect(saveWords({ type: "unreachable", message: "" }, 4, true)).toMatch(/Not saved.*kept in this browser/);
  expect(saveWords({ type: "unreachable", message: "" }, 4, false)).toMatch(/Not saved, and not kept here/);
});
