export { type BundleParts, isBundle, mostBundleBytes, planBundle, planBundleName, readBundle } from "./bundle";
