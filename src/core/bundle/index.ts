export { alone, type BundleParts, isBundle, planBundle, planBundleName, readBundle } from "./bundle";
export { maxBundleBytes } from "./limits";
