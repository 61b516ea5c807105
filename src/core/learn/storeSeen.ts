import learningJson from "@data/learning.json";
import { civilDate, DAYS_PER_WEEK, dayNumber } from "../calendar";
import { keepingIn } from "../food";
import { fact } from "../facts";
import { cropsOf, type Garden } from "../garden";
import type { Site } from "../growth";
import type { Seen } from "./seen";

const { keeping: KEEPING } = learningJson;

/** How long what was stored kept: until a good part of it had rotted, or longer than told where all was eaten. */
export function storeSeen(site: Site, garden: Garden): Seen[] {
  const taken = new Map<string, { day: number; grams: number; isRotten: boolean }[]>();
  for (const { on, what } of garden.logEntries.values()) {
    if (what.kind !== "taken") continue;
    const known = taken.get(what.storeLotId) ?? [];
    known.push({ day: dayNumber(on), grams: what.grams, isRotten: what.why === "rotted" });
    taken.set(what.storeLotId, known);
  }
  return [...garden.storeLots.values()].flatMap((lot): Seen[] => {
    const crop = cropsOf(garden).get(lot.cropId);
    // Frozen or in jars it keeps by other rules than the crop's.
    if (!crop?.storage || lot.place === "freezer" || lot.place === "jars") return [];
    const out = (taken.get(lot.id) ?? []).sort((a, b) => a.day - b.day);
    const sinceDay = dayNumber(lot.since);
    const { weeks, isWrongAir } = keepingIn(crop, lot.place);
    if (isWrongAir) return [];
    let rotten = 0;
    const overAt = out.find(({ grams, isRotten }) => {
      rotten += isRotten ? grams : 0;
      return rotten >= KEEPING.overFromShare * lot.grams;
    });
    const lastDay = out.at(-1)?.day;
    const day = overAt?.day ?? lastDay;
    if (day === undefined || day <= sinceDay) return [];
    const came = (day - sinceDay) / DAYS_PER_WEEK;
    // Eaten before its time was over, it tells nothing of how long it would have kept.
    if (!overAt && came <= weeks) return [];
    return [
      {
        what: "keeping",
        plantingId: lot.plantingId,
        cropId: crop.id,
        bedId: "",
        name: crop.name,
        place: fact("logbook.inStore", { place: lot.place }),
        year: civilDate(site.season(sinceDay).startDay).year,
        day,
        expected: weeks,
        came,
        value: Math.log(came / weeks),
        sd: KEEPING.noiseLog,
        counts: 1,
      },
    ];
  });
}
