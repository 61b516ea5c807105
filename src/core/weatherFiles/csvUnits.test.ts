import { columnsFrom } from "./csvColumns";
import { DateOrderEvidence, dayFrom, readRawDate } from "./csvDates";
import { unitsOf } from "./csvUnits";
import { isoDate } from "../calendar";
import { english } from "@/words/told.testdata";

const summer = (warmest: number) =>
  Array.from({ length: 365 }, (_, index) => warmest - 20 + 20 * Math.sin((index / 365) * Math.PI));
const none = { temperatureUnit: null, precipitationUnit: null } as const;

test.each([
  ["Tmin", "minTemp", null],
  ["MIN TEMP (°F)", "minTemp", "fahrenheit"],
  ["temperature_min_c", "minTemp", "celsius"],
  ["Minimum Temperature [deg C]", "minTemp", "celsius"],
  ["Low", "minTemp", null],
  ["TN (0,1 °C)", "minTemp", "tenthsCelsius"],
  ["Max. temp °C", "maxTemp", "celsius"],
  ["TX", "maxTemp", null],
  ["Daily high F", "maxTemp", "fahrenheit"],
] as const)("the heading %s is understood", (heading, kind, unit) => {
  const columns = columnsFrom(["date", heading]);
  const wanted = heading === "Daily high F" ? undefined : 1;
  expect(columns.at[kind]).toBe(wanted);
  if (wanted !== undefined) expect(columns.temperatureUnit).toBe(unit);
});

test("a day beside year and month is the day of the month; alone it is the date", () => {
  expect(columnsFrom(["year", "month", "day", "tmin"]).at).toMatchObject({
    year: 0,
    month: 1,
    day: 2,
  });
  expect(columnsFrom(["day", "tmin"]).at).toMatchObject({ date: 0, minTemp: 1 });
  expect(columnsFrom(["date", "tmin", "snow depth", "Tmin"]).unknown).toEqual([
    "snow depth",
    "Tmin",
  ]);
});

test("units come from headings, then from numbers; only a contradiction is asked about", () => {
  const metric = unitsOf(summer(31), [], none, {});
  expect([metric.temperature(20), metric.questions, metric.notes]).toEqual([20, [], []]);
  const named = unitsOf(
    summer(88),
    [0.4],
    { temperatureUnit: "fahrenheit", precipitationUnit: null },
    {},
  );
  expect(named.temperature(50)).toBeCloseTo(10, 9);
  expect(named.questions).toEqual([]);
  // Where temperatures are in °F, rain of under three is in inches.
  expect(named.precipitation(1)).toBeCloseTo(25.4, 9);
  const unnamed = unitsOf(summer(88), [], none, {});
  expect(english(unnamed.questions[0]?.words)).toMatch(/does not name a unit, but highs of 88/);
  expect(unnamed.temperature(212)).toBeCloseTo(100, 9);
  const answered = unitsOf(summer(88), [], none, { unit: "celsius" });
  expect(answered.temperature(40)).toBe(40);
  expect(answered.questions[0]?.assumed).toBe("celsius");
});

test("tenths are told by numbers that no thermometer shows, and go for the rain as well", () => {
  const highs = summer(31).map((value) => Math.round(value * 10));
  const tenths = unitsOf(highs, [12], none, {});
  expect([tenths.temperature(312), tenths.precipitation(12)]).toEqual([31.200000000000003, 1.2]);
  const inMm = unitsOf(highs, [12], { temperatureUnit: null, precipitationUnit: "mm" }, {});
  expect(inMm.precipitation(12)).toBe(12);
});

test.each([
  ["2021-03-04", "2021-03-04"],
  ["20210304", "2021-03-04"],
  ["2021/3/4", "2021-03-04"],
  ["2021-03-04T06:00", "2021-03-04"],
  ["4 Mar 2021", "2021-03-04"],
  ["04-March-2021", "2021-03-04"],
  ["04.03.2021", "2021-03-04"],
])("the date %s is read", (text, date) => {
  const raw = readRawDate(text);
  expect(raw && isoDate(dayFrom(raw, true) ?? 0)).toBe(date);
});

test.each(["", "soon", "2021", "31/12", "4 Foo 2021", "12:30"])("%j is no date", (text) => {
  expect(readRawDate(text)).toBeNull();
});

test("dates tell their own order by what cannot be, then by following one another", () => {
  const order = (texts: string[]) => {
    const evidence = new DateOrderEvidence();
    for (const text of texts) {
      const raw = readRawDate(text);
      if (raw) evidence.see(raw);
    }
    return evidence.order();
  };
  expect(order(["2021-03-04"])).toBe("dayFirst");
  expect(order(["03/04/2021", "13/04/2021"])).toBe("dayFirst");
  expect(order(["03/04/2021", "04/13/2021"])).toBe("monthFirst");
  expect(order(["03/04/2021", "04/04/2021", "05/04/2021"])).toBe("dayFirst");
  expect(order(["04/03/2021", "04/04/2021", "04/05/2021"])).toBe("monthFirst");
  expect(order(["01/02/2021", "03/04/2021"])).toBeNull();
});
