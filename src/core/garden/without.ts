import type { Damaged } from "./damaged";
import { emptyGarden, withChanges, type Change, type EntityKind, type Garden } from "./garden";

/** The garden without what does not read. */
export function without(garden: Garden, damaged: readonly Damaged[]): Garden {
  const changes = damaged.map(
    ({ kind, id, instead }) => ({ kind, id, before: null, after: instead }) as Change,
  );
  const fresh = emptyGarden();
  const sound = withChanges(garden, changes);
  // These two are always there: as new, where nothing of them reads.
  const gone = (kind: EntityKind) =>
    damaged.some((one) => one.kind === kind && one.instead === null);
  return {
    ...sound,
    head: gone("garden") ? fresh.head : sound.head,
    settings: gone("settings") ? fresh.settings : sound.settings,
  };
}
