export { plannedRaisings, raisingRoom, trayOccupants, type Raising } from "./raising";
export { boxAmounts, seedNeeds, type SeedNeed } from "./seedNeed";
export {
  goesIntoBed,
  hardeningOn,
  OUTDOOR_COVERS,
  seedlingSize,
  sowingStates,
  trayWork,
  type SowingState,
  type TrayWork,
} from "./trayWork";
