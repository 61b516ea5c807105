import { openingsIn, whatFits } from "@/core/bedSpace";
import type { DayNumber } from "@/core/calendar";
import { tonight, type Tonight } from "@/core/frostNight";
import { cropsOf } from "@/core/garden";
import { learn } from "@/core/learn";
import { spotsOf } from "@/core/plantings";
import { daysLeftFor, sowableToday } from "@/core/schedule";
import { eatingOrder, supplyOver, waysToClose, type ShortOf, type Weeks } from "@/core/supply";
import { closingOn, nextSeason, seasonOnAPage } from "@/core/seasons";
import { springOf } from "@/core/spring";
import { tasksAhead, tasksOn } from "@/core/tasks";
import type { GardenAtSite } from "./gardenAtSite";
import { plantingSpread, safeShares, strandSpreads, waySpreads } from "./spreads";

/** What takes longer than a frame, by name: asked with plain arguments, answered with plain data. */
export const questions = {
  /** What a day asks for. */
  tasks: ({ garden, site }: GardenAtSite, { day, today }: { day: DayNumber; today: DayNumber }) =>
    tasksOn(site, garden, day, Math.min(day, today)),

  /** What a stretch of days asks for, each work once. */
  tasksAhead: ({ garden, site }: GardenAtSite, { day, days }: { day: DayNumber; days: number }) =>
    tasksAhead(site, garden, day, days),

  /** The night after a day. */
  night: ({ garden, site }: GardenAtSite, { day }: { day: DayNumber }): Tonight => {
    const night = tonight(site, garden, day);
    // Nobody draws single plants by night, and there are thousands of them.
    const nights = night.nights.map((one) => ({ ...one, plants: { ...one.plants, points: [] } }));
    return { ...night, nights };
  },

  /** What can still be sown on a day, with the days that are left for each. */
  sowable: ({ garden, site }: GardenAtSite, { day }: { day: DayNumber }) => {
    const { settings } = garden;
    const crops = cropsOf(garden).values();
    const spots = spotsOf(garden);
    const { now, not } = sowableToday(site, settings, day, spots, crops);
    return {
      now: now.map((one) => ({ ...one, daysLeft: daysLeftFor(site, settings, one) })),
      not,
    };
  },

  /** What can go into an opening of a bed, by its place among them; empty where there is none. */
  fits: (
    { garden, site }: GardenAtSite,
    { day, bedId, opening }: { day: DayNumber; bedId: string; opening: number },
  ) => {
    const bed = garden.beds.get(bedId);
    const found = bed && openingsIn(site, garden, bed, day)[opening];
    return bed && found ? whatFits(site, garden, bed, found, day) : [];
  },

  /** What comes each week against what is wanted, and what is eaten first; null where nobody said what is wanted. */
  supply: ({ garden, site }: GardenAtSite, weeks: Weeks) => {
    if (!garden.need) return null;
    const { sources, weeks: told, gaps } = supplyOver(site, garden, garden.need, weeks);
    return { weeks: told, gaps, order: eatingOrder(site, garden, sources, weeks) };
  },

  /** What would close a gap. */
  waysToClose: ({ garden, site }: GardenAtSite, { weeks, gap }: { weeks: Weeks; gap: ShortOf }) =>
    garden.need ? waysToClose(site, garden, garden.need, weeks, gap) : [],

  /** The spring of the season in which a day lies. */
  spring: ({ garden, site }: GardenAtSite, { day }: { day: DayNumber }) =>
    springOf(site, garden, day),

  /** What the record says of the library's numbers by a day. */
  numbers: ({ garden, site }: GardenAtSite, { day }: { day: DayNumber }) =>
    learn(site, garden, day),

  /** What would be closed on a day, and what it came to; null where nothing is over. */
  closing: ({ garden, site }: GardenAtSite, { day }: { day: DayNumber }) =>
    closingOn(site, garden, day),

  /** A closed season on one page, with what it suggests; null where it is not there. */
  season: ({ garden, site }: GardenAtSite, { seasonId }: { seasonId: string }) =>
    seasonOnAPage(site, garden, seasonId),

  /** The season after one that is closed, as it would begin on a day; null where it is not there. */
  nextSeason: (
    { garden, site }: GardenAtSite,
    { seasonId, day }: { seasonId: string; day: DayNumber },
  ) => {
    const kept = garden.keptSeasons.get(seasonId);
    return kept ? nextSeason(site, garden, kept, day) : null;
  },

  plantingSpread,
  strandSpreads,
  wishSpreads: waySpreads,
  otherWishSpreads: waySpreads,
  sowableSpreads: waySpreads,
  safeShares,
} satisfies Record<string, (now: GardenAtSite, args: never) => unknown>;

export type QuestionName = keyof typeof questions;
export type ArgumentsOf<Q extends QuestionName> = Parameters<(typeof questions)[Q]>[1];
export type AnswerTo<Q extends QuestionName> = ReturnType<(typeof questions)[Q]>;

/** Answers a question here and now. */
export function answer<Q extends QuestionName>(
  name: Q,
  now: GardenAtSite,
  args: ArgumentsOf<Q>,
): AnswerTo<Q> {
  const question = questions[name] as (now: GardenAtSite, args: ArgumentsOf<Q>) => AnswerTo<Q>;
  return question(now, args);
}
