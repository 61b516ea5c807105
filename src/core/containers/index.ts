export {
  containerCount,
  diameterFor,
  isIndoors,
  lagHours,
  litresOfEach,
  rowProblem,
  standsAtOn,
  withMove,
} from "./container";
export {
  CONTAINER_KINDS,
  ContainerSchema,
  StandsAtSchema,
  type Container,
  type StandsAt,
} from "./containerSchema";
export { BEGINS_M, fillingsOf, type Filling } from "./filling";
export { inWholeContainers, plantedProblem } from "./planted";
