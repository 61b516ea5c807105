import {
  checkGardenFile,
  EVERYTHING_FORMAT,
  GARDEN_FILE_FORMAT,
  GARDEN_FILE_VERSION,
  migrateGardenFile,
  toGardenFile,
  type CheckedFile,
  type Problem,
} from "../gardenFile";
import { type Garden } from "../garden";
import { gardenFromEverything } from "./everything";
import { fact, type Fact } from "../facts";

/** A garden file read, or everything that is wrong with it. */
export type ReadGarden = CheckedFile & {
  /** What of a file of everything does not read, a line each; the garden is whole without it. */
  left?: Fact[];
};

/** A garden file is far smaller than this, characters or bytes. */
export const LARGEST_GARDEN_FILE = 50_000_000;

const MOST_PROBLEMS = 20;

/** The garden as the text of its file. */
export function writeGardenFile(garden: Garden): string {
  const file = toGardenFile(garden);
  if (!file.record) return `${JSON.stringify(file, null, 2)}\n`;
  // Thirty thousand numbers a line each would make a file that nobody can scroll through.
  const rows: string[] = [];
  const marked = Object.entries(file.record).map(([name, value]) => {
    if (!Array.isArray(value)) return [name, value];
    rows.push(JSON.stringify(value));
    return [name, `${ROW_MARK}${rows.length - 1}`];
  });
  const text = JSON.stringify({ ...file, record: Object.fromEntries(marked) }, null, 2);
  const inRows = text.replace(ROW_MARKS, (_mark, index) => rows[Number(index)] ?? "[]");
  return `${inRows}\n`;
}

/** Stands for a row of numbers while the rest is written; names cannot hold the control character. */
const ROW_MARK = "\u0001row ";
const ROW_MARKS = /"\\u0001row (\d+)"/g;

/** What is said of a file too large to be read. */
export const TOO_LARGE = fact("gardenFile.largerThan50Mb");

/**
 * Reads a garden file: all of it, or nothing and the reasons, each with the path of its field.
 * Never throws.
 *
 * @param mostProblems how many are told
 */
export function readGardenFile(text: string, mostProblems = MOST_PROBLEMS): ReadGarden {
  if (text.length > LARGEST_GARDEN_FILE) return whole(TOO_LARGE);
  let content: unknown;
  try {
    content = JSON.parse(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text);
  } catch {
    return whole(fact("gardenFile.thisIsNotJson", { begins: firstCharacters(text) }));
  }
  const head = headProblem(content);
  if (head) return { ok: false, problems: [head], more: false };
  const file = content as { format?: unknown };
  return file.format === EVERYTHING_FORMAT
    ? gardenFromEverything(file, inThisVersion, mostProblems)
    : checkGardenFile(inThisVersion(file), mostProblems);
}

function inThisVersion(content: object): object {
  const { version } = content as { version?: unknown };
  if (typeof version !== "number" || version < 1 || version >= GARDEN_FILE_VERSION) return content;
  return migrateGardenFile(content as Record<string, unknown>, version, GARDEN_FILE_VERSION);
}

/** Another kind of file, or one of another version, is told at once instead of field by field. */
function headProblem(content: unknown): Problem | null {
  if (typeof content !== "object" || content === null || Array.isArray(content)) {
    return { path: "", message: fact("gardenFile.thisJsonIsNotAGardenFile") };
  }
  const { format, version } = content as { format?: unknown; version?: unknown };
  if (format !== GARDEN_FILE_FORMAT && format !== EVERYTHING_FORMAT) {
    return {
      path: "format",
      message: fact("gardenFile.formatShouldBe", { format: GARDEN_FILE_FORMAT }),
    };
  }
  if (typeof version === "number" && version > GARDEN_FILE_VERSION) {
    return {
      path: "version",
      message: fact("gardenFile.savedByANewer", { version, reads: GARDEN_FILE_VERSION }),
    };
  }
  return null;
}

function whole(message: Fact): ReadGarden {
  return { ok: false, problems: [{ path: "", message }], more: false };
}

function firstCharacters(text: string): string {
  return text
    .trimStart()
    .slice(0, 12)
    .replace(/[^\w{}[\]:", ]/g, "·");
}
