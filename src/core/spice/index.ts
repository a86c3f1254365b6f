export { spiceNetlist, type Sweep } from "./netlist";
