import type { Isolation } from "@/core/garden";
import { seedSaving as say } from "@/words/en/seedSaving";

export const isolationWords: Record<Isolation, string> = {
  distance: say.distance,
  cage: say.cage,
  oneKind: say.oneKind,
  none: say.noIsolation,
};
