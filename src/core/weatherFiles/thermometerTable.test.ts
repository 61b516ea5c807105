import { readThermometerTable } from "./index";
import { english, inEnglish } from "@/words/told.testdata";

const november = () => -1;
const read = (text: string, unit: "celsius" | "fahrenheit" = "celsius") =>
  readThermometerTable(text, november, unit);

test("a line a day: lows and highs of both sides, decimal commas and empty highs too", () => {
  const table = [
    "Date;Inside min (°C);Inside max (°C);Outside min (°C);Outside max (°C)",
    "2026-11-10;1,5;12;-2,5;6",
    "2026-11-11;0;;-4;5",
  ].join("\n");
  expect(read(table)).toMatchObject({
    problem: null,
    notes: [],
    days: [
      { on: "2026-11-10", insideMinC: 1.5, insideMaxC: 12, outsideMinC: -2.5, outsideMaxC: 6 },
      { on: "2026-11-11", insideMinC: 0, insideMaxC: null, outsideMinC: -4, outsideMaxC: 5 },
    ],
  });
});

test("Fahrenheit is known by its heading, and noticed without one where °C could not be", () => {
  const headed = "date,inside low °F,outside low °F\n2026-11-10,33.8,28.4";
  expect(read(headed).days[0]).toMatchObject({ insideMinC: 1, outsideMinC: -2 });
  const bare = "date,inside_min,outside_min\n2026-11-10,33.8,28.4\n2026-11-11,35.6,26.6";
  const noticed = read(bare);
  expect(noticed.days[0]?.outsideMinC).toBeCloseTo(-2, 6);
  expect(noticed.notes.map(english).join(" ")).toMatch(/read as °F: as °C they would be far/);
  // Where the garden is in °F, plain numbers are taken so without a word.
  expect(read(bare, "fahrenheit")).toMatchObject({ notes: [] });
});

test("a logger's table gives nights, and says what it left out", () => {
  const lines = ["time,inside,outside"];
  for (let day = 10; day < 13; day += 1) {
    for (let hour = 0; hour < 24; hour += 1) {
      if (day === 12 && hour < 7) continue;
      const cold = Math.cos(((hour - 6) / 12) * Math.PI);
      const at = `2026-11-${day} ${String(hour).padStart(2, "0")}:00`;
      lines.push(`${at},${(4 - 4 * cold).toFixed(1)},${(1 - 5 * cold).toFixed(1)}`);
    }
  }
  const { days, left } = read(lines.join("\n"));
  expect(days).toMatchObject([{ on: "2026-11-11", insideMinC: 0, outsideMinC: -4 }]);
  expect(left).toMatchObject([{ count: 1, dates: ["2026-11-12"] }]);
});

test.each([
  ["", /There is no table/],
  ["a,b\n1,2", /no column for the date/],
  ["date,inside_min\n2026-11-10,1", /temperatures of both sides/],
  ["date,inside_min,outside_min\nyesterday,1,2", /the date could not be read/],
  ["date,inside_min,outside_min\n2026-11-10,warm,cold", /No line of it has a date and both/],
])("what cannot be used says why: %j", (text, words) => {
  expect(inEnglish(read(text))).toMatchObject({ days: [], problem: expect.stringMatching(words) });
});

test("what no thermometer shows, swapped highs and lows and stray quotation marks are told, and harm no other day", () => {
  const table = [
    "date;inside min °C;inside max °C;outside min °C",
    "2026-11-10;\u22121,5;12,375;-4",
    "2026-11-11;999;12;-4",
    "2026-11-12;12;1;-4",
    '"2026-11-13;2;9;-3',
  ].join("\n");
  const found = read(table);
  expect(found.days.map(({ on }) => on)).toEqual(["2026-11-10", "2026-11-13"]);
  expect(found.days[0]).toMatchObject({ insideMinC: -1.5, insideMaxC: 12.375 });
  expect(found.left.map(({ reason, dates }) => [english(reason), dates])).toEqual([
    [expect.stringMatching(/no thermometer in a garden shows/), ["2026-11-11"]],
    [expect.stringMatching(/highest lies below the lowest/), ["2026-11-12"]],
  ]);
});
