import { isolatedE2eTest } from "./harness/visit";

isolatedE2eTest("plans are found by name, duplicated, and deleted with a way back", async ({ open }) => {
  const { page, fields } = await open("/");
  const list = "[aria-label='Plans']";
  await fields.press("Duplicate Narrowboat");
  await fields.says(list, /Narrowboat with tilting panels, copy/);
  await fields.press("Delete Narrowboat with tilting panels, copy");
  await fields.says(".MuiSnackbarContent-message", /copy” is deleted/);
  await fields.gone("[aria-label='Delete Narrowboat with tilting panels, copy']");
  await fields.press("Undo");
  await fields.says(list, /Narrowboat with tilting panels, copy/);
  await page.type("input[type=search]", "shed");
  await page.waitForFunction(() => document.querySelectorAll("[aria-label='Plans'] li").length === 1);
  const names = await page.$$eval(`${list} strong`, (all) => all.map((each) => each.textContent));
  expect(names).toEqual(["Bee-keeper’s shed, long cable"]);
});
