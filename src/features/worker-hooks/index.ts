export { isSame } from "./asked";
export { type Asked, useJobOnDemand as useAsked } from "./useJobOnDemand";
export { useLiveJob as useFollowed } from "./useLiveJob";
