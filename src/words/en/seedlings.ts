import { table } from "../table";

/** What seedlings says. */
export const seedlings = table({
  trays: "Trays",
  space: "Space",
  seedBox: "Seed box",
  ownSeed: "Own seed",
  seedOrder: "Seed order",
  pottingMixes: "Potting mixes",
  crops: "Crops",
  seedlings: "Seedlings",
  show: "Show",
});
