import type { IsoDate } from "../calendar";
import type { Tray, TraySowing } from "./traySchema";
import { fact, type Fact } from "../facts";

type Entry = TraySowing["entries"][number];

/** A tray changed, or why it was not. */
export type TrayResult = { ok: true; tray: Tray } | { ok: false; refusal: Fact };

export function cellCount(tray: Pick<Tray, "columns" | "rows">): number {
  return tray.columns * tray.rows;
}

/** The cells that nothing grows in, in the order in which one fills a tray. */
export function freeCells(tray: Tray): number[] {
  const taken = new Set(tray.sowings.flatMap((sowing) => sowing.cells));
  return Array.from({ length: cellCount(tray) }, (_, cell) => cell).filter(
    (cell) => !taken.has(cell),
  );
}

/**
 * A cell as growers name it: the row's letter and the number along it.
 *
 * @example cellName(tray, 13) // "B2" in a tray twelve cells wide
 */
export function cellName(tray: Pick<Tray, "columns">, cell: number): string {
  const row = Math.floor(cell / tray.columns);
  return `${rowName(row)}${(cell % tray.columns) + 1}`;
}

/** "A" for the first row, "AA" after "Z". */
export function rowName(row: number): string {
  const letter = String.fromCharCode(65 + (row % 26));
  return row < 26 ? letter : `${rowName(Math.floor(row / 26) - 1)}${letter}`;
}

/** Puts a crop into cells that are free. */
export function sowInto(tray: Tray, sowing: Omit<TraySowing, "entries" | "seedlings">): TrayResult {
  const count = cellCount(tray);
  if (sowing.cells.length === 0) return refused(fact("trays.chooseTheCellsToSow"));
  const outside = sowing.cells.filter((cell) => cell >= count).length;
  if (outside > 0) {
    return refused(
      fact("trays.hasCellsOfTheseDoNotFitSowTheRest", { tray: tray.name, count, outside }),
    );
  }
  const free = new Set(freeCells(tray));
  const full = sowing.cells.filter((cell) => !free.has(cell));
  if (full.length > 0) {
    const names = full.slice(0, 3).map((cell) => cellName(tray, cell));
    return refused(
      fact("trays.somethingGrowsInAlreadyChooseFree", {
        names,
        fullCount: full.length,
        freeCount: free.size,
      }),
    );
  }
  const made: TraySowing = {
    ...sowing,
    cells: [...sowing.cells].sort((a, b) => a - b),
    seedlings: null,
    entries: [{ on: sowing.sownOn, what: "sown", seedlings: null }],
  };
  return { ok: true, tray: { ...tray, sowings: [...tray.sowings, made] } };
}

/** Seedlings counted in a sowing; null when nobody has yet. */
export function seedlingsIn(sowing: TraySowing): number | null {
  return sowing.seedlings?.reduce((sum, count) => sum + count, 0) ?? null;
}

/** What is sown as one seed may be a cluster (beet, chard), and a pinch may hold one more. */
const UP_FOR_EACH_SEED = 5;

/** The most seedlings that may be counted in a cell of a sowing; any number where they were potted on. */
export function mostInCell({ seedsPerCell }: Pick<TraySowing, "seedsPerCell">): number {
  return seedsPerCell > 0 ? seedsPerCell * UP_FOR_EACH_SEED : Infinity;
}

/** Keeps a count of seedlings, one for each cell of the sowing. */
export function countSeedlings(
  tray: Tray,
  sowingId: string,
  on: IsoDate,
  seedlings: readonly number[],
): TrayResult {
  return changed(tray, sowingId, (sowing) => {
    if (seedlings.length !== sowing.cells.length) {
      return fact("trays.thereAreCellsToCountNot", {
        cellsCount: sowing.cells.length,
        seedlingsCount: seedlings.length,
      });
    }
    const most = mostInCell(sowing);
    const over = seedlings.findIndex((count) => count > most);
    if (over >= 0) {
      return fact("trays.onlySownInCannotBeUp", {
        most: sowing.seedsPerCell,
        cellName: cellName(tray, sowing.cells[over] ?? 0),
        over: seedlings[over],
      });
    }
    return entered({ ...sowing, seedlings: [...seedlings] }, on, "counted");
  });
}

/**
 * A count by rows turned into one by cells: in each row the seedlings are spread as evenly as they go.
 *
 * @param byRow seedlings in each row of the tray that the sowing touches, from the top
 */
export function spreadByRow(
  tray: Pick<Tray, "columns">,
  sowing: TraySowing,
  byRow: readonly number[],
): number[] {
  const rows = rowsOf(tray, sowing);
  return sowing.cells.map((cell) => {
    const at = rows.findIndex(({ row }) => row === Math.floor(cell / tray.columns));
    const cells = rows[at]?.cells ?? [];
    const share = byRow[at] ?? 0;
    const place = cells.indexOf(cell);
    return Math.floor(share / cells.length) + (place < share % cells.length ? 1 : 0);
  });
}

/** The rows of a tray that a sowing touches, with its cells in each. */
export function rowsOf(
  tray: Pick<Tray, "columns">,
  sowing: Pick<TraySowing, "cells">,
): { row: number; cells: number[] }[] {
  const rows = new Map<number, number[]>();
  for (const cell of sowing.cells) {
    const row = Math.floor(cell / tray.columns);
    rows.set(row, [...(rows.get(row) ?? []), cell]);
  }
  return [...rows].map(([row, cells]) => ({ row, cells })).sort((a, b) => a.row - b.row);
}

/** Thins each cell to so many seedlings, with scissors; the rest stays. */
export function thinTo(tray: Tray, sowingId: string, on: IsoDate, leave: number): TrayResult {
  return changed(tray, sowingId, (sowing) => {
    if (!sowing.seedlings) return fact("trays.countTheSeedlingsFirstThenItIs");
    const seedlings = sowing.seedlings.map((count) => Math.min(count, leave));
    return entered({ ...sowing, seedlings }, on, "thinned");
  });
}

/**
 * Takes cells out of a sowing: thrown away, or planted out. A sowing without cells goes.
 *
 * @param cells null for all of them
 */
export function takeCells(
  tray: Tray,
  sowingId: string,
  on: IsoDate,
  what: "discarded" | "plantedOut",
  cells: readonly number[] | null,
): TrayResult {
  return changed(tray, sowingId, (sowing) => {
    const taken = new Set(cells ?? sowing.cells);
    if (![...taken].every((cell) => sowing.cells.includes(cell))) {
      return fact("trays.theseCellsDoNotBelongToThatSowing");
    }
    const keep = sowing.cells.map((cell) => !taken.has(cell));
    return entered(
      {
        ...sowing,
        cells: sowing.cells.filter((_, index) => keep[index]),
        seedlings: sowing.seedlings?.filter((_, index) => keep[index]) ?? null,
      },
      on,
      what,
    );
  });
}

/** Two trays changed together, or why neither was. */
export type MoveResult = { ok: true; from: Tray; into: Tray } | { ok: false; refusal: Fact };

/**
 * Moves seedlings into the free cells of another tray: potted on, each cell's together, or split, one
 * plant to a cell. What finds no room stays where it is.
 *
 * @param newId id of the sowing in the other tray
 */
export function potOn(
  from: Tray,
  sowingId: string,
  into: Tray,
  on: IsoDate,
  how: "together" | "split",
  newId: string,
): MoveResult {
  const sowing = from.sowings.find(({ id }) => id === sowingId);
  if (!sowing) return refused(GONE);
  if (!sowing.seedlings) return refused(fact("trays.countTheSeedlingsFirstOnlyThoseCan"));
  if (from.id === into.id) return refused(fact("trays.chooseAnotherTrayToMoveThemInto"));
  const free = freeCells(into);
  const portions: { cell: number; plants: number }[] = [];
  const left = [...sowing.seedlings];
  sowing.cells.forEach((cell, index) => {
    let plants = sowing.seedlings?.[index] ?? 0;
    if (how === "together" && plants > 0 && portions.length < free.length) {
      portions.push({ cell, plants });
      plants = 0;
    }
    while (how === "split" && plants > 0 && portions.length < free.length) {
      portions.push({ cell, plants: 1 });
      plants -= 1;
    }
    left[index] = plants;
  });
  if (portions.length === 0) {
    return refused(
      free.length === 0
        ? fact("trays.isFullChooseATrayWithFreeCells", { into: into.name })
        : fact("trays.thereIsNoSeedlingToMove"),
    );
  }
  const moved: TraySowing = {
    ...sowing,
    id: newId,
    seedsPerCell: 0,
    cells: free.slice(0, portions.length),
    seedlings: portions.map(({ plants }) => plants),
    entries: [...sowing.entries],
  };
  // Cells whose seedlings have all gone are free again; seeds that never came up go with them.
  const keep = left.map((plants) => plants > 0);
  const rest: TraySowing = {
    ...sowing,
    cells: sowing.cells.filter((_, index) => keep[index]),
    seedlings: left.filter((_, index) => keep[index]),
  };
  const what = how === "split" ? "split" : "pottedOn";
  return {
    ok: true,
    from: withSowing(from, entered(rest, on, what)),
    into: { ...into, sowings: [...into.sowings, entered(moved, on, what)] },
  };
}

/** A tray put somewhere else from a day on; what was said of later days goes. */
export function moveTo(tray: Tray, standId: string | null, from: IsoDate): Tray {
  const stays = tray.stays.filter((stay) => stay.from < from);
  return stays.at(-1)?.standId === standId
    ? { ...tray, stays }
    : { ...tray, stays: [...stays, { from, standId }] };
}

/** Where a tray stands on a day; null when nowhere yet, or put away. */
export function standOn(tray: Pick<Tray, "stays">, on: IsoDate): string | null {
  return tray.stays.filter((stay) => stay.from <= on).at(-1)?.standId ?? null;
}

const GONE = fact("trays.thisSowingIsNoLongerInTheTray");

function changed(
  tray: Tray,
  sowingId: string,
  change: (sowing: TraySowing) => TraySowing | Fact,
): TrayResult {
  const sowing = tray.sowings.find(({ id }) => id === sowingId);
  if (!sowing) return refused(GONE);
  const after = change(sowing);
  return "code" in after ? refused(after) : { ok: true, tray: withSowing(tray, after) };
}

/** The tray with a sowing as it now is; gone when it has no cells. */
function withSowing(tray: Tray, sowing: TraySowing): Tray {
  return {
    ...tray,
    sowings: tray.sowings.flatMap((one) => {
      if (one.id !== sowing.id) return [one];
      return sowing.cells.length === 0 ? [] : [sowing];
    }),
  };
}

function entered(sowing: TraySowing, on: IsoDate, what: Entry["what"]): TraySowing {
  const entry: Entry = { on, what, seedlings: seedlingsIn(sowing) };
  return { ...sowing, entries: [...sowing.entries, entry] };
}

function refused(refusal: Fact): { ok: false; refusal: Fact } {
  return { ok: false, refusal };
}
