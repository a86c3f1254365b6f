import "server-only";
export {
  remoteHeader as askerHeader,
  contentSecurityPolicy,
  loopbackNames,
  namedHosts,
  refusal,
  spoolHeader,
} from "./guards";
