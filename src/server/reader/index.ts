import "server-only";
export { readAside } from "./aside";
