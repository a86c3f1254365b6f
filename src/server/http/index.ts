import "server-only";
export { answer, answerNothing, fault, guarded, parsed, planHttpFault, staleFault, troubleWords } from "./answer";
export { libraryRoutes } from "./library-routes";
export { planSearch } from "./plan-search";
export { bodyBytes, bodyJson, bodyFile, bodyText, ifMatch } from "./request";
export { isPhone, phoneRoutes, phonesState } from "./phone-routes";
