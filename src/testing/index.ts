export { effort } from "./effort";
export { anyLabel, anyNet, anyNetWithParts, number, plausibleLabel, plausiblePanel } from "./nets";
export { changed, demoPlan, findingIn, mixedPlan, planWith, row, type Setting, verdictOn } from "./plans";
