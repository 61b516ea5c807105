import type { DayNumber } from "../calendar";

/** Something that takes room on a stand, from a day up to the day before another. */
export interface Occupant {
  standId: string;
  fromDay: DayNumber;
  /** The first day on which it is gone. */
  toDay: DayNumber;
  areaM2: number;
}

/** A stretch of days with the same room taken. */
export interface RoomStretch {
  fromDay: DayNumber;
  /** The first day after it. */
  toDay: DayNumber;
  takenM2: number;
}

/** Room taken on one stand through time: a stretch between every coming and going. */
export function roomTaken(
  occupants: readonly Occupant[],
  standId: string,
  fromDay: DayNumber,
  toDay: DayNumber,
): RoomStretch[] {
  const there = occupants.filter(
    (one) => one.standId === standId && one.fromDay < toDay && one.toDay > fromDay,
  );
  const turns = new Set([fromDay, toDay]);
  for (const one of there) {
    turns.add(Math.max(fromDay, one.fromDay));
    turns.add(Math.min(toDay, one.toDay));
  }
  const days = [...turns].sort((a, b) => a - b);
  return days.slice(0, -1).map((day, index) => ({
    fromDay: day,
    toDay: days[index + 1] ?? toDay,
    takenM2: there
      .filter((one) => one.fromDay <= day && one.toDay > day)
      .reduce((sum, one) => sum + one.areaM2, 0),
  }));
}

/** The stretches in which more stands there than fits, those that follow on each other as one. */
export function overFull(stretches: readonly RoomStretch[], roomM2: number): RoomStretch[] {
  const found: RoomStretch[] = [];
  for (const stretch of stretches) {
    if (stretch.takenM2 <= roomM2 + 1e-9) continue;
    const last = found.at(-1);
    if (last && last.toDay === stretch.fromDay) {
      last.toDay = stretch.toDay;
      last.takenM2 = Math.max(last.takenM2, stretch.takenM2);
    } else {
      found.push({ ...stretch });
    }
  }
  return found;
}
