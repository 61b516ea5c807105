import Papa from "papaparse";
import type { LogEntry } from "../log";
import { tarnholt, tarnholtSite } from "../plantings/tarnholt.testdata";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";
import { writeLogCsv } from "./logTable";
import { writePlantingsCsv } from "./tables";

const WORDS = fileWords(plainWording());

describe("spreadsheets of a garden in feet and inches", () => {
  const imperial = { ...tarnholt, settings: { ...tarnholt.settings, units: "imperial" as const } };

  test("plantings have their lengths in feet and inches and seed in ounces, named so", () => {
    const rows = (of: typeof tarnholt) =>
      Papa.parse<Record<string, string>>(writePlantingsCsv(tarnholtSite, of), { header: true });
    const [metric, feet] = [rows(tarnholt), rows(imperial)];
    expect(feet.meta.fields).toEqual(
      metric.meta.fields?.map((field) =>
        field.replace(/_m$/, "_ft").replace(/_cm$/, "_in").replace(/_g$/, "_oz"),
      ),
    );
    metric.data.forEach((row, index) => {
      const other = feet.data[index] ?? {};
      expect(Number(other.length_ft)).toBeCloseTo(Number(row.length_m) / 0.3048, 2);
      expect(Number(other.row_in)).toBeCloseTo(Number(row.row_cm) / 2.54, 2);
      expect(other.plants).toBe(row.plants);
      expect(other.ready_on).toBe(row.ready_on);
    });
  });

  test("the log weighs in ounces and reads Fahrenheit", () => {
    const entry = (id: string, what: LogEntry["what"]): [string, LogEntry] => [
      id,
      { id, on: "2026-11-02", taskId: null, note: "", what },
    ];
    const logEntries = new Map([entry("a", { kind: "temperature", under: null, tempC: -5 })]);
    const csv = writeLogCsv({ ...imperial, logEntries, thermometerDays: new Map() }, WORDS);
    const [row] = Papa.parse<Record<string, string>>(csv, { header: true }).data;
    expect(row?.outside_temp_f).toBe("23");
    expect(csv).toMatch(/weight_oz/);
  });
});
