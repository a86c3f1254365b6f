export {
  alone,
  type BundleParts,
  type BundleReading,
  isBundle,
  planBundle,
  planBundleName,
  readBundle,
} from "./bundle";
export { maxBundleBytes } from "./limits";
