import "server-only";
export { remoteHeader, contentSecurityPolicy, loopbackNames, namedHosts, refusal, spoolHeader } from "./guards";
