import { type PanelSheet } from "../plan";
import { choice, coefficient, type Column, price, quantity, sizes, text } from "./column";

/** The columns of a table of panels, in the order a label is read. */
export const panelColumns: readonly Column<PanelSheet>[] = [
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
  quantity("pmaxW", "Pmax", ["power", "watts", "rated power", "maximum power", "max power", "wp", "nominal power"]),
  quantity("vmpV", "Vmp", [
    "vmpp",
    "umpp",
    "maximum power voltage",
    "voltage at maximum power",
    "voltage at pmax",
    "operating voltage",
  ]),
  quantity("impA", "Imp", [
    "impp",
    "maximum power current",
    "current at maximum power",
    "current at pmax",
    "operating current",
  ]),
  quantity("vocV", "Voc", ["uoc", "open circuit voltage"]),
  quantity("iscA", "Isc", ["short circuit current"]),
  coefficient("tempCoVocPctPerC", "vocV", "V", "Voc coefficient", [
    "temp coefficient voc",
    "temperature coefficient of voc",
    "beta voc",
    "beta",
  ]),
  coefficient("tempCoPmaxPctPerC", "pmaxW", "W", "Pmax coefficient", [
    "temp coefficient pmax",
    "temperature coefficient of pmax",
    "gamma pmax",
    "gamma",
  ]),
  coefficient("tempCoIscPctPerC", "iscA", "A", "Isc coefficient", [
    "temp coefficient isc",
    "temperature coefficient of isc",
    "alpha isc",
    "alpha",
  ]),
  quantity("maxSystemV", "Max system voltage", ["maximum system voltage", "system voltage"]),
  quantity("maxSeriesFuseA", "Max series fuse", ["maximum series fuse rating", "series fuse", "fuse rating"]),
  quantity("cellsInSeries", "Cells in series", ["number of cells", "cell count"]),
  quantity("bypassDiodes", "Bypass diodes", ["diodes"]),
  quantity("cellsAlong", "Cells along", ["cells along the length"]),
  quantity("cellsAcross", "Cells across", ["cells across the width"]),
  choice("cellCut", "Cell cut", { unknown: [], whole: ["full cell", "full"], half: ["half cut", "half cell"] }, [
    "cut",
  ]),
  quantity("lengthMm", "Length", ["height"]),
  quantity("widthMm", "Width", []),
  sizes(["lengthMm", "widthMm"], "Size", ["dimensions", "size l w", "length width"]),
  quantity("stowedLengthMm", "Stowed length", ["folded length"]),
  quantity("stowedWidthMm", "Stowed width", ["folded width"]),
  quantity("stowedDepthMm", "Stowed depth", ["folded depth", "folded thickness"]),
  sizes(["stowedLengthMm", "stowedWidthMm", "stowedDepthMm"], "Stowed size", ["folded size", "folded dimensions"]),
  quantity("weightKg", "Weight", ["mass"]),
  ...price<PanelSheet>(),
];
