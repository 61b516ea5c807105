import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { byFoodGroup, FOOD_GROUPS, needInWeek, type FoodGroup, type Need } from "../food";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { plantingStates } from "../plantings";
import { eatInOrder, type Meals } from "./eating";
import { plantingSources, type Weeks } from "./plantingSources";
import { lastWeekOf, type Source } from "./source";
import { storeSources } from "./storeSources";
import { NINE_YEARS, USUAL_YEAR, type Year } from "./year";

/** An amount as it strays from year to year, kg: one year in ten has less than the first. */
export interface Strayed {
  p10: number;
  p50: number;
  p90: number;
}

/** What of a group comes and is wanted in a week of the usual year, kg. */
export interface GroupWeek {
  needKg: number;
  /** Eaten from the beds. */
  harvestKg: number;
  /** Eaten from the store. */
  storeKg: number;
  gapKg: number;
  /** Picked or standing beyond what is wanted, to be given, sold or stored. */
  surplusKg: number;
}

export interface SupplyWeek {
  /** Its first day. */
  weekOf: DayNumber;
  needKg: number;
  /** All that comes from the beds, what is left over counted in. */
  harvestKg: Strayed;
  storeKg: number;
  gapKg: number;
  byGroup: Record<FoodGroup, GroupWeek>;
}

/** Weeks on end in which a group is short. */
export interface Gap {
  group: FoodGroup;
  fromDay: DayNumber;
  /** The last day of its last week. */
  untilDay: DayNumber;
  /** In how many of ten years it is short then. */
  yearsIn10: number;
  /** Short in all and in a week, in those years, kg. */
  shortKg: number;
  shortKgAWeek: number;
}

/** A season of supply against need. */
export interface Supply {
  weeks: SupplyWeek[];
  gaps: Gap[];
  /** What there is and what is eaten of it in the usual year. */
  sources: readonly Source[];
  meals: Meals;
}

/** Everything that can be eaten in one kind of year. */
export function sourcesIn(site: Site, garden: Garden, weeks: Weeks, year: Year): Source[] {
  return [
    ...storeSources(garden, weeks),
    ...plantingStates(garden, site).flatMap((state) =>
      plantingSources(site, garden, state, weeks, year),
    ),
  ];
}

/** What is wanted in each week, by group, kg. */
export function needByWeek(need: Need, latitudeDeg: number, weeks: Weeks) {
  const wanted = byFoodGroup(() => new Float64Array(weeks.count));
  for (let week = 0; week < weeks.count; week += 1) {
    const inWeek = needInWeek(need, weeks.firstDay + week * DAYS_PER_WEEK, latitudeDeg);
    for (const group of FOOD_GROUPS) wanted[group][week] = inWeek[group];
  }
  return wanted;
}

/** What is there in a week beyond what is eaten: a source's rest, evenly over the weeks that it is there. */
function surplusByWeek(sources: readonly Source[], meals: Meals, count: number) {
  const surplus = byFoodGroup(() => new Float64Array(count));
  for (const source of sources) {
    const kg = meals.leftKg.get(source.id) ?? 0;
    if (kg <= 0) continue;
    const first = source.worth.findIndex((worth) => worth > 0);
    // What can be stored is left over from the bed, not from the store.
    const last = Math.min(lastWeekOf(source), Math.max(first, source.storedFromWeek - 1));
    const of = surplus[source.group];
    for (let week = first; week <= last; week += 1) {
      of[week] = (of[week] ?? 0) + kg / (last - first + 1);
    }
  }
  return surplus;
}

/** A group counts as short in a week from this share of what is wanted on. */
const SHORT_FROM = 0.1;
/** Gaps that come in fewer of ten years are not told. */
const TOLD_FROM_YEARS = 3;

/**
 * Supply against need, week by week: what comes from beds and store in the usual year and how it strays
 * over nine kinds of years, where it is short and in how many years.
 */
export function supplyOver(site: Site, garden: Garden, need: Need, weeks: Weeks): Supply {
  const wanted = needByWeek(need, site.latitudeDeg, weeks);
  const usual = sourcesIn(site, garden, weeks, USUAL_YEAR);
  const meals = eatInOrder(usual, wanted);
  const inYear = (sources: readonly Source[], eaten: Meals) => {
    const surplus = surplusByWeek(sources, eaten, weeks.count);
    const harvest = Float64Array.from({ length: weeks.count }, (_, week) =>
      sumOf((group) => at(eaten.harvestKg[group], week) + at(surplus[group], week)),
    );
    return { meals: eaten, surplus, harvest };
  };
  const ofUsual = inYear(usual, meals);
  const years = NINE_YEARS.map((year) => {
    if (year.quantile === USUAL_YEAR.quantile) return ofUsual;
    const sources = sourcesIn(site, garden, weeks, year);
    return inYear(sources, eatInOrder(sources, wanted));
  });
  const { surplus } = ofUsual;
  return {
    weeks: Array.from({ length: weeks.count }, (_, week): SupplyWeek => {
      const byGroup = byFoodGroup((group) => ({
        needKg: at(wanted[group], week),
        harvestKg: at(meals.harvestKg[group], week),
        storeKg: at(meals.storeKg[group], week),
        gapKg: at(meals.gapKg[group], week),
        surplusKg: at(surplus[group], week),
      }));
      const harvests = years.map(({ harvest }) => at(harvest, week)).sort((a, b) => a - b);
      return {
        weekOf: weeks.firstDay + week * DAYS_PER_WEEK,
        needKg: sumOf((group) => byGroup[group].needKg),
        harvestKg: {
          p10: harvests[0] ?? 0,
          p50: sumOf((group) => byGroup[group].harvestKg + byGroup[group].surplusKg),
          p90: harvests.at(-1) ?? 0,
        },
        storeKg: sumOf((group) => byGroup[group].storeKg),
        gapKg: sumOf((group) => byGroup[group].gapKg),
        byGroup,
      };
    }),
    gaps: FOOD_GROUPS.flatMap((group) =>
      gapsOf(
        group,
        wanted[group],
        years.map((year) => year.meals.gapKg[group]),
        weeks,
      ),
    ).sort((a, b) => b.shortKg * b.yearsIn10 - a.shortKg * a.yearsIn10),
    sources: usual,
    meals,
  };
}

const at = (values: Float64Array, week: number) => values[week] ?? 0;
const sumOf = (of: (group: FoodGroup) => number) =>
  FOOD_GROUPS.reduce((sum, group) => sum + of(group), 0);

/** The weeks on end in which a group is short in enough years. */
function gapsOf(
  group: FoodGroup,
  wanted: Float64Array,
  shortIn: readonly Float64Array[],
  { firstDay, count }: Weeks,
): Gap[] {
  const isShort = (short: Float64Array, week: number) =>
    at(short, week) > SHORT_FROM * at(wanted, week);
  const inTen = (years: number) => Math.round((years / shortIn.length) * 10);
  const told = (week: number) =>
    inTen(shortIn.filter((short) => isShort(short, week)).length) >= TOLD_FROM_YEARS;
  const gaps: Gap[] = [];
  for (let week = 0; week < count; week += 1) {
    if (!told(week)) continue;
    const from = week;
    while (week + 1 < count && told(week + 1)) week += 1;
    const totals = shortIn.map((short) => {
      let sum = 0;
      for (let one = from; one <= week; one += 1) sum += at(short, one);
      return sum;
    });
    const wantedKg = wanted.subarray(from, week + 1).reduce((sum, kg) => sum + kg, 0);
    const short = totals.filter((kg) => kg > SHORT_FROM * wantedKg);
    if (short.length === 0) continue;
    const shortKg = short.reduce((sum, kg) => sum + kg, 0) / short.length;
    gaps.push({
      group,
      fromDay: firstDay + from * DAYS_PER_WEEK,
      untilDay: firstDay + (week + 1) * DAYS_PER_WEEK - 1,
      yearsIn10: inTen(short.length),
      shortKg,
      shortKgAWeek: shortKg / (week + 1 - from),
    });
  }
  return gaps;
}
