export type { AnswerTo } from "./questions";
export { readStart, whenStartIsKept } from "./keptStart";
export type { AskedWay } from "./spreads";
export { useAnswer } from "./useAnswer";
export { useLateAnswer } from "./useLateAnswer";
export { useReckoned } from "./useReckoned";
