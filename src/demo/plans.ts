import { emptyPlan, madeUpCurrency, newPieces, plainSurface, type Plan, planSchema } from "@/core/plan";
import { matrixStrings, nameStrings } from "@/core/engine/array";
import { lanternFixings } from "./fixings";
import { demoInputs } from "./inputs";
import { demoPanels } from "./panels";
import { type Sketch, portArray, load, battery, standing, pressEnd, cable, closed } from "./sketch";

/** The made-up scenario: the Lantern and three smaller plans, each with a different verdict. */
const sketches: readonly Sketch[] = [
  {
    name: "The Lantern: travelling print workshop",
    site: {
      recordLowC: -14,
      recordHighC: 31,
      latitudeDeg: 57,
      longitudeDeg: -4.4,
      placeName: "Otterlock Basin",
      timeZone: "Europe/London",
      headingDeg: 240,
      mount: "roofGap",
      horizon: [
        { azimuthDeg: 0, elevationDeg: 4 },
        { azimuthDeg: 95, elevationDeg: 3 },
        { azimuthDeg: 120, elevationDeg: 17 },
        { azimuthDeg: 150, elevationDeg: 19 },
        { azimuthDeg: 168, elevationDeg: 4 },
        { azimuthDeg: 260, elevationDeg: 5 },
        { azimuthDeg: 300, elevationDeg: 9 },
      ],
    },
    need: {
      loads: [
        load("cooler", "Compressor cooler", { watts: 45, hoursADay: 9, batteryId: "station" }),
        load("lamps", "Lamps", { count: 6, watts: 4, hoursADay: 4, when: "evening", batteryId: "station" }),
        load("laptop", "Laptop", { watts: 45, hoursADay: 4, when: "day", batteryId: "station" }),
        load("kettle", "Kettle", {
          use: "times",
          timesADay: 2,
          timesWh: 90,
          supply: "mains",
          when: "day",
          seasons: ["spring", "summer"],
          batteryId: "station",
        }),
        load("press", "Press motor", {
          watts: 300,
          hoursADay: 1.5,
          supply: "mains",
          when: "day",
          seasons: ["spring", "summer", "autumn"],
          batteryId: "station",
        }),
        load("blower", "Stove’s blower", {
          watts: 20,
          hoursADay: 8,
          when: "night",
          seasons: ["autumn", "winter"],
          batteryId: "station",
        }),
      ],
      batteries: [
        battery("station", "Battery of the station", {
          volts: 24,
          capacityAh: 84,
          keptWarm: true,
          inputIds: ["station"],
        }),
      ],
      sources: [
        {
          id: "engine",
          name: "Alternator, under way",
          kind: "alternator",
          watts: 300,
          hoursADay: 1.5,
          daysAWeek: 2,
          seasons: ["winter", "spring", "summer", "autumn"],
        },
      ],
    },
    panels: [
      { id: "roof", count: 4, sheet: demoPanels.rigid195 },
      { id: "bookbay", count: 2, sheet: demoPanels.folding160 },
    ],
    inputs: [
      { id: "station", sheet: demoInputs.twoPortStation },
      { id: "press", sheet: demoInputs.pressController },
    ],
    wirings: [
      {
        id: "everyday",
        name: "Every day",
        note: "Roof panels on PV 2, folding pair on PV 1. Under way the pair is folded up in the book bay.",
        positionIds: ["parked", "underway"],
        portArrays: [
          portArray("station", "high", matrixStrings("roof", 4, 1)),
          portArray("station", "low", matrixStrings("bookbay", 2, 1)),
        ],
      },
      {
        id: "pressday",
        name: "Press day",
        note: "Roof to the press battery, station on the folding pair alone.",
        positionIds: ["parked"],
        portArrays: [
          portArray("press", "pv", matrixStrings("roof", 2, 2)),
          portArray("station", "low", matrixStrings("bookbay", 2, 1)),
        ],
        runs: [
          cable("back-row", { type: "string", stringId: "r1" }, pressEnd("junction"), { lengthMm: 900, size: "6 mm2" }),
          cable("front-row", { type: "string", stringId: "r2" }, pressEnd("junction"), {
            lengthMm: 3400,
            size: "6 mm2",
          }),
          cable("down", pressEnd("junction"), pressEnd("isolator"), { wayId: "back", size: "10 mm2" }),
          cable("to-press", pressEnd("isolator"), pressEnd("port"), { lengthMm: 700, where: "inside" }),
          cable(
            "press-battery",
            { type: "output", inputId: "press" },
            { type: "bank", inputId: "press" },
            { lengthMm: 1100, where: "inside", size: "10 mm2" },
          ),
        ],
        guards: [
          { id: "press-switch", kind: "isolator", at: pressEnd("isolator"), ratedA: 32, ratedV: 150, breaksA: null },
          {
            id: "press-fuse",
            kind: "fuse",
            at: { type: "bank", inputId: "press" },
            ratedA: 50,
            ratedV: 58,
            breaksA: 10_000,
          },
        ],
      },
    ],
    positions: [
      { id: "parked", name: "Parked", stands: [], hours: null },
      { id: "underway", name: "Under way", stands: [1, 2].map(closed), hours: { fromH: 9, toH: 12 } },
    ],
    space: {
      surfaces: [
        {
          ...plainSurface("roof", "Roof of the Lantern", 2300, 6400),
          camberMm: 20,
          loadKg: 180,
          heightMm: 2900,
        },
      ],
      obstacles: [
        standing("hatch", "Hatch", "hatch", [1500, 3250], [700, 500, 90], 150),
        standing("cupola", "Cupola", "cupola", [750, 5850], [800, 700, 480], 50),
        standing("rack", "Book rack", "rack", [700, 3250], [900, 700, 160], 0),
      ],
      zones: [
        {
          id: "walkway",
          name: "Walkway, canal side",
          surfaceId: "roof",
          kind: "walkway",
          outline: [
            { xMm: 1950, yMm: 0 },
            { xMm: 2300, yMm: 0 },
            { xMm: 2300, yMm: 6400 },
            { xMm: 1950, yMm: 6400 },
          ],
        },
      ],
      glands: [
        {
          id: "vent",
          name: "Old lamp hole",
          surfaceId: "roof",
          xMm: 950,
          yMm: 2350,
          holeMm: 40,
          existing: true,
        },
      ],
      ways: [
        {
          id: "back",
          name: "Back pair to the press battery",
          surfaceId: "roof",
          from: { panelId: "roof", piece: 1 },
          corners: [{ xMm: 500, yMm: 2000 }],
          glandId: "vent",
          onMm: 1800,
          slackPct: 10,
        },
      ],
      lockers: [{ id: "bay", name: "Book bay", lengthMm: 1400, widthMm: 420, heightMm: 700, maxKg: 40 }],
      clearHeightMm: 3600,
      leadMm: null,
      places: [
        { panelId: "roof", piece: 1, surfaceId: "roof", xMm: 500, yMm: 830, turnedDeg: 0, gapMm: 40, inPositions: [] },
        { panelId: "roof", piece: 2, surfaceId: "roof", xMm: 1400, yMm: 830, turnedDeg: 0, gapMm: 40, inPositions: [] },
        { panelId: "roof", piece: 3, surfaceId: "roof", xMm: 500, yMm: 4600, turnedDeg: 0, gapMm: 40, inPositions: [] },
        {
          panelId: "roof",
          piece: 4,
          surfaceId: "roof",
          xMm: 1400,
          yMm: 4600,
          turnedDeg: 0,
          gapMm: 40,
          inPositions: [],
        },
      ],
    },
    protect: {
      currency: madeUpCurrency,
      kwhPrice: 0.4,
      panelEnds: [{ panelId: "bookbay", kindId: "flat", turned: null }],
      portEnds: [{ inputId: "station", portId: "low", kindId: "round", reversed: false, chain: null }],
      controllers: [{ inputId: "press", pvMm2: 16, batteryMm2: 16, backfeed: "none", joins: "negative" }],
    },
    fixings: lanternFixings,
    notes: {
      need: "Press motor 300 W for two hours, lights, laptop, the kettle only on sunny days. About 1.4 kWh a day from April to September.",
      layout:
        "Four panels fit beside the hatch and the cupola if the walkway stays on the canal side. The folding pair lives in the old book bay.",
      mounting:
        "Roof is 1.5 mm aluminium on ribs. Long glued brackets, panels bolted so they come off for the winter yard.",
    },
  },
  {
    name: "Narrowboat with tilting panels",
    site: {
      recordLowC: -12,
      recordHighC: 32,
      latitudeDeg: 53,
      longitudeDeg: -2.4,
      placeName: "Heron Reach",
      timeZone: "Europe/London",
      mount: "tilted",
    },
    mounts: [
      {
        id: "deck",
        name: "Tilted at the mooring",
        kind: "tilted",
        tiltDeg: 0,
        azimuthDeg: null,
        azimuthFrom: "north",
        turning: {
          type: "seasons",
          turns: [
            { fromDay: "04-01", tiltDeg: 25 },
            { fromDay: "10-01", tiltDeg: 60 },
          ],
        },
        pieces: [1, 2].map((piece) => ({ panelId: "deck", piece })),
      },
    ],
    need: {
      by: "line",
      line: { wh: null, ah: 90 },
      batteries: [battery("house", "House batteries", { chemistry: "lead", volts: 24, capacityAh: 220 })],
    },
    panels: [{ id: "deck", count: 2, sheet: demoPanels.rigid410 }],
    inputs: [{ id: "controller", sheet: demoInputs.boatController }],
    wirings: [
      {
        id: "wiring-1",
        name: "First wiring",
        note: "",
        portArrays: [portArray("controller", "pv", matrixStrings("deck", 2, 1))],
      },
    ],
    notes: { layout: "Two panels on the cabin roof. Flat under the low bridges, tilted at the mooring." },
  },
  {
    name: "Rooftop tent with one blanket",
    site: { recordLowC: -4, recordHighC: 34, latitudeDeg: null, mount: "freeStanding" },
    panels: [{ id: "blanket", count: 1, sheet: demoPanels.blanket60 }],
    inputs: [{ id: "box", sheet: demoInputs.smallStation }],
    wirings: [
      {
        id: "wiring-1",
        name: "First wiring",
        note: "",
        portArrays: [portArray("box", "dc", matrixStrings("blanket", 1, 1))],
      },
    ],
    notes: {},
  },
  {
    name: "Bee-keeper’s shed, long cable",
    site: { recordLowC: -18, recordHighC: 30, latitudeDeg: 55.5, mount: "tilted" },
    panels: [{ id: "shed", count: 3, sheet: demoPanels.poly240 }],
    inputs: [{ id: "station", sheet: demoInputs.middleStation }],
    wirings: [
      {
        id: "wiring-1",
        name: "First wiring",
        note: "",
        portArrays: [portArray("station", "pv", matrixStrings("shed", 1, 3))],
      },
    ],
    notes: { wiring: "38 m from the frame behind the hives to the shed." },
  },
];

/** The demo plans as documents, validated like any file. */
export function demoPlans(): Plan[] {
  return sketches.map((sketch) => {
    const plan = emptyPlan(sketch.name);
    const positions = sketch.positions ?? plan.positions;
    return planSchema.parse({
      ...plan,
      site: {
        ...plan.site,
        ...sketch.site,
        recordLowSource: sketch.site.recordLowC === undefined ? null : "typed",
        recordHighSource: sketch.site.recordHighC === undefined ? null : "typed",
      },
      panels: sketch.panels.map(({ id, count, sheet }) => ({
        id,
        libraryId: null,
        label: sheet,
        ...newPieces(count),
        measured: null,
      })),
      inputs: sketch.inputs.map(({ id, sheet }) => ({ id, libraryId: null, device: sheet })),
      positions,
      need: { ...plan.need, ...sketch.need },
      mounts: sketch.mounts ?? [],
      fixings: { ...plan.fixings, list: sketch.fixings ?? [] },
      space: sketch.space ?? plan.space,
      protect: { ...plan.protect, ...sketch.protect },
      wirings: sketch.wirings.map(({ portArrays, ...wiring }) => {
        const named = nameStrings(portArrays, 0);
        return { positionIds: positions.slice(0, 1).map(({ id }) => id), runs: [], guards: [], ...wiring, ...named };
      }),
      notes: { ...plan.notes, ...sketch.notes },
    });
  });
}
