import { dayNumber, type DayNumber } from "../calendar";
import type { Crop, Variety } from "../crops";
import { cropsOf, type Garden, type Planting } from "../garden";
import { hardeningPlan, type Occupant, type Stand, type Tray } from "../trays";
import { factsOf, growingOf, kindAmounts } from "../plantings";
import { isSown } from "../schedule";
import { requirement } from "../growth";

/** A kind of a planting that is to be raised in cells and is in no tray yet. */
export interface Raising {
  planting: Planting;
  crop: Crop;
  variety: Variety;
  sowDay: DayNumber;
  plantOutDay: DayNumber;
  cells: number;
  seedsPerCell: number;
}

/** The plantings still to be sown in cells from a day on, in the order of their days. */
export function plannedRaisings(garden: Garden, fromDay: DayNumber, toDay: DayNumber): Raising[] {
  const found: Raising[] = [];
  for (const planting of garden.plantings.values()) {
    const sowDay = dayNumber(planting.sowOn);
    if (planting.method !== "transplant" || planting.bought) continue;
    if (isSown(factsOf(garden, planting.id))) continue;
    if (sowDay < fromDay || sowDay > toDay) continue;
    found.push(...raisingsFor(garden, planting));
  }
  return found.sort((a, b) => a.sowDay - b.sowDay);
}

/** The kinds of a planting that is raised in cells. */
function raisingsFor(garden: Garden, planting: Planting): Raising[] {
  const sowDay = dayNumber(planting.sowOn);
  return kindAmounts(garden, planting).map(({ growing, cells, seeds }) => {
    const { crop, variety } = growing;
    const { benchDays } = requirement(crop, variety, "transplant", planting.stage);
    return {
      planting,
      crop,
      variety,
      sowDay,
      plantOutDay: sowDay + benchDays,
      cells: cells ?? 0,
      seedsPerCell: cells ? seeds / cells : 1,
    };
  });
}

/** The room on stands that a planting would take until it is planted out; none where it is sown in its bed. */
export function raisingRoom(garden: Garden, planting: Planting): Occupant[] {
  if (planting.method !== "transplant" || planting.bought) return [];
  const stands = [...garden.stands.values()];
  return raisingsFor(garden, planting).flatMap((raising) => planned(raising, stands));
}

const CM2_PER_M2 = 10_000;
/** Room of a cell in a tray, with its walls, from its volume: a cell is about as deep as wide. */
const cellAreaM2 = (cellMl: number) => (1.15 * cellMl ** (1 / 3)) ** 2 / CM2_PER_M2;
const USUAL_CELL_ML = 30;

/** The first days of seedlings with heat, and the last days in the frame. */
function planned(raising: Raising, stands: readonly Stand[]): Occupant[] {
  const { crop, sowDay, plantOutDay, cells } = raising;
  const areaM2 = cells * cellAreaM2(crop.tray?.cellMl ?? USUAL_CELL_ML);
  const of = (kind: Stand["kind"]) => stands.find((stand) => stand.kind === kind)?.id;
  const bench = of("bench") ?? of("frame") ?? stands[0]?.id;
  if (bench === undefined) return [];
  const frame = of("frame") ?? bench;
  const mat = crop.sprouting.heatMatC === undefined ? bench : (of("mat") ?? bench);
  const beginDay = Math.max(sowDay, hardeningPlan(crop, plantOutDay, []).beginDay);
  const upDay = Math.min(beginDay, sowDay + DAYS_ON_MAT);
  const stays = [
    { standId: mat, fromDay: sowDay, toDay: upDay },
    { standId: bench, fromDay: upDay, toDay: beginDay },
    { standId: frame, fromDay: beginDay, toDay: plantOutDay },
  ];
  return stays.filter((stay) => stay.toDay > stay.fromDay).map((stay) => ({ ...stay, areaM2 }));
}

/** Once up, seedlings leave the mat (estimate). */
const DAYS_ON_MAT = 10;

/** When the seedlings of a tray are expected to leave it: as its last planting is planted out. */
export function trayEmptyDay(garden: Garden, tray: Tray): DayNumber | null {
  const days = tray.sowings.flatMap((sowing) => {
    const planting = garden.plantings.get(sowing.plantingId ?? "");
    const growing = planting && growingOf(garden, planting);
    const crop = growing?.crop ?? cropsOf(garden).get(sowing.cropId);
    const weeks = crop?.transplanting.seedlingWeeks ?? 0;
    return [dayNumber(sowing.sownOn) + Math.max(1, weeks) * 7];
  });
  return days.length === 0 ? null : Math.max(...days);
}

/**
 * What takes room on the stands of a garden: the trays where they stand until they are expected to
 * be empty, and the trays that the plan still asks for, where such usually stand.
 *
 * @param today what the plan wanted sown before it is past; what grows in a tray is still there
 */
export function trayOccupants(garden: Garden, today: DayNumber, toDay: DayNumber): Occupant[] {
  const stands = [...garden.stands.values()];
  const standing = [...garden.trays.values()].flatMap((tray) =>
    stayedOn(garden, tray, today, toDay),
  );
  return [
    ...standing,
    ...plannedRaisings(garden, today, toDay).flatMap((raising) => planned(raising, stands)),
  ];
}

function stayedOn(garden: Garden, tray: Tray, today: DayNumber, toDay: DayNumber): Occupant[] {
  const areaM2 = (tray.lengthCm * tray.widthCm) / CM2_PER_M2;
  const emptyDay = trayEmptyDay(garden, tray);
  return tray.stays.flatMap(({ from, standId }, index) => {
    const next = tray.stays[index + 1];
    const fromDay = dayNumber(from);
    // An empty tray may stand there for good, as far as anybody has said.
    const untilDay = next ? dayNumber(next.from) : Math.max(today + 1, emptyDay ?? toDay);
    return standId === null || untilDay <= fromDay
      ? []
      : [{ standId, fromDay, toDay: untilDay, areaM2 }];
  });
}
