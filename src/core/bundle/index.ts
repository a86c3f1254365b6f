export { alone, type BundleParts, isBundle, mostBundleBytes, planBundle, planBundleName, readBundle } from "./bundle";
