import fc from "fast-check";
import { dayNumber } from "../calendar";
import { cropLibrary, hardenedAfter, hardeningDay, hardinessRange, lt50At } from "../crops";
import { COURSE_STEPS } from "../shelter";
import { inlandSite as site } from "../plantings/tarnholt.testdata";
import { hardenedInSpell, hardeningYear } from "./hardeningYear";
import type { PartFrom } from "./coldRisk";

const HOUSE = ["greenhouse-single"];

/** The same, day by day from the first on: hardened by each day, at risk each night. */
function plainly(
  parts: readonly PartFrom[],
  covers: string[],
  startShare: number,
  fromDay: number,
  toDay: number,
): number {
  const space = site.space({ covers, horizon: [] }, parts[0]?.fromDay ?? 0);
  const year = hardeningYear(space);
  let share = startShare;
  let risk = 0;
  for (let day = parts[0]?.fromDay ?? 0; day < toDay; day += 1) {
    const place = space.dayOfYear[day - space.firstDay] ?? 0;
    const spring = year.springShare[place] ?? 0;
    const from = place * COURSE_STEPS;
    share = hardenedAfter(share, hardeningDay(space.courseC, from, COURSE_STEPS, spring));
    const part = parts.findLast((one) => one.fromDay <= day);
    if (!part || day < fromDay) continue;
    const lt50C = lt50At(part.range, hardenedInSpell(year, place, share));
    const outsideC = lt50C - (space.coldGainC[place] ?? 0);
    risk -= site.climate.logChanceNightStaysAbove(day, outsideC);
  }
  return risk;
}

test("odds of cold by sums that are kept are those of each night by itself", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...cropLibrary.values()),
      fc.constantFrom<string[]>([], HOUSE),
      fc.integer({ min: 0, max: 300 }),
      fc.integer({ min: 1, max: 200 }),
      // Both ends within the thousand days that a site looks at at once.
      fc.integer({ min: 0, max: 250 }),
      fc.integer({ min: 1, max: 200 }),
      fc.constantFrom(0, 0.3, 1),
      (crop, covers, sown, headAfter, from, length, startShare) => {
        const firstDay = dayNumber("2026-04-01") + sown;
        const air = { medium: "air", depthCm: 0 } as const;
        const whole = hardinessRange(crop, null);
        const head = { ...whole, hardenedLt50C: whole.hardenedLt50C / 2 };
        const parts: PartFrom[] = [
          { ...air, range: whole, fromDay: firstDay },
          { ...air, range: head, fromDay: firstDay + headAfter },
        ];
        const risk = site.coldRisk({ covers, horizon: [] }, firstDay, parts, startShare);
        const [fromDay, toDay] = [firstDay + from, firstDay + from + length];
        const wanted = plainly(parts, covers, startShare, fromDay, toDay);
        // What differs by less than two hundredths in hardness counts as the same: a tenth of a degree.
        const found = risk.between(fromDay, toDay);
        expect(Math.abs(Math.exp(-found) - Math.exp(-wanted))).toBeLessThan(0.005 + 0.1 * wanted);
        const taken = 0.22;
        const day = risk.dayWhen(fromDay, taken);
        if (day === null) return;
        expect(risk.between(fromDay, day)).toBeGreaterThanOrEqual(taken - 1e-6);
        expect(risk.between(fromDay, day - 1)).toBeLessThan(taken);
      },
    ),
    { numRuns: 150 },
  );
});
