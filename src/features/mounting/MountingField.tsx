import { type Fixing } from "@/core/plan";
import { fieldSpecs, type FieldName } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { QuantityField } from "@/ui";
import { useReport } from "./facts";

/** The change of one field of the fixing shown, one undo step while it is typed. */
export function usePatch() {
  const desk = useDesk();
  const { fixing } = useReport();
  return (patch: Partial<Fixing>, gesture?: string) =>
    desk.change(
      { type: "patchFixing", fixingId: fixing.id, patch },
      gesture === undefined ? undefined : `fixing:${fixing.id}:${gesture}`,
    );
}

type Stated =
  | "speedKmh"
  | "gustMs"
  | "stowKn"
  | "feet"
  | "footLongMm"
  | "footWideMm"
  | "shortTermKpa"
  | "longTermKpa"
  | "ratedC"
  | "pullOutN"
  | "tiltDeg"
  | "heightMm"
  | "baseLongMm"
  | "baseKg"
  | "anchorsPerSide"
  | "anchorEachN"
  | "snowKnM2"
  | "footHeightMm";

const specs: Readonly<Record<Stated, FieldName>> = {
  speedKmh: "speedKmh",
  gustMs: "gustMs",
  stowKn: "knots",
  feet: "feet",
  footLongMm: "footMm",
  footWideMm: "footMm",
  shortTermKpa: "kpa",
  longTermKpa: "kpa",
  ratedC: "ratedC",
  pullOutN: "newton",
  tiltDeg: "slopeDeg",
  heightMm: "surfaceMm",
  baseLongMm: "surfaceMm",
  baseKg: "baseKg",
  anchorsPerSide: "anchors",
  anchorEachN: "newton",
  snowKnM2: "snowKnM2",
  footHeightMm: "footHeightMm",
};

export function MountingField({
  of,
  label,
  placeholder,
  help,
}: {
  readonly of: Stated;
  readonly label: string;
  readonly placeholder: string;
  readonly help: string;
}) {
  const desk = useDesk();
  const { fixing } = useReport();
  const patch = usePatch();
  return (
    <QuantityField
      label={label}
      spec={fieldSpecs[specs[of]]}
      value={fixing[of]}
      onValue={(next) => patch({ [of]: next }, of)}
      onDone={desk.endGesture}
      placeholder={placeholder}
      help={help}
    />
  );
}
