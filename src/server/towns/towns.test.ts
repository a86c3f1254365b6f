import { townsLike } from ".";

test("a town is found by its name without its accents, the largest of a name first", () => {
  const [zurich] = townsLike("zurich");
  expect(zurich).toMatchObject({ country: "CH" });
  expect(zurich?.latitudeDeg).toBeCloseTo(47.4, 0);
  expect(townsLike("  ZÜRICH ")[0]).toEqual(zurich);
  expect(townsLike("london")[0]).toMatchObject({ name: "London", country: "GB" });
});

test("too little asks for nothing, and nothing is found for what is nowhere", () => {
  expect([townsLike(""), townsLike("a"), townsLike("xqzzyv"), townsLike("%_*")]).toEqual([[], [], [], []]);
});
