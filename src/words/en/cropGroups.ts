import type { Crop } from "@/core/crops";
import { table } from "../table";

/** Headings of the groups of crops. */
export const cropGroups = table({
  greens: "Greens",
  heads: "Heads",
  roots: "Roots",
  alliums: "Onion family",
  legumes: "Peas and beans",
  lateSummer: "Late summer crops",
  shoots: "Shoots and microgreens",
  forced: "Forced in the dark",
  flowersAndHerbs: "Flowers and herbs",
} satisfies Record<Crop["group"], string>);
