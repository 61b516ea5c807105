export { answerOutlook } from "./outlook";
export { answerReadings } from "./readings";
