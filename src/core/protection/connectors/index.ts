export { type ChainFault, type Ends, findChain, followChain, type Followed, type Link } from "./chain";
export {
  type Adapter,
  type PlugKind,
  defaultAdapters,
  defaultKinds,
  defaultPanelKind,
  defaultPortKinds,
} from "./kinds";
