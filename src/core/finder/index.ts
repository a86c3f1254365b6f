export { allMends, findMends } from "./mends";
