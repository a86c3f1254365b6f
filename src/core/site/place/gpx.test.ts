import { maxGpxBytes, readGpx } from ".";

const wrapped = (inner: string) => `<?xml version="1.0"?>\n<gpx version="1.1" creator="x">\n${inner}\n</gpx>`;
const faultOf = (text: string) => {
  const reading = readGpx(text);
  if (reading.type === "stays") throw new Error("it was taken");
  return reading;
};

test("way points are stays by their names and dates", () => {
  const text = wrapped(
    `<wpt lat="57.1" lon="-3.2"><name>Otter Lock</name><time>2026-05-01T18:00:00Z</time></wpt>\n<wpt lat="56" lon="-4"/>`,
  );
  expect(readGpx(text)).toEqual({
    type: "stays",
    stays: [
      { name: "Otter Lock", latitudeDeg: 57.1, longitudeDeg: -3.2, fromDate: "2026-05-01", toDate: "2026-05-01" },
      { name: "Stop 2", latitudeDeg: 56, longitudeDeg: -4, fromDate: null, toDate: null },
    ],
  });
});

test("of a track the nights are taken, those near one another as one stay", () => {
  const point = (lat: number, at: string) => `<trkpt lat="${lat}" lon="10"><time>${at}</time></trkpt>`;
  const text = wrapped(
    `<trk><trkseg>${point(50, "2026-05-01T08:00:00Z")}${point(50.5, "2026-05-01T20:00:00Z")}${point(50.51, "2026-05-02T20:00:00Z")}${point(51.5, "2026-05-03T20:00:00Z")}</trkseg></trk>`,
  );
  expect(readGpx(text)).toMatchObject({
    stays: [
      { latitudeDeg: 50.5, fromDate: "2026-05-01", toDate: "2026-05-02" },
      { latitudeDeg: 51.5, fromDate: "2026-05-03", toDate: "2026-05-03" },
    ],
  });
});

test.each<[string, string, object]>([
  ["too large", " ".repeat(maxGpxBytes + 1), { line: 1, field: "file" }],
  [
    "entities",
    `<?xml version="1.0"?>\n<!DOCTYPE gpx [<!ENTITY a "aaaa">]>\n<gpx>&a;</gpx>`,
    { line: 2, field: "DOCTYPE" },
  ],
  ["not a number", wrapped(`<wpt lat="57" lon="1"/>\n<wpt lat="NaN" lon="1"/>`), { line: 4, field: "wpt lat" }],
  ["off the Earth", wrapped(`<wpt lat="57" lon="1e9"/>`), { line: 3, field: "wpt lon" }],
  ["no such time", wrapped(`<wpt lat="57" lon="1"><time>soon</time></wpt>`), { line: 3, field: "wpt time" }],
  ["broken off", `<gpx>\n<wpt lat="57"`, { field: "XML" }],
  ["another file", `<kml/>`, { field: "gpx" }],
  ["a track without times", wrapped(`<trk><trkseg><trkpt lat="1" lon="1"/></trkseg></trk>`), { field: "gpx" }],
])("%s is refused with its line and field", (_, text, expected) => {
  expect(faultOf(text)).toMatchObject(expected);
});

test.each(["__proto__", "", "hasOwnProperty", "toString", "prototype"])(
  "an element called %s is read past or refused, and never thrown past its own fault",
  (name) => {
    for (const inner of [
      `<${name}>1</${name}>`,
      `<wpt lat="1" lon="2"><${name}/></wpt>`,
      `<wpt lat="1" lon="2" ${name}="1"/>`,
    ])
      expect(["stays", "fault"]).toContain(readGpx(wrapped(inner)).type);
  },
);
