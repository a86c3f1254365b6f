export { PhonesView } from "./PhonesView";
