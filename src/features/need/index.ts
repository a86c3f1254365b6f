export { needStep } from "./step";
