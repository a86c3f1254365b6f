export { LazyFinder as FinderSheet } from "./LazyFinder";
