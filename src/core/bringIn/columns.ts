import tableHeadings from "@data/tableHeadings.json";

/** What a table can bring in. */
export const TABLE_KINDS = [
  "harvests",
  "sowings",
  "temperatures",
  "seeds",
  "plantings",
  "log",
] as const;
export type TableKind = (typeof TABLE_KINDS)[number];

/** What a column can hold. */
export type Field =
  | "date"
  | "crop"
  | "variety"
  | "place"
  | "weight"
  | "count"
  | "seeds"
  | "temperature"
  | "outside"
  | "year"
  | "amount"
  | "length"
  | "from"
  | "method"
  | "stage"
  | "clearOn"
  | "betweenRows"
  | "inRow"
  | "deed"
  | "outOf"
  | "share"
  | "cause"
  | "unit"
  | "treated"
  | "testedSeeds"
  | "sprouted"
  | "testedOn"
  | "id"
  | "note";

/** The columns that a table of a kind needs, and those it may have. */
export const FIELDS_OF: Record<TableKind, { needed: readonly Field[]; also: readonly Field[] }> = {
  harvests: {
    needed: ["date", "crop"],
    also: ["variety", "place", "weight", "count", "note", "id"],
  },
  sowings: {
    needed: ["date", "crop"],
    also: ["variety", "place", "seeds", "length", "note", "id"],
  },
  temperatures: { needed: ["date", "temperature"], also: ["place", "outside", "note", "id"] },
  seeds: {
    needed: ["crop", "year", "amount"],
    also: ["variety", "unit", "treated", "testedSeeds", "sprouted", "testedOn", "note", "id"],
  },
  plantings: {
    needed: ["crop", "place", "date"],
    also: [
      ...(["variety", "length", "from", "method", "stage"] as const),
      ...(["clearOn", "betweenRows", "inRow", "note", "id"] as const),
    ],
  },
  log: {
    needed: ["date", "deed"],
    also: [
      ...(["crop", "variety", "place", "weight", "count", "outOf"] as const),
      ...(["temperature", "outside", "share", "cause", "note", "id"] as const),
    ],
  },
};

const SPELLINGS: Record<Field, readonly string[]> = tableHeadings.headings;

/** Which column of a table holds what: its place, or nothing. */
export type Columns = Partial<Record<Field, number>>;

/** A heading as it is compared: small letters without accents, spaces and its unit; a unit alone stays. */
export function plainHeading(heading: string): string {
  const words = heading
    .normalize("NFKD")
    .toLowerCase()
    .replace(/\p{M}/gu, "")
    .replace(/[([].*?[)\]]/g, " ")
    .replace(/[_./-]+/g, " ");
  const letters = (text: string) => text.replace(/[^a-z]/g, "");
  return (
    letters(words.replace(/\b(kg|g|lb|lbs|oz|cm|m|ft|c|f|celsius|fahrenheit)\b| in\s*$/g, " ")) ||
    letters(words)
  );
}

/** The columns of a table by the names in its head; each is taken once. */
export function columnsByName(kind: TableKind, headings: readonly string[]): Columns {
  const plain = headings.map(plainHeading);
  const { needed, also } = FIELDS_OF[kind];
  const columns: Columns = {};
  const taken = new Set<number>();
  for (const field of [...needed, ...also]) {
    const at = SPELLINGS[field]
      .map((spelling) => plain.findIndex((name, index) => name === spelling && !taken.has(index)))
      .find((index) => index >= 0);
    if (at === undefined) continue;
    columns[field] = at;
    taken.add(at);
  }
  return columns;
}

/** What a table most likely holds, by the names in its head; null where none fits. */
export function kindByName(headings: readonly string[]): TableKind | null {
  const fitting = TABLE_KINDS.map((kind) => {
    const columns = columnsByName(kind, headings);
    const { needed, also } = FIELDS_OF[kind];
    const has = (field: Field) => columns[field] !== undefined;
    const score = needed.every(has) ? needed.length + also.filter(has).length : 0;
    return { kind, score: score + (score > 0 ? hint(kind, headings) : 0) };
  }).sort((a, b) => b.score - a.score);
  return fitting[0] && fitting[0].score > 0 ? fitting[0].kind : null;
}

/** Words of a head that only one kind has. */
function hint(kind: TableKind, headings: readonly string[]): number {
  const text = headings.map(plainHeading).join(" ");
  const words: Record<TableKind, RegExp> = {
    harvests: /harvest|yield|picked|weight/,
    sowings: /sown|sowing/,
    temperatures: /temp|low|minimum/,
    seeds: /packed|year|packet/,
    plantings: /sowon|method|length/,
    log: /what|deed|event|action/,
  };
  return words[kind].test(text) ? 1 : 0;
}

/** "in" is a word, too: a unit it is in brackets and at the end. */
const INCHES = /[_([](in|inch|inches)[)\]]?$/i;

/** The unit that a heading names, in small letters; null where it names none. */
export function unitIn(heading: string): string | null {
  if (INCHES.test(heading)) return "in";
  const found =
    /(?:^|[([_ ])\s*°?\s*(kg|g|grams|lb|lbs|oz|m|ft|cm|c|f|celsius|fahrenheit)\b\s*[)\]]?/i.exec(
      heading,
    );
  return found?.[1]?.toLowerCase() ?? null;
}
