export { ContainerFields, placesToStand, placeWords } from "./ContainerFields";
export {
  CONTAINER_FIELDS,
  containerFieldsOf,
  refineContainer,
  rowFrom,
  sizesFrom,
  standsAtFrom,
  usualContainer,
} from "./containerFields";
