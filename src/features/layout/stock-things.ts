import { type RoofObstacle } from "@/core/plan";

type Stock = Pick<RoofObstacle, "kind" | "name" | "shape" | "clearanceMm"> & { readonly zMm?: number };

const box = (lengthMm: number, widthMm: number, heightMm: number) =>
  ({ type: "box", lengthMm, widthMm, heightMm, turnDeg: 0 }) as const;

/** What stands on roofs and decks, with usual sizes; all of it can be changed afterwards. */
export const obstacleStock: readonly Stock[] = [
  { kind: "hatch", name: "Hatch that opens", shape: box(700, 500, 90), clearanceMm: 150 },
  { kind: "fan", name: "Fan", shape: box(400, 400, 130), clearanceMm: 50 },
  { kind: "airConditioner", name: "Air conditioner", shape: box(1000, 700, 260), clearanceMm: 100 },
  { kind: "rack", name: "Rack", shape: box(1500, 1200, 180), clearanceMm: 0 },
  { kind: "aerial", name: "Aerial", shape: { type: "pole", radiusMm: 20, heightMm: 600 }, clearanceMm: 50 },
  { kind: "skylight", name: "Skylight", shape: box(600, 600, 60), clearanceMm: 50 },
  { kind: "cupola", name: "Cupola", shape: box(900, 700, 450), clearanceMm: 50 },
  { kind: "mast", name: "Mast", shape: { type: "pole", radiusMm: 60, heightMm: 6000 }, clearanceMm: 100 },
  { kind: "boom", name: "Boom", shape: box(3000, 120, 150), clearanceMm: 0, zMm: 1200 },
  { kind: "solarTube", name: "Light tube", shape: box(350, 350, 150), clearanceMm: 50 },
  { kind: "own", name: "Another thing", shape: box(400, 400, 200), clearanceMm: 0 },
];
