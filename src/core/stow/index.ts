export { type Folded, foldedIn, folds, stow, type Stowing } from "./stow";
