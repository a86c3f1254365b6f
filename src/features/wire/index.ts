export { WireStop } from "./WireStop";
