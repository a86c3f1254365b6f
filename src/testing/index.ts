export { effort } from "./effort";
