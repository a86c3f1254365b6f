import "server-only";
export { contentSecurityPolicy, refusal } from "./guards";
