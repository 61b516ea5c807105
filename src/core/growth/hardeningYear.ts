import hardinessJson from "@data/hardiness.json";
import { dayNumberOf } from "../calendar";
import { derive } from "../derive";
import type { Climate } from "../climate";
import {
  hardenedAfter,
  hardeningDay,
  lightResponse,
  packetGrowth,
  placeOf,
  responseTable,
  type GrowthNeeds,
  SPRING_PACKET_DAYS,
} from "../crops";
import { COURSE_STEPS, openCourseC, type GrowingSpace } from "../shelter";

/** What the usual days of a space do to how hard plants are, by the day of the year, 0 for 1 January. */
export interface HardeningYear {
  /** What a day makes of plants that are not hard at all, and what it leaves of hardness, 0 to 1. */
  drawsTo: Float64Array;
  leaves: Float64Array;
  /** How hard plants are that have stood there for long, 0 to 1. */
  established: Float64Array;
  /**
   * How much of what they lack plants gain in the cold spell that ends in a killing night: such nights
   * seldom come out of warm weather.
   */
  spellShare: Float64Array;
  /** How far spring has come on in plants, 0 to 1: then they harden less. */
  springShare: Float64Array;
}

/** Hardening through the usual year of a space. */
export function hardeningYear(space: GrowingSpace): HardeningYear {
  return derive([space], yearIn);
}

function yearIn(space: GrowingSpace): HardeningYear {
  const { firstIndexOf, courseC } = space;
  const days = firstIndexOf.length;
  const springShare = derive([space.climate], springIn);
  const year: HardeningYear = {
    drawsTo: new Float64Array(days),
    leaves: new Float64Array(days),
    established: new Float64Array(days),
    spellShare: spellsIn(space, springShare),
    springShare,
  };
  for (let place = 0; place < days; place += 1) {
    const day = hardeningDay(courseC, place * COURSE_STEPS, COURSE_STEPS, springShare[place] ?? 0);
    // The same as `hardenedAfter`, as numbers: it is linear in what the day began with.
    const [fromNone, fromFull] = [hardenedAfter(0, day), hardenedAfter(1, day)];
    year.leaves[place] = fromFull - fromNone;
    year.drawsTo[place] = fromNone;
  }
  let share = 0;
  // The second lap begins where the first has come to.
  for (let lap = 0; lap < 2; lap += 1) {
    for (let place = 0; place < days; place += 1) {
      share = hardenedOnPlace(year, place, share);
      year.established[place] = share;
    }
  }
  return year;
}

/** How hard plants are after a usual day that found them so hard. */
export function hardenedOnPlace(year: HardeningYear, place: number, share: number): number {
  return (year.drawsTo[place] ?? 0) + (year.leaves[place] ?? 1) * share;
}

/** How hard plants are on a night that may kill them, by how hard usual days have made them. */
export function hardenedInSpell(year: HardeningYear, place: number, share: number): number {
  return share + (1 - share) * (year.spellShare[place] ?? 0);
}

/**
 * A killing night is so many deviations below the usual; the days before it were cold too, less the
 * further back, by the usual day-to-day correlation (Richardson & Wright 1984).
 */
const { coldSpell: SPELL } = hardinessJson;
const NEW_YEAR = dayNumberOf(2000, 1, 1);

function spellsIn({ courseC, climate }: GrowingSpace, springShare: Float64Array): Float64Array {
  return springShare.map((spring, place) => {
    const coldC = SPELL.deviations * climate.nightSpreadC(NEW_YEAR + place);
    const from = place * COURSE_STEPS;
    const usual = hardeningDay(courseC, from, COURSE_STEPS, spring).gainPerDay;
    let gain = 0;
    for (let back = 1; back <= SPELL.days; back += 1) {
      const shiftC = -coldC * SPELL.carry ** back;
      gain += hardeningDay(courseC, from, COURSE_STEPS, spring, shiftC).gainPerDay - usual;
    }
    return 1 - Math.exp(-gain);
  });
}

/** What comes on in spring goes by growth like that of most winter crops (estimate). */
export const WINTER_CROP: GrowthNeeds = {
  temperature: { minimumC: 3, optimumC: 19, ceilingC: 31 },
  lightHalfMol: 9,
};
const MIDWINTER_PLACE = { north: 355, south: 172 };

/**
 * From midwinter to midsummer, by the packet days gathered in the open since midwinter; none in the
 * other half. Plants under covers wake hardly sooner, for it is the light that wakes them.
 */
function springIn(climate: Climate): Float64Array {
  const course = openCourseC(climate);
  const response = responseTable(WINTER_CROP.temperature);
  const atPacketWeather = packetGrowth(WINTER_CROP);
  const share = new Float64Array(course.length / COURSE_STEPS);
  const { north, south } = MIDWINTER_PLACE;
  const midwinter = climate.latitudeDeg < 0 ? south : north;
  let gathered = 0;
  for (let after = 0; after < share.length / 2; after += 1) {
    const place = (midwinter + after) % share.length;
    const from = place * COURSE_STEPS;
    let warmth = 0;
    for (let at = from; at < from + COURSE_STEPS; at += 1) {
      warmth += (response[placeOf(course[at] ?? 0)] ?? 0) / COURSE_STEPS;
    }
    const light = lightResponse(WINTER_CROP.lightHalfMol, climate.dliMol(NEW_YEAR + place));
    gathered += (warmth * light) / atPacketWeather;
    share[place] = Math.min(1, gathered / SPRING_PACKET_DAYS);
  }
  return share;
}
