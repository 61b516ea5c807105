export { oddsIn10 } from "./odds";
export { localWording, type LocalWording } from "./localWording";
