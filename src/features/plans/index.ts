export { PlansView } from "./PlansView";
