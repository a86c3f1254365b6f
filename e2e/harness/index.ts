export { desktop, goTo, launchBrowser, openPage, phone, ready, reload, type Size } from "./browser";
export { patienceMs } from "./patience";
export { root } from "./root";
export { freePort, launch, type RunningServer, startServer, temporaryDir } from "./server";
