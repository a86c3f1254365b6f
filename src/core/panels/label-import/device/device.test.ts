import { createRandom } from "@/core/engine/random";
import {
  deviceLeafletText,
  deviceManualText,
  deviceShopText,
  type DeviceText,
  judged,
  runs,
  withoutSockets,
} from "@/testing";
import { readText } from "..";

test.each([
  ["shop texts", deviceShopText],
  ["leaflets", deviceLeafletText],
  ["manuals", deviceManualText],
] as const)("%s: at least 95 of 100 fields of devices are right, none is wrong without a doubt", (_, make) => {
  let [right, all] = [0, 0];
  const wrong: string[] = [];
  for (let seed = 1; seed <= runs(150); seed++) {
    const made: DeviceText = make(seed);
    const { devices, panels } = readText(made.text);
    const found = judged(made, devices);
    right += found.right;
    all += found.all;
    wrong.push(...found.wrong.map((each) => `${seed}: ${each}`));
    if (panels.length > 0) wrong.push(`${seed}: a panel is read`);
  }
  expect(wrong).toEqual([]);
  expect(right / all).toBeGreaterThanOrEqual(0.95);
});

test("mains, sockets, car, USB and batteries are no PV input: a page that says nothing of panels has none", () => {
  for (let seed = 1; seed <= runs(60); seed++) {
    const text = withoutSockets(createRandom(seed));
    expect([text, readText(text).devices]).toEqual([text, []]);
  }
});
