import { dayNumber } from "../calendar";
import { daysFromSeries, withoutStuckDays, type Point } from "./index";
import { english, inEnglish } from "@/words/told.testdata";

const DAY = dayNumber("2026-11-10");
/** A reading every half hour over days: coldest at six in the morning. */
function series(days: number, tempAt: (hour: number, day: number) => number | null): Point[] {
  const points: Point[] = [];
  for (let day = 0; day < days; day += 1) {
    for (let half = 0; half < 48; half += 1) {
      const tempC = tempAt(half / 2, day);
      if (tempC !== null) points.push({ atMin: ((DAY + day) * 48 + half) * 30, tempC });
    }
  }
  return points;
}
const wave = (mean: number, swing: number) => (hour: number) =>
  mean - swing * Math.cos(((hour - 6) / 12) * Math.PI);

test("the night's low and the day's high of both sides, for whole nights alone", () => {
  const { days, left } = daysFromSeries(series(4, wave(4, 5)), series(4, wave(1, 6)));
  expect(left).toEqual([]);
  // The first night began before the log; the last day is whole.
  expect(days.map(({ on }) => on)).toEqual(["2026-11-11", "2026-11-12", "2026-11-13"]);
  for (const day of days) {
    expect(day).toMatchObject({ insideMinC: -1, outsideMinC: -5, insideMaxC: 9, outsideMaxC: 7 });
  }
});

test("a night with a gap, a stuck sensor and a side that is missing are left out and told", () => {
  const outside = series(4, wave(1, 6));
  const gappy = series(4, (hour, day) =>
    day === 2 && hour > 1 && hour < 8 ? null : wave(4, 5)(hour),
  );
  expect(inEnglish(daysFromSeries(gappy, outside))).toMatchObject({
    days: [{ on: "2026-11-11" }, { on: "2026-11-13" }],
    left: [
      { reason: expect.stringMatching(/gap of more than three hours/), dates: ["2026-11-12"] },
    ],
  });
  const stuck = series(4, () => 3.5);
  expect(inEnglish(daysFromSeries(stuck, outside))).toMatchObject({
    days: [],
    left: [{ reason: expect.stringMatching(/one value all night/), count: 3 }],
  });
  expect(english(daysFromSeries([], outside).left[0]?.reason)).toMatch(/one side only/);
});

test("the same low for days while it changed outside is a stuck thermometer; in steady weather it is not", () => {
  const day = (index: number, insideMinC: number, outsideMinC: number) => ({
    on: `2026-11-1${index}`,
    insideMinC,
    outsideMinC,
    insideMaxC: null,
    outsideMaxC: null,
  });
  const moving = [day(0, 2, -1), day(1, 4, -2), day(2, 4, 1), day(3, 4, -4), day(4, 1, -3)];
  const read = withoutStuckDays(moving);
  expect(read.days.map(({ on }) => on)).toEqual(["2026-11-10", "2026-11-14"]);
  expect(read.left).toMatchObject([{ count: 3 }]);
  const steady = [day(1, 4, 1), day(2, 4, 1.2), day(3, 4, 0.8)];
  expect(withoutStuckDays(steady).days).toHaveLength(3);
});
