export {
  changedGarden,
  rehearsalOf,
  sourceFor,
  type CommandCall,
  type RehearsalAsked,
} from "./asked";
export { CAUSES, type Cause, type WinterOutcome, type WinterTelling } from "./outcome";
export { pairedOf, type Paired } from "./paired";
export { Rehearsal } from "./rehearsal";
export { lifeOf, type RehearsedLife } from "./rehearsedLife";
export { joined, reportOf, shardOf } from "./shard";
export { changeFrom, shardFrom } from "./readShard";
export type { Shard } from "./shardSchema";
export { Tally, type PlantingOdds, type RehearsalReport, type Tenths } from "./tally";
