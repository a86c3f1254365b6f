export { LazyWindowChart as WindowChart } from "./LazyWindowChart";
export { nothingLit, skyWords } from "./words";
