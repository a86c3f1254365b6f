/** A word that the product does not use for what it means, and what it says instead. */
export type BannedTerm = { readonly pattern: RegExp; readonly say: string };

/**
 * One word for one thing: words that could be read two ways, or that nobody would search for, and what stands in their place. The test
 * beside this list reads every message and the documentation.
 */
export const bannedTerms: readonly BannedTerm[] = [
  { pattern: /\b(open|shorted|running) (volts|amps)\b/i, say: "Voc, Isc, operating voltage, operating current" },
  {
    pattern: /\brows? (of panels|in parallel|above|below)\b|\bin (a|one) row\b|\bof (the|its) row\b/i,
    say: "string",
  },
  { pattern: /\bpanels? side by side\b/i, say: "in parallel" },
  { pattern: /\bceilings?\b/i, say: "max PV voltage" },
  { pattern: /\bbears?\b/i, say: "is rated for, can carry, can hold" },
  { pattern: /\bpass(es)? (a|the|any) (limit|ceiling)\b/i, say: "exceeds, is above" },
  { pattern: /\b(rules?|checks?) that pass(es)?\b/i, say: "OK" },
  { pattern: /\blanes?\b/i, say: "PV input" },
  { pattern: /\bposes?\b/i, say: "position" },
  { pattern: /\bschools?\b/i, say: "standard, mounting method" },
  { pattern: /\bmend(s|ed|ing)?\b/i, say: "fix" },
  { pattern: /\bledgers?\b/i, say: "Checks" },
  { pattern: /\breckon\w*\b/i, say: "calculate" },
  { pattern: /\bstand-?ins?\b(?!\.md)/i, say: "simulator" },
  { pattern: /\b(take|takes|taken|took) out\b/i, say: "bypass, remove" },
  { pattern: /\b(let|lets) go\b/i, say: "discard, release" },
  { pattern: /\bbrings? (it )?home\b/i, say: "import" },
  { pattern: /\bretired?\b/i, say: "archive" },
  { pattern: /\bpart(s|ed)? (a|the|both|live) (plug|connector|pole)s?\b/i, say: "disconnect" },
  { pattern: /\b(a|the|each|its|turned|modular|live) plugs?\b(?! (in|into|straight))/i, say: "connector" },
  { pattern: /\bstays? on the roof\b/i, say: "is clipped" },
  { pattern: /\bnobody (has )?looked\b/i, say: "not checked" },
  { pattern: /\bwell as may be\b|\bas it were\b|\bfor good\b|\bthe other way round\b/i, say: "plain words" },
  { pattern: /\bmay be connected\b/i, say: "OK to connect" },
  { pattern: /\bnothing (drawn|connected) volts\b/i, say: "Voc" },
  { pattern: /\bhow full\b/i, say: "state of charge" },
  { pattern: /\blooks to\b/i, say: "direction (azimuth)" },
  { pattern: /\bgalls?\b|\banew\b|\bto and fro\b/i, say: "again" },
  { pattern: /\b(draws|drawn) up to\b/i, say: "self-limiting, uses at most" },
  { pattern: /\bcould be had\b|\bcame of it\b/i, say: "available, harvested" },
  { pattern: /\bkept in this browser\b/i, say: "stored in this browser" },
];

/** A sentence longer than this is two. */
export const maxWords = 30;
