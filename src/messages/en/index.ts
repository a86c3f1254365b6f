export { workStepWords, weatherChecks, tradeRequired } from "./protection/work-order";
export { causeName, causeTodo, sureWords } from "./commissioning/causes";
export { drillWords } from "./practice/drills";
export { assumptionSentence } from "./checks/assumptions";
export { dangerWords, portArrayWords, partsWords, portWords, misplugWords, stepWords } from "./wiring/changes";
export {
  amount,
  capital,
  copyName,
  counted,
  currencyWords,
  given,
  givenNumber,
  kwh,
  limit,
  money,
  percent,
  trueMinus,
} from "./format";
export {
  goalWords,
  leftOutSentence,
  madeOf,
  pricesSentence,
  scoreAmount,
  scoreWords,
  titleWords,
  robustWords,
  trialWords,
  whySentence,
} from "./best-wirings/sentences";
export { headline } from "./checks/headline";
export {
  cellCutWords,
  cellTypeWords,
  doubtSentence,
  kindWords,
  pointsSentence,
  readingSentence,
} from "./panels/labels";
export { fixSentence, notFixedWords } from "./checks/fixes";
export { matrixName, shortName, missingSentence, mountWords, verdictWords } from "./names";
export { placePrefix } from "./places";
export { acceptWords, portPortArrays } from "./controllers/ports";
export { panelFieldWords } from "./panels/fields";
export { portFieldWords } from "./controllers/fields";
export {
  agreementSentence,
  offerSentence,
  readFieldWords,
  readFromSentence,
  readPortWords,
  whyDoubted,
} from "./label-import/reading";
export { findingSentence, ruleTitle, whyLines } from "./rules";
export { buySentence, buyTitleWords, needSentence, purchaseName, pwmSentence } from "./best-wirings/shopping";
export { stepNames } from "./steps";
export { tradeSentence, whyNotLines } from "./best-wirings/trade";
export { verdictOf, withFound } from "./checks/verdict";
export { gainName, lossWords, metDaysWords, monthName, monthNames, sourceWords } from "./year/sentences";
export { branchWords, layingWords, lengthWords, placeWords, sizeWords } from "./protection/cables";
export {
  boxWords,
  branchOf,
  countWords,
  groupWords,
  itemWords,
  labelTexts,
  partNames,
  sign,
} from "./protection/diagram";
export {
  gateWords,
  materialName,
  mountCautions,
  primerWords,
  methodWords,
  roofSurfaceWords,
  takenWords,
  toolName,
  windCaseWords,
  windWords,
} from "./mounting/sentences";
export { mountStepWords } from "./mounting/steps";
export {
  barSentence,
  cloudNames,
  conversionSentence,
  howToRead,
  lightSentence,
  outcomeSentence,
  proveCautions,
  quantityUnits,
  quantityWords,
  readAmount,
  readPlaceName,
  readTime,
  sideBySideSentence,
  suspicionSentence,
} from "./commissioning/readings";
export {
  entryWords,
  eventWords,
  jobWords,
  logCautions,
  logFindingWords,
  missedTurnSentence,
  monthSentence,
  proposalWords,
  sameHourWords,
  shareWords,
} from "./log/sentences";
export { deedWords, repairWords, shownWords, verdictSentence } from "./practice/sentences";
export { visible } from "./visible";
