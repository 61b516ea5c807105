export { daysWords, laterWords } from "./days";
export { chanceWords, oddsIn10 } from "./odds";
export { fileWords } from "./fileWords";
export { localWording, plainWording, type LocalWording } from "./localWording";
export { tell, tellMessage } from "./tell";
