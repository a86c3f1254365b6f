export { assumptionSentence, mendSentence, notMendedWords } from "./assumptions";
export { dangerWords, laneWords, partsWords, portWords, slipWords, stepWords } from "./changes";
export { amount, counted, given, givenNumber, kwh, limit, money, percent, trueMinus } from "./format";
export { headline, headlined } from "./headline";
export { cellTypeWords, doubtSentence, kindWords, pointsSentence, readingSentence } from "./labels";
export { fieldWords, missingSentence, mountWords, ruleTitles, verdictWords } from "./names";
export { placeName, portPrefix } from "./places";
export { findingSentence } from "./sentences";
export { whyLines } from "./why";
