import {
  emptyGarden,
  withChanges,
  type Change,
  type Entity,
  type EntityKind,
  type Garden,
} from "../garden";
import type { Fact } from "../facts";

/** Something that is kept and does not read. */
export interface Damaged {
  kind: EntityKind;
  id: string;
  /** What it is, as far as that can be told: "the bed Bed 3". */
  what: Fact;
  /** What is wrong with it. */
  message: Fact;
  /** What stands in its place: what of it reads, or nothing. */
  instead: Entity | null;
}

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
