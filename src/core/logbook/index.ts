export { meantOf, readLine, type ReadLine } from "./quickLine";
export { type LineContext, type Understood } from "./understood";
export { amountWords, CAUSE_WORDS, kindWords, subjectOf, WORK_WORDS } from "./entryWords";
