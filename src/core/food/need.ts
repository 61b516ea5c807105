import foodJson from "@data/food.json";
import { isoDate, type DayNumber } from "../calendar";
import { byFoodGroup, type FoodGroup } from "./foodGroups";
import type { Need, OfSeasons } from "./needSchema";

const { needKgAPersonAWeek, greensLiked, seasonShare } = foodJson;
export const YEAR_SEASONS = ["autumn", "winter", "spring", "summer"] as const;
export type YearSeason = (typeof YEAR_SEASONS)[number];

const GREENS: ReadonlySet<FoodGroup> = new Set(["salad", "cookedGreens"]);
/** Kept to ten grams. */
const toTenGrams = (kg: number) => Math.round(kg * 100) / 100;

/** What so many people usually eat: where a grower begins, to be changed. */
export function usualNeed(eaters: number, greens: Need["greens"]): Need {
  const groups = byFoodGroup((group): OfSeasons => {
    const liked = GREENS.has(group) ? greensLiked[greens] : 1;
    const of = (season: YearSeason) =>
      toTenGrams(needKgAPersonAWeek[group] * liked * seasonShare[season][group] * eaters);
    return {
      autumn: of("autumn"),
      winter: of("winter"),
      spring: of("spring"),
      summer: of("summer"),
    };
  });
  return { id: "need", eaters, greens, groups };
}

/** The need with one season's amounts of all groups, or of one, times a factor. */
export function scaledNeed(
  need: Need,
  season: YearSeason,
  factor: number,
  only: FoodGroup | null = null,
): Need {
  const groups = byFoodGroup((group) =>
    only === null || only === group
      ? { ...need.groups[group], [season]: toTenGrams(need.groups[group][season] * factor) }
      : need.groups[group],
  );
  return { ...need, groups };
}

const MONTHS_OF_A_SEASON = 3;
/** March to May is spring in the north and autumn in the south. */
const NORTH: readonly YearSeason[] = ["winter", "spring", "summer", "autumn"];
const SOUTH: readonly YearSeason[] = ["summer", "autumn", "winter", "spring"];

/** The season of the year in which a day lies, by whole months. */
export function yearSeasonOf(day: DayNumber, latitudeDeg: number): YearSeason {
  const month = Number(isoDate(day).slice(5, 7));
  const quarter = Math.floor((month % 12) / MONTHS_OF_A_SEASON);
  return (latitudeDeg < 0 ? SOUTH : NORTH)[quarter] ?? "winter";
}

/** What is wanted in the week from a day, kg by group. */
export function needInWeek(need: Need, day: DayNumber, latitudeDeg: number) {
  // The middle of the week decides.
  const season = yearSeasonOf(day + 3, latitudeDeg);
  return byFoodGroup((group) => need.groups[group][season]);
}
