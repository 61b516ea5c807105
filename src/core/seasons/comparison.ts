import { dayNumber, type DayNumber } from "../calendar";
import type { Garden, KeptDates, KeptSeason } from "../garden";
import type { Site } from "../growth";
import { gardenOfSeason } from "../learn";
import type { LossCause } from "../log";
import { factsOf, plannedTimeline, plantingStates } from "../plantings";
import { bedDays, type Facts } from "../schedule";

/** A planting as it was planned, and as it came. */
export interface Compared {
  plantingId: string;
  name: string;
  cropId: string;
  bedId: string;
  shelterId: string | null;
  /** Days later than planned; sooner below 0; null where it is not known or did not come. */
  sownDays: number | null;
  upDays: number | null;
  pickedDays: number | null;
  plannedReadyDay: DayNumber | null;
  pickedDay: DayNumber | null;
  usualG: number;
  /** What was weighed; null where nothing was. */
  harvestedG: number | null;
  losses: { cause: LossCause; share: number }[];
  /** Stood ready, is over, and nobody picked of it. */
  isNeverPicked: boolean;
}

/** Late by so many days differs as much as half of the harvest. */
const DAYS_AS_HALF = 20;

/** The plantings of a closed season against their plan, what differed most first. */
export function comparedIn(kept: KeptSeason): Compared[] {
  const then = gardenOfSeason(kept);
  return byDifference(
    kept.plantings.map(({ planting, name, planned, usualG, came }) =>
      comparedOf(
        { id: planting.id, name, cropId: planting.cropId, bedId: planting.bedId },
        then,
        planned,
        usualG,
        factsOf(then, planting.id),
        came.readyOn !== null,
      ),
    ),
  );
}

/** What stands or stood since the last season was closed, against its plan: those that something is known of. */
export function comparedNow(site: Site, garden: Garden, day: DayNumber): Compared[] {
  return byDifference(
    plantingStates(garden, site).flatMap((state) => {
      const { planting, name, facts, timeline, usualYieldKg } = state;
      const planned = plannedTimeline(garden, site, state);
      const { fromDay, untilDay } = bedDays(planned);
      const isKnown = [facts.sownDay, facts.firstHarvestDay, facts.overDay].some((d) => d !== null);
      if (!isKnown || fromDay > day) return [];
      const isOver = (facts.overDay ?? untilDay) <= day;
      const dates = {
        sowDay: planned.sowDay,
        upDay: planned.emergeDay,
        readyDay: planned.readyDay,
      };
      return [
        comparedFrom(
          { id: planting.id, name, cropId: planting.cropId, bedId: planting.bedId },
          garden,
          dates,
          usualYieldKg * GRAMS_PER_KG,
          facts,
          isOver && timeline.readyDay !== null,
        ),
      ];
    }),
  );
}

const GRAMS_PER_KG = 1000;

interface Whose {
  id: string;
  name: string;
  cropId: string;
  bedId: string;
}

function comparedOf(
  whose: Whose,
  garden: Garden,
  { sowOn, upOn, readyOn }: KeptDates,
  usualG: number,
  facts: Facts,
  wasReady: boolean,
): Compared {
  const day = (on: string | null) => (on === null ? null : dayNumber(on));
  const dates = { sowDay: dayNumber(sowOn), upDay: day(upOn), readyDay: day(readyOn) };
  return comparedFrom(whose, garden, dates, usualG, facts, wasReady);
}

function comparedFrom(
  { id, name, cropId, bedId }: Whose,
  garden: Garden,
  planned: { sowDay: DayNumber; upDay: DayNumber | null; readyDay: DayNumber | null },
  usualG: number,
  facts: Facts,
  wasReady: boolean,
): Compared {
  const later = (came: DayNumber | null, than: DayNumber | null) =>
    came === null || than === null ? null : came - than;
  const isLostWhole = facts.losses.reduce((left, { share }) => left * (1 - share), 1) < 0.2;
  return {
    plantingId: id,
    name,
    cropId,
    bedId,
    shelterId: garden.beds.get(bedId)?.shelterId ?? null,
    sownDays: later(facts.sownDay, planned.sowDay),
    upDays: later(facts.emergedDay, planned.upDay),
    pickedDays: later(facts.firstHarvestDay, planned.readyDay),
    plannedReadyDay: planned.readyDay,
    pickedDay: facts.firstHarvestDay,
    usualG,
    harvestedG: facts.harvestedGrams > 0 ? facts.harvestedGrams : null,
    losses: facts.losses.map(({ cause, share }) => ({ cause, share })),
    isNeverPicked: wasReady && facts.firstHarvestDay === null && !isLostWhole,
  };
}

function byDifference(rows: Compared[]): Compared[] {
  return rows.sort((a, b) => differenceOf(b) - differenceOf(a) || (a.name < b.name ? -1 : 1));
}

/** How far a planting came otherwise, as a share of its harvest. */
export function differenceOf(row: Compared): number {
  // A whole harvest, and the work in it.
  if (row.isNeverPicked) return 2;
  const late = Math.abs(row.pickedDays ?? row.sownDays ?? 0) / (2 * DAYS_AS_HALF);
  const amount =
    row.harvestedG === null || row.usualG === 0 ? 0 : Math.abs(1 - row.harvestedG / row.usualG);
  const lost = 1 - row.losses.reduce((left, { share }) => left * (1 - share), 1);
  return Math.min(1, late) + Math.min(1, amount) + lost;
}

/** Some plantings together: of one crop, one bed or one shelter. */
export interface ComparedGroup {
  key: string;
  rows: Compared[];
  /** Mean of what is known, days; null where nothing is. */
  pickedDays: number | null;
  usualG: number;
  harvestedG: number | null;
  neverPicked: number;
}

/** The same by crop, bed or shelter, what differed most first. */
export function comparedBy(
  rows: readonly Compared[],
  keyOf: (row: Compared) => string,
): ComparedGroup[] {
  const groups = new Map<string, Compared[]>();
  for (const row of rows) groups.set(keyOf(row), [...(groups.get(keyOf(row)) ?? []), row]);
  return [...groups]
    .map(([key, of]): ComparedGroup => {
      const picked = of.flatMap(({ pickedDays }) => pickedDays ?? []);
      const weighed = of.filter(({ harvestedG }) => harvestedG !== null);
      return {
        key,
        rows: of,
        pickedDays:
          picked.length === 0 ? null : picked.reduce((sum, one) => sum + one, 0) / picked.length,
        usualG: weighed.reduce((sum, { usualG }) => sum + usualG, 0),
        harvestedG:
          weighed.length === 0
            ? null
            : weighed.reduce((sum, { harvestedG }) => sum + (harvestedG ?? 0), 0),
        neverPicked: of.filter(({ isNeverPicked }) => isNeverPicked).length,
      };
    })
    .sort((a, b) => groupDifference(b) - groupDifference(a));
}

function groupDifference({ rows }: ComparedGroup): number {
  return rows.reduce((sum, row) => sum + differenceOf(row), 0) / rows.length;
}
