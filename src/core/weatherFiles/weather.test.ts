import { timesMore } from "../timesMore.testdata";
import { readFileSync } from "node:fs";
import fc from "fast-check";
import { addDays, dayNumber, isoDate } from "../calendar";
import { OutlookSchema, type DailyRecord } from "../climate";
import {
  readOutlookTable,
  readWeather,
  weatherReader,
  writeGhcnDaily,
  writeWeatherCsv,
} from "./index";
import { english, inEnglish } from "@/words/told.testdata";

const DLY = readFileSync("public/stations/tarnholt-mill.dly", "utf8");
const CSV = readFileSync("public/stations/tarnholt-mill.csv", "utf8");

/** A year of days as a table: a cosine of highs around `meanC`, lows ten degrees under them. */
function table(
  heading: string,
  line: (date: string, high: number, low: number, index: number) => string,
  days = 365,
  meanC = 12,
): string {
  const lines = Array.from({ length: days }, (_, index) => {
    const high = Math.round((meanC - 14 * Math.cos((2 * Math.PI * index) / 365)) * 10) / 10;
    return line(addDays("2021-01-01", index), high, Math.round((high - 10) * 10) / 10, index);
  });
  return [heading, ...lines].join("\n");
}
const dmy = (date: string) => date.split("-").reverse().join("/");
const mdy = (date: string) => `${date.slice(5, 7)}/${date.slice(8)}/${date.slice(0, 4)}`;
const lowOn = (record: DailyRecord | null, date: string) =>
  record?.minTempC[dayNumber(date) - record.firstDay];

test("the shipped station reads the same from either of its files, and goes out again as it came", () => {
  const [dly, csv] = [readWeather(DLY), readWeather(CSV)];
  expect(dly).toMatchObject({
    kind: "GHCN-Daily",
    station: "XXTARNHOLTM",
    left: [],
    questions: [],
  });
  expect(csv).toMatchObject({ kind: "CSV", station: null, left: [], questions: [], notes: [] });
  expect(dly.record).toEqual(csv.record);
  expect(dly.lows).toBe(10_958);
  if (!dly.record) throw new Error("there is a record");
  expect(writeGhcnDaily(dly.record, "XXTARNHOLTM")).toBe(DLY);
  expect(writeWeatherCsv(dly.record)).toBe(CSV);
});

test("a file read in pieces of any size is read the same", () => {
  const whole = readWeather(CSV.slice(0, 9000));
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 3000 }), { minLength: 1 }), (sizes) => {
      const reader = weatherReader();
      let at = 0;
      for (let piece = 0; at < 9000; piece += 1) {
        const next = at + (sizes[piece % sizes.length] ?? 1);
        reader.push(CSV.slice(at, Math.min(9000, next)));
        at = next;
      }
      expect(reader.finish()).toEqual(whole);
    }),
    { numRuns: 30 },
  );
});

test("what is written is what is read, gaps and all", () => {
  const tenths = (min: number, max: number) =>
    fc.option(fc.integer({ min, max }), { nil: NaN, freq: 5 }).map((value) => value / 10);
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("1890-01-01"), max: dayNumber("2030-01-01") }),
      fc.array(fc.tuple(tenths(-500, 0), tenths(1, 450), tenths(0, 900)), {
        minLength: 1,
        maxLength: 90,
      }),
      (firstDay, days) => {
        // The first and the last day must be there for the stretch to be the same.
        const whole = [[-1, 2, 0], ...days, [-1, 2, 0]] as [number, number, number][];
        const record = {
          firstDay,
          minTempC: Float32Array.from(whole, ([low]) => low),
          maxTempC: Float32Array.from(whole, ([, high]) => high),
          precipitationMm: Float32Array.from(whole, ([, , rain]) => rain),
        };
        expect(readWeather(writeGhcnDaily(record, "XXMADEUP001")).record).toEqual(record);
        expect(readWeather(writeWeatherCsv(record)).record).toEqual(record);
      },
    ),
    { numRuns: 80 },
  );
});

test.each<[string, string]>([
  ["common headings", table("Date,Max Temp,Min Temp,Rainfall", (d, h, l) => `${d},${h},${l},0`)],
  ["columns in another order", table("low;high;day", (d, h, l) => `${l};${h};${d}`)],
  [
    "a decimal comma",
    table(
      "Datum;TMIN (°C);TMAX (°C)",
      (d, h, l) => `${d};${String(l).replace(".", ",")};${String(h).replace(".", ",")}`,
    ),
  ],
  [
    "year, month and day apart",
    table("year,month,day,tmin,tmax", (d, h, l) => `${d.replaceAll("-", ",")},${l},${h}`),
  ],
  [
    "tenths",
    table(
      "DATE,TMAX,TMIN",
      (d, h, l) => `${d},${Math.round(h * 10)},${Math.round(l * 10)}`,
      365,
      18,
    ),
  ],
  ["day first", table("date,tmax,tmin", (d, h, l) => `${dmy(d)},${h},${l}`)],
  ["month first", table("date,tmax,tmin", (d, h, l) => `${mdy(d)},${h},${l}`)],
  ["no headings", table("2020-12-31,1,-9,0", (d, h, l) => `${d},${h},${l},0`)],
  [
    "tabs, quotes and a byte order mark",
    `\ufeff${table('"Date"\t"High"\t"Low"', (d, h, l) => `"${d}"\t"${h}"\t"${l}"`)}`,
  ],
  [
    "Fahrenheit by name",
    table("date,tmax_f,tmin_f", (d, h, l) => `${d},${h * 1.8 + 32},${l * 1.8 + 32}`),
  ],
])("a table with %s is read without a question", (what, text) => {
  const { record, questions, problem } = readWeather(text);
  expect(inEnglish([problem, questions])).toEqual([null, []]);
  expect(record?.minTempC).toHaveLength(what === "no headings" ? 366 : 365);
  const expected = what === "tenths" ? -6 : -12;
  expect(lowOn(record, "2021-01-01")).toBeCloseTo(expected, 3);
  expect(lowOn(record, "2021-07-02")).toBeCloseTo(expected + 28, 1);
});

test("Fahrenheit sold as Celsius is noticed and asked, and the answer counts", () => {
  const text = table("date,tmax_c,tmin_c", (d, h, l) => `${d},${h * 1.8 + 32},${l * 1.8 + 32}`);
  const asked = readWeather(text);
  expect(asked.questions[0]).toMatchObject({ id: "unit", assumed: "fahrenheit" });
  expect(english(asked.questions[0]?.words)).toMatch(/says °C, but highs of 79 are not °C/);
  expect(lowOn(asked.record, "2021-01-01")).toBeCloseTo(-12, 3);
  const insisted = readWeather(text, { unit: "celsius" });
  // As °C half the summer is no weather at all: it is left out, and said.
  expect(english(insisted.left[0]?.reason)).toMatch(/values that no weather has/);
  const cold = readWeather(table("date,tmax_f,tmin_f", (d, h, l) => `${d},${h},${l}`));
  expect(cold.questions[0]).toMatchObject({ id: "unit", assumed: "celsius" });
});

test("dates that can be read two ways are asked about only when nothing in the file tells", () => {
  const days = ["01/02/2021", "03/04/2021", "05/06/2021"];
  const text = ["date,tmax,tmin", ...days.map((day) => `${day},10,1`)].join("\n");
  const asked = readWeather(text);
  expect(asked.questions[0]).toMatchObject({ id: "dateOrder", assumed: "dayFirst" });
  expect(isoDate(asked.record?.firstDay ?? 0)).toBe("2021-02-01");
  const monthFirst = readWeather(text, { dateOrder: "monthFirst" });
  expect(isoDate(monthFirst.record?.firstDay ?? 0)).toBe("2021-01-02");
  // Days that follow one another settle it, though none is past the twelfth.
  const inRow = ["date,tmax,tmin", "03/04/2021,9,1", "03/05/2021,9,1", "03/06/2021,9,1"].join("\n");
  expect(readWeather(inRow).questions).toEqual([]);
  expect(isoDate(readWeather(inRow).record?.firstDay ?? 0)).toBe("2021-03-04");
});

test("what is left out is counted by reason, with the numbers of its lines", () => {
  const text = [
    "date,tmax,tmin,precip,tmin_attributes",
    "2021-01-01,5,-1,0.2,",
    "2021-01-01,6,-2,0,", // the day again
    "2021-01-02,1,4,0,", // low above high
    "2021-02-30,5,1,0,", // no such day
    "yesterday,5,1,0,",
    "2021-01-03,warm,1,T,",
    '2021-01-04,5,1,0,",I,S"', // failed the archive's check
    "2021-01-05,5,-9999,,",
    "2021-01-06,5,-80.5,-4,",
  ].join("\n");
  const { record, left } = readWeather(text);
  const reasons = Object.fromEntries(left.map(({ reason, lines }) => [english(reason), lines]));
  expect(reasons).toEqual({
    "lines whose date cannot be read": [6],
    "highs that are no numbers": [7],
    "lows that failed the archive's quality checks": [8],
    "lines for days that had one already (the first is kept)": [3],
    "temperatures of days whose low is above the high": [4],
    "lines whose date does not exist": [5],
    "values that no weather has": [10],
  });
  expect(lowOn(record, "2021-01-01")).toBe(-1);
  expect(lowOn(record, "2021-01-02")).toBeNaN();
  expect(lowOn(record, "2021-01-04")).toBeNaN();
});

test("GHCN-Daily: quality flags, other stations, other elements and missing values are honoured", () => {
  const value = (number: number, quality = " ") => `${String(number).padStart(5)} ${quality}S`;
  const month = (head: string, values: string[]) =>
    head + [...values, ...Array(31 - values.length).fill(value(-9999))].join("");
  const text = [
    month("XXMADEUP001202102TMIN", [value(-31), value(-52, "D"), value(-9999), value(12)]),
    month("XXMADEUP001202102TMAX", [value(40), value(51)]),
    month("XXMADEUP001202102SNWD", [value(120)]),
    month("XXMADEUP002202102TMIN", [value(10)]),
    month("XXMADEUP001202102PRCP", [value(8), value(0)]),
    "",
  ].join("\n");
  const { record, left, notes, station } = readWeather(text);
  expect(station).toBe("XXMADEUP001");
  expect([...(record?.minTempC ?? [])].map((low) => Math.round(low * 10) / 10)).toEqual([
    -3.1,
    NaN,
    NaN,
    1.2,
  ]);
  expect(record?.precipitationMm[0]).toBeCloseTo(0.8, 5);
  expect(left.map(({ reason, lines }) => [english(reason), lines])).toEqual([
    ["values that failed the archive's quality checks", [1]],
    ["lines of other stations than XXMADEUP001", [4]],
  ]);
  expect(english(notes[0])).toMatch(/SNWD/);
});

const swapped = table("date,tmin,tmax", (d, h, l) => `${d},${h},${l}`);
const hourly = table("time,tmax,tmin", (d, h, l) =>
  Array.from({ length: 4 }, (_, hour) => `${d}T0${hour}:00,${h},${l}`).join("\n"),
);
test.each<[string, string, RegExp]>([
  ["nothing", "", /empty/],
  ["a binary file", `PK\u0003\u0004${"\u0000\u0001".repeat(3000)}`, /not a text file/],
  ["a shopping list", "eggs\nflour\nbutter", /No column looks like a date or like the day's low/],
  ["no lows", "date,tmax\n2021-01-01,4", /No column looks like the day's low.*date, tmax/],
  ["swapped columns", swapped, /columns of highs and lows look swapped/],
  ["hourly lines", hourly, /hourly table/],
  ["headings alone", "date,tmax,tmin", /No line of this table has a date/],
  [
    "values that are all missing",
    "date,tmin\n2021-01-01,\n2021-01-02,NA",
    /no.*value that can be used/i,
  ],
])("%s is refused in plain words", (_what, text, words) => {
  const reading = readWeather(text);
  expect(reading.record).toBeNull();
  expect(english(reading.problem)).toMatch(words);
});

test("a table far longer than any station's is given up early, and a binary file at once", () => {
  const reader = weatherReader();
  reader.push("date,tmax,tmin\n");
  const block = `${Array(20_000).fill("2021-01-01,4,1").join("\n")}\n`;
  let blocks = 0;
  while (reader.push(block)) blocks += 1;
  expect(blocks).toBeLessThan(60);
  expect(english(reader.finish().problem)).toMatch(/more than 1,000,000 lines/);
  expect(weatherReader().push("\u0000".repeat(5000))).toBe(false);
});

test("no text whatever makes the reader fall over", () => {
  const cell = fc.oneof(
    fc.constantFrom("2021-01-01", "1/2/2021", "date", "tmin", "-9999", "12.5"),
    fc.string(),
  );
  fc.assert(
    fc.property(
      fc.array(fc.array(cell, { maxLength: 6 }), { maxLength: 30 }),
      fc.constantFrom(",", ";", "\t", "   "),
      (rows, delimiter) => {
        const reading = readWeather(rows.map((row) => row.join(delimiter)).join("\n"));
        expect(reading.record === null).toBe(reading.problem !== null);
      },
    ),
    { numRuns: timesMore(300) },
  );
});

test("an outlook is read from a table: only days to come, with the usual spread", () => {
  const today = dayNumber("2026-09-24");
  const text = [
    "date,tmax,tmin,precip",
    "2026-09-23,15,5,0",
    "2026-09-24,14,3.5,1.2",
    "2026-09-25,12,1,",
  ].join("\n");
  const read = readOutlookTable(text, "valley office", today);
  if (!read.ok) throw new Error(read.problem.code);
  expect(OutlookSchema.safeParse(read.outlook).success).toBe(true);
  expect(read.outlook.days.map(({ date, minTempC, spreadC }) => [date, minTempC, spreadC])).toEqual(
    [
      ["2026-09-24", 3.5, 1],
      ["2026-09-25", 1, expect.closeTo(1.417, 2)],
    ],
  );
  const late = readOutlookTable(text, "valley office", today + 30);
  expect(late.ok ? "" : english(late.problem)).toMatch(/2026-10-24/);
  const gap = readOutlookTable(`${text}\n2026-09-28,10,1,`, "valley office", today);
  expect(gap.ok ? "" : english(gap.problem)).toMatch(/without gaps/);
});

const HEAD = "date,tmax,tmin,precip";

test("in tenths −99 is a night like others; where it stands for nothing measured it is none", () => {
  // A winter of lows around −9.9 °C, in tenths of a degree.
  const frosty = table(HEAD, (date, high, low) => `${date},${high * 10 + 100},${low * 10},0`);
  const read = readWeather(frosty.replace(/^(2021-01-1\d,-?\d+),-?\d+,/gm, "$1,-99,"));
  expect(read.notes.map(english).join(" ")).toMatch(/tenths of a degree/);
  expect(lowOn(read.record, "2021-01-14")).toBeCloseTo(-9.9, 4);
  expect(read.lows).toBe(365);
  // Two hundred days of −99 between lows of which none comes more than a few times are a gap.
  const gaps = table(HEAD, (date, high, low, index) =>
    index % 2 === 0
      ? `${date},${high * 10 + 100},-99,0`
      : `${date},${high * 10 + 100},${low * 10},0`,
  );
  expect(readWeather(gaps).lows).toBeLessThan(190);
  // In whole degrees nobody has measured it.
  const plain = table(
    HEAD,
    (date, high, low, index) => `${date},${high},${index === 5 ? -99 : low},0`,
  );
  expect(Number.isNaN(lowOn(readWeather(plain).record, "2021-01-06"))).toBe(true);
  expect(readWeather(plain).left).toEqual([]);
});

test("a typesetter's minus is a minus: no night of frost is lost", () => {
  const plain = table(HEAD, (date, high, low) => `${date},${high},${low},0`);
  for (const minus of ["\u2212", "\u2013", "\uff0d"]) {
    const set = readWeather(plain.replace(/,-/g, `,${minus}`));
    expect(set.record).toEqual(readWeather(plain).record);
    expect(set.left).toEqual([]);
  }
});

test("a stray quotation mark swallows no line, and is told with its line", () => {
  const lines = table(HEAD, (date, high, low) => `${date},${high},${low},0`).split("\n");
  lines[40] = `"${lines[40]}`;
  const read = readWeather(lines.join("\n"));
  expect(read.lows).toBe(365);
  expect(inEnglish(read.left)).toEqual([
    { reason: expect.stringMatching(/stray quotation marks/), count: 1, lines: [41] },
  ]);
});

test("GHCN-Daily: what no weather has is left out by its line, not the thirty years with it", () => {
  const lines = DLY.split("\n");
  const put = (line: number, text: string) => {
    const old = lines[line - 1] ?? "";
    lines[line - 1] = `${old.slice(0, 21)}${text.padStart(5)}${old.slice(26)}`;
  };
  const low = lines.findIndex((line) => line.slice(17, 21) === "TMIN") + 1;
  put(low, "9999");
  put(low + 3, "5000");
  put(low + 6, "1e300");
  put(low + 9, "-9999");
  const read = readWeather(lines.join("\n"));
  expect(read.problem).toBeNull();
  expect(read.lows).toBeGreaterThan(10_900);
  expect(inEnglish(read.left)).toContainEqual({
    reason: "values that no weather has",
    count: 2,
    lines: [low, low + 3],
  });
  expect(inEnglish(read.left)).toContainEqual(
    expect.objectContaining({ reason: "values that are no numbers", lines: [low + 6] }),
  );
  expect(Math.max(...(read.record?.minTempC ?? []).filter((value) => value > -90))).toBeLessThan(
    40,
  );
});

test("GHCN-Daily: lows above highs are left out by their lines, and swapped elements are told", () => {
  const swap = (text: string) =>
    text
      .replace(/TMIN/g, "T???")
      .replace(/TMAX/g, "TMIN")
      .replace(/T\?\?\?/g, "TMAX");
  expect(english(readWeather(swap(DLY)).problem)).toMatch(/TMIN and TMAX look swapped/);
  const [first = "", ...rest] = DLY.split(/(?=XXTARNHOLTM199602)/);
  const read = readWeather([swap(first), ...rest].join(""));
  expect(read.problem).toBeNull();
  const [left] = read.left;
  expect(inEnglish(left)).toMatchObject({ reason: expect.stringMatching(/low is above the high/) });
  expect(left?.count).toBeGreaterThan(25);
  expect(left?.lines[0]).toBeGreaterThan(0);
});
