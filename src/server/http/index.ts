import "server-only";
export { answer, answerFault, answerNothing, fault, guarded, HttpFault, parsed, planFaultSentence, planHttpFault, staleFault } from "./answer";
export { libraryRoutes } from "./library-routes";
export { bodyJson, bodyText, ifMatch } from "./request";
