/** Who may import whom. The checks of it are in layers.mjs; docs/ARCHITECTURE.md says why. */

/** For each floor of `src` the floors it may import besides itself. @type {Readonly<Record<string, readonly string[]>>} */
export const floors = {
  core: [],
  messages: ["core", "practice"],
  ui: ["core", "messages"],
  workers: ["core", "messages"],
  simulator: ["core"],
  practice: ["core", "demo", "simulator"],
  api: ["core"],
  server: ["core", "messages", "api", "simulator", "demo"],
  features: ["core", "messages", "ui", "workers", "api", "practice", "demo", "simulator", "phone-sheet"],
  app: ["core", "messages", "ui", "workers", "api", "features", "server", "demo", "simulator"],
  cases: ["core", "messages"],
  demo: ["core"],
  // its script goes out alone, into one file
  "phone-sheet": ["core"],
  testing: ["core", "messages", "demo"],
  "proxy.ts": ["server"],
};

/** The texts of one view, taken by that view alone rather than through the entry, so that a page carries only its own. */
export const viewTexts = /^src\/messages\/en\/(?!rules\/)[a-z-]+\//;

/** The folders of core in the order in which they build on one another: each imports only those before it. */
export const coreOrder = [
  "engine",
  "measurements",
  "image-type",
  "site",
  "plan",
  "library",
  "bundle",
  "panels/label-import",
  "need",
  "layout/roof",
  "layout/storage",
  "protection/connectors",
  "protection/cabling",
  "mounting",
  "plan-model",
  "checks",
  "panels/rules",
  "layout/rules",
  "mounting/rules",
  "wiring/rules",
  "protection/rules",
  "assessment",
  "protection/diagram",
  "drawings",
  "wiring/harvest",
  "wiring/year",
  "wiring/best-wirings",
  "commissioning",
  "log",
  "phone-sheet/qr-chunks",
  "phone-sheet",
];

/**
 * `shared`: features that several steps use, each with what it may itself use; they know no step. All others use the shared ones, and
 * of one another only what is `borrowed`.
 * @type {{ readonly shared: Readonly<Record<string, readonly string[]>>, readonly borrowed: Readonly<Record<string, readonly string[]>> }}
 */
export const features = {
  shared: {
    "worker-hooks": [],
    sync: [],
    "plan-session": ["worker-hooks", "sync"],
    "commissioning-request": [],
    simulator: ["commissioning-request"],
    multimeter: [],
    "string-board": ["plan-session", "window-chart"],
    "print-tables": [],
    "phone-sheet": ["plan-session", "print-tables", "commissioning-request"],
    checks: ["worker-hooks", "plan-session"],
    changeover: ["plan-session"],
    glossary: ["plan-session"],
    "window-chart": [],
    notes: ["plan-session"],
    "part-price": ["plan-session"],
    year: ["worker-hooks", "plan-session"],
    "best-wirings": ["worker-hooks", "plan-session", "year"],
    "label-import": [],
  },
  // its forms are theirs, so that a sheet is typed in one way only
  borrowed: { library: ["panels", "controllers"] },
};
