export { InputStop } from "./InputStop";
