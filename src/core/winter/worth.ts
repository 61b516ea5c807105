import { dayNumber, dayOfWeek, isoDate, type DayNumber } from "../calendar";
import { bedsInOrder, type Garden } from "../garden";
import { growingOf } from "../plantings";
import type { CommandCall } from "../commands";

/** Something of the garden, and the change that leaves it out. */
export interface WorthItem {
  what:
    | { kind: "bedCover"; materialId: string; bedName: string }
    | { kind: "shelter"; name: string }
    | { kind: "piece"; materialId: string; lengthM: number }
    | { kind: "week"; fromDay: DayNumber; plantings: number }
    | { kind: "variety"; crop: string; variety: string };
  calls: CommandCall[];
}

export type WorthKind = "covers" | "weeks" | "varieties";

/**
 * What of a garden can be left out, to see what it is worth: each cover over a bed, each piece in the shed
 * and each shelter; or each week of sowing; or each variety.
 *
 * @param fromDay what was sown before is there already, and is not left out by its week
 */
export function worthItems(garden: Garden, kind: WorthKind, fromDay: DayNumber): WorthItem[] {
  switch (kind) {
    case "covers":
      return coverItems(garden);
    case "weeks":
      return weekItems(garden, fromDay);
    case "varieties":
      return varietyItems(garden, fromDay);
  }
}

function coverItems(garden: Garden): WorthItem[] {
  const overBeds = bedsInOrder(garden).flatMap((bed) =>
    bed.covers.map((materialId, at): WorthItem => ({
      what: { kind: "bedCover", materialId, bedName: bed.name },
      calls: [
        {
          name: "bed.cover",
          input: { beds: [bed.id], covers: bed.covers.filter((_, index) => index !== at) },
        },
      ],
    })),
  );
  const shelters = [...garden.shelters.values()]
    .filter(({ covers }) => covers.length > 0)
    .map((shelter): WorthItem => ({
      what: { kind: "shelter", name: shelter.name },
      calls: [{ name: "shelter.remove", input: { id: shelter.id } }],
    }));
  const pieces = [...garden.pieces.values()].flatMap((piece): WorthItem[] =>
    // What lies on a bed is left out with the bed's covers.
    piece.kind === "cover" && piece.bedId === null
      ? [
          {
            what: { kind: "piece", materialId: piece.materialId, lengthM: piece.lengthM },
            calls: [{ name: "piece.remove", input: { id: piece.id } }],
          },
        ]
      : [],
  );
  return [...shelters, ...overBeds, ...pieces];
}

function weekItems(garden: Garden, fromDay: DayNumber): WorthItem[] {
  const weeks = new Map<DayNumber, string[]>();
  for (const { id, sowOn } of garden.plantings.values()) {
    const day = dayNumber(sowOn);
    if (day < fromDay) continue;
    const monday = day - dayOfWeek(day);
    weeks.set(monday, [...(weeks.get(monday) ?? []), id]);
  }
  return [...weeks].map(([from, ids]) => ({
    what: { kind: "week", fromDay: from, plantings: ids.length },
    calls: ids.map(without),
  }));
}

function varietyItems(garden: Garden, fromDay: DayNumber): WorthItem[] {
  const varieties = new Map<string, { crop: string; variety: string; ids: string[] }>();
  for (const planting of garden.plantings.values()) {
    const growing = growingOf(garden, planting);
    const isOver = planting.clearOn !== null && planting.clearOn <= isoDate(fromDay);
    if (!growing || isOver) continue;
    const { crop, variety } = growing;
    const key = `${crop.id}|${variety.id}`;
    const known = varieties.get(key);
    if (known) known.ids.push(planting.id);
    else varieties.set(key, { crop: crop.name, variety: variety.name, ids: [planting.id] });
  }
  return [...varieties.values()].map(({ crop, variety, ids }) => ({
    what: { kind: "variety", crop, variety },
    calls: ids.map(without),
  }));
}

const without = (id: string): CommandCall => ({ name: "planting.remove", input: { id } });
