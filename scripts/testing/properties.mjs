import fc from "fast-check";

/**
 * Property tests draw the same cases on every run, so that a failure is seen by whoever caused it;
 * GOLDEN_ARRAY_SEED draws others. A failed case is not shrunk: shrinking a net of nets can take hours.
 */
fc.configureGlobal({ seed: Number(process.env["GOLDEN_ARRAY_SEED"] ?? 20261123), endOnFailure: true });
