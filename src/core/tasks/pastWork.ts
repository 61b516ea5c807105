import { derive } from "../derive";
import { dayNumber, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Work } from "../log";

/** What the log tells of work and of things seen, for the rules that ask again after a while. */
export interface PastWork {
  /** The last day on or before another on which a work was done at a place; null when never. */
  lastDay(work: Work, place: string, by: DayNumber): DayNumber | null;
  /** Pests seen in a bed, with the last day on or before another. */
  pestsSeen(bedId: string, by: DayNumber): { pestId: string; day: DayNumber }[];
}

/** Work and sightings of a garden's log, indexed once for each version of the log. */
export function pastWorkOf({ logEntries }: Pick<Garden, "logEntries">): PastWork {
  return derive([logEntries], indexed);
}

function indexed(entries: Garden["logEntries"]): PastWork {
  const worked = new Map<string, DayNumber[]>();
  const seen = new Map<string, { pestId: string; day: DayNumber }[]>();
  for (const { on, what } of entries.values()) {
    const day = dayNumber(on);
    if (what.kind === "worked") {
      // A bed keeps its id when its name changes; everything else is known by its name.
      for (const place of new Set([what.bedId ?? what.place, what.place])) {
        const key = `${what.work}|${place}`;
        worked.set(key, [...(worked.get(key) ?? []), day]);
      }
    }
    if (what.kind === "seen" && what.pestId !== null && what.bedId !== null) {
      const list = seen.get(what.bedId) ?? [];
      list.push({ pestId: what.pestId, day });
      seen.set(what.bedId, list);
    }
  }
  return {
    lastDay(work, place, by) {
      const days = worked.get(`${work}|${place}`) ?? [];
      const before = days.filter((day) => day <= by);
      return before.length === 0 ? null : Math.max(...before);
    },
    pestsSeen(bedId, by) {
      const last = new Map<string, DayNumber>();
      for (const { pestId, day } of seen.get(bedId) ?? []) {
        if (day <= by) last.set(pestId, Math.max(last.get(pestId) ?? day, day));
      }
      return [...last].map(([pestId, day]) => ({ pestId, day }));
    },
  };
}
