import { gapsIn, occupantsOf } from "../bedSpace";
import { isoDate, type DayNumber } from "../calendar";
import { varietyOf } from "../crops";
import { fact, type Fact } from "../facts";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import type { Site } from "../growth";
import { exactM, WHOLE_WIDTH } from "../layout";
import { rootsToForce } from "./forcedRoots";
import { amountsFor, bookSpacing, fittedTo, plantingState, standOf } from "../plantings";

/** Shoots or forced roots in rotation: a square or a pot every week or so, and round again. */
export interface ShootRotation {
  cropId: string;
  bedId: string;
  /** From one sowing to the next, days. */
  everyDays: number;
  /** Squares, or containers, that are sown one after the other. */
  squares: number;
  /** The side of a square, m; in containers each takes one of them. */
  squareM: number;
  /** Sowings in all. */
  batches: number;
  firstDay: DayNumber;
}

/** One week's sowing. */
export interface ShootBatch {
  planting: Planting;
  /** Counted from 1. */
  square: number;
  sowDay: DayNumber;
  /** First cut; null where it is too cold or dark for any. */
  cutDay: DayNumber | null;
  seedGrams: number;
  yieldKg: number;
  /** Plants that stand there: for what is forced, roots. */
  plants: number;
}

export interface ShootRounds {
  batches: ShootBatch[];
  /** Squares or containers that they go round in. */
  squares: number;
  seedGrams: number;
  yieldKg: number;
  /** Of what is forced: roots that it takes, and how many lie in the store for it; null for shoots. */
  roots: { wanted: number; inStore: number } | null;
  /** Why it cannot be done so; null where it can. */
  problem: Fact | null;
}

/** A square is dug in, or its container filled anew, before it is sown again, days (estimate). */
const DUG_IN_DAYS = 1;

/**
 * A rotation of shoots in free ground of a bed or in containers: a batch a week, each in the next
 * square, cleared when the round comes to its square again.
 *
 * @param newId makes the id of each planting
 */
export function shootRounds(
  site: Site,
  garden: Garden,
  rotation: ShootRotation,
  newId: () => string,
): ShootRounds {
  const none = (problem: Fact): ShootRounds => ({
    batches: [],
    squares: rotation.squares,
    seedGrams: 0,
    yieldKg: 0,
    roots: null,
    problem,
  });
  const crop = cropsOf(garden).get(rotation.cropId);
  const bed = garden.beds.get(rotation.bedId);
  const variety = crop && varietyOf(crop);
  if (!crop || !bed || !variety) return none(fact("bedSpace.chooseTheBed"));
  const { squares, batches, firstDay, everyDays } = rotation;
  const sideM = bed.container ? bed.container.eachM : rotation.squareM;
  const acrossM = bed.container ? bed.widthM : Math.min(rotation.squareM, bed.widthM);
  const roundDays = squares * everyDays;
  const lastDay = firstDay + (batches - 1) * everyDays + roundDays;
  const plot = plotIn(site, garden, bed, { lengthM: squares * sideM, acrossM }, firstDay, lastDay);
  if (!plot) {
    return none(fact("supply.noRoomForSquares", { bed: bed.name, lengthM: squares * sideM }));
  }
  const made = Array.from({ length: batches }, (_, index): ShootBatch => {
    const sowDay = firstDay + index * everyDays;
    const square = index % squares;
    const planting = fittedTo(bed, {
      ...BY_THE_BOOK,
      ...bookSpacing(crop, "full", garden.settings.units),
      id: newId(),
      cropId: crop.id,
      varietyId: variety.id,
      bedId: bed.id,
      sowOn: isoDate(sowDay),
      method: "direct",
      stage: "full",
      fromM: exactM(plot.fromM + square * sideM),
      lengthM: exactM(sideM),
      across:
        bed.container || plot.widthM >= bed.widthM - 1e-6
          ? WHOLE_WIDTH
          : { kind: "strip", fromM: exactM(plot.leftM), widthM: exactM(plot.widthM) },
      clearOn: isoDate(sowDay + roundDays - DUG_IN_DAYS),
    });
    const state = plantingState(garden, site, planting);
    const { seedGrams, plants } = amountsFor(standOf(planting, bed), crop, "direct");
    return {
      planting,
      square: square + 1,
      sowDay,
      cutDay: state?.timeline.readyDay ?? null,
      seedGrams,
      plants,
      yieldKg: state?.usualYieldKg ?? 0,
    };
  });
  const late = made.find(
    ({ cutDay, sowDay }) => cutDay === null || cutDay >= sowDay + roundDays - DUG_IN_DAYS,
  );
  return {
    batches: made,
    squares,
    seedGrams: made.reduce((sum, one) => sum + one.seedGrams, 0),
    yieldKg: made.reduce((sum, one) => sum + one.yieldKg, 0),
    roots: crop.forcedFrom
      ? {
          wanted: made.reduce((sum, one) => sum + one.plants, 0),
          inStore: rootsToForce(garden, crop, firstDay),
        }
      : null,
    problem: late
      ? fact("supply.notCutBeforeTheRound", { sowDay: late.sowDay, cutDay: late.cutDay, squares })
      : null,
  };
}

/** Ground for the rounds: where it begins along the bed, from where across it, and how wide it is, m. */
interface Plot {
  fromM: number;
  leftM: number;
  widthM: number;
}

/**
 * Where so much of a bed is free for all of the rounds: as wide as a square, or a narrower strip beside
 * what stands there or is being dug; null where there is nothing.
 */
function plotIn(
  site: Site,
  garden: Garden,
  bed: Bed,
  { lengthM, acrossM }: { lengthM: number; acrossM: number },
  fromDay: DayNumber,
  untilDay: DayNumber,
): Plot | null {
  const least = Math.min(acrossM, NARROWEST_M);
  const gaps = gapsIn(occupantsOf(site, garden, bed), bed, fromDay, untilDay, lengthM)
    .filter((gap) => gap.fromDay <= fromDay && gap.untilDay >= untilDay)
    .map(({ fromM, toM, leftM, rightM }) => ({ fromM, toM, leftM, widthM: rightM - leftM }))
    .filter(({ fromM, toM, widthM }) => toM - fromM >= lengthM - 1e-6 && widthM >= least - 1e-6)
    .sort((a, b) => Math.min(acrossM, b.widthM) - Math.min(acrossM, a.widthM) || a.fromM - b.fromM);
  const [best] = gaps;
  return best ? { ...best, widthM: Math.min(acrossM, best.widthM) } : null;
}

/** A strip narrower than this is no square, m. */
const NARROWEST_M = 0.15;
