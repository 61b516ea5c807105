import learningJson from "@data/learning.json";
import type { IsoDate } from "../calendar";
import { care } from "../care";
import { emergenceAt, varietyOf, type Crop } from "../crops";
import {
  cropsByTheBook,
  ownNumberId,
  type Garden,
  type OwnNumber,
  type OwnNumberOf,
} from "../garden";
import type { Site } from "../growth";
import { coldNightsSeen, type ColdNightSeen } from "./coldSeen";
import { degreesLearned } from "./degreesLearned";
import { effectsFrom } from "./effects";
import { hardierBy } from "./hardier";
import { plantingsSeen, standsSeen } from "./plantingsSeen";
import { seasonsSeen } from "./seasonsSeen";
import type { LearnedNumber, Seen } from "./seen";
import { storeSeen } from "./storeSeen";

const { confidence: CONFIDENCE, growth: GROWTH } = learningJson;
/** Soil at which days to coming up are told, °C. */
export const TOLD_AT_SOIL_C = 15;

/** How sure the library's numbers of a kind are, as a logarithm. */
const PRIOR_LOG = {
  emergence: learningJson.emergence.priorLog,
  stand: learningJson.stand.priorLog,
  yield: learningJson.yield.priorLog,
  regrowth: learningJson.regrowth.priorLog,
  keeping: learningJson.keeping.priorLog,
} as const;
type Alone = keyof typeof PRIOR_LOG;
const ALONE = Object.keys(PRIOR_LOG) as Alone[];

/**
 * What the grower's own record says of the library's numbers: of each that it speaks to, what was
 * expected, what came, and both joined by how sure each is. Seasons that are closed count like what goes
 * on; what was learned before counts for nothing, so that nothing is learned twice.
 *
 * @param untilDay what is of later days has not been seen yet
 * @returns numbers in the order of their kinds; those that rest on most first
 */
export function learn(site: Site, garden: Garden, untilDay = Infinity): LearnedNumber[] {
  const seen: Seen[] = [];
  const nights: ColdNightSeen[] = [];
  for (const season of seasonsSeen(garden)) {
    seen.push(...plantingsSeen(site, season.garden));
    seen.push(...standsSeen(site, season.garden));
    seen.push(...storeSeen(site, season.garden));
    const withNights = { ...season.garden, ...nightsOf(garden) };
    nights.push(...coldNightsSeen(site, withNights));
  }
  const crops = cropsByTheBook(garden);
  const known = { garden, crops };
  const seenByThen = seen.filter(({ day }) => day <= untilDay);
  return [
    ...growthLearned(known, seenByThen),
    ...ALONE.flatMap((what) => aloneLearned(known, what, seenByThen)),
    ...hardinessLearned(
      known,
      nights.filter(({ day }) => day <= untilDay),
    ),
    ...degreesLearned(site, garden),
  ];
}

/** A learned number as the garden keeps it, taken over on a day. */
export function asOwnNumber(
  { id, what, about, value, weight, seen }: LearnedNumber,
  on: IsoDate,
  used = true,
): OwnNumber {
  return { id, what, about, value, weight, entries: seen.length, on, used };
}

/** Thermometers and the record go on through all seasons. */
const nightsOf = ({ thermometerDays, record }: Garden) => ({ thermometerDays, record });

interface Known {
  garden: Garden;
  crops: ReadonlyMap<string, Crop>;
}

/** Paces of growth: of all of the garden, and of crops and beds besides, joined at once. */
function growthLearned({ garden, crops }: Known, all: readonly Seen[]): LearnedNumber[] {
  const seen = all.filter(({ what }) => what === "growth");
  if (seen.length === 0) return [];
  const cropIds = [...new Set(seen.map(({ cropId }) => cropId))];
  const bedIds = [...new Set(seen.map(({ bedId }) => bedId))];
  const cropAt = new Map(cropIds.map((id, at) => [id, 1 + at]));
  const bedAt = new Map(bedIds.map((id, at) => [id, 1 + cropIds.length + at]));
  const years = [...new Set(seen.map(({ year }) => year))];
  const priors = [
    GROWTH.priorGardenLog,
    ...cropIds.map(() => GROWTH.priorCropLog),
    ...bedIds.map(() => GROWTH.priorBedLog),
    // A warm year makes everything early: that is no pace of the garden.
    ...years.map(() => GROWTH.sharedYearLog),
  ];
  const firstYear = priors.length - years.length;
  const effectsOf = ({ cropId, bedId, year }: Seen) => [
    0,
    cropAt.get(cropId) ?? 0,
    bedAt.get(bedId) ?? 0,
    firstYear + years.indexOf(year),
  ];
  const sums = seen.map((one) => ({ value: one.value, sd: one.sd, effects: effectsOf(one) }));
  const { mean, sd, counts } = effectsFrom(sums, priors);
  const counted = seen.map((one, at) => ({ ...one, counts: counts[at] ?? 0 }));
  const number = (at: number, about: OwnNumber["about"], of: readonly Seen[]) => {
    // What the record alone says of one effect: what is left when the others are taken off.
    const others = (one: Seen) =>
      effectsOf(one)
        .filter((effect) => effect !== at)
        .reduce((sum, effect) => sum + (mean[effect] ?? 0), 0);
    const own = weighed(of.map((one) => ({ ...one, value: one.value - others(one) })));
    const { unit, library } = unitOf({ garden, crops }, "growth", about, of);
    return learnedOf(garden, {
      what: "growth",
      about,
      unit,
      library,
      isPace: unit !== "times",
      log: { mean: mean[at] ?? 0, sd: sd[at] ?? 0, own, prior: priors[at] ?? 1 },
      seen: of,
    });
  };
  return [
    number(0, { kind: "garden" }, counted),
    ...byMost(
      cropIds.flatMap((id, at) => {
        const of = counted.filter(({ cropId }) => cropId === id);
        return crops.has(id) ? number(1 + at, { kind: "crop", id }, of) : [];
      }),
    ),
    ...byMost(
      bedIds.flatMap((id, at) => {
        const of = counted.filter(({ bedId }) => bedId === id);
        const about = { kind: "bed", id } as const;
        return garden.beds.has(id) ? number(1 + cropIds.length + at, about, of) : [];
      }),
    ),
  ];
}

/** Numbers that each crop has for itself. */
function aloneLearned(known: Known, what: Alone, all: readonly Seen[]): LearnedNumber[] {
  const byCrop = new Map<string, Seen[]>();
  for (const one of all) {
    if (one.what !== what || !known.crops.has(one.cropId)) continue;
    byCrop.set(one.cropId, [...(byCrop.get(one.cropId) ?? []), one]);
  }
  const prior = PRIOR_LOG[what];
  return byMost(
    [...byCrop].map(([id, seen]) => {
      const { mean, sd, counts } = effectsFrom(
        seen.map((one) => ({ value: one.value, sd: one.sd, effects: [0] })),
        [prior],
      );
      const counted = seen.map((one, at) => ({ ...one, counts: counts[at] ?? 0 }));
      const about = { kind: "crop", id } as const;
      const { unit, library } = unitOf(known, what, about, seen);
      return learnedOf(known.garden, {
        what,
        about,
        unit,
        library,
        isPace: what === "emergence" || what === "regrowth",
        log: { mean: mean[0] ?? 0, sd: sd[0] ?? 0, own: weighed(counted), prior },
        seen: counted,
      });
    }),
  );
}

function hardinessLearned({ garden, crops }: Known, nights: ColdNightSeen[]): LearnedNumber[] {
  const byCrop = new Map<string, ColdNightSeen[]>();
  for (const one of nights) byCrop.set(one.cropId, [...(byCrop.get(one.cropId) ?? []), one]);
  return byMost(
    [...byCrop].flatMap(([id, of]): LearnedNumber[] => {
      const crop = crops.get(id);
      if (!crop) return [];
      const { meanC, lowC, highC, weight, counts } = hardierBy(of);
      const about = { kind: "crop", id } as const;
      const library = crop.hardiness.hardenedLt50C;
      const numberId = ownNumberId("hardiness", about);
      const taken = garden.ownNumbers.get(numberId) ?? null;
      return [
        {
          id: numberId,
          what: "hardiness",
          about,
          unit: "degrees",
          library,
          own: library - (weight > 0 ? meanC / weight : 0),
          joined: library - meanC,
          low: library - highC,
          high: library - lowC,
          value: meanC,
          valueLow: lowC,
          valueHigh: highC,
          weight,
          seen: latestFirst(of.map((one, at) => ({ ...one, counts: counts[at] ?? 0 }))),
          taken,
          used: taken?.used ?? false,
        },
      ];
    }),
  );
}

interface Parts {
  what: OwnNumberOf;
  about: OwnNumber["about"];
  unit: LearnedNumber["unit"];
  library: number;
  /** Told in days, of which there are fewer the higher the pace. */
  isPace: boolean;
  /** As logarithms: joined, the record alone, and how sure the library was. */
  log: { mean: number; sd: number; own: number; prior: number };
  seen: readonly Seen[];
}

function learnedOf(garden: Garden, { what, about, unit, library, isPace, log, seen }: Parts) {
  const id = ownNumberId(what, about);
  const taken = garden.ownNumbers.get(id) ?? null;
  const times = (value: number) => library * Math.exp(isPace ? -value : value);
  const reach = CONFIDENCE.z * log.sd;
  const ends = [times(log.mean - reach), times(log.mean + reach)];
  const number: LearnedNumber = {
    id,
    what,
    about,
    unit,
    library,
    own: times(log.own),
    joined: times(log.mean),
    low: Math.min(...ends),
    high: Math.max(...ends),
    value: Math.exp(log.mean),
    valueLow: Math.exp(log.mean - reach),
    valueHigh: Math.exp(log.mean + reach),
    weight: Math.max(0, 1 - (log.sd / log.prior) ** 2),
    seen: latestFirst(seen),
    taken,
    used: taken?.used ?? false,
  };
  return number;
}

/** What the library has for it, as it is told. */
function unitOf(
  { crops }: Known,
  what: OwnNumberOf,
  about: OwnNumber["about"],
  seen: readonly Seen[],
): { unit: LearnedNumber["unit"]; library: number } {
  const crop = about.kind === "crop" ? crops.get(about.id) : undefined;
  if (!crop) return { unit: "times", library: 1 };
  switch (what) {
    case "growth":
      return {
        unit: "packetDays",
        library: (varietyOf(crop, "") ?? crop.varieties[0])?.packetDays ?? 1,
      };
    case "emergence":
      return {
        unit: "days",
        library: emergenceAt(crop, TOLD_AT_SOIL_C).days ?? seen[0]?.expected ?? 1,
      };
    case "regrowth":
      return { unit: "packetDays", library: care.pickAgain[crop.harvest.habit] };
    case "stand":
      return { unit: "share", library: crop.sowing.sproutShare * crop.sowing.fieldShare };
    case "yield":
      return { unit: "kgPerM2", library: crop.harvest.yieldKgPerM2 };
    default:
      return { unit: "weeks", library: crop.storage?.weeks ?? 1 };
  }
}

/** The mean of what was seen, each by how sure it is and how far it counts. */
function weighed(seen: readonly Seen[]): number {
  let [sum, weights] = [0, 0];
  for (const { value, sd, counts } of seen) {
    const weight = counts / (sd * sd);
    sum += weight * value;
    weights += weight;
  }
  return weights > 0 ? sum / weights : 0;
}

const latestFirst = (seen: readonly Seen[]) => [...seen].sort((a, b) => b.day - a.day);
const byMost = (numbers: readonly LearnedNumber[]) =>
  [...numbers].sort((a, b) => b.seen.length - a.seen.length || (a.id < b.id ? -1 : 1));
