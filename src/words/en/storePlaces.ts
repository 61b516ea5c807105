import type { StorePlace } from "@/core/food";
import { table } from "../table";

/** Where things are stored, within a sentence. */
export const storePlaces = table({
  cellar: "in a cellar",
  shelf: "on a dry shelf",
  clamp: "in a clamp",
  mulch: "in the ground under mulch",
  freezer: "in the freezer",
  jars: "in jars",
} satisfies Record<StorePlace, string>);
