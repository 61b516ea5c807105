import hardinessJson from "@data/hardiness.json";
import learningJson from "@data/learning.json";
import { civilDate, dayNumber, dayOfYear, type DayNumber } from "../calendar";
import { dailyRecordOf } from "../climate";
import { derive } from "../derive";
import { lt50At } from "../crops";
import { coversOver, type Bed, type Garden } from "../garden";
import { decidingParts, hardeningYear, type Site } from "../growth";
import { factsOf, growingName, growingOf, thermometerDaysOf } from "../plantings";
import type { Growing } from "../schedule";
import type { Seen } from "./seen";

const { hardiness: HARDINESS } = learningJson;
const SLOPE_C = hardinessJson.damageSlopeC;
/** A night as it is told of one bed. */
interface KnownNight {
  day: DayNumber;
  tempC: number;
  /** How sure the temperature at the plants is, °C. */
  spreadC: number;
}

/** A stand and its coldest night: what of it died, and how the temperature lay to what kills half. */
export interface ColdNightSeen extends Seen {
  what: "hardiness";
  /** Degrees by which the night was colder than what kills half by the library. */
  belowC: number;
  lostShare: number;
  spreadC: number;
}

/**
 * What the coldest nights that plantings stood through tell of their hardiness: the night by the bed's
 * own thermometer, or by the station's record and what the covers usually add; without either, nothing.
 */
export function coldNightsSeen(site: Site, garden: Garden): ColdNightSeen[] {
  const nights = new Map<string, readonly KnownNight[]>();
  return [...garden.plantings.values()].flatMap((planting): ColdNightSeen[] => {
    const facts = factsOf(garden, planting.id);
    const bed = garden.beds.get(planting.bedId);
    const growing = growingOf(garden, planting);
    const fromDay = facts.plantedOutDay ?? facts.emergedDay;
    if (!bed || !growing || planting.mix || fromDay === null) return [];
    const [part] = decidingParts(growing.crop, growing.variety, growing.stage).slice(-1);
    const isInAir = part?.medium === "air";
    // Until then somebody saw it alive, picked of it, or saw what was left.
    const untilDay = Math.max(
      ...[facts.seenDay, facts.lastHarvestDay, facts.losses.at(-1)?.day].map((day) => day ?? -1),
    );
    if (!part || !isInAir || untilDay < fromDay) return [];
    const known = nights.get(bed.id) ?? nightsAt(site, garden, bed, growing);
    nights.set(bed.id, known);
    const year = hardeningYear(site.space(growing, fromDay));
    let worst: { night: KnownNight; belowC: number } | null = null;
    for (const night of known) {
      if (night.day < fromDay || night.day > untilDay) continue;
      const lt50C = lt50At(part.range, year.established[dayOfYear(night.day) - 1] ?? 0);
      const belowC = lt50C - night.tempC;
      if (!worst || belowC > worst.belowC) worst = { night, belowC };
    }
    if (!worst || worst.belowC < -HARDINESS.tellsWithinC) return [];
    const { night, belowC } = worst;
    const lostShare = facts.losses
      .filter(({ day, cause }) => cause === "frost" && isSoonAfter(night.day, day))
      .reduce((lost, { share }) => lost + (1 - lost) * share, 0);
    return [
      {
        what: "hardiness",
        plantingId: planting.id,
        cropId: planting.cropId,
        bedId: bed.id,
        name: growingName(growing),
        place: bed.name,
        year: civilDate(site.season(night.day).startDay).year,
        day: night.day,
        expected: 1 / (1 + Math.exp(-belowC / SLOPE_C)),
        came: lostShare,
        value: belowC,
        sd: night.spreadC,
        counts: 1,
        belowC,
        lostShare,
        spreadC: night.spreadC,
      },
    ];
  });
}

const isSoonAfter = (nightDay: DayNumber, day: DayNumber) =>
  day >= nightDay && day <= nightDay + HARDINESS.lossWithinDays;

/** The nights of a bed that are known: its thermometer's, and those of the record that it does not have. */
function nightsAt(site: Site, garden: Garden, bed: Bed, growing: Growing): KnownNight[] {
  const nights = new Map<DayNumber, KnownNight>();
  const covers = coversOver(garden, bed);
  if (garden.record) {
    const { firstDay, minTempC } = dailyRecordOf(garden.record);
    const [from, until] = loggedDays(garden);
    for (let day = Math.max(from, firstDay); day <= until; day += 1) {
      const lowC = minTempC[day - firstDay];
      if (lowC === undefined) break;
      if (Number.isNaN(lowC)) continue;
      const tempC = lowC + usualGainC(site, growing, covers, day);
      nights.set(day, { day, tempC, spreadC: HARDINESS.recordSpreadC });
    }
  }
  const own = thermometerDaysOf(garden, { kind: "bed", id: bed.id });
  const shelters =
    own.length > 0 || bed.shelterId === null
      ? []
      : thermometerDaysOf(garden, { kind: "shelter", id: bed.shelterId });
  for (const { on, insideMinC } of [...own, ...shelters]) {
    const day = dayNumber(on);
    nights.set(day, { day, tempC: insideMinC, spreadC: HARDINESS.measuredSpreadC });
  }
  return [...nights.values()];
}

/** From the first day to the last of which something is written down. */
function loggedDays({ logEntries }: Garden): readonly [DayNumber, DayNumber] {
  return derive([logEntries], firstAndLast);
}

function firstAndLast(entries: Garden["logEntries"]): readonly [DayNumber, DayNumber] {
  let [first, last] = [Infinity, -Infinity];
  for (const { on } of entries.values()) {
    const day = dayNumber(on);
    first = Math.min(first, day);
    last = Math.max(last, day);
  }
  return [first, last];
}

/** What covers usually add to a night's low, °C. */
function usualGainC(site: Site, growing: Growing, covers: readonly string[], day: DayNumber) {
  if (covers.length === 0) return 0;
  const space = site.space(growing, day);
  const open = site.space({ covers: [], horizon: growing.horizon }, day);
  const at = day - space.firstDay;
  return (space.minTempC[at] ?? 0) - (open.minTempC[at] ?? 0);
}
