import springJson from "@data/spring.json";
import { uncovering } from "../bedCare";
import { occupantsOf } from "../bedSpace";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { bedsInOrder, coversOver, type Garden } from "../garden";
import { sumBetween, type Site } from "../growth";
import { patchesMeet } from "../layout";
import { plantingStates, type PlantingState } from "../plantings";
import { bedDays } from "../schedule";
import { earliestSowings, type EarliestSowing } from "./earliest";

const { fromDays, untilDays, wakesPacketDaysAWeek } = springJson;

/** Something of a planting on a day of spring. */
export interface InBed {
  plantingId: string;
  name: string;
  bedName: string;
  covers: readonly string[];
  day: DayNumber;
}

/** Ground that must be free by a day, for whom, and who stands there until then. */
export interface MakesWay {
  bedName: string;
  byDay: DayNumber;
  next: string;
  /** Null where it lies bare. */
  standing: string | null;
}

/** The spring ahead: what wakes first, what runs to flower when, what makes way, what is sown first. */
export interface Spring {
  midwinterDay: DayNumber;
  /** Plants that stood through the winter, by the day from which they grow again to be seen. */
  wakes: InBed[];
  /** Beds, by the day on which their covers come off for good. */
  uncover: { bedName: string; day: DayNumber; coverNames: string }[];
  /** By the day on which they run to flower. */
  bolts: InBed[];
  makeWay: MakesWay[];
  earliest: EarliestSowing[];
}

/** The spring of the season in which a day lies. */
export function springOf(site: Site, garden: Garden, day: DayNumber): Spring {
  const { midwinterDay } = site.season(day);
  const window = { fromDay: Math.max(day, midwinterDay), untilDay: midwinterDay + untilDays };
  const isThen = (on: DayNumber | null): on is DayNumber =>
    on !== null && on >= window.fromDay && on <= window.untilDay;
  const states = plantingStates(garden, site);
  const wintered = states.filter(({ timeline }) => {
    const { fromDay, untilDay } = bedDays(timeline);
    return fromDay < midwinterDay && untilDay > midwinterDay + fromDays;
  });
  const inBed = (state: PlantingState, on: DayNumber): InBed => ({
    plantingId: state.planting.id,
    name: state.name,
    bedName: state.bed.name,
    covers: coversOver(garden, state.bed),
    day: on,
  });
  const soonestFirst = (a: { day: DayNumber }, b: { day: DayNumber }) => a.day - b.day;
  return {
    midwinterDay,
    wakes: wintered
      .flatMap((state) => {
        const wakesDay = wakes(site, state, midwinterDay);
        return isThen(wakesDay) ? [inBed(state, wakesDay)] : [];
      })
      .sort(soonestFirst),
    uncover: bedsInOrder(garden)
      .flatMap((bed) => {
        const off = uncovering(site, garden, bed, day);
        return off && isThen(off.day)
          ? [{ bedName: bed.name, day: off.day, coverNames: off.coverNames }]
          : [];
      })
      .sort(soonestFirst),
    bolts: wintered
      .flatMap((state) =>
        isThen(state.timeline.boltDay) ? [inBed(state, state.timeline.boltDay)] : [],
      )
      .sort(soonestFirst),
    makeWay: makingWay(site, garden, isThen),
    earliest: earliestSowings(site, garden, midwinterDay, day),
  };
}

/** The first day after midwinter from which a week is worth so much growth that it shows. */
function wakes(site: Site, { growing, timeline }: PlantingState, midwinterDay: DayNumber) {
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  for (let day = midwinterDay; day < midwinterDay + untilDays; day += 1) {
    if (sumBetween(growth, day, day + DAYS_PER_WEEK) >= wakesPacketDaysAWeek) return day;
  }
  return null;
}

/** Ground that someone planned for spring waits for. */
function makingWay(site: Site, garden: Garden, isThen: (day: DayNumber) => boolean): MakesWay[] {
  return bedsInOrder(garden)
    .flatMap((bed) => {
      const occupants = occupantsOf(site, garden, bed);
      return occupants
        .filter(({ fromDay, interplanted }) => isThen(fromDay) && !interplanted)
        .map((next): MakesWay => {
          const standing = occupants.find(
            (one) =>
              one !== next &&
              !one.interplanted &&
              one.fromDay < next.fromDay &&
              one.untilDay > next.fromDay - STOOD_UNTIL_DAYS &&
              one.patches.some((patch) => next.patches.some((own) => patchesMeet(own, patch))),
          );
          const { name } = bed;
          const by = { bedName: name, byDay: next.fromDay, next: next.name };
          return { ...by, standing: standing?.name ?? null };
        });
    })
    .sort((a, b) => a.byDay - b.byDay);
}

/** Who left longer ago has made way already, days. */
const STOOD_UNTIL_DAYS = 30;
