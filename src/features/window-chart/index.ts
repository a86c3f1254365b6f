export { LazyWindowChart as WindowChart } from "./LazyWindowChart";
export { nothingLit } from "./nothing-lit";
