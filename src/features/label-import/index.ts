export { ReadFrom } from "./ReadFrom";
export { ReadIn } from "./ReadIn";
export { ReadInButton, useReadingIn } from "./ReadInButton";
