import foodJson from "@data/food.json";
import { DAYS_PER_WEEK } from "../calendar";
import type { Planting } from "../garden";
import { plantingState } from "../plantings";
import { bedDays } from "../schedule";
import { plantingSources, USUAL_YEAR, usualShoots, workHours } from "../supply";
import type { BedsAlike } from "./bedsAlike";
import type { Offer } from "./options";
import type { Looked } from "./sowings";

const { fill: FILL } = foodJson;

/** What is planned and may make way, as it is. */
export function plannedOffer({ site, garden, weeks }: Looked, planting: Planting): Offer[] {
  const state = plantingState(garden, site, planting);
  if (!state) return [];
  const sources = plantingSources(site, garden, state, weeks, USUAL_YEAR);
  const { lengthM } = planting;
  return [
    {
      option: { kind: "planned", planting },
      // It stands where its grower has put it.
      family: null,
      ...bedDays(state.timeline),
      onStands: [],
      candidate: {
        id: planting.id,
        cropId: planting.cropId,
        leastM: lengthM,
        mostM: lengthM,
        ...workHours(state.bed),
        isPlanned: true,
        lots: sources.map(({ group, units, worth }) => ({ group, units: units / lengthM, worth })),
      },
    },
  ];
}

/** A usual round of shoots, in time for the first week that lacks salad. */
export function shootOffer(
  { site, garden, weeks, gapKg }: Looked,
  { beds: [bed] }: BedsAlike,
): Offer[] {
  const shortWeek = gapKg.salad.findIndex((kg) => kg > 0);
  if (shortWeek < 0) return [];
  const shortDay = weeks.firstDay + shortWeek * DAYS_PER_WEEK;
  const rounds = usualShoots(site, garden, bed, weeks.today, shortDay);
  const [first] = rounds?.batches ?? [];
  if (!rounds || !first) return [];
  const { shootSquares: squares, shootSquareM: squareM, shootBatches: batches } = FILL;
  const plantings = rounds.batches.map(({ planting }) => planting);
  const lengthM = squares * (bed.container ? bed.container.eachM : squareM);
  const lots = plantings.flatMap((planting) => {
    const state = plantingState(garden, site, planting);
    return state ? plantingSources(site, garden, state, weeks, USUAL_YEAR) : [];
  });
  return [
    {
      option: { kind: "shoots", plantings, bedId: bed.id },
      family: null,
      fromDay: first.sowDay,
      untilDay: first.sowDay + (batches + squares) * DAYS_PER_WEEK,
      onStands: [],
      candidate: {
        id: `fill-${bed.id}-shoots`,
        cropId: FILL.shootCrop,
        leastM: lengthM,
        mostM: lengthM,
        hoursEach: FILL.shootHoursEach * batches,
        hoursPerM: 0,
        isPlanned: false,
        lots: lots.map(({ group, units, worth }) => ({ group, units: units / lengthM, worth })),
      },
    },
  ];
}
