import { createRandom } from "../src/core/engine/random";

/**
 * What a club, a public address or half a continent would ask of the application: requests, bytes, processes and money, simulated from
 * what one server was measured to take (`npm run bench scale`, docs/SCALING.md). Prices are assumptions, to be put right by whoever
 * pays them.
 */
const measured = {
  /** Time of one core for a request, ms; a page with the plan it asks for. */ pageMs: 20,
  saveMs: 20,
  readMs: 5,
  /** What goes over the wire, kB packed. */ pageKb: 17,
  saveKb: 28,
  readKb: 30,
  /** Script and fonts of a first visit, kB packed; a browser keeps them. */ firstVisitKb: 1400,
  /** On the disk, kB. */ planKb: 15,
  editKb: 0.2,
  readingKb: 0.75,
};
const habits = {
  /** Of all people so many are at it in the busiest hour. */ activeShare: 0.02,
  /** Each of them in that hour. */ pages: 8,
  saves: 60,
  reads: 10,
  /** Of a year: plans, edits and readings of a person; visits a month, of which so many with an empty cache. */ plans: 3,
  edits: 400,
  readings: 300,
  visits: 4,
  firstShare: 0.25,
};
const prices = { coreMonth: 12, gbStoredMonth: 0.1, gbSent: 0.02 };
/** So much of its cores a site should use at most in its busiest hour. */
const maxUse = 0.6;

/** 95th percentile of how long a request takes at so many cores, ms: arrivals at random, one request a core at a time. */
function p95Ms(perSecond: number, cores: number): number {
  const draw = createRandom(cores);
  const free = new Float64Array(cores);
  const times: number[] = [];
  const count = 60_000;
  let now = 0;
  for (let k = 0; k < count; k++) {
    now += (-Math.log(1 - draw.number(0, 1)) * 1000) / perSecond;
    const kind = draw.number(0, habits.pages + habits.saves + habits.reads);
    const mean =
      kind < habits.pages ? measured.pageMs : kind < habits.pages + habits.saves ? measured.saveMs : measured.readMs;
    const takes = mean * draw.number(0.7, 1.6);
    // the core that is free first
    let first = 0;
    for (let c = 1; c < cores; c++) if ((free[c] ?? 0) < (free[first] ?? 0)) first = c;
    const begins = Math.max(now, free[first] ?? 0);
    free[first] = begins + takes;
    times.push(begins + takes - now);
  }
  times.sort((a, b) => a - b);
  return times[Math.floor(0.95 * count)] ?? 0;
}

const whole = (value: number) => Math.round(value).toLocaleString("en").replaceAll(",", " ");
console.log(
  "people | active | requests/s | saves/s | Mbit/s | cores | p95 ms | stored GB/year | sent TB/month | money/month",
);
for (const people of [1000, 100_000, 10_000_000]) {
  const active = people * habits.activeShare;
  const each = (times: number) => (active * times) / 3600;
  const perSecond = each(habits.pages + habits.saves + habits.reads);
  const busyMs =
    each(habits.pages) * measured.pageMs + each(habits.saves) * measured.saveMs + each(habits.reads) * measured.readMs;
  const cores = Math.max(2, Math.ceil(busyMs / 1000 / maxUse));
  const kbPerSecond =
    each(habits.pages) * measured.pageKb + each(habits.saves) * measured.saveKb + each(habits.reads) * measured.readKb;
  const storedGb =
    (people *
      (habits.plans * measured.planKb + habits.edits * measured.editKb + habits.readings * measured.readingKb)) /
    1e6;
  const visits = people * habits.visits;
  const sentGb =
    (visits *
      (habits.firstShare * measured.firstVisitKb + habits.pages * measured.pageKb + habits.reads * measured.readKb)) /
    1e6;
  const money = cores * prices.coreMonth + storedGb * prices.gbStoredMonth + sentGb * prices.gbSent;
  // beyond some hundred cores each of many sites of a hundred takes its share: what waits is the same
  const simulated = Math.min(cores, 64);
  console.log(
    [
      whole(people),
      whole(active),
      perSecond.toFixed(1),
      each(habits.saves).toFixed(1),
      ((kbPerSecond * 8) / 1000).toFixed(1),
      whole(cores),
      p95Ms((perSecond * simulated) / cores, simulated).toFixed(0),
      storedGb.toFixed(1),
      (sentGb / 1000).toFixed(3),
      whole(money),
    ].join(" | "),
  );
}
