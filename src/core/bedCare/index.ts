export {
  fedThisYear,
  feedingsOf,
  restNeeds,
  shoppingList,
  tooFresh,
  type FedThisYear,
  type ShoppingItem,
} from "./feedings";
export { fedM2 } from "./fedGround";
export { greenManures, type GreenManure } from "./greenManure";
export { setupOperations, usualSetup, type Setup } from "./setup";
export { uncovering } from "./uncovering";
export { winterWatering, type Watering } from "./winterWatering";
