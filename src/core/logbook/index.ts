export { readLine, meantOf, type LineContext, type ReadLine, type Understood } from "./quickLine";
export { amountWords, CAUSE_WORDS, kindWords, subjectOf, WORK_WORDS } from "./entryWords";
