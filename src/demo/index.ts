export { demoInputs } from "./inputs";
export { demoPanels } from "./panels";
export { demoPlans } from "./plans";
export { demoLog, demoReadings } from "./readings";
export { withDemoHistory } from "./lived";
