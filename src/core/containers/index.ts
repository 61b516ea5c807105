export {
  BEGINS_M,
  containerCount,
  diameterFor,
  fillingsOf,
  inWholeContainers,
  lagHours,
  litresOfEach,
  plantedProblem,
  rowProblem,
  standsAtOn,
  withMove,
  type Filling,
} from "./container";
export {
  CONTAINER_KINDS,
  ContainerSchema,
  StandsAtSchema,
  type Container,
  type StandsAt,
} from "./containerSchema";
