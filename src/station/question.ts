import { dayNumber, isIsoDate, type DayNumber } from "@/core/calendar";
import { madeUpClimates, type MadeUpClimate } from "@/core/climate";

/** What a request to the station comes to: a body and its status. */
export interface Answer {
  status: number;
  body: unknown;
}

/** A station and the day it is asked on; or the answer that says what is wrong with the question. */
export type Asked = { climate: MadeUpClimate; day: DayNumber } | { refused: Answer };

/**
 * Reads `?date=2026-09-24&climate=inland-valley`; both may be left out.
 *
 * @param today the day it is where nothing else is asked
 */
export function readQuestion(query: URLSearchParams, today: DayNumber): Asked {
  const date = query.get("date");
  if (date !== null && !isIsoDate(date)) {
    return refuse(`"date" should be a date like 2026-09-24, not "${date.slice(0, 40)}".`);
  }
  const id = query.get("climate");
  const climate =
    id === null ? madeUpClimates[0] : madeUpClimates.find((candidate) => candidate.id === id);
  if (!climate) {
    const known = madeUpClimates.map((candidate) => candidate.id).join(", ");
    return refuse(`"climate" should be one of ${known}.`);
  }
  return { climate, day: date === null ? today : dayNumber(date) };
}

function refuse(error: string): Asked {
  return { refused: { status: 400, body: { error } } };
}
