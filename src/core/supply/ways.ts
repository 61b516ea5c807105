import { openingsIn, plantingInto, whatFits } from "../bedSpace";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { foodGroupOf, type FoodGroup, type Need } from "../food";
import { bedsInOrder, type Garden, type Planting } from "../garden";
import type { Site } from "../growth";
import { plantingAmounts, plantingState } from "../plantings";
import { closesAGap } from "./closesAGap";
import { eatInOrder } from "./eating";
import { plantingSources, type Weeks } from "./plantingSources";
import type { Source } from "./source";
import { needByWeek, sourcesIn, type Gap } from "./supply";
import { NINE_YEARS, type Year } from "./year";

/** One more sowing that closes part of a gap. */
export interface WayToClose {
  planting: Planting;
  cropName: string;
  bedName: string;
  sowDay: DayNumber;
  /** Less unmet in the gap in the usual year, kg, once the rest of the larder is eaten in order. */
  addsKg: number;
  /** In how many of ten years it adds at least half of that. */
  yearsIn10: number;
  seedGrams: number;
  plants: number;
}

/** What of a gap its ways go by. */
export type ShortOf = Pick<Gap, "group" | "fromDay" | "untilDay" | "shortKgAWeek">;

/** So many are told. */
const TOLD = 6;
/** Less is not worth a sowing, kg. */
const LEAST_KG = 0.1;
/** Openings of a bed that are looked at, the largest first. */
const OPENINGS = 2;

/**
 * Sowings in free ground that would lessen a gap, as long as its weeks want: for each opening, each crop
 * of the group that fits it and is ready before the gap ends; what each adds is found by eating the
 * larder once more with it.
 */
export function waysToClose(
  site: Site,
  garden: Garden,
  need: Need,
  weeks: Weeks,
  { group, fromDay, untilDay, shortKgAWeek }: ShortOf,
): WayToClose[] {
  const wanted = needByWeek(need, site.latitudeDeg, weeks);
  const weekOf = (day: DayNumber) => Math.floor((day - weeks.firstDay) / DAYS_PER_WEEK);
  const [from, to] = [Math.max(0, weekOf(fromDay)), weekOf(untilDay)];
  const bases = NINE_YEARS.map((year) => {
    const sources = sourcesIn(site, garden, weeks, year).filter((one) => one.group === group);
    return { year, sources, shortKg: shortIn(sources, wanted, group, from, to) };
  });
  const lessIn = (
    planting: Planting,
    { year, sources, shortKg }: (typeof bases)[number],
  ): number => {
    const more = sourcesFrom(site, garden, planting, weeks, year);
    return more.length === 0
      ? 0
      : shortKg - shortIn([...sources, ...more], wanted, group, from, to);
  };
  const usual = bases.find(({ year }) => year.quantile === 0.5);
  if (!usual) return [];
  const candidates = bedsInOrder(garden).flatMap((bed) =>
    openingsIn(site, garden, bed, weeks.today)
      .slice(0, OPENINGS)
      .flatMap((opening, at) =>
        whatFits(site, garden, bed, opening, weeks.today)
          .filter(
            (fit) =>
              closesAGap(site, fit) &&
              foodGroupOf(fit.sowing.growing.crop) === group &&
              (fit.sowing.timeline.readyDay ?? Infinity) < untilDay,
          )
          .map((fit) => {
            const id = `way-${bed.id}-${at}-${fit.sowing.growing.crop.id}`;
            const planting = plantingInto(bed, opening, fit, id, {
              units: garden.settings.units,
              howMuch: { by: "weight", kgAWeek: shortKgAWeek },
            });
            return { planting, bed, fit, addsKg: lessIn(planting, usual) };
          }),
      ),
  );
  const best = candidates
    .filter(({ addsKg }) => addsKg >= LEAST_KG)
    .sort((a, b) => b.addsKg - a.addsKg);
  return distinct(best)
    .slice(0, TOLD)
    .flatMap(({ planting, bed, fit, addsKg }): WayToClose[] => {
      const amounts = plantingAmounts(garden, planting);
      if (!amounts) return [];
      const years = bases.filter((base) => lessIn(planting, base) >= addsKg / 2).length;
      return [
        {
          planting,
          cropName: fit.sowing.growing.crop.name,
          bedName: bed.name,
          sowDay: fit.sowing.timeline.sowDay,
          addsKg,
          yearsIn10: Math.round((years / bases.length) * 10),
          seedGrams: amounts.seedGrams,
          plants: amounts.plants,
        },
      ];
    });
}

/** Of a bed's part only the best crop, and of a crop only its best two places: a list to choose from. */
function distinct<T extends { planting: Planting }>(ways: readonly T[]): T[] {
  const crops = new Map<string, number>();
  const places = new Map<string, number>();
  return ways.filter(({ planting: { cropId, bedId, fromM } }) => {
    const place = `${bedId}|${fromM}`;
    const [ofCrop, ofPlace] = [crops.get(cropId) ?? 0, places.get(place) ?? 0];
    if (ofCrop >= 2 || ofPlace >= 2) return false;
    crops.set(cropId, ofCrop + 1);
    places.set(place, ofPlace + 1);
    return true;
  });
}

function shortIn(
  sources: readonly Source[],
  wanted: ReturnType<typeof needByWeek>,
  group: FoodGroup,
  from: number,
  to: number,
): number {
  const { gapKg } = eatInOrder(sources, wanted);
  return gapKg[group].subarray(from, to + 1).reduce((sum, kg) => sum + kg, 0);
}

function sourcesFrom(site: Site, garden: Garden, planting: Planting, weeks: Weeks, year: Year) {
  const state = plantingState(garden, site, planting);
  return state ? plantingSources(site, garden, state, weeks, year) : [];
}
