import { roomIn } from "../bedSpace";
import type { DayNumber } from "../calendar";
import { fact } from "../facts";
import type { Bed, Garden, Planting } from "../garden";
import { bedDays } from "../schedule";
import { plantingState } from "../plantings";
import type { Clause } from "./clause";
import { plantingsMeant } from "./fit";
import { namesIn, plain } from "./names";
import { Unreadable, type LineContext, type Move } from "./understood";

/**
 * What a line like "moved the spinach pots into the greenhouse" moves; null where it names no crop of
 * the garden or no place for it.
 *
 * @throws Unreadable where there is no room for it
 */
export function movedBy(
  clause: Clause,
  day: DayNumber,
  { site, garden }: LineContext,
): { move: Move; planting: Planting; bed: Bed } | null {
  if (clause.plainWork !== "moved" || clause.crop === null) return null;
  const [before = "", after] = clause.text.split(
    /\s(?:into|to|under|in)\s(?!.*\s(?:into|to|under)\s)/i,
  );
  if (after === undefined) return null;
  const from = placesIn(garden, before).map(({ id }) => id);
  const to = placesIn(garden, after);
  const source = { ...clause, bedId: from[0] ?? null, shelterId: null };
  const targets = new Set(to.map(({ id }) => id));
  const planting = plantingsMeant(site, garden, source, "cleared", day).find(
    ({ bedId }) => !targets.has(bedId),
  );
  if (!planting || to.length === 0) return null;
  const timeline = plantingState(garden, site, planting)?.timeline;
  const untilDay = timeline ? bedDays(timeline).untilDay : day;
  const rooms = to
    .map((bed) => roomIn(site, garden, bed, day, Math.min(untilDay, day + 365)))
    .sort((a, b) => b.freeM - a.freeM);
  const room = rooms.find(({ freeM }) => freeM >= planting.lengthM - 1e-6);
  if (!room) {
    throw new Unreadable(fact("logbook.hasNoSpace", { bed: rooms[0]?.bed.name ?? "", day }));
  }
  const { bed, fromM } = room;
  return { move: { plantingId: planting.id, bedId: bed.id, fromM }, planting, bed };
}

/** The beds that a piece of text names, by themselves or by the shelter they lie in. */
function placesIn(garden: Garden, text: string): Bed[] {
  const names = namesIn(garden);
  const words = ` ${plain(text)} `;
  const bed = names.beds.find((one) => words.includes(` ${one.words} `));
  const named = garden.beds.get(bed?.bedId ?? "");
  if (named) return [named];
  const shelter = names.shelters.find((one) => words.includes(` ${one.words} `));
  if (!shelter) return [];
  return [...garden.beds.values()].filter(({ shelterId }) => shelterId === shelter.shelterId);
}
