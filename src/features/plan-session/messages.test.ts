import { saveWords } from "@/messages/en/sync/save";
import { changedWords } from "./messages";

test("what changed elsewhere is named as the thing it is, once", () => {
  expect(changedWords(["site.recordLowC", "site.mount", "wirings.0.portArrays.0.strings"])).toBe(
    "the location, the wiring",
  );
  expect(changedWords(null)).toBe("something in it");
});

test("how a plan is saved is always said", () => {
  expect(saveWords("saved", 4, true)).toBe("Saved, revision 4");
  expect(saveWords("unreachable", 4, true)).toMatch(/Not saved.*stored in this browser/);
  expect(saveWords("unreachable", 4, false)).toMatch(/Not saved and not stored/);
});
