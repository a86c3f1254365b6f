import {
  fieldNames,
  type PanelField,
  type PanelFieldCatalogue,
  type PanelFieldName,
  panelFields,
  type PanelSheet,
} from "../plan";
import { choice, coefficient, type Column, price, quantity, sizes, text } from "./column";

/** The columns of a table of panels, in the order a label is read. */
export function panelColumnsOf(catalogue: PanelFieldCatalogue): readonly Column<PanelSheet>[] {
  return [
    text("name", "Name", 80, ["panel", "model", "product", "title"]),
    choice(
      "kind",
      "Kind",
      {
        rigid: ["rigid glass", "glass"],
        flexible: ["flexible crystalline", "semi flexible"],
        thinFilm: ["thin film", "film"],
        folding: ["folding with legs", "foldable", "portable"],
        blanket: [],
      },
      ["type"],
    ),
    choice(
      "cellType",
      "Cells",
      { mono: ["monocrystalline"], poly: ["polycrystalline", "multicrystalline"], cigs: ["cigs thin film"] },
      ["cell type", "cell technology", "technology"],
    ),
    ...fieldNames(catalogue).flatMap((name) => {
      const row = catalogue[name] as PanelField;
      return [...columnsOf(name as PanelFieldName, row), ...(after[name] ?? [])];
    }),
  ];
}

function columnsOf(name: PanelFieldName, field: PanelField): readonly Column<PanelSheet>[] {
  if (name === "price") return price<PanelSheet>();
  const { title, titles, shareOf } = field;
  return [
    shareOf === null
      ? quantity<PanelSheet>(name, field, title, titles)
      : coefficient<PanelSheet>(name, field, shareOf.field, shareOf.unit, title, titles),
  ];
}

const sized = (...names: readonly PanelFieldName[]) => names.map((name) => [name, panelFields[name]] as const);

/** Columns that are no number of the label, each after the number it belongs to. */
const after: Readonly<Partial<Record<string, readonly Column<PanelSheet>[]>>> = {
  cellsAcross: [
    choice("cellCut", "Cell cut", { unknown: [], whole: ["full cell", "full"], half: ["half cut", "half cell"] }, [
      "cut",
    ]),
  ],
  widthMm: [sizes<PanelSheet>(sized("lengthMm", "widthMm"), "Size", ["dimensions", "size l w", "length width"])],
  stowedDepthMm: [
    sizes<PanelSheet>(sized("stowedLengthMm", "stowedWidthMm", "stowedDepthMm"), "Stowed size", [
      "folded size",
      "folded dimensions",
    ]),
  ],
};

export const panelColumns = panelColumnsOf(panelFields);
