import { coversOver, horizonOver, type Bed, type Garden, type Planting } from "../garden";
import { acrossProblem, fitsInto } from "../layout";

import { bedDays, groundSun, shortfallWords, sunShortfall } from "../schedule";
import { amountsFor, plantingState, standOf } from "../plantings";
import { placesFor } from "./freeGround";
import { clashesIn, occupantsOf } from "./occupancy";
import { tooSoonFor, tooSoonWords } from "./rotation";
import type { Site } from "../growth";
import { fact, type Fact } from "../facts";

/** One thing that moving a planting to another place would mean. */
export interface Meaning {
  /** `against`: better not. `stops`: it cannot be put there. */
  kind: "for" | "same" | "against" | "stops";
  words: Fact;
}

/** Sun that differs by less than this is the same, hours a day. */
const SAME_SUN_H = 0.5;
const MEANS_FROM_DAYS = 3;

/**
 * What it would mean for a planting to stand in another bed, or elsewhere in its own: the day it is
 * ready, covers, sun, rotation, plants, and who stands there already.
 *
 * @param fromM where along the bed it would begin, m
 */
export function meaningOfMove(
  site: Site,
  garden: Garden,
  planting: Planting,
  bed: Bed,
  fromM: number,
): Meaning[] {
  const moved = { ...planting, bedId: bed.id, fromM };
  const now = plantingState(garden, site, planting);
  const then = plantingState(garden, site, moved);
  const from = garden.beds.get(planting.bedId);
  if (!now || !then || !from) return [];
  const meanings = [room(site, garden, moved, bed)];
  if (bed.id === from.id) return meanings;
  meanings.push(dates(now.timeline.readyDay, then.timeline.readyDay));
  const [coversNow, coversThen] = [coversOver(garden, from), coversOver(garden, bed)];
  if (coversNow.join() !== coversThen.join()) {
    const words = fact("bedSpace.insteadOf", {
      covers: coversThen,
      coversNow,
    });
    meanings.push({ kind: "same", words });
  }
  meanings.push(...sun(site, garden, from, bed, then));
  const { fromDay } = bedDays(then.timeline);
  const others = new Map(garden.plantings);
  others.delete(planting.id);
  const tooSoon = tooSoonFor(
    { ...garden, plantings: others },
    bed,
    then.growing.crop,
    fromDay,
    garden.settings.rotationYears,
    planting.stage,
  );
  if (tooSoon) meanings.push({ kind: "against", words: tooSoonWords(tooSoon) });
  const plants = (one: Planting, where: Bed) =>
    amountsFor(standOf(one, where), then.growing.crop, one.method).plants;
  const [plantsNow, plantsThen] = [plants(planting, from), plants(moved, bed)];
  if (plantsNow !== plantsThen) {
    meanings.push({
      kind: plantsThen < plantsNow ? "against" : "same",
      words: fact("bedSpace.plantsInsteadOfTheBedIs", {
        plantsThen,
        plantsNow,
        widthM: bed.widthM,
        widthM2: from.widthM,
      }),
    });
  }
  return meanings;
}

function room(site: Site, garden: Garden, moved: Planting, bed: Bed): Meaning {
  if (!fitsInto(moved.fromM + moved.lengthM, bed.lengthM)) {
    return { kind: "stops", words: fact("bedSpace.isTooShortForItThere", { bed: bed.name }) };
  }
  const problem = acrossProblem(moved, bed.widthM);
  if (problem !== null) {
    const { name, widthM } = bed;
    return { kind: "stops", words: fact("layout.acrossProblem", { problem, bed: name, widthM }) };
  }
  const after = {
    ...garden,
    plantings: new Map([...garden.plantings, [moved.id, moved] as const]),
  };
  const clash = clashesIn(site, after, bed).find(
    ({ earlier, later }) => earlier.id === moved.id || later.id === moved.id,
  );
  if (!clash) return { kind: "for", words: fact("bedSpace.theGroundIsFreeForAsLongAsItGrows") };
  const other = clash.earlier.id === moved.id ? clash.later : clash.earlier;
  const until =
    other.untilDay === Infinity ? "" : fact("bedSpace.until", { untilDay: other.untilDay });
  return { kind: "stops", words: fact("bedSpace.isGrowingThere", { other: other.name, until }) };
}

function dates(now: number | null, then: number | null): Meaning {
  if (then === null) return { kind: "against", words: fact("bedSpace.itWouldNotBeReadyThere") };
  if (now === null) return { kind: "for", words: fact("bedSpace.ready", { then }) };
  const days = then - now;
  if (Math.abs(days) < MEANS_FROM_DAYS) {
    return { kind: "same", words: fact("bedSpace.readyTheSameAsHere", { then, now }) };
  }
  return {
    kind: days > 0 ? "against" : "for",
    words: fact("bedSpace.ready2", { then, now, days }),
  };
}

function sun(
  site: Site,
  garden: Garden,
  from: Bed,
  bed: Bed,
  { growing, timeline }: NonNullable<ReturnType<typeof plantingState>>,
): Meaning[] {
  const shortfall = sunShortfall(site, growing, timeline);
  if (shortfall) return [{ kind: "against", words: shortfallWords(growing.crop.name, shortfall) }];
  const { fromDay } = bedDays(timeline);
  const hours = (one: Bed) => groundSun(site, horizonOver(garden, one), fromDay).directSunH;
  const more = hours(bed) - hours(from);
  if (Math.abs(more) < SAME_SUN_H) return [];
  return [
    {
      kind: more > 0 ? "for" : "against",
      words: fact("bedSpace.hoursDirectSunADay", { more }),
    },
  ];
}

/** Where in a bed a planting would find room, as near to a wished place as can be; null for nowhere. */
export function nearestPlace(
  site: Site,
  garden: Garden,
  planting: Planting,
  bed: Bed,
  wishedM: number,
): number | null {
  const life = plantingState(garden, site, { ...planting, bedId: bed.id });
  if (!life) return null;
  const { fromDay, untilDay } = bedDays(life.timeline);
  const others = occupantsOf(site, garden, bed).filter(({ id }) => id !== planting.id);
  const there = others.filter(({ interplanted }) => !interplanted);
  const lastM = Math.max(0, bed.lengthM - planting.lengthM);
  const wished = Math.min(Math.max(0, wishedM), lastM);
  const away = (m: number) => Math.abs(m - wishedM);
  const places = placesFor(there, bed, planting, fromDay, untilDay, [wished]);
  return [...places].sort((a, b) => away(a) - away(b))[0] ?? null;
}
