export { type Folded, foldedIn, stow, type Stowing } from "./stow";
