import { seasonOf, dayNumber } from "@/core/calendar";
import { FROST_HEIGHT, hoursWords, ribbonShapes, type RibbonSeason } from "./ribbonShape";

const season = seasonOf(47, dayNumber("2026-09-24"));
const days = season.endDay - season.startDay + 1;
const [LEFT, RIGHT, BOTTOM] = [10, 375, 84];

function ribbon(some: Partial<RibbonSeason> = {}): RibbonSeason {
  return {
    season,
    dayLengthsH: new Float64Array(days).fill(12),
    frostChances: new Float64Array(days).fill(0.5),
    shortDays: { fromDay: season.midwinterDay - 10, toDay: season.midwinterDay + 10 },
    shortDayHours: 10,
    frostDay: null,
    frostWords: "",
    bedSun: null,
    nights: null,
    knownUntil: null,
    ...some,
  };
}

const points = (path: string) => {
  const numbers = [...path.matchAll(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g)].map((match) =>
    Number(match[0]),
  );
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, index) => ({
    x: numbers[2 * index] ?? NaN,
    y: numbers[2 * index + 1] ?? NaN,
  }));
};

test("twelve hours fill half the ribbon, even odds half the frost band, over the whole season", () => {
  const shapes = ribbonShapes(ribbon(), LEFT, RIGHT, BOTTOM);
  const light = points(shapes.light);
  expect(Math.min(...light.map(({ y }) => y))).toBeCloseTo(BOTTOM / 2, 6);
  expect(Math.max(...light.map(({ y }) => y))).toBeCloseTo(BOTTOM, 6);
  expect(Math.min(...light.map(({ x }) => x))).toBeCloseTo(LEFT, 6);
  expect(Math.max(...light.map(({ x }) => x))).toBeCloseTo(RIGHT, 6);
  expect(points(shapes.frostEdge).every(({ y }) => y === FROST_HEIGHT / 2)).toBe(true);
});

test("short days are ash only where they are, and none where there are none", () => {
  const short = points(ribbonShapes(ribbon(), LEFT, RIGHT, BOTTOM).short);
  const width = Math.max(...short.map(({ x }) => x)) - Math.min(...short.map(({ x }) => x));
  expect(width).toBeCloseTo((20 / (days - 1)) * (RIGHT - LEFT), 2);
  expect(ribbonShapes(ribbon({ shortDays: null }), LEFT, RIGHT, BOTTOM).short).toBe("");
});

test("a bed's direct sun is washed over the light, never above it", () => {
  expect(ribbonShapes(ribbon(), LEFT, RIGHT, BOTTOM).sun).toBe("");
  const weeks = Array.from({ length: 53 }, (_, index) => ({
    firstDay: season.startDay + 7 * index,
    directSunH: 4 + (index % 9),
  }));
  const sun = points(
    ribbonShapes(ribbon({ bedSun: { bedName: "Bed 1", weeks } }), LEFT, RIGHT, BOTTOM).sun,
  );
  expect(sun.length).toBeGreaterThan(100);
  expect(Math.min(...sun.map(({ y }) => y))).toBeGreaterThanOrEqual(BOTTOM / 2 - 1e-6);
  expect(Math.max(...sun.map(({ x }) => x))).toBeLessThanOrEqual(RIGHT + 1e-6);
});

test("hours are told in hours and minutes", () => {
  expect(hoursWords(8.475)).toBe("8 h 29 min");
  expect(hoursWords(0)).toBe("0 h 0 min");
});
