export { daysWords, laterWords } from "./days";
export { chanceWords, oddsIn10 } from "./odds";
export { localWording, type LocalWording } from "./localWording";
export { canTell, learnedCount, onLearned } from "./sentences";
export { tell, tellMessage } from "./tell";
