export { germinationInterval, isSpent, lotSprouting, seedsIn, withoutSeeds } from "./seedLot";
export { SeedLotSchema, type SeedLot } from "./seedLotSchema";
