import { z } from "zod";

const KEY = "late-ember-practice";

const ProgressSchema = z.record(
  z.string(),
  z.object({
    /** The best harvest, and the program's own in the same winter, kg. */
    bestKg: z.number(),
    toolKg: z.number(),
  }),
);
/** The best end of each winter of practice that was played, by its id. */
export type Progress = z.infer<typeof ProgressSchema>;

/** What this browser remembers of practice; nothing where it keeps nothing, or what it keeps does not read. */
export function practiceProgress(): Progress {
  try {
    const read = ProgressSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? "{}"));
    return read.success ? read.data : {};
  } catch {
    return {};
  }
}

/** Keeps how a winter of practice ended, where it was better than before; a full or closed storage keeps nothing. */
export function keepProgress(id: string, end: { harvestedKg: number; toolKg: number }): Progress {
  const known = practiceProgress();
  const before = known[id];
  if (before && before.bestKg >= end.harvestedKg) return known;
  const progress = { ...known, [id]: { bestKg: end.harvestedKg, toolKg: end.toolKg } };
  try {
    localStorage.setItem(KEY, JSON.stringify(progress));
  } catch {
    // Practice goes on without being remembered.
  }
  return progress;
}
