export type { AnswerTo } from "./questions";
export { useAnswer } from "./useAnswer";
export { useReckoned } from "./useReckoned";
