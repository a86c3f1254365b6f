import fc from "fast-check";
import { shortName } from "@/messages/en";
import { numberedName } from "./numbered-name";

test("equal devices are told apart by their short names, however many come, and a name of its own stays", () => {
  const name = fc.constantFrom("Slatehill Brook, charge controller", "Garage station", "Haybarn Loft 2, power station");
  fc.assert(
    fc.property(fc.array(name, { maxLength: 8 }), (added) => {
      const names = added.reduce<string[]>((all, each) => [...all, numberedName(each, all)], []);
      expect(new Set(names.map(shortName)).size).toBe(names.length);
      if (added[0] !== undefined) expect(names[0]).toBe(added[0]);
    }),
  );
  expect(numberedName("Slatehill Brook, charge controller", ["Slatehill Brook, charge controller"])).toBe(
    "Slatehill Brook 2, charge controller",
  );
});
