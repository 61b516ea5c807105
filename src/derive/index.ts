export type { AnswerTo } from "./questions";
export type { AskedWay } from "./spreads";
export { useAnswer } from "./useAnswer";
export { useReckoned } from "./useReckoned";
