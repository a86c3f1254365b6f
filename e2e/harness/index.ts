export { desktop, goTo, launchBrowser, openPage, phone, ready, type Size } from "./browser";
export { freePort, launch, type RunningServer, startServer, temporaryDir } from "./server";
