import { entityOf, withChanges, type Change, type EntityKind, type Garden } from "@/core/garden";

/** Which of two gardens. */
export type SideName = "a" | "b";

/** Something that was changed differently in two gardens since they were one. */
export interface Conflict {
  kind: EntityKind;
  id: string;
  /** The field; null for the whole of it. */
  field: string | null;
  /** What it is in either, as in a garden file; undefined where it was removed or is not there. */
  a: unknown;
  b: unknown;
  taken: SideName;
}

/** The garden with what was chosen otherwise than it was taken. */
export function withChoices(
  garden: Garden,
  chosen: readonly { conflict: Conflict; side: SideName }[],
): Garden {
  const changes = chosen.flatMap(({ conflict, side }): Change[] => {
    const { kind, id, field } = conflict;
    if (side === conflict.taken) return [];
    const value = conflict[side];
    const before = entityOf(garden, { kind, id });
    if (field === null) return [{ kind, id, before, after: value ?? null } as Change];
    if (!before) return [];
    return [{ kind, id, before, after: { ...before, [field]: value } } as Change];
  });
  return withChanges(garden, changes);
}
