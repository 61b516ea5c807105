import mixesJson from "@data/mixes.json";
import type { Mix } from "./mixSchema";

/** What goes into mixes, and what to mind with it. */
export interface Ingredient {
  id: string;
  name: string;
  /** Dust or dirt that hurts, with the usual care; null when there is none to speak of. */
  caution: string | null;
}

export const ingredients: ReadonlyMap<string, Ingredient> = new Map(
  mixesJson.ingredients.map((one) => [one.id, one]),
);

/** The recipes that come with the program, by id. */
export const mixLibrary: ReadonlyMap<string, Mix> = new Map(
  mixesJson.mixes.map(({ id, name, parts }) => [id, { id, name, parts }]),
);

/** Mix settles and is pressed in: more goes into a cell than its volume says. */
const PACKING = mixesJson.packing;

/**
 * Litres of loose mix to fill trays.
 *
 * @param trays cells and their volumes, mL
 *
 * @example mixLitres([{ cells: 72, cellMl: 40 }]) // 3.5: 2.9 L of cells, and a fifth for pressing in
 */
export function mixLitres(trays: readonly { cells: number; cellMl: number }[]): number {
  return (trays.reduce((sum, tray) => sum + tray.cells * tray.cellMl, 0) / 1000) * PACKING;
}

/** Litres of each ingredient for so many litres of mix, in the order of the recipe. */
export function ingredientLitres(
  mix: Mix,
  litres: number,
): { ingredient: string; litres: number }[] {
  const all = mix.parts.reduce((sum, part) => sum + part.parts, 0);
  return mix.parts.map((part) => ({
    ingredient: part.ingredient,
    litres: (litres * part.parts) / all,
  }));
}

/** What to mind when a mix is made, each sentence once. */
export function mixCautions(mix: Mix): string[] {
  const found = mix.parts.flatMap(({ ingredient }) => ingredients.get(ingredient)?.caution ?? []);
  return [...new Set(found)];
}
