import "server-only";
export { askerHeader, contentSecurityPolicy, loopbackNames, namedHosts, refusal, spoolHeader } from "./guards";
