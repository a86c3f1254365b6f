export { GlossaryDrawer } from "./GlossaryDrawer";
export { TermHelp } from "./TermHelp";
