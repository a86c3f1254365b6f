export { assumptionSentence } from "./assumptions";
export { dangerWords, portArrayWords, partsWords, portWords, misplugWords, stepWords } from "./changes";
export {
  amount,
  capital,
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
} from "./finder";
export { headline } from "./headline";
export { cellCutWords, cellTypeWords, doubtSentence, kindWords, pointsSentence, readingSentence } from "./labels";
export { fixSentence, notFixedWords } from "./fixes";
export { shortName, missingSentence, mountWords, verdictWords } from "./names";
export { placePrefix } from "./places";
export { acceptWords, portPortArrays } from "./ports";
export { panelFieldWords } from "./panel-fields";
export { portFieldWords } from "./port-fields";
export { agreementSentence, offerSentence, readFieldWords, readFromSentence, whyDoubted } from "./reading";
export { findingSentence, ruleTitle, whyLines } from "./rules";
export { buySentence, buyTitleWords, needSentence, purchaseName, pwmSentence } from "./shopping";
export { stepNames } from "./steps";
export { tradeSentence, whyNotLines } from "./trade";
export { verdictOf, withFound } from "./verdict";
export { gainName, lossWords, metDaysWords, monthName, monthNames, sourceWords } from "./year";
export { branchWords, layingWords, lengthWords, placeWords, sizeWords } from "./copper";
export {
  boxWords,
  branchOf,
  countWords,
  groupWords,
  itemWords,
  labelTexts,
  partNames,
  sign,
  workStepWords,
  weatherChecks,
  tradeRequired,
} from "./protect";
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
} from "./mount";
export { mountStepWords } from "./mount-steps";
export {
  barSentence,
  causeName,
  causeTodo,
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
  sureWords,
  suspicionSentence,
} from "./prove";
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
} from "./log";
export { deedWords, drillWords, repairWords, shownWords, verdictSentence } from "./practice";
export { visible } from "./visible";
