import { columnsFrom } from "./csvColumns";
import { cellsOf, delimiterOf, linesOf } from "./csvLines";
import { csvReader } from "./csvReader";
import { ghcnDailyReader, isGhcnDailyLine } from "./ghcnDaily";
import { unusable, type WeatherAnswers, type WeatherReader, type WeatherReading } from "./reading";
import { fact } from "../facts";

/** Text enough to tell what kind of file it is. */
const HEAD_CHARACTERS = 4096;
/** Control characters that no table has; a file with them is not text. */
const BINARY = /[\u0000-\u0008\u000e-\u001a\u001c-\u001f]/;
const UNREADABLE = /\ufffd/g;
const MOST_UNREADABLE = 20;

/**
 * Reads a daily weather record: GHCN-Daily by its columns, anything else as a table.
 *
 * Give it the file's text in pieces of any length; nothing is thrown, and what is wrong stands in the
 * reading with the numbers of the lines.
 *
 * @param answers what the grower settled after an earlier reading asked
 */
export function weatherReader(answers: WeatherAnswers = {}): WeatherReader {
  let rest = "";
  let kind: "unknown" | "ghcn" | "csv" | "binary" = "unknown";
  const ghcn = ghcnDailyReader();
  const csv = csvReader(answers);

  const decide = (text: string): void => {
    const head = text.slice(0, HEAD_CHARACTERS);
    if (BINARY.test(head) || (head.match(UNREADABLE)?.length ?? 0) > MOST_UNREADABLE) {
      kind = "binary";
      return;
    }
    const [line = ""] = head.replace(/^\ufeff/, "").split(/\r\n|\r|\n/, 1);
    kind = isGhcnDailyLine(line) ? "ghcn" : "csv";
  };
  const isBinary = () => kind === "binary";
  const take = (whole: string): void => {
    if (whole === "") return;
    if (kind === "csv") csv.readBlock(whole);
    else for (const line of whole.split(/\r\n|\r|\n/)) ghcn.readLine(line);
  };
  return {
    push(text) {
      if (kind === "binary") return false;
      rest += text;
      if (kind === "unknown") {
        if (rest.length < HEAD_CHARACTERS) return true;
        decide(rest);
        if (isBinary()) return false;
        rest = rest.replace(/^\ufeff/, "");
      }
      const end = Math.max(rest.lastIndexOf("\n"), rest.lastIndexOf("\r", rest.length - 2));
      if (end < 0) return true;
      take(rest.slice(0, end).replace(/\r$/, ""));
      rest = rest.slice(end + 1);
      return kind !== "csv" || csv.wantsMore();
    },
    finish(): WeatherReading {
      if (kind === "unknown") {
        if (rest.trim() === "") return unusable(fact("weatherFiles.thisFileIsEmpty"), null);
        decide(rest);
        rest = rest.replace(/^\ufeff/, "");
      }
      if (isBinary()) {
        return unusable(fact("weatherFiles.thisIsNotATextFileGiveAGhcnDaily"), null);
      }
      take(rest.replace(/[\r\n]+$/, ""));
      rest = "";
      return kind === "ghcn" ? ghcn.finish() : csv.finish();
    },
  };
}

/** Whether a text begins as a daily record does, so far as its head tells. */
export function looksLikeRecord(head: string): boolean {
  const lines = linesOf(head.replace(/^\ufeff/, "")).filter((line) => !line.startsWith("#"));
  const [first = ""] = lines;
  if (isGhcnDailyLine(first)) return true;
  const { at } = columnsFrom(cellsOf(first, delimiterOf(lines)).cells);
  const isDated = at.date !== undefined || at.year !== undefined;
  return isDated && at.minTemp !== undefined && at.maxTemp !== undefined;
}

/** Reads a whole text at once. */
export function readWeather(text: string, answers: WeatherAnswers = {}): WeatherReading {
  const reader = weatherReader(answers);
  reader.push(text);
  return reader.finish();
}
