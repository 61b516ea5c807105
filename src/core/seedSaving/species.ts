import seedSavingJson from "@data/seedSaving.json";
import type { Crop } from "../crops";

/** How seed of a species is saved in a garden. */
export interface SeedSaving {
  species: string;
  pollination: "self" | "insects" | "wind";
  life: "annual" | "biennial" | "either";
  /** Plants that keep the kind what it is: fewer, and it grows weak or strays. */
  plants: number;
  /** From others of its species in flower, m. */
  isolationM: number;
  /** From the first flowers until seed is ripe, days. */
  ripeDays: number;
  ripeWhen: string;
  harvest: string;
  /** What grows wild, or on farms, and crosses with it. */
  wild: string | null;
  selfSows: boolean;
}

const bySpecies = new Map(
  (seedSavingJson.rows as SeedSaving[]).map((one) => [one.species, one] as const),
);

/** The species of a crop: what crosses with what. The first two words of its Latin name. */
export function speciesOf({ latinName }: Pick<Crop, "latinName">): string {
  return latinName.split(" ").slice(0, 2).join(" ");
}

/** How seed of a crop is saved; null where it is not told, or it is grown from pieces or as shoots. */
export function seedSavingOf(
  crop: Pick<Crop, "latinName" | "startedFrom" | "group" | "forcedFrom">,
): SeedSaving | null {
  if (crop.startedFrom !== "seed" || crop.group === "shoots" || crop.forcedFrom) return null;
  return bySpecies.get(speciesOf(crop)) ?? null;
}
