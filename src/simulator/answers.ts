/** What a device answered, as numbers; the same lines whether it is a stand-in or the bridge of a real one. */
export type MeterAnswer =
  | { readonly type: "volts" | "amps"; readonly value: number }
  | { readonly type: "inline"; readonly volts: number; readonly amps: number; readonly watts: number }
  | { readonly type: "display"; readonly watts: number; readonly socPct: number; readonly words: string | null }
  | { readonly type: "sky"; readonly wm2: number; readonly airC: number }
  | { readonly type: "ok" }
  /** More than the range of the dial shows. */
  | { readonly type: "over" }
  | { readonly type: "fault"; readonly message: string };

const number = "(-?\\d{1,7}(?:\\.\\d{1,6})?)";
const lines: readonly {
  readonly shape: RegExp;
  readonly read: (n: readonly number[], text: readonly string[]) => MeterAnswer;
}[] = [
  { shape: /^OK$/, read: () => ({ type: "ok" }) },
  { shape: /^OL$/, read: () => ({ type: "over" }) },
  { shape: new RegExp(`^${number} V (?:DC|AC)$`), read: ([value = 0]) => ({ type: "volts", value }) },
  { shape: new RegExp(`^${number} mV DC$`), read: ([value = 0]) => ({ type: "volts", value: value / 1000 }) },
  { shape: new RegExp(`^${number} A DC$`), read: ([value = 0]) => ({ type: "amps", value }) },
  {
    shape: new RegExp(`^${number} V ${number} A ${number} W$`),
    read: ([volts = 0, amps = 0, watts = 0]) => ({ type: "inline", volts, amps, watts }),
  },
  {
    shape: new RegExp(`^${number} W ${number} %$`),
    read: ([watts = 0, socPct = 0]) => ({ type: "display", watts, socPct, words: null }),
  },
  {
    shape: new RegExp(`^(OVER VOLTAGE|ASLEEP) ${number} %$`),
    read: ([, socPct = 0], [words = ""]) => ({ type: "display", watts: 0, socPct, words }),
  },
  { shape: new RegExp(`^${number} W/m2 ${number} C$`), read: ([wm2 = 0, airC = 0]) => ({ type: "sky", wm2, airC }) },
];

/** A line of a device, whatever it is: what is not one of the known lines is a fault, and never a number. */
export function parseAnswer(line: string): MeterAnswer {
  if (line.startsWith("ERR ")) return { type: "fault", message: line.slice(4, 300) };
  for (const { shape, read } of lines) {
    const found = shape.exec(line.trim());
    if (found !== null) return read(found.slice(1).map(Number), found.slice(1));
  }
  return { type: "fault", message: `answered ${JSON.stringify(line.slice(0, 60))}, which is not a reading` };
}
