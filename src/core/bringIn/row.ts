import type { DayNumber } from "../calendar";
import { findCrops } from "../cropNames";
import { varietyOf, type Crop, type Variety } from "../crops";
import { fact, type Fact } from "../facts";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import type { Site } from "../growth";
import type { LogEntry } from "../log";
import { namesIn, plain } from "../logbook";
import type { SeedLot } from "../seedBox";
import { unitIn, type Columns, type Field } from "./columns";
import type { Table } from "./table";

/** What a table brings: things ready to be kept, and the lines that are left with the reason. */
export interface Brought {
  entries: LogEntry[];
  plantings: Planting[];
  seedLots: SeedLot[];
  left: { line: number; reason: Fact }[];
  notes: Fact[];
}

/** Why nothing of a table can be brought in. */
export interface NotBrought {
  problem: Fact;
}

/** In what a table is read. */
export interface Context {
  site: Site;
  garden: Garden;
  table: Table;
  columns: Columns;
  today: DayNumber;
}

/** One row, with what its cells mean in this garden. */
export class Row {
  constructor(
    readonly context: Context,
    private readonly rowId: string,
    private readonly cells: readonly string[],
    readonly day: DayNumber | null,
  ) {}

  cell(field: Field): string {
    const at = this.context.columns[field];
    return at === undefined ? "" : (this.cells[at] ?? "").trim();
  }

  unit(field: Field): string | null {
    const at = this.context.columns[field];
    return at === undefined ? null : unitIn(this.context.table.headings[at] ?? "");
  }

  get note(): string {
    return this.cell("note")
      .replace(/[<>\p{Cc}]/gu, " ")
      .slice(0, 300);
  }

  id(kind: "log" | "planting" | "lot"): string {
    return `in-${kind}-${this.rowId}`;
  }

  /** Whether it came out of this very garden. */
  isFromHere(): boolean {
    const id = this.cell("id");
    const { logEntries, thermometerDays, plantings, seedLots } = this.context.garden;
    return (
      id !== "" && [logEntries, thermometerDays, plantings, seedLots].some((kept) => kept.has(id))
    );
  }

  /** Whether it was brought in before. */
  isThere(kind: "log" | "planting" | "lot"): boolean {
    const { logEntries, plantings, seedLots } = this.context.garden;
    return { log: logEntries, planting: plantings, lot: seedLots }[kind].has(this.id(kind));
  }

  crop(): { crop: Crop; variety: Variety | null } | null {
    const { garden } = this.context;
    const crops = cropsOf(garden);
    const typed = this.cell("crop");
    const names = namesIn(garden).crops;
    const named = names.find(({ words }) => words === plain(typed));
    const crop = named ? crops.get(named.cropId) : findCrops(crops, typed)[0]?.crop;
    if (!crop || typed === "") return null;
    const wanted = plain(this.cell("variety"));
    const told = crop.varieties.find(
      ({ id, name }) => wanted !== "" && (id === wanted || plain(name).startsWith(wanted)),
    );
    const inName = named?.varietyId ? varietyOf(crop, named.varietyId) : undefined;
    return { crop, variety: told ?? inName ?? null };
  }

  place(): { bed: Bed | null; shelterId: string | null } | "outside" | null {
    const { garden } = this.context;
    const wanted = plain(this.cell("place"));
    if (wanted === "") return { bed: null, shelterId: null };
    if (wanted === "outside" || wanted === "outdoors") return "outside";
    const names = namesIn(garden);
    // "3" is Bed 3.
    const isNumber = /^\d+$/.test(wanted);
    const bed = names.beds.find(
      ({ words }) => words === wanted || (isNumber && words.split(" ").at(-1) === wanted),
    );
    if (bed) return { bed: garden.beds.get(bed.bedId) ?? null, shelterId: null };
    const shelter = names.shelters.find(({ words }) => words === wanted);
    return shelter ? { bed: null, shelterId: shelter.shelterId } : null;
  }
}

/** What the log takes: a day that has come. */
export function pastDay(row: Row): { day: DayNumber } | { problem: Fact } {
  if (row.day === null) return { problem: fact("bringIn.noDate", { cell: row.cell("date") }) };
  const isToCome = row.day > row.context.today;
  return isToCome ? { problem: fact("bringIn.isToCome", { day: row.day }) } : { day: row.day };
}
