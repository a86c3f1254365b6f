export { type FieldName, type FieldSpec, fieldSpecs, type Unit } from "./field";
export { type CoefficientBase, readCoefficient, type QuantityReading, readQuantity } from "./reading";
export { showingOf, toShown, type UnitSystem, unitSystems } from "./system";
export { partTail } from "./tail";
