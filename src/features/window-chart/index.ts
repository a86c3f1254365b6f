export { LazyWindowChart as WindowChart } from "./LazyWindowChart";
export { skyWords } from "./words";
