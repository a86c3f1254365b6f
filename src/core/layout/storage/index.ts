export { foldedIn, folds, stow } from "./stow";
