import { scaledNeed, type YearSeason } from "@/core/food";
import { gardenStore } from "@/store";
import { send } from "@/ui/send";
import { larder as say } from "@/words/en/larder";

/** Changes of the need line, one after the other. */
let changes: Promise<unknown> = Promise.resolve();

/**
 * Changes what is wanted in a season by a factor. Keys are pressed faster than a change is written: each
 * goes by what the one before has left.
 */
export function changeNeed(season: YearSeason, factor: number): void {
  changes = changes.then(() => {
    const { need } = gardenStore().getState().garden;
    return need && send("need.set", scaledNeed(need, season, factor), say.needSaved);
  });
}
