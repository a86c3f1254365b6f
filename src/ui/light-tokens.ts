/** The three lights the application is read by. */
export const lights = ["paper", "sunlight", "lantern"] as const;
export type Light = (typeof lights)[number];
export const lightCookie = "golden-array-light";
export const unitsCookie = "golden-array-units";

export type LightTokens = {
  readonly paper: string;
  readonly sheet: string;
  readonly ink: string;
  readonly inkSoft: string;
  readonly line: string;
  readonly lineStrong: string;
  /** The array's own colour: fill, and a darker one that is readable as a line or text. */
  readonly amber: string;
  readonly amberDeep: string;
  readonly onAmber: string;
  readonly stop: string;
  readonly care: string;
  readonly note: string;
  readonly good: string;
  /** Wash and edge of the region an input accepts. */
  readonly windowWash: string;
  readonly windowEdge: string;
  readonly cold: string;
  readonly hot: string;
  /** A roof seen from above, what stands on it, and the shadows it throws. */
  readonly roof: string;
  readonly thing: string;
  readonly shadow: string;
  /** Size of 1 rem in px: sunlight is larger. */
  readonly rootPx: number;
};

export const lightTokens: Readonly<Record<Light, LightTokens>> = {
  paper: {
    paper: "#f1eadb",
    sheet: "#faf6ec",
    ink: "#1c2830",
    inkSoft: "#4b565c",
    line: "#d9cfba",
    lineStrong: "#8b8471",
    amber: "#f0ad2e",
    amberDeep: "#8f5400",
    onAmber: "#1c2830",
    stop: "#a01f1a",
    care: "#713684",
    note: "#35556e",
    good: "#1f6350",
    windowWash: "#d9e6dc",
    windowEdge: "#1f6350",
    cold: "#2b5f8f",
    hot: "#a8401c",
    roof: "#f4eee0",
    thing: "#d9cfba",
    shadow: "#1c2830",
    rootPx: 16,
  },
  sunlight: {
    paper: "#ffffff",
    sheet: "#ffffff",
    ink: "#000000",
    inkSoft: "#000000",
    line: "#000000",
    lineStrong: "#000000",
    amber: "#ffc21a",
    amberDeep: "#000000",
    onAmber: "#000000",
    stop: "#a80000",
    care: "#5c0f80",
    note: "#000000",
    good: "#00452f",
    windowWash: "#d3f5e0",
    windowEdge: "#00452f",
    cold: "#00378f",
    hot: "#a83200",
    roof: "#ffffff",
    thing: "#ffffff",
    shadow: "#000000",
    rootPx: 18,
  },
  lantern: {
    paper: "#15100b",
    sheet: "#1e1710",
    ink: "#ecd0a4",
    inkSoft: "#c0a37c",
    line: "#3d3022",
    lineStrong: "#8a7250",
    amber: "#c9821c",
    amberDeep: "#f0ad4e",
    onAmber: "#15100b",
    stop: "#ff8a73",
    care: "#dba6ee",
    note: "#a9c3d6",
    good: "#93c7a4",
    windowWash: "#22301f",
    windowEdge: "#93c7a4",
    cold: "#8db8e0",
    hot: "#ff9e6b",
    roof: "#2c2218",
    thing: "#4a3b2a",
    shadow: "#000000",
    rootPx: 16,
  },
};

export function isLight(value: string | undefined): value is Light {
  return lights.some((light) => light === value);
}
