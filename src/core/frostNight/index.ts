export { coversToPut, type BedToCover, type PutOn } from "./coversToPut";
export { expectedDay } from "./expectedDay";
export { nightsAhead, type NightAhead } from "./nightsAhead";
export {
  handlingOf,
  handlingOver,
  lightShareOfCovers,
  nightDegrees,
  nightOf,
  oneMoreLayer,
  shelterDays,
  ventAdvice,
  type NightDegrees,
  type OneMore,
  type ShelterDays,
  type VentAdvice,
} from "./shelterDays";
export { coverPiecesOf, piecesInShed, standingCovers } from "./standingCovers";
export { stormWarnings, type StormWarning } from "./stormWarnings";
export {
  DEATH_MATTERS,
  lostShare,
  matters,
  tonight,
  type NightForPlanting,
  type Tonight,
} from "./tonight";
export { adviceWords } from "./tonightWords";
