export { spiceNetlist } from "./netlist";
