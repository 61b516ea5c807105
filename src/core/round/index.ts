export { tonight, type NightForPlanting, type Tonight } from "./tonight";
export { type PutOn } from "./coversToPut";
export { nightsAhead, type NightAhead } from "./nightsAhead";
export { stormWarnings, type StormWarning } from "./stormWarnings";
export { winterWatering, type Watering } from "./winterWatering";
export { tasksOn } from "./tasks";
export { adviceWords } from "./tonightWords";
export { standingCovers, coverPiecesOf, piecesInShed } from "./standingCovers";
