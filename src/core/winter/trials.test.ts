import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { randomStream } from "../climate";
import { inWrittenWinter, sameForWinters } from "../garden";
import { bedOf, CLOTH_IN_SHED, plantingOf, smallGarden } from "../gardenFile/small.testdata";
import { plantingState, siteFor } from "../plantings";
import { lifeOf, pairedOf, rehearsalOf, worthItems, type Rehearsal } from ".";

const fromDay = dayNumber("2026-09-24");
const asked = { fromDay, seed: 7, winters: "made", changes: [] } as const;

function rehearse(garden = smallGarden()): Rehearsal {
  const made = rehearsalOf(garden, asked);
  if (!made.ok) throw new Error(made.refusal.code);
  return made.rehearsal;
}

const numbered = (values: readonly number[]) =>
  new Map(values.map((value, winter) => [winter, value]));

test("looked at after every winter, the interval misses the truth in few of many trials", () => {
  const random = randomStream(99);
  const trueKg = 0.4;
  let missed = 0;
  for (let trial = 0; trial < 150; trial += 1) {
    const plan: number[] = [];
    const change: number[] = [];
    let isMissed = false;
    for (let winter = 0; winter < 120; winter += 1) {
      plan.push(20 + random.normal());
      change.push((plan[winter] ?? 0) + trueKg + random.normal());
      if (winter < 20 || winter % 5 > 0) continue;
      const { interval } = pairedOf(numbered(plan), numbered(change));
      if (interval[0] > trueKg || interval[1] < trueKg) isMissed = true;
    }
    if (isMissed) missed += 1;
  }
  // One in twenty is allowed to all looks together; of 150 trials that is 7.5, give or take 2.7.
  expect(missed).toBeLessThanOrEqual(13);
});

test("only winters that both went through are compared, in any order; the mean lies in its interval", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(
          fc.double({ min: 0, max: 50, noNaN: true }),
          fc.double({ min: -5, max: 5, noNaN: true }),
        ),
        {
          minLength: 2,
          maxLength: 60,
        },
      ),
      (winters) => {
        const plan = numbered(winters.map(([kg]) => kg));
        const change = new Map([...numbered(winters.map(([kg, more]) => kg + more))].reverse());
        plan.set(1000, 7);
        const { winters: count, meanKg, interval, betterIn, sameIn } = pairedOf(plan, change);
        expect(count).toBe(winters.length);
        expect(betterIn + sameIn).toBeLessThanOrEqual(count);
        expect(meanKg).toBeGreaterThanOrEqual(interval[0] - 1e-12);
        expect(meanKg).toBeLessThanOrEqual(interval[1] + 1e-12);
      },
    ),
  );
});

test("what can be left out: each cover, shelter and piece; weeks still to come; varieties", () => {
  const garden = smallGarden({
    beds: new Map([
      ["bed-1", bedOf("bed-1", { covers: ["row-cover-light"] })],
      ["bed-2", bedOf("bed-2")],
      ["bed-3", bedOf("bed-3", { shelterId: "house" })],
    ]),
    pieces: new Map([
      ["cloth", CLOTH_IN_SHED],
      ["laid", { ...CLOTH_IN_SHED, id: "laid", bedId: "bed-1" }],
    ]),
    plantings: new Map([
      ["kale", plantingOf("kale", "2026-06-10", { id: "kale", bedId: "bed-1" })],
      ["mache", plantingOf("mache", "2026-09-30", { id: "mache", bedId: "bed-3" })],
      ["more", plantingOf("mache", "2026-10-02", { id: "more", bedId: "bed-3", fromM: 4 })],
    ]),
  });
  const kinds = worthItems(garden, "covers", fromDay).map(({ what }) => what.kind);
  expect(kinds).toEqual(["shelter", "bedCover", "piece"]);
  const weeks = worthItems(garden, "weeks", fromDay);
  expect(
    weeks.map(({ what }) => what.kind === "week" && [isoDate(what.fromDay), what.plantings]),
  ).toEqual([["2026-09-28", 2]]);
  expect(worthItems(garden, "varieties", fromDay)).toHaveLength(2);
  // All of it can be rehearsed at once.
  const changes = (["covers", "weeks", "varieties"] as const).flatMap((kind) =>
    worthItems(garden, kind, fromDay).map(({ calls }) => calls),
  );
  const made = rehearsalOf(garden, { ...asked, changes });
  if (!made.ok) throw new Error(made.refusal.code);
  const [plan, ...without] = made.rehearsal.live(0);
  expect(without).toHaveLength(changes.length);
  expect(Math.min(...without.map(({ totalKg }) => totalKg))).toBeLessThan(plan?.totalKg ?? 0);
});

test("looked at in a winter, the garden goes by its weather and its log, and by nothing else of it", () => {
  const garden = smallGarden();
  const rehearsal = rehearse(garden);
  const life = lifeOf(rehearsal, 4);
  if (!life) throw new Error("a life");
  const there = inWrittenWinter(garden, life);
  const [own, site] = [siteFor(garden), siteFor(there)];
  const day = fromDay + 60;
  const { daily } = life.rehearsed;
  expect(site?.climate.minTempC(day)).toBeCloseTo(daily.minTempC[day - daily.firstDay] ?? NaN, 5);
  expect(own?.climate.minTempC(day)).not.toBe(site?.climate.minTempC(day));
  // Days that are not of that winter are as usual.
  const before = daily.firstDay - 10;
  expect(site?.climate.minTempC(before)).toBe(own?.climate.minTempC(before));
  // What is picked and lost there stands in the log of the garden that is looked at, not in the own one.
  expect(garden.logEntries.size).toBe(0);
  expect(there.logEntries.size).toBe(life.entries.length);
  const kinds = new Set(life.entries.map(({ what }) => what.kind));
  expect(kinds.has("harvested")).toBe(true);
  // A planting that comes up in that winter grows by its days, as the rehearsal had it.
  const spinach = there.plantings.get("spinach");
  const state = site && spinach && plantingState(there, site, spinach);
  const picked = life.entries.find(
    ({ what }) => what.kind === "harvested" && what.plantingId === "spinach",
  );
  expect(
    state && picked && Math.abs((state.timeline.readyDay ?? 0) - dayNumber(picked.on)),
  ).toBeLessThan(8);
});

test("winters come to the same for a garden in which something was taken back, not for another plan", () => {
  const garden = smallGarden();
  const again = { ...garden, beds: new Map([...garden.beds].map(([id, bed]) => [id, { ...bed }])) };
  expect(sameForWinters(garden, again)).toBe(true);
  expect(sameForWinters(garden, { ...garden, outlook: null, storeLots: new Map() })).toBe(true);
  expect(sameForWinters(garden, { ...garden, plantings: new Map() })).toBe(false);
});
