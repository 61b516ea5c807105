import { isoDate, type DayNumber } from "../calendar";
import { BY_THE_BOOK } from "../gardenFile";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { exactM, patchesMeet, type Across } from "../layout";
import { isSpent, seedsIn } from "../seedBox";
import {
  amountsFor,
  bookSpacing,
  exposureOver,
  fittedTo,
  lengthForHowMuch,
  plantingState,
  standOf,
  type HowMuch,
} from "../plantings";
import {
  bedDays,
  sowableToday,
  sunShortfall,
  usualRank,
  type SowNow,
  type SunShortfall,
} from "../schedule";
import { acrossOf, gapsIn, isWholeWidth, type Gap } from "./freeGround";
import { occupantsOf } from "./occupancy";
import { familiesBefore, tooSoonFor, type TooSoon } from "./rotation";
import { exposureKey, type Site } from "../growth";
import type { Crop } from "../crops";
import type { Units } from "../units";

/** Room for a crop: bare ground for a time, or the space between plants that are slow or small. */
export interface Opening extends Gap {
  /** The planting between whose plants it is; null for bare ground. */
  between: { plantingId: string; name: string; stationCm: number; across: Across } | null;
}

/** A crop that would do in an opening, with what stands for and against it. */
export interface Fit {
  sowing: SowNow;
  /** The day it must make way for the next, when that is before it is over; null otherwise. */
  clearDay: DayNumber | null;
  /** Chance that cold leaves it alone until it is ready. */
  odds: number;
  tooSoon: TooSoon | null;
  /** Whether one of its family stood in the bed within the year before, or still does. */
  isOfSameFamily: boolean;
  shortfall: SunShortfall | null;
  /** Seeds of any variety of it in the box that are still good. */
  seedsInBox: number;
}

/** So much wider than its strip a single row may grow: its leaves lean over the path. */
const LEANS_OVER = 1.5;
/** How far ahead openings are looked for. */
const DAYS_AHEAD = 365;
/** Between plants closer than this nothing else finds room, cm. */
const LEAST_BETWEEN_CM = 30;

/**
 * The openings of a bed from a day on: ground that is bare now, the largest first, then between plants
 * that stand far apart and have not closed over it yet, then ground that gets free later.
 */
export function openingsIn(site: Site, garden: Garden, bed: Bed, day: DayNumber): Opening[] {
  const occupants = occupantsOf(site, garden, bed);
  const bare = gapsIn(occupants, bed, day, day + DAYS_AHEAD);
  const between = occupants.flatMap((one): Opening[] => {
    const planting = garden.plantings.get(one.id);
    const life = planting && plantingState(garden, site, planting);
    if (!life || one.interplanted || day < one.fromDay || day >= one.untilDay) return [];
    const { crop } = life.growing;
    const { stationCm, rowCm } = amountsFor(standOf(planting, bed), crop, planting.method);
    const closesDay = life.timeline.fullSizeDay ?? one.untilDay;
    const taken = occupants.some(
      (other) =>
        other.interplanted &&
        other.patches.some((patch) => one.patches.some((own) => patchesMeet(own, patch))),
    );
    if (taken || Math.min(stationCm, rowCm) < LEAST_BETWEEN_CM || closesDay <= day) return [];
    const { fromM, toM, name } = one;
    const untilDay = Math.min(closesDay, day + DAYS_AHEAD);
    const between = { plantingId: one.id, name, stationCm, across: one.across };
    const width = { leftM: 0, rightM: bed.widthM };
    return [{ fromM, toM, ...width, fromDay: day, untilDay, between }];
  });
  const isNow = ({ fromDay }: Gap) => fromDay <= day;
  return [
    ...bare.filter(isNow).map((gap) => ({ ...gap, between: null })),
    ...between,
    ...bare.filter((gap) => !isNow(gap)).map((gap) => ({ ...gap, between: null })),
  ];
}

/**
 * What can be sown for an opening on a day, or on its first when that comes later: crops that get
 * ready there or stand the winter before the next comer wants the ground. Those that the rotation
 * allows and that get sun come first, then what growers usually sow at that time, of which there is seed;
 * and then the soonest ready.
 */
export function whatFits(
  site: Site,
  garden: Garden,
  bed: Bed,
  opening: Opening,
  day: DayNumber,
  sowable: Sowable = sowableIn(site, garden),
): Fit[] {
  const { settings } = garden;
  const { between, untilDay } = opening;
  const sowDay = Math.max(day, opening.fromDay);
  const families = familiesBefore(garden, bed, sowDay);
  const wideCm = (opening.rightM - opening.leftM) * 100;
  const crops = [...cropsOf(garden).values()].filter(({ spacing }) =>
    between
      ? 2 * spacing.inRowCm <= between.stationCm
      : isWholeWidth(opening, bed) || spacing.inRowCm <= LEANS_OVER * wideCm,
  );
  return sowable(bed, sowDay, crops)
    .filter(({ timeline }) => (timeline.readyDay ?? Infinity) < untilDay)
    .map((sowing): Fit => {
      const { growing, timeline } = sowing;
      const { fromDay, untilDay: overDay } = bedDays(timeline);
      const { rotationYears } = settings;
      return {
        sowing,
        clearDay: overDay > untilDay && !between ? untilDay : null,
        odds: 1 - (timeline.lossBeforeReady ?? 1),
        tooSoon: tooSoonFor(garden, bed, growing.crop, fromDay, rotationYears, growing.stage),
        isOfSameFamily: families.has(growing.crop.family),
        shortfall: sunShortfall(site, growing, timeline),
        seedsInBox: seedsOf(garden, sowing, day),
      };
    })
    .sort((a, b) => against(site, bed, a) - against(site, bed, b));
}

/** What of some crops can be sown in a bed on a day. */
export type Sowable = (bed: Bed, day: DayNumber, crops: readonly Crop[]) => SowNow[];

function sowableIn(site: Site, garden: Garden): Sowable {
  return (bed, day, crops) => {
    const spot = { bedId: bed.id, bedName: bed.name, ...exposureOver(garden, bed) };
    return sowableToday(site, garden.settings, day, [spot], crops).now;
  };
}

/** The same for many beds: those alike are looked at once a day. */
export function sowableOnce(site: Site, garden: Garden): Sowable {
  const known = new Map<string, SowNow[]>();
  const look = sowableIn(site, garden);
  return (bed, day, crops) => {
    const key = `${exposureKey(exposureOver(garden, bed))} ${day}`;
    const all = known.get(key) ?? look(bed, day, [...cropsOf(garden).values()]);
    known.set(key, all);
    const wanted = new Set(crops);
    return all.filter(({ growing }) => wanted.has(growing.crop));
  };
}

/** How much stands against a crop; the order of those alike is kept. */
function against(site: Site, bed: Bed, { tooSoon, shortfall, sowing, seedsInBox }: Fit): number {
  const isForSacks = sowing.growing.crop.startedFrom === "tuber";
  return (
    // Sacks that are filled up are for what grows tubers on its stems.
    (bed.container?.kind === "sack" && !isForSacks ? 128 : 0) +
    (tooSoon ? 64 : 0) +
    (shortfall ? 32 : 0) +
    usualRank(site, sowing.growing, sowing.timeline.sowDay) * 4 +
    (sowing.verdict.kind === "spring" ? 2 : 0) +
    (seedsInBox > 0 ? 0 : 1)
  );
}

function seedsOf(garden: Garden, { growing }: SowNow, day: DayNumber): number {
  return [...garden.seedLots.values()]
    .filter((lot) => lot.cropId === growing.crop.id && !isSpent(growing.crop, lot, day))
    .reduce((sum, lot) => sum + seedsIn(growing.crop, lot), 0);
}

/** The planting that puts a fit into its opening: as much as is asked for, at most all of it. */
export function plantingInto(
  bed: Bed,
  opening: Opening,
  { sowing, clearDay }: Pick<Fit, "clearDay"> & { sowing: Pick<SowNow, "growing" | "timeline"> },
  id: string,
  { units, howMuch }: { units: Units; howMuch: HowMuch },
): Planting {
  const { crop, variety, method, stage } = sowing.growing;
  const fromM = exactM(Math.max(0, opening.fromM));
  const untilM = Math.min(opening.toM, bed.lengthM);
  const whole: Planting = {
    ...BY_THE_BOOK,
    id,
    cropId: crop.id,
    varietyId: variety.id,
    bedId: bed.id,
    sowOn: isoDate(sowing.timeline.sowDay),
    method,
    stage,
    fromM,
    lengthM: exactM(untilM - fromM),
    across: opening.between?.across ?? acrossOf(opening, bed),
    ...bookSpacing(crop, stage, units),
    interplanted: opening.between !== null,
    clearOn: clearDay === null ? null : isoDate(clearDay),
  };
  const wantedM = lengthForHowMuch(howMuch, standOf(whole, bed), crop, { method, stage });
  const lengthM = Math.min(whole.lengthM, Math.max(LEAST_LENGTH_M, wantedM));
  return fittedTo(bed, { ...whole, lengthM });
}

/** The shortest planting that a garden keeps, m. */
const LEAST_LENGTH_M = 0.1;
