/**
 * How long a test waits for what a page has to show, ms. No test is about how long something takes, and machines differ; only what
 * never comes is waited for in vain.
 */
export const patienceMs = 30_000;
