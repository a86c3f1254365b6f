export { isBundle, mostBundleBytes, planBundle, planBundleName, readBundle } from "./bundle";
