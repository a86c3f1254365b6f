import { type Random } from "@/core/engine/random";
import { type MadeLabel } from "./made-label";

/** A row of a sticker: what it says, and, on some, what everyday conditions give. */
export type Row = { readonly name: string; readonly value: string; readonly everyday?: string };
export type Told = {
  readonly rows: readonly Row[];
  readonly fields: Readonly<Record<string, number>>;
};

/** Which rows stand on a sticker, in what order and in which words. */
export function anyRows(label: MadeLabel, draw: Random, withEveryday: boolean): Told {
  const fields: Record<string, number> = {};
  const fixed = draw.chance(0.5) ? 2 : null;
  const told = (value: number) => (fixed === null ? String(value) : value.toFixed(fixed));
  const gap = draw.pick([" ", " ", ""]);
  const signs = draw.chance(0.25);
  const row = (
    field: string,
    names: readonly [string, ...string[]],
    value: number,
    words: string,
    everyday?: string,
  ): Row => {
    fields[field] = value;
    return { name: draw.pick(names), value: words, ...(everyday === undefined || !withEveryday ? {} : { everyday }) };
  };
  const { pmaxW, vmpV, impA, vocV, iscA } = label;
  const noct = (value: number, share: number, unit: string, digits: number) =>
    `${(value * share).toFixed(digits)}${gap}${unit}`;
  const style = draw.whole(0, 2);
  const named = (short: string, long: string, both: string): [string] => [[short, long, both][style] ?? both];
  const main: Row[] = [
    row(
      "pmaxW",
      named(draw.pick(["Pmax", "Pm", "Pmpp"]), "Rated Power", "Maximum Power (Pmax)"),
      pmaxW,
      `${pmaxW}${gap}${draw.pick(["W", "Wp"])}`,
      noct(pmaxW, 0.745, "W", 1),
    ),
    row(
      "vmpV",
      named("Vmp", "Max. Power Voltage", "Optimum Operating Voltage (Vmp)"),
      vmpV,
      `${told(vmpV)}${gap}V`,
      noct(vmpV, 0.93, "V", 1),
    ),
    row(
      "impA",
      named("Imp", "Max. Power Current", "Optimum Operating Current (Imp)"),
      impA,
      `${told(impA)}${gap}A`,
      noct(impA, 0.8, "A", 2),
    ),
    row(
      "vocV",
      named("Voc", "Open Circuit Voltage", "Open-Circuit Voltage (Voc)"),
      vocV,
      `${told(vocV)}${gap}V`,
      noct(vocV, 0.94, "V", 1),
    ),
    row(
      "iscA",
      named("Isc", "Short Circuit Current", "Short-Circuit Current (Isc)"),
      iscA,
      `${told(iscA)}${gap}A`,
      noct(iscA, 0.807, "A", 2),
    ),
  ];
  if (draw.chance(0.3)) main.splice(1, 4, ...main.slice(1).reverse());
  const rest: Row[] = [];
  if (draw.chance(0.5))
    rest.push({ name: draw.pick(["Power tolerance", "Tolerance"]), value: draw.pick(["0~+5W", "+/-3%", "0 ~ +3%"]) });
  rest.push(
    row(
      "maxSystemV",
      ["Max. System Voltage", "Maximum system voltage"],
      label.maxSystemV,
      `${draw.pick(["", "", "DC"])}${label.maxSystemV}${gap}V${draw.pick(["", " DC"])}`,
    ),
  );
  rest.push(
    row("maxSeriesFuseA", ["Max. Series Fuse", "Max Series Fuse Rating"], label.fuseA, `${label.fuseA}${gap}A`),
  );
  if (draw.chance(0.6)) {
    const unit = draw.pick(["%/°C", "%/K", " %/K"]);
    const coefficient = (field: string, of: string, value: number) =>
      row(
        field,
        [`Temp. coeff. ${of}`, `Temp. Coefficient (${of})`],
        value,
        `${signs && value > 0 ? "+" : ""}${value.toFixed(2)}${unit}`,
      );
    rest.push(
      coefficient("tempCoVocPctPerC", "Voc", label.betaPct),
      coefficient("tempCoIscPctPerC", "Isc", label.alphaPct),
      coefficient("tempCoPmaxPctPerC", "Pmax", label.gammaPct),
    );
  }
  if (draw.chance(0.4))
    rest.push({ name: "Cell type", value: draw.pick(["Monocrystalline", "Polycrystalline", "Mono PERC"]) });
  if (draw.chance(0.5))
    rest.push(
      row(
        "cellsInSeries",
        ["Cells", "No. of cells"],
        label.cells,
        draw.pick([`${label.cells} pcs`, `${label.cells} in series`, String(label.cells)]),
      ),
    );
  if (draw.chance(0.5)) {
    fields["lengthMm"] = label.lengthMm;
    fields["widthMm"] = label.widthMm;
    const by = draw.pick(["x", " x ", " × "]);
    rest.push({
      name: draw.pick(["Dimensions", "Size", "Dim."]),
      value: `${label.lengthMm}${by}${label.widthMm}${by}35${gap}mm`,
    });
  }
  if (draw.chance(0.4)) rest.push(row("weightKg", ["Weight", "Weight"], label.weightKg, `${label.weightKg}${gap}kg`));
  return { rows: [...main, ...rest], fields };
}
