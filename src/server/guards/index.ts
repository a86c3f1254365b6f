import "server-only";
export { askerHeader, contentSecurityPolicy, loopbackNames, namedHosts, refusal } from "./guards";
