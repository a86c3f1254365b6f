export { isSame } from "./asked";
export { type Asked, useJobOnDemand } from "./useJobOnDemand";
export { useLiveJob } from "./useLiveJob";
