import { z } from "zod";
import { isIsoDate, type DayNumber, isoDate } from "@/core/calendar";
import { varietyOf, type Crop } from "@/core/crops";
import type { CommandInput } from "@/core/commands";
import type { Raising } from "@/core/propagation";
import { cellCount, freeCells, type Tray } from "@/core/trays";
import { isSpent, lotSprouting, seedsIn, type SeedLot } from "@/core/seedBox";
import { amount } from "@/ui/forms";
import { newId } from "@/store/index";
import { trays as say } from "@/words/en/trays";

/** A sowing into a tray as its form holds it. */
export const SowFieldsSchema = z.object({
  cropId: z.string().min(1, say.chooseACrop),
  varietyId: z.string(),
  plantingId: z.string(),
  lotId: z.string(),
  /** How many cells, from which on (0-based), and seeds in each. */
  cells: amount(say.enterHowManyCellsToSow)
    .int(say.enterHowManyCellsToSow)
    .min(1, say.enterHowManyCellsToSow),
  fromCell: z.number(),
  seedsPerCell: amount(say.enterSeedsPerCell),
  sownOn: z.string().refine(isIsoDate, say.enterTheSowingDate),
  labelled: z.boolean(),
});
export type SowFields = z.infer<typeof SowFieldsSchema>;

export function startingSowFields(
  tray: Tray,
  raising: Raising | null,
  crops: ReadonlyMap<string, Crop>,
  lots: readonly SeedLot[],
  today: DayNumber,
): SowFields {
  const free = freeCells(tray);
  const crop = raising?.crop ?? crops.get("lettuce");
  const cropId = crop?.id ?? "";
  const varietyId = raising?.variety.id ?? (crop && varietyOf(crop)?.id) ?? "";
  const lot = crop && lotsFor(lots, crop, varietyId, today)[0];
  return {
    cropId,
    varietyId,
    plantingId: raising?.planting.id ?? "",
    lotId: lot?.id ?? "",
    cells: raising ? raising.cells : Math.min(free.length, tray.columns),
    fromCell: free[0] ?? 0,
    seedsPerCell: crop
      ? seedsPerCellFor(crop, lot, raising?.planting.plantsPerStation ?? 1, today)
      : 1,
    sownOn: isoDate(today),
    labelled: true,
  };
}

/** The lots that could be sown, oldest first; spent ones last. */
export function lotsFor(
  lots: readonly SeedLot[],
  crop: Crop,
  varietyId: string,
  today: DayNumber,
): SeedLot[] {
  const spent = (lot: SeedLot) => (isSpent(crop, lot, today) || seedsIn(crop, lot) === 0 ? 1 : 0);
  return lots
    .filter((lot) => lot.cropId === crop.id && lot.varietyId === varietyId)
    .sort((a, b) => spent(a) - spent(b) || a.packedYear - b.packedYear);
}

/** Share of cells that may stay empty before more seeds are put into each. */
const FILLED_SHARE = 0.8;
const MOST_SEEDS = 4;

/** Seeds for a cell so that most cells are filled, or the cluster comes up; more of old seed. */
export function seedsPerCellFor(
  crop: Crop,
  lot: SeedLot | undefined,
  plantsPerStation: number,
  today: DayNumber,
): number {
  const share = lot ? lotSprouting(crop, lot, today).share : crop.sowing.sproutShare;
  if (plantsPerStation > 1) return Math.min(50, Math.ceil(plantsPerStation / Math.max(0.2, share)));
  let seeds = 1;
  while (seeds < MOST_SEEDS && 1 - (1 - share) ** seeds < FILLED_SHARE) seeds += 1;
  return seeds;
}

/** The command's input the fields say, or what is wrong in a sentence. */
export function sowingFrom(
  fields: SowFields,
  tray: Tray,
  evenIfShort: boolean,
): CommandInput<"tray.sow"> | string {
  if (fields.cropId === "") return say.chooseACrop;
  if (!Number.isInteger(fields.cells) || fields.cells < 1) return say.enterHowManyCellsToSow;
  if (!isIsoDate(fields.sownOn)) return say.enterTheSowingDate;
  const free = freeCells(tray).filter((cell) => cell >= fields.fromCell);
  // Cells that the tray does not have are asked for too, so that it is said how many do not fit.
  const missing = Math.max(0, fields.cells - free.length);
  const beyond = Array.from({ length: missing }, (_, index) => cellCount(tray) + index);
  return {
    trayId: tray.id,
    sowing: {
      id: newId("sowing"),
      cropId: fields.cropId,
      varietyId: fields.varietyId,
      lotId: fields.lotId || null,
      plantingId: fields.plantingId || null,
      cells: [...free.slice(0, fields.cells), ...beyond],
      seedsPerCell: fields.seedsPerCell,
      sownOn: fields.sownOn,
      labelled: fields.labelled,
    },
    ...(evenIfShort ? { evenIfShort } : {}),
  };
}

/** The cells asked for, rounded up so that the last row is sown to its end. */
export function wholeRows(tray: Tray, fields: SowFields): number {
  const free = freeCells(tray).filter((cell) => cell >= fields.fromCell);
  const last = free[Math.min(free.length, Math.max(1, fields.cells || 1)) - 1] ?? 0;
  const endOfRow = (Math.floor(last / tray.columns) + 1) * tray.columns;
  return free.filter((cell) => cell < endOfRow).length;
}
