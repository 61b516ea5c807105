export { ContainerFields, placesToMove, placeWords } from "./ContainerFields";
export {
  CONTAINER_FIELDS,
  containerFieldsOf,
  lampMol,
  refineContainer,
  ROOM_FIELDS,
  roomFrom,
  rowFrom,
  sizesFrom,
  standsAtFrom,
  usualContainer,
} from "./containerFields";
