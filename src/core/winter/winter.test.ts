import { dayNumber, dayOfYear, isoDate } from "../calendar";
import { dailyRecordOf } from "../climate";
import { isFact } from "../facts";
import type { Garden, Planting } from "../garden";
import {
  bedOf,
  CLOTH_IN_SHED,
  plantingOf,
  SMALL_PLACE,
  smallGarden,
} from "../gardenFile/small.testdata";
import { hardeningYear } from "../growth";
import { plantingStates, siteFor } from "../plantings";
import { tarnholt, tarnholtSite } from "../plantings/tarnholt.testdata";
import { nightUnder, soilMeansC, usualYear } from "../shelter";
import {
  CAUSES,
  joined,
  rehearsalOf,
  reportOf,
  shardOf,
  sourceFor,
  Tally,
  type Rehearsal,
  type RehearsalAsked,
  type WinterOutcome,
} from ".";
import { PieceGains } from "./pieceGains";
import { winterDays } from "./winterSource";
import { winterSpan } from "./winterSpan";
import { usualWinter } from "./winter.testdata";

const asked: RehearsalAsked = {
  fromDay: dayNumber("2026-09-24"),
  seed: 7,
  winters: "made",
  changes: [],
};

function rehearse(garden: Garden, more: Partial<RehearsalAsked> = {}): Rehearsal {
  const made = rehearsalOf(garden, { ...asked, ...more });
  if (!made.ok) throw new Error(JSON.stringify(made.refusal));
  return made.rehearsal;
}

function wintersOf(rehearsal: Rehearsal, count: number): WinterOutcome[][] {
  return rehearsal.liveAll(0, count);
}

function growing(...plantings: readonly Planting[]): Garden {
  return smallGarden({ plantings: new Map(plantings.map((one) => [one.id, one])) });
}

test("fed the usual year, air, soil, light and hardiness are those of the plan", () => {
  const rehearsal = rehearse(tarnholt);
  const { span, air } = rehearsal;
  rehearsal.liveIn(usualWinter(tarnholtSite.climate, span));
  for (const { spot, ...there } of air.spots) {
    if (spot.indoors) continue;
    const { space } = spot;
    const year = usualYear(tarnholtSite.climate, space.covers);
    const { established } = hardeningYear(space);
    const soilC = soilMeansC(space);
    const off = { lowC: 0, meanC: 0, soilC: 0, light: 0, hard: 0 };
    let hard = established[dayOfYear(span.firstDay) - 1] ?? 0;
    let days = 0;
    for (let day = 0; day < span.days; day += 1) {
      const place = dayOfYear(span.firstDay + day) - 1;
      const at = day; // the space's own days are counted from elsewhere
      hard = (there.drawsTo[at] ?? 0) + (there.leaves[at] ?? 1) * hard;
      // From closed up to wide open a winter goes by its days, the usual year by degrees.
      const isBetween = (air.weather.openness[day] ?? 0) > 0;
      if (isBetween || day < 30) continue;
      days += 1;
      const course = space.courseC.subarray(place * 12, place * 12 + 12);
      const meanC = course.reduce((sum, c) => sum + c, 0) / 12;
      off.meanC += (there.meanC[at] ?? 0) - meanC;
      off.lowC += (there.minC[at] ?? 0) - (year.minTempC[place] ?? 0);
      off.soilC += (there.soilC[at] ?? 0) - (soilC[place] ?? 0);
      off.light +=
        (there.dliMol[at] ?? 0) / (space.dliMol[space.firstIndexOf[place] ?? 0] ?? 1) - 1;
      off.hard += hard - (established[place] ?? 0);
    }
    for (const [of, most] of [
      [off.meanC, 0.3],
      [off.lowC, 0.4],
      [off.soilC, 0.5],
      [off.light, 0.03],
      [off.hard, 0.03],
    ] as const) {
      expect(Math.abs(of / days)).toBeLessThan(most);
    }
  }
});

test("fed the usual year, every planting is ready within days of the plan, and none is killed", () => {
  const rehearsal = rehearse(tarnholt);
  const [outcome] = rehearsal.liveIn(usualWinter(tarnholtSite.climate, rehearsal.span));
  const off = (rehearsal.gardens[0]?.lives ?? []).flatMap(({ planting: { state } }, at) => {
    const { readyDay } = state.timeline;
    const first = outcome?.firstDay[at] ?? 0;
    if (readyDay === null || readyDay <= asked.fromDay || readyDay >= rehearsal.span.untilDay - 7) {
      return [];
    }
    return [{ name: `${state.name} ${state.planting.sowOn}`, days: first - readyDay }];
  });
  expect(off.length).toBeGreaterThan(15);
  expect(off.filter(({ days }) => Math.abs(days) > 7)).toEqual([]);
  const mean = off.reduce((sum, { days }) => sum + Math.abs(days), 0) / off.length;
  expect(mean).toBeLessThan(3);
  const lost = [...(outcome?.lostBy ?? [])].map((code) => CAUSES[code]);
  expect(lost).not.toContain("cold");
});

test("winters kill as often as the plan says they do", () => {
  const site = siteFor(smallGarden());
  // Sown to be caught by cold at every stage: tender and hardy, early and late.
  const garden = growing(
    plantingOf("lettuce", "2026-08-25", { id: "lettuce", bedId: "bed-1" }),
    plantingOf("radish", "2026-09-20", { id: "radish", bedId: "bed-1", fromM: 4 }),
    plantingOf("spinach", "2026-09-01", { id: "spinach", bedId: "bed-2" }),
    plantingOf("pak-choi", "2026-09-05", { id: "pak-choi", bedId: "bed-2", fromM: 4 }),
    plantingOf("lettuce", "2026-09-20", { id: "housed", bedId: "bed-3" }),
    plantingOf("mache", "2026-09-10", { id: "mache", bedId: "bed-3", fromM: 4 }),
  );
  const rehearsal = rehearse(garden, { fromDay: dayNumber("2026-08-20") });
  const states = site ? plantingStates(garden, site) : [];
  const winters = 100;
  const killedIn = states.map(() => 0);
  for (let winter = 0; winter < winters; winter += 1) {
    const deadShare = states.map(() => 0);
    rehearsal.tell(winter, {
      killed: (at, day, share) => {
        const { readyDay } = states[at]?.timeline ?? {};
        if (readyDay && day >= readyDay) return;
        const before = deadShare[at] ?? 0;
        deadShare[at] = before + share;
        if (before < 0.5 && before + share >= 0.5) killedIn[at] = (killedIn[at] ?? 0) + 1;
      },
    });
  }
  // Until the day of its first picking in a usual year, which is what the plan's chance is about. Two
  // standard errors of a hundred winters are a tenth at most.
  const off = states.map(({ name, timeline }, at) => ({
    name,
    by: Math.abs((killedIn[at] ?? 0) / winters - (timeline.lossBeforeReady ?? 0)),
  }));
  expect(off.filter(({ by }) => by > 0.12)).toEqual([]);
});

test("made winters have the frosts of the record that they are made from", () => {
  const { record } = tarnholt;
  if (!record) throw new Error("a record");
  const span = winterSpan(tarnholtSite.climate, dayNumber("2026-07-01"));
  const recorded = sourceFor(tarnholt, "recorded", 1);
  if (!recorded.ok) throw new Error("a source");
  const firstFrosts = (source: typeof recorded.source, count: number) =>
    Array.from({ length: count }, (_, winter) => {
      const { minTempC } = winterDays(tarnholtSite.climate, source, winter, span);
      return minTempC.findIndex((low, day) => day > 30 && low <= 0);
    }).sort((a, b) => a - b);
  const made = firstFrosts({ kind: "made", seed: 3 }, 400);
  const known = firstFrosts(recorded.source, recorded.count);
  const at = (days: readonly number[], share: number) =>
    days[Math.floor(share * days.length)] ?? NaN;
  for (const share of [0.2, 0.5, 0.8]) {
    expect(Math.abs(at(made, share) - at(known, share))).toBeLessThanOrEqual(4);
  }
  const coldest = (source: typeof recorded.source, count: number) =>
    Array.from({ length: count }, (_, winter) =>
      winterDays(tarnholtSite.climate, source, winter, span).minTempC.reduce((a, b) =>
        Math.min(a, b),
      ),
    ).sort((a, b) => a - b);
  const madeLows = coldest({ kind: "made", seed: 3 }, 200);
  const knownLows = coldest(recorded.source, recorded.count);
  for (const share of [0.2, 0.5, 0.8]) {
    expect(Math.abs(at(madeLows, share) - at(knownLows, share))).toBeLessThan(2.5);
  }
  expect(dailyRecordOf(record).minTempC.length).toBeGreaterThan(10_000);
});

test("a plan against itself differs by nothing, and a winter is the same alone or among others", () => {
  const itself = { ...asked, changes: [[{ name: "garden.rename", input: { name: "Again" } }]] };
  const rehearsal = rehearse(smallGarden(), itself);
  const shard = shardOf(rehearsal, smallGarden(), itself, 0, 25);
  const { paired } = reportOf(shard);
  expect(paired).toMatchObject({ betterIn: 0, sameIn: 25, meanKg: 0, verdict: "same" });
  expect(paired?.interval.map(Math.abs)).toEqual([0, 0]);
  const parts = [
    [17, 25],
    [0, 4],
    [4, 17],
  ].map(([from = 0, to = 0]) => {
    const alone = rehearse(smallGarden(), itself);
    return JSON.parse(JSON.stringify(shardOf(alone, smallGarden(), itself, from, to)));
  });
  // Alone a winter is reckoned by another program than in a pair.
  const byItself = rehearse(smallGarden(), itself);
  expect(rehearsal.liveAll(3, 5)).toEqual([byItself.live(3), byItself.live(4)]);
  const whole = joined(parts);
  expect(whole.ok && JSON.stringify(whole.shard)).toBe(JSON.stringify(shard));
  // On another day of the same season winter 3 has the same weather from there on.
  const later = rehearse(smallGarden(), { fromDay: asked.fromDay + 20 });
  later.live(3);
  rehearsal.live(3);
  const lows = rehearsal.air.weather.daily.minTempC;
  expect([...later.air.weather.daily.minTempC]).toEqual([...lows.subarray(20)]);
});

test("covers never hurt on average, and a house saves more than it costs in light", () => {
  const site = siteFor(smallGarden());
  if (!site) throw new Error("a place");
  const tender = growing(
    plantingOf("lettuce", "2026-08-28", { id: "lettuce", bedId: "bed-1" }),
    plantingOf("spinach", "2026-09-05", { id: "spinach", bedId: "bed-2" }),
    plantingOf("lettuce", "2026-09-08", { id: "housed", bedId: "bed-3" }),
  );
  const covered = (bedId: string, covers: string[]) => ({
    name: "bed.cover",
    input: { beds: [bedId], covers },
  });
  const { shelters } = tender;
  const bare = {
    ...tender,
    shelters: new Map([...shelters].map(([id, one]) => [id, { ...one, covers: [] }])),
  };
  const changes = [
    [covered("bed-1", ["row-cover-light"])],
    [covered("bed-2", ["low-tunnel-film"])],
  ];
  const rehearsal = rehearse(tender, { changes });
  const withoutHouse = rehearse(bare);
  const outcomes = wintersOf(rehearsal, 20);
  const total = (at: number) =>
    outcomes.reduce((sum, one) => sum + (one[at]?.totalKg ?? 0), 0) / 20;
  const open =
    wintersOf(withoutHouse, 20).reduce((sum, [one]) => sum + (one?.totalKg ?? 0), 0) / 20;
  expect(total(1)).toBeGreaterThan(total(0));
  expect(total(2)).toBeGreaterThan(total(0));
  expect(total(0)).toBeGreaterThan(open);
});

test("a cloth in the shed goes on by tonight's rule, and saves what would freeze", () => {
  const lettuce = growing(plantingOf("lettuce", "2026-08-25", { id: "lettuce", bedId: "bed-1" }));
  const withCloth = { ...lettuce, pieces: new Map([["cloth", CLOTH_IN_SHED]]) };
  const without = wintersOf(rehearse(lettuce), 24);
  const clothed = wintersOf(rehearse(withCloth), 24);
  const mean = (of: readonly WinterOutcome[][], what: "totalKg" | "coverNights") =>
    of.reduce((sum, [one]) => sum + (one?.[what] ?? 0), 0) / of.length;
  expect(mean(without, "coverNights")).toBe(0);
  expect(mean(clothed, "coverNights")).toBeGreaterThan(0.2);
  expect(mean(clothed, "totalKg")).toBeGreaterThan(mean(without, "totalKg"));
});

test("the table of what a piece adds is the balance's, within a few tenths on any night", () => {
  const day = dayNumber("2026-12-21");
  const gains = new PieceGains(46, day);
  const house = { covers: ["greenhouse-single"], structure: {} };
  for (const [minTempC, cloudShare, windMps] of [
    [-7, 0.2, 1],
    [-14, 0, 2],
    [-2, 0.9, 2.5],
    [1, 0.5, 1.5],
  ] as const) {
    const night = { latitudeDeg: 46, day, milderBeforeC: 2, minTempC, maxTempC: minTempC + 8 };
    const under = (covers: string[]) =>
      nightUnder(covers, { ...night, cloudShare, windMps }).crop.minC;
    const addsC = under(["greenhouse-single", "row-cover-heavy"]) - under(["greenhouse-single"]);
    expect(
      Math.abs(gains.on(house, "row-cover-heavy", { minTempC, cloudShare, windMps }) - addsC),
    ).toBeLessThan(0.35);
  }
});

test.each([
  ["cold", plantingOf("tomato", "2026-08-20", { id: "one", bedId: "bed-1" })],
  [
    "dark",
    plantingOf("spinach", "2026-10-10", { id: "one", bedId: "bed-3", clearOn: "2027-02-01" }),
  ],
  ["bolting", plantingOf("brussels-sprouts", "2026-09-05", { id: "one", bedId: "bed-3" })],
  ["tooLate", plantingOf("garlic", "2027-05-20", { id: "one", bedId: "bed-2" })],
] as const)("what ends it is told: %s", (cause, planting) => {
  const outcomes = wintersOf(rehearse(growing(planting)), 12);
  const lost = outcomes.map(([one]) => CAUSES[one?.lostBy[0] ?? 0]);
  expect(lost.filter((one) => one === cause).length).toBeGreaterThan(6);
});

test("what is asked for badly is refused in a fact that says why", () => {
  const refusalOf = (garden: Garden, more: Partial<RehearsalAsked> = {}) => {
    const made = rehearsalOf(garden, { ...asked, ...more });
    return made.ok ? null : made.refusal;
  };
  expect(refusalOf({ ...smallGarden(), place: null })?.code).toBe("winter.noPlace");
  expect(refusalOf(growing())?.code).toBe("winter.nothingGrows");
  expect(refusalOf(smallGarden(), { winters: "recorded" })?.code).toBe("winter.noRecord");
  const { record } = tarnholt;
  if (!record) throw new Error("a record");
  const days = 760;
  const short = {
    ...record,
    minTempTenthsC: record.minTempTenthsC.slice(0, days),
    maxTempTenthsC: record.maxTempTenthsC.slice(0, days),
    precipitationTenthsMm: record.precipitationTenthsMm.slice(0, days),
  };
  const few = refusalOf({ ...tarnholt, record: short }, { winters: "recorded" });
  expect(few && isFact(few, "winter.fewWintersOnRecord") && few.count).toBeLessThanOrEqual(2);
  const changes = [[{ name: "planting.remove", input: { plantingId: "no-such" } }]];
  expect(refusalOf(smallGarden(), { changes })).toMatchObject({
    code: "commands.stepRefused",
    place: 1,
  });
  expect(refusalOf(smallGarden(), { changes: [[{ name: "bed.fly", input: {} }]] })).toMatchObject({
    code: "commands.noSuchCommand",
  });
  // A garden without shelters is rehearsed as it is.
  const open = growing(plantingOf("kale", "2026-06-10", { id: "kale", bedId: "bed-1" }));
  expect(
    refusalOf({ ...open, shelters: new Map(), beds: new Map([["bed-1", bedOf("bed-1")]]) }),
  ).toBeNull();
});

test("parts of other rehearsals, twice the same winter and missing ones are told apart", () => {
  const part = (from: number, to: number, seed = 7) =>
    shardOf(rehearse(smallGarden(), { seed }), smallGarden(), { ...asked, seed }, from, to);
  const code = (parts: ReturnType<typeof part>[]) => {
    const whole = joined(parts);
    return whole.ok ? null : whole.refusal;
  };
  expect(code([part(0, 2), part(2, 3, 8)])?.code).toBe("winter.otherRehearsal");
  expect(code([part(0, 2), part(1, 3)])).toMatchObject({ code: "winter.winterTwice", winter: 2 });
  expect(code([part(0, 2), part(4, 5)])).toMatchObject({ from: 3, to: 4 });
});

test("in the south winter comes in July, and the report tells weeks, tenths and three winters", () => {
  const south = { ...SMALL_PLACE, latitudeDeg: -41 };
  const garden = {
    ...growing(plantingOf("spinach", "2027-03-01", { id: "one", bedId: "bed-1" })),
    place: south,
  };
  const place = {
    ...south,
    climate: south.climate && {
      ...south.climate,
      frost: { kind: "dates" as const, medianFirst: "04-20", medianLast: "10-20" },
    },
  };
  const rehearsal = rehearse({ ...garden, place }, { fromDay: dayNumber("2027-02-20") });
  const tally = new Tally(["one"], rehearsal.span);
  for (const [outcome] of wintersOf(rehearsal, 20)) if (outcome) tally.add(outcome);
  const { told, weeks, plantings } = tally.report();
  expect(told && told.cold.coldestC <= told.middling.coldestC).toBe(true);
  expect(told && told.middling.coldestC <= told.kind.coldestC).toBe(true);
  expect(weeks.every(({ kg }) => kg.p10 <= kg.p50 && kg.p50 <= kg.p90)).toBe(true);
  const first = plantings[0]?.first.p50 ?? 0;
  expect(isoDate(first) > "2027-04-01" && isoDate(first) < "2027-12-01").toBe(true);
});
