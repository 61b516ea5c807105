export { bedsFor, type BedFor } from "./bedsFor";
export { builtBeside, resized } from "./besideShelters";
export { firstCrops, type FirstCrop } from "./firstCrops";
export { freeGroundAt } from "./freeGroundAt";
export { layoutOf } from "./gardenLayout";
export { meaningOfMove, nearestPlace, type Meaning } from "./moving";
export { freeStretches, gapsIn, isWholeWidth, placeFor, stripBeside, type Gap } from "./freeGround";
export {
  clashesIn,
  neighboursOf,
  occupantsOf,
  restName,
  type Clash,
  type Occupant,
} from "./occupancy";
export { sowAgain } from "./sowAgain";
export { standingPlanting, type Standing } from "./standingNow";
export { roomiestBed, roomIn, type Room } from "./room";
export { successionPlaces } from "./successionPlaces";
export {
  countsInRotation,
  familiesByYear,
  familyLately,
  tooSoonFor,
  ROTATION_EXCEPTIONS,
  tooSoonWords,
} from "./rotation";
export { stillGives, turnOverOn, turnOvers, type StillGives, type TurnOver } from "./turningOver";
export { freeBesideM, placesOf, turnOverPlantings, type Places } from "./turningOverPlantings";
export {
  openingsIn,
  plantingInto,
  sowableOnce,
  whatFits,
  type Fit,
  type Opening,
  type Sowable,
} from "./whatFits";
