import { dayNumber as day } from "../calendar";
import { cropLibrary } from "../crops";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { hungryGap, springOf } from ".";

const TODAY = day("2026-09-24");
const spring = springOf(site, tarnholt, TODAY);

test("the hungry gap is the stretch of spring that lacks most, not a week in winter", () => {
  const midwinter = day("2026-12-21");
  const weeks = Array.from({ length: 30 }, (_, week) => {
    const weekOf = day("2026-12-01") + 7 * week;
    // One poor week in January; three in March; five in May, of which each lacks more.
    const lacking = new Map([
      [6, 9],
      [14, 3],
      [15, 3],
      [16, 3],
      [21, 4],
      [22, 4],
      [23, 5],
      [24, 4],
      [25, 3],
    ]);
    return { weekOf, needKg: 10, gapKg: lacking.get(week) ?? 1 };
  });
  expect(hungryGap(weeks, midwinter)).toEqual({
    fromDay: day("2026-12-01") + 7 * 21,
    untilDay: day("2026-12-01") + 7 * 26 - 1,
    shortKgAWeek: 4,
  });
  expect(
    hungryGap(
      weeks.map((week) => ({ ...week, gapKg: 1 })),
      midwinter,
    ),
  ).toBeNull();
});

test("what stands under glass wakes before its like in the open; what bolts does so after it has woken", () => {
  expect(spring.wakes.length).toBeGreaterThan(2);
  const covered = spring.wakes.filter(({ covers }) => covers.length > 0).map((one) => one.day);
  const open = spring.wakes.filter(({ covers }) => covers.length === 0).map((one) => one.day);
  expect(Math.min(...covered)).toBeLessThan(Math.min(...open));
  // At 47° north in February and March, when days are over ten hours long.
  for (const { day: wakes } of spring.wakes) {
    expect(wakes).toBeGreaterThanOrEqual(day("2027-01-10"));
    expect(wakes).toBeLessThanOrEqual(day("2027-04-25"));
  }
  for (const { plantingId, day: bolts } of spring.bolts) {
    const woken = spring.wakes.find((one) => one.plantingId === plantingId);
    if (woken) expect(bolts).toBeGreaterThan(woken.day);
  }
  for (const { day: off } of spring.uncover) expect(off).toBeGreaterThan(day("2026-12-21"));
});

test("the earliest sowings: hardy ones before tender ones, under a cover never after open ground", () => {
  const of = (id: string) => spring.earliest.find(({ cropId }) => cropId === id);
  expect(spring.earliest.length).toBeGreaterThan(5);
  for (const { sowDay, openSowDay, readyDay, cropId } of spring.earliest) {
    expect(cropLibrary.has(cropId)).toBe(true);
    if (openSowDay !== null) expect(sowDay).toBeLessThanOrEqual(openSowDay);
    expect(readyDay).toBeGreaterThan(sowDay + 20);
  }
  const [spinach, potato] = [of("spinach"), of("potato")];
  if (!spinach || !potato) throw new Error("both are sown in spring");
  expect(spinach.sowDay).toBeLessThan(potato.sowDay);
  // Under covers from late January, in the open about when the ground can be worked.
  expect(spinach.sowDay).toBeLessThan(day("2027-03-10"));
  expect(potato.openSowDay ?? potato.sowDay).toBeGreaterThan(day("2027-03-10"));
});

test("ground that is planned for spring is free by then, and who stands there is named", () => {
  for (const { byDay, next, standing } of spring.makeWay) {
    expect(byDay).toBeGreaterThanOrEqual(day("2026-12-21"));
    expect(next).not.toBe(standing);
  }
});
