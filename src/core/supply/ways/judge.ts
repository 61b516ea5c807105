import { DAYS_PER_WEEK, type DayNumber } from "../../calendar";
import type { FoodGroup, Need } from "../../food";
import type { Garden } from "../../garden";
import type { Site } from "../../growth";
import { eatInOrder } from "../eating";
import type { Weeks } from "../plantingSources";
import type { Source } from "../source";
import { needByWeek, sourcesIn, type Gap } from "../supply";
import { NINE_YEARS, USUAL_YEAR, type Year } from "../year";

/** What of a gap its ways go by. */
export type ShortOf = Pick<Gap, "group" | "fromDay" | "untilDay" | "shortKgAWeek">;

/** A garden with a gap, while ways to close it are looked for. */
export interface InGap {
  site: Site;
  garden: Garden;
  weeks: Weeks;
  gap: ShortOf;
  /** What is wanted of its group in each week, kg. */
  wantedKg: Float64Array;
}

/** What there is to eat of the group in one kind of year, with a way taken. */
export type Change = (sources: readonly Source[], year: Year) => readonly Source[];

/** Tells by how much less is short with a way taken. */
export interface Judge {
  /** What there is to eat of the group in the usual year. */
  usual: readonly Source[];
  /** Less unmet in the gap in the usual year once the rest of the larder is eaten in order, kg. */
  adds(change: Change): number;
  /** In how many of ten years a way adds at least half of so much. */
  yearsIn10(change: Change, addsKg: number): number;
}

/** The food group's larder in nine kinds of years, to try ways on. */
export function judgeOf(site: Site, garden: Garden, need: Need, weeks: Weeks, gap: ShortOf): Judge {
  const { group } = gap;
  const wanted = needByWeek(need, site.latitudeDeg, weeks);
  const weekOf = (day: DayNumber) => Math.floor((day - weeks.firstDay) / DAYS_PER_WEEK);
  const [from, to] = [Math.max(0, weekOf(gap.fromDay)), weekOf(gap.untilDay)];
  const shortIn = (sources: readonly Source[]) => {
    const { gapKg } = eatInOrder(sources, wanted);
    return gapKg[group].subarray(from, to + 1).reduce((sum, kg) => sum + kg, 0);
  };
  const bases = NINE_YEARS.map((year) => {
    const sources = ofGroup(group, sourcesIn(site, garden, weeks, year));
    return { year, sources, shortKg: shortIn(sources) };
  });
  const lessIn = (change: Change, { year, sources, shortKg }: (typeof bases)[number]) =>
    shortKg - shortIn(ofGroup(group, change(sources, year)));
  const usual = bases.find(({ year }) => year.quantile === USUAL_YEAR.quantile);
  return {
    usual: usual?.sources ?? [],
    adds: (change) => (usual ? lessIn(change, usual) : 0),
    yearsIn10: (change, addsKg) => {
      const years = bases.filter((base) => lessIn(change, base) >= addsKg / 2).length;
      return Math.round((years / bases.length) * 10);
    },
  };
}

function ofGroup(group: FoodGroup, sources: readonly Source[]): readonly Source[] {
  return sources.filter((one) => one.group === group);
}
