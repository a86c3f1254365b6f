export { answerCase, type CaseAnswer } from "./answer";
export { type CaseReading, type EngineCase, readCase } from "./case";
