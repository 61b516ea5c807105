import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import { trayGrid, type Tray } from "@/core/trays";
import { centimetres, cubicInches, inches, millilitres, type Units } from "@/core/units";
import { amount } from "@/ui/forms";
import { newId } from "@/store/index";
import { trays as say } from "@/words/en/trays";
import { told } from "@/ui/wording";
import "@/words/en/facts/trays";

/** A tray as its form holds it, in the grower's units. */
export const TrayFieldsSchema = z
  .object({
    name: z.string().trim().min(1, say.enterANameForTheTray),
    cells: amount(say.enterHowManyCellsItHas),
    columns: amount(say.enterHowManyCellsAreInARow),
    cellVolume: amount(say.enterTheVolumeOfACell),
    length: amount(say.enterItsLength),
    width: amount(say.enterItsWidth),
    standId: z.string(),
  })
  .superRefine(({ cells, columns }, context) => {
    const grid = trayGrid(cells, columns);
    if (typeof grid === "string") {
      context.addIssue({ code: "custom", path: ["columns"], message: grid });
    }
  });
export type TrayFields = z.infer<typeof TrayFieldsSchema>;

const USUAL = { cells: 72, columns: 12, cellMl: 40, lengthCm: 54, widthCm: 28 };
const rounded = (value: number) => Math.round(value * 10) / 10;

/** A usual tray; large enough for so many cells, where such are made. */
export function trayFieldsFor(
  units: Units,
  name: string,
  standId: string,
  more: { cells?: number; cellMl?: number } = {},
): TrayFields {
  const imperial = units === "imperial";
  const cells = sizeFor(more.cells ?? USUAL.cells);
  const cellMl = more.cellMl ?? USUAL.cellMl;
  return {
    name,
    cells,
    columns: COLUMNS[cells] ?? USUAL.columns,
    cellVolume: imperial ? rounded(cubicInches(cellMl)) : cellMl,
    length: imperial ? rounded(inches(USUAL.lengthCm)) : USUAL.lengthCm,
    width: imperial ? rounded(inches(USUAL.widthCm)) : USUAL.widthCm,
    standId,
  };
}

/** Trays that are common, and how many cells stand in their rows. */
const COLUMNS: Readonly<Record<number, number>> = { 24: 6, 40: 8, 60: 10, 72: 12, 128: 16 };

function sizeFor(cells: number): number {
  const sizes = Object.keys(COLUMNS).map(Number);
  return sizes.find((size) => size >= cells) ?? Math.max(...sizes);
}

/** The tray the fields say, or what is wrong with them in a sentence. */
export function trayFrom(fields: TrayFields, units: Units, today: DayNumber): Tray | string {
  const imperial = units === "imperial";
  const grid = trayGrid(fields.cells, fields.columns);
  if ("code" in grid) return told(grid);
  return {
    id: newId("tray"),
    name: fields.name,
    ...grid,
    cellMl: imperial ? millilitres(fields.cellVolume) : fields.cellVolume,
    lengthCm: imperial ? centimetres(fields.length) : fields.length,
    widthCm: imperial ? centimetres(fields.width) : fields.width,
    stays: fields.standId === "" ? [] : [{ from: isoDate(today), standId: fields.standId }],
    sowings: [],
  };
}

/** "Tray 4": the first number that is free. */
export function nextTrayName(trays: Iterable<Tray>): string {
  const taken = new Set([...trays].map(({ name }) => name));
  let number = taken.size + 1;
  while (taken.has(say.tray2({ number }))) number += 1;
  return say.tray2({ number });
}
