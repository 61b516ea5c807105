import { type Garden, type Planting } from "../garden";
import type { LogEntry } from "../log";
import {
  expectedDay,
  gardenWith,
  livedThrough,
  madeUpGrower,
  smallSite,
  sownIn,
  type MadeUpGrower,
} from "./growers.testdata";
import { learn, type LearnedNumber } from "./index";

/** A garden after some seasons of a grower with known truth. */
function after(grower: MadeUpGrower, years: readonly number[]): Garden {
  const plantings: Planting[] = [];
  const entries: LogEntry[] = [];
  for (const year of years) {
    const yearLog = 0.06 * grower.random.normal();
    for (const planting of sownIn(year)) {
      plantings.push(planting);
      entries.push(...livedThrough(grower, planting, yearLog).entries);
    }
  }
  return gardenWith(plantings, entries);
}

/** The garden with every number of the record taken over. */
function goingByAll(garden: Garden, numbers: readonly LearnedNumber[]): Garden {
  return {
    ...garden,
    ownNumbers: new Map(
      numbers.map(({ id, what, about, value, weight, seen }) => [
        id,
        { id, what, about, value, weight, entries: seen.length, on: "2026-06-20", used: true },
      ]),
    ),
  };
}

const GROWERS = Array.from({ length: 120 }, (_, at) => 1 + at);

describe("numbers from a grower's record", () => {
  it.each([
    ["two", [2024, 2025]],
    ["five", [2021, 2022, 2023, 2024, 2025]],
  ])("hold the truth after %s seasons as often as they say: 8 times in 10", (_name, years) => {
    const growers = GROWERS.map((seed) => {
      const grower = madeUpGrower(seed);
      return { grower, numbers: learn(smallSite, after(grower, years)) };
    });
    const held = new Map<string, { inside: number; all: number }>();
    for (const { grower, numbers } of growers) {
      const { truth } = grower;
      for (const { what, about, valueLow, valueHigh } of numbers) {
        const id = about.kind === "garden" ? "" : about.id;
        const log =
          about.kind === "garden"
            ? truth.garden
            : about.kind === "bed"
              ? truth.beds.get(id)
              : { growth: truth.crops, emergence: truth.emergence, yield: truth.yields }[
                  what as "growth"
                ]?.get(id);
        if (log === undefined) continue;
        const true_ = Math.exp(log);
        const key = `${what} ${about.kind}`;
        const count = held.get(key) ?? { inside: 0, all: 0 };
        count.all += 1;
        if (true_ >= valueLow && true_ <= valueHigh) count.inside += 1;
        held.set(key, count);
      }
    }
    expect([...held.keys()].sort()).toEqual([
      "emergence crop",
      "growth bed",
      "growth crop",
      "growth garden",
      "yield crop",
    ]);
    for (const [key, { inside, all }] of held) {
      // Three standard deviations of a count of eight in ten, and growers share one year's luck.
      const reach = 3 * Math.sqrt((0.8 * 0.2) / all) + 0.03;
      const share = inside / all;
      expect({ key, isHeld: Math.abs(share - 0.8) < reach, share }).toEqual({
        key,
        isHeld: true,
        share,
      });
    }
  });

  it("tell next season's first pickings better by a third and more", () => {
    const missed = (seasons: readonly number[]) => {
      let [byLibrary, byOwn, count] = [0, 0, 0];
      for (const seed of GROWERS) {
        const grower = madeUpGrower(1000 + seed);
        const garden = after(grower, seasons);
        const own = goingByAll(garden, learn(smallSite, garden));
        for (const planting of sownIn(2026)) {
          // The next season's weather strays like any other's.
          const { readyDay } = livedThrough(grower, planting, 0.06 * grower.random.normal());
          const [library, learned] = [expectedDay(garden, planting), expectedDay(own, planting)];
          if (readyDay === null || library === null || learned === null) continue;
          byLibrary += Math.abs(readyDay - library);
          byOwn += Math.abs(readyDay - learned);
          count += 1;
        }
      }
      return { before: byLibrary / count, now: byOwn / count };
    };
    const lines = [2, 3, 5].map((count) => {
      const { before, now } = missed(Array.from({ length: count }, (_, at) => 2025 - at));
      return { count, before, now, better: 1 - now / before };
    });
    process.stdout.write(
      lines
        .map(
          ({ count, before, now, better }) =>
            `after ${count} seasons the next one's first pickings are missed by ${now.toFixed(1)} days instead of ${before.toFixed(1)}: ${(100 * better).toFixed(0)} % better\n`,
        )
        .join(""),
    );
    expect(lines.every(({ better }) => better > 1 / 3)).toBe(true);
  });
});
