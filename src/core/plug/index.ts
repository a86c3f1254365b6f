export { type ChainFault, type ChainPlace, type Ends, findChain, followChain, type Followed, type Link } from "./chain";
export { type Adapter, type PlugKind, usualAdapters, usualKinds, usualPanelKind, usualPortKinds } from "./kinds";
