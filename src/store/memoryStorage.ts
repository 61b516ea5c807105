import { emptyGarden } from "@/core/garden";
import { without } from "@/core/gardenFile";
import { afterWrite, type Storage, type Stored } from "./storage";

/** Keeps a garden only as long as the page lives, for browsers that refuse to store anything. */
export function memoryStorage(): Storage {
  let kept: Stored = { garden: emptyGarden(), revision: 0, steps: new Map() };
  return {
    load: async () => kept,
    async write(write) {
      kept = afterWrite(kept, write);
    },
    async setAside(damaged) {
      kept = {
        ...kept,
        garden: without(kept.garden, damaged),
        revision: kept.revision + 1,
      };
    },
  };
}
