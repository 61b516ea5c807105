import { openingsIn, plantingInto, tooSoonFor, whatFits, type Opening } from "../../bedSpace";
import { isoDate } from "../../calendar";
import { varietyOf } from "../../crops";
import { foodGroupOf } from "../../food";
import { bedsInOrder, cropsOf, type Bed, type Garden, type Planting } from "../../garden";
import { usualBoughtAgeDays } from "../../growth";
import { exposureOver, plantingAmounts, plantingState, timelineIfSown } from "../../plantings";
import { bedDays, sunShortfall } from "../../schedule";
import { closesAGap } from "../closesAGap";
import { plantingSources } from "../plantingSources";
import { workHours } from "../workHours";
import type { InGap } from "./judge";
import type { Trial } from "./way";

/** Openings of a bed that are looked at, the largest first. */
const OPENINGS = 2;
/** Plants are fetched within so many days. */
const FETCHED_WITHIN_DAYS = 3;

/** Sowings in free ground, and plants to buy for it, that are ready before a gap ends. */
export function plantingTrials(inGap: InGap): Trial[] {
  const { site, garden, weeks } = inGap;
  return bedsInOrder(garden).flatMap((bed) =>
    openingsIn(site, garden, bed, weeks.today)
      .slice(0, OPENINGS)
      .flatMap((opening, at) => [
        ...sown(inGap, bed, opening, `way-${bed.id}-${at}`),
        ...(opening.between ? [] : bought(inGap, bed, opening, `buy-${bed.id}-${at}`)),
      ]),
  );
}

function sown(inGap: InGap, bed: Bed, opening: Opening, place: string): Trial[] {
  const { site, garden, weeks, gap } = inGap;
  return whatFits(site, garden, bed, opening, weeks.today)
    .filter(
      (fit) =>
        closesAGap(site, fit) &&
        foodGroupOf(fit.sowing.growing.crop) === gap.group &&
        (fit.sowing.timeline.readyDay ?? Infinity) < gap.untilDay,
    )
    .flatMap((fit) => {
      const id = `${place}-${fit.sowing.growing.crop.id}`;
      const planting = plantingInto(bed, opening, fit, id, muchOf(inGap));
      return trialOf(inGap, "sow", bed, planting, fit.sowing.timeline.sowDay);
    });
}

/** Plants that others have raised: they stand where no sowing gets ready any more. */
function bought(inGap: InGap, bed: Bed, opening: Opening, place: string): Trial[] {
  const { site, garden, weeks, gap } = inGap;
  const day = Math.max(weeks.today + FETCHED_WITHIN_DAYS, opening.fromDay);
  return [...cropsOf(garden).values()].flatMap((crop): Trial[] => {
    const variety = varietyOf(crop);
    const isRaised = crop.transplanting.tolerance === "usual" && crop.startedFrom === "seed";
    if (!variety || !isRaised || foodGroupOf(crop) !== gap.group) return [];
    const ageDays = usualBoughtAgeDays(crop);
    const exposure = exposureOver(garden, bed);
    const growing = { ...exposure, crop, variety, method: "transplant", stage: "full" } as const;
    const sowing = {
      growing,
      timeline: timelineIfSown(site, garden.settings, growing, day - ageDays),
    };
    const tooSoon = tooSoonFor(garden, bed, crop, day, garden.settings.rotationYears);
    if (!closesAGap(site, { sowing, tooSoon }) || sunShortfall(site, growing, sowing.timeline)) {
      return [];
    }
    const as = plantingInto(
      bed,
      opening,
      { sowing, clearDay: null },
      `${place}-${crop.id}`,
      muchOf(inGap),
    );
    const planting = { ...as, sowOn: isoDate(day - ageDays), bought: { ageDays } };
    const state = plantingState(garden, site, planting);
    const readyDay = state?.timeline.readyDay ?? Infinity;
    if (readyDay >= Math.min(gap.untilDay, opening.untilDay)) return [];
    const overDay = state ? bedDays(state.timeline).untilDay : opening.untilDay;
    const clearOn = overDay > opening.untilDay ? isoDate(opening.untilDay) : null;
    return trialOf(inGap, "buy", bed, { ...planting, clearOn }, day);
  });
}

/** As much as the weeks of the gap want. */
function muchOf({ garden, gap }: InGap) {
  return {
    units: garden.settings.units,
    howMuch: { by: "weight", kgAWeek: gap.shortKgAWeek },
  } as const;
}

function trialOf(
  { site, garden, weeks }: InGap,
  kind: "sow" | "buy",
  bed: Bed,
  planting: Planting,
  day: number,
): Trial[] {
  const state = plantingState(garden, site, planting);
  const amounts = plantingAmounts(garden, planting);
  if (!state || !amounts) return [];
  const { hoursEach, hoursPerM } = workHours(bed);
  return [
    {
      id: planting.id,
      doing: {
        kind,
        planting,
        cropName: cropNameOf(garden, planting),
        bedName: bed.name,
        day,
        plants: amounts.plants,
        seedGrams: kind === "buy" ? 0 : amounts.seedGrams,
      },
      hours: hoursEach + hoursPerM * planting.lengthM,
      change: (sources, year) => [...sources, ...plantingSources(site, garden, state, weeks, year)],
    },
  ];
}

export function cropNameOf(garden: Garden, { cropId }: Pick<Planting, "cropId">): string {
  return cropsOf(garden).get(cropId)?.name ?? cropId;
}
