import learningJson from "@data/learning.json";
import { civilDate, dayNumber, type DayNumber } from "../calendar";
import { care } from "../care";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { standingPacketDays, sumBetween, USUAL_PLAN_SETTINGS, type Site } from "../growth";
import { factsOf, growingName, growingOf, standOf, standYieldKg } from "../plantings";
import {
  bedPacketDaysFor,
  emergenceDay,
  readyDayFrom,
  needOf,
  shareLeft,
  type Facts,
  type Growing,
} from "../schedule";
import type { Seen } from "./seen";

const { growth: GROWTH, emergence: EMERGENCE, stand: STAND, yield: YIELD } = learningJson;
const { regrowth: REGROWTH } = learningJson;
const GRAMS_PER_KG = 1000;
/** Later by so much of what it needs, it was not waited for: it was left standing. */
const LEFT_STANDING_TIMES = 4;
const PICKED_AGAIN: ReadonlySet<string> = new Set(["cutAgain", "outerLeaves", "pickedAgain"]);

/** A planting with what is known of it. */
interface Known {
  site: Site;
  garden: Garden;
  planting: Planting;
  bed: Bed;
  growing: Growing;
  facts: Facts;
  /** Whether some of it was picked and not weighed. */
  isUnweighed: boolean;
  year: number;
}

/** What the plantings of one season tell of growth, coming up, yields and growing again. */
export function plantingsSeen(site: Site, garden: Garden): Seen[] {
  const unweighed = unweighedIn(garden);
  return [...garden.plantings.values()].flatMap((planting) => {
    const facts = factsOf(garden, planting.id);
    const bed = garden.beds.get(planting.bedId);
    const growing = growingOf(garden, planting);
    // What is mixed tells of none of its kinds.
    if (!bed || !growing || planting.mix || (facts.sownDay ?? facts.firstHarvestDay) === null) {
      return [];
    }
    const { year } = civilDate(site.season(dayNumber(planting.sowOn)).startDay);
    const isUnweighed = unweighed.has(planting.id);
    const known: Known = { site, garden, planting, bed, growing, facts, isUnweighed, year };
    return [
      ...emergenceSeen(known),
      ...growthSeen(known),
      ...yieldSeen(known),
      ...regrowthSeen(known),
    ];
  });
}

function unweighedIn({ logEntries }: Garden): Set<string> {
  const found = new Set<string>();
  for (const { what } of logEntries.values()) {
    if (what.kind === "harvested" && what.grams === null) found.add(what.plantingId);
  }
  return found;
}

/** What counts of seedlings tell: the share of seed that came to stand. */
export function standsSeen(site: Site, garden: Garden): Seen[] {
  const seen: Seen[] = [];
  for (const entry of garden.logEntries.values()) {
    if (entry.what.kind !== "emerged") continue;
    const { up, outOf, plantingId } = entry.what;
    const planting = garden.plantings.get(plantingId);
    const bed = planting && garden.beds.get(planting.bedId);
    const crop = planting && cropsOf(garden).get(planting.cropId);
    if (!planting || !bed || !crop || up === null || outOf === null || outOf === 0) continue;
    if (planting.method !== "direct") continue;
    const expected = crop.sowing.sproutShare * crop.sowing.fieldShare;
    const came = Math.min(up, outOf) / outOf;
    // Half a seed more keeps none at all from being infinitely little.
    const counted = (Math.min(up, outOf) + 0.5) / (outOf + 1);
    const binomial = (1 - counted) / (counted * (outOf + 1));
    const growing = growingOf(garden, planting);
    seen.push({
      what: "stand",
      plantingId: planting.id,
      cropId: crop.id,
      bedId: bed.id,
      name: growing ? growingName(growing) : crop.name,
      place: bed.name,
      year: civilDate(site.season(dayNumber(entry.on)).startDay).year,
      day: dayNumber(entry.on),
      expected,
      came,
      value: Math.log(counted / expected),
      sd: Math.sqrt(binomial + STAND.siteLog ** 2),
      counts: 1,
    });
  }
  return seen;
}

function seenOf(
  { planting, growing, bed, year }: Known,
  what: Seen["what"],
  day: DayNumber,
  told: Pick<Seen, "expected" | "came" | "value" | "sd">,
): Seen {
  return {
    what,
    plantingId: planting.id,
    cropId: planting.cropId,
    bedId: bed.id,
    name: growingName(growing),
    place: bed.name,
    year,
    day,
    ...told,
    counts: 1,
  };
}

/** Days from sowing to coming up in the bed, against what its soil usually asks for. */
function emergenceSeen(known: Known): Seen[] {
  const { site, growing, facts } = known;
  const { sownDay, emergedDay } = facts;
  const need = needOf(growing);
  if (need.benchDays > 0 || sownDay === null || emergedDay === null || emergedDay <= sownDay) {
    return [];
  }
  const sprouting = site.sprouting(growing.crop, growing, sownDay);
  const lastDay = sumBetween(sprouting, emergedDay - 1, emergedDay);
  // What is up on a morning came up some time since the morning before.
  const gathered = sumBetween(sprouting, sownDay, emergedDay) - lastDay / 2;
  const expectedDay = emergenceDay(site, growing, need, sownDay);
  if (gathered <= 0 || expectedDay === null) return [];
  const aDay = lastDay / gathered;
  return [
    seenOf(known, "emergence", emergedDay, {
      expected: expectedDay - sownDay,
      came: emergedDay - sownDay,
      value: -Math.log(gathered),
      sd: Math.hypot(EMERGENCE.yearLog, EMERGENCE.dateDays * aDay),
    }),
  ];
}

/** What the days until the first picking were worth, against what the crop needs. */
function growthSeen(known: Known): Seen[] {
  const { site, growing, planting, facts } = known;
  const { firstHarvestDay } = facts;
  const need = needOf(growing);
  const sowDay = facts.sownDay ?? dayNumber(planting.sowOn);
  // What waits for its winter, or is forced, is not ready by how much it has grown.
  if (firstHarvestDay === null || growing.crop.winterNeeded || growing.crop.forcedFrom) return [];
  const bedDay = need.benchDays > 0 ? (facts.plantedOutDay ?? sowDay + need.benchDays) : sowDay;
  const upDay = facts.emergedDay ?? emergenceDay(site, growing, need, sowDay);
  const startDay = need.benchDays > 0 ? bedDay : upDay;
  if (startDay === null || firstHarvestDay <= startDay) return [];
  const growth = site.growth(growing.crop, growing, sowDay);
  const gathered = sumBetween(growth, startDay, firstHarvestDay);
  const needed = bedPacketDaysFor(growing, need, "usable");
  const expectedDay = readyDayFrom(
    site,
    USUAL_PLAN_SETTINGS,
    growing,
    need,
    { sowDay, bedDay, startDay },
    "usable",
  );
  if (gathered <= 0 || gathered > LEFT_STANDING_TIMES * needed || expectedDay === null) return [];
  const aDay = sumBetween(growth, firstHarvestDay - 1, firstHarvestDay) / gathered;
  const unseen = need.benchDays === 0 && facts.emergedDay === null ? GROWTH.unseenEmergenceLog : 0;
  return [
    seenOf(known, "growth", firstHarvestDay, {
      expected: expectedDay - startDay,
      came: firstHarvestDay - startDay,
      value: Math.log(needed / gathered),
      sd: Math.hypot(GROWTH.yearLog, GROWTH.dateDays * aDay, unseen),
    }),
  ];
}

/** What was weighed of a planting that is over, against what such a stand usually gives. */
function yieldSeen(known: Known): Seen[] {
  const { growing, planting, bed, facts } = known;
  const { overDay, harvestedGrams, pickedDays } = facts;
  if (overDay === null || harvestedGrams === 0 || pickedDays.length === 0) return [];
  if (known.isUnweighed) return [];
  if (planting.worth !== "full" || growing.clearDay !== null) return [];
  const left = shareLeft(
    { ...facts, losses: facts.losses.filter(({ share }) => share < 1) },
    overDay,
  );
  const expected = standYieldKg(standOf(planting, bed), growing, planting) * left;
  if (expected <= 0) return [];
  const came = harvestedGrams / GRAMS_PER_KG;
  return [
    seenOf(known, "yield", overDay, {
      expected,
      came,
      value: Math.log(came / expected),
      sd: YIELD.noiseLog,
    }),
  ];
}

/** Days from one picking to the next, against what it takes to be worth picking again. */
function regrowthSeen(known: Known): Seen[] {
  const { site, growing, facts, planting } = known;
  const { habit } = growing.crop.harvest;
  if (!PICKED_AGAIN.has(habit)) return [];
  const growth = site.growth(growing.crop, growing, facts.sownDay ?? dayNumber(planting.sowOn));
  const needed = Math.min(care.pickAgain[habit], standingPacketDays(growing.crop, growing.stage));
  return facts.pickedDays.slice(1).flatMap((day, at) => {
    const before = facts.pickedDays[at] ?? day;
    const gathered = sumBetween(growth, before, day);
    // A longer pause was no wait for it to grow.
    if (day <= before || gathered <= 0 || gathered > REGROWTH.longestTimes * needed) return [];
    const aDay = gathered / (day - before);
    // Where days are worth little, what is picked has stood there, and did not grow again.
    if (aDay < REGROWTH.leastDayWorth) return [];
    return [
      seenOf(known, "regrowth", day, {
        expected: needed / aDay,
        came: day - before,
        value: Math.log(needed / gathered),
        sd: REGROWTH.noiseLog,
      }),
    ];
  });
}
