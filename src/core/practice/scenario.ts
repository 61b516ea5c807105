import practiceJson from "@data/practice.json";
import { dayNumber, isoDate, type DayNumber } from "../calendar";
import { madeUpClimates, type MadeUpClimate } from "../climate";
import { cropLibrary } from "../crops";
import { emptyGarden, type Bed, type Garden, type Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";

/** What can be decided on an evening. */
export type Offer = "cover" | "lid" | "pick" | "sow" | "water";
export const LESSON_IDS = [
  "cliff",
  "hardening",
  "brightDay",
  "tooFewCovers",
  "hungryGap",
  "wetLeaves",
] as const;
export type LessonId = (typeof LESSON_IDS)[number];
export const DIFFICULTIES = ["gentle", "usual", "hard"] as const;
export type Difficulty = (typeof DIFFICULTIES)[number];
/** Cloths that there are in a free winter. */
export const FREE_CLOTHS: Readonly<Record<Difficulty, number>> = practiceJson.free.cloths;

/** A small garden and the winter that comes over it. */
export interface Scenario {
  /** Tells it from others: "lesson-cliff", "free-wet-coast-hard-12". */
  id: string;
  climate: MadeUpClimate;
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** Which of the climate's winters comes. */
  winter: number;
  /** Pieces of cloth, each large enough for one bed. */
  cloths: number;
  beds: readonly ScenarioBed[];
  offers: readonly Offer[];
  /** Crops that may be sown into empty beds, up to a day. */
  sowable: readonly string[];
  sowUntilDay: DayNumber;
}

export interface ScenarioBed {
  id: string;
  name: string;
  hasFrame: boolean;
  cropId: string | null;
  sowDay: DayNumber | null;
}

interface WrittenBed {
  name: string;
  frame: boolean;
  crop: string | null;
  sowOn: string | null;
}

/** The short lesson of a name. */
export function lessonOf(id: LessonId): Scenario {
  const lesson = practiceJson.lessons.find((one) => one.id === id);
  if (!lesson) throw new RangeError(`There is no lesson ${id}.`);
  const { from, until, winter, cloths, beds, offers, sowable, sowUntil } = lesson;
  return {
    id: `lesson-${id}`,
    climate: climateOf(lesson.climate),
    fromDay: dayNumber(from),
    untilDay: dayNumber(until),
    winter,
    cloths,
    beds: beds.map((bed) => bedFrom(bed, 0)),
    offers: offers as Offer[],
    sowable,
    sowUntilDay: sowUntil === null ? dayNumber(from) : dayNumber(sowUntil),
  };
}

/** Half a year, by which the southern winter comes later. */
const HALF_A_YEAR_DAYS = 182;

/** A whole winter of a climate: harder with fewer cloths. The same seed is the same winter. */
export function freeWinter(climateId: string, difficulty: Difficulty, seed: number): Scenario {
  const { from, until, sowUntil, sowable, beds } = practiceJson.free;
  const climate = climateOf(climateId);
  const later = climate.latitudeDeg < 0 ? HALF_A_YEAR_DAYS : 0;
  return {
    id: `free-${climateId}-${difficulty}-${seed}`,
    climate,
    fromDay: dayNumber(from) + later,
    untilDay: dayNumber(until) + later,
    winter: seed,
    cloths: FREE_CLOTHS[difficulty],
    beds: beds.map((bed) => bedFrom(bed, later)),
    offers: ["cover", "lid", "pick", "sow", "water"],
    sowable,
    sowUntilDay: dayNumber(sowUntil) + later,
  };
}

function climateOf(id: string): MadeUpClimate {
  const climate = madeUpClimates.find((one) => one.id === id);
  if (!climate) throw new RangeError(`There is no climate ${id}.`);
  return climate;
}

function bedFrom({ name, frame, crop, sowOn }: WrittenBed, later: number): ScenarioBed {
  return {
    id: `bed-${name.toLowerCase()}`,
    name,
    hasFrame: frame,
    cropId: crop,
    sowDay: sowOn === null ? null : dayNumber(sowOn) + later,
  };
}

/** Length and width of every bed of practice, m. */
const BED_M = { lengthM: 4, widthM: 1 };

/** The small garden as a garden, with what was sown into its beds since. */
export function practiceGarden(scenario: Scenario, sown: readonly Sown[]): Garden {
  const { climate, beds } = scenario;
  const standing = beds.flatMap(({ id, cropId, sowDay }): Sown[] =>
    cropId !== null && sowDay !== null ? [{ bedId: id, cropId, day: sowDay }] : [],
  );
  const empty = emptyGarden();
  const plantings = [...standing, ...sown].map(plantingFrom);
  return {
    ...empty,
    settings: { ...empty.settings, degreesSchool: "balance" },
    place: {
      id: "place",
      name: climate.name,
      latitudeDeg: climate.latitudeDeg,
      longitudeDeg: climate.longitudeDeg,
      elevationM: climate.elevationM,
      climate: climate.climate,
      climateFrom: "sketch",
      horizon: [],
    },
    beds: new Map(beds.map((bed) => [bed.id, bedOf(bed)])),
    plantings: new Map(plantings.map((one) => [one.id, one])),
  };
}

/** A sowing that was decided on an evening: it is sown the next day. */
export interface Sown {
  bedId: string;
  cropId: string;
  day: DayNumber;
}

function bedOf({ id, name, hasFrame }: ScenarioBed): Bed {
  return {
    ...BED_M,
    id,
    name,
    shelterId: null,
    covers: hasFrame ? [practiceJson.frame] : [],
    horizon: null,
    position: null,
    history: [],
  };
}

function plantingFrom({ bedId, cropId, day }: Sown): Planting {
  const crop = cropLibrary.get(cropId);
  if (!crop) throw new RangeError(`There is no crop ${cropId}.`);
  return {
    ...BY_THE_BOOK,
    method: "direct",
    stage: "full",
    fromM: 0,
    id: `planting-${bedId}`,
    cropId,
    varietyId: crop.varieties[0]?.id ?? "",
    bedId,
    sowOn: isoDate(day),
    lengthM: BED_M.lengthM,
    rowCm: crop.spacing.rowCm,
    inRowCm: crop.spacing.inRowCm,
  };
}
