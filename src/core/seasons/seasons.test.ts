import { dayNumber } from "../calendar";
import { commands, type CommandName } from "../commands";
import { smallGarden, plantingOf, bedOf, inCellar } from "../gardenFile/small.testdata";
import { toGardenFile } from "../gardenFile";
import { changesBetween, inverse, withChanges, type Garden } from "../garden";
import { familiesByYear } from "../bedSpace";
import type { LogEntry, Logged } from "../log";
import { plantingState, siteFor } from "../plantings";
import { comparedIn, nextSeason, reviewOf, seasonToClose, suggestionsFrom } from "./index";

const entry = (id: string, on: string, what: Logged): LogEntry => ({
  id,
  on,
  taskId: null,
  what,
  note: "",
});
const picked = (plantingId: string, grams: number | null, isLast = false): Logged => ({
  kind: "harvested",
  plantingId,
  grams,
  count: null,
  isLast,
});

/** A season's log: kale late and eaten by caterpillars, spinach frozen, carrots into the cellar, lettuce left. */
function livedGarden(): Garden {
  const entries = [
    entry("a1", "2026-06-14", { kind: "sown", plantingId: "kale", lotId: null, seeds: null }),
    entry("a2", "2026-09-20", { kind: "lost", plantingId: "kale", cause: "insects", share: 0.5 }),
    entry("a3", "2026-10-05", picked("kale", 1500)),
    entry("a4", "2027-03-01", picked("kale", 2500, true)),
    entry("b1", "2026-08-20", { kind: "sown", plantingId: "spinach", lotId: null, seeds: null }),
    entry("b2", "2026-11-10", picked("spinach", 900)),
    entry("b3", "2027-01-09", { kind: "lost", plantingId: "spinach", cause: "frost", share: 1 }),
    entry("c1", "2026-07-05", { kind: "sown", plantingId: "carrot", lotId: null, seeds: null }),
    entry("c2", "2026-10-25", picked("carrot", 8000, true)),
    entry("d1", "2026-09-01", { kind: "sown", plantingId: "lettuce", lotId: null, seeds: null }),
    entry("d2", "2027-05-20", { kind: "cleared", plantingId: "lettuce" }),
    entry("e1", "2026-12-24", { kind: "temperature", under: null, tempC: -9 }),
    entry("f1", "2027-03-20", {
      kind: "taken",
      storeLotId: "lot-carrot",
      grams: 3000,
      why: "rotted",
    }),
    entry("g1", "2027-06-01", { kind: "seen", plantingId: "garlic", bedId: null, pestId: null }),
  ];
  const garden = smallGarden();
  const garlic = plantingOf("garlic", "2026-10-15", { id: "garlic", bedId: "bed-1", fromM: 4 });
  const store = { ...inCellar("carrot", 6000, "2026-10-25"), plantingId: "carrot" };
  return {
    ...garden,
    plantings: new Map([...garden.plantings, ["garlic", garlic]]),
    logEntries: new Map(entries.map((one) => [one.id, one])),
    storeLots: new Map([[store.id, store]]),
  };
}

function done(garden: Garden, name: CommandName, input: unknown): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.refusal));
  return outcome.garden;
}

const lived = livedGarden();
const site = siteFor(lived);
if (!site) throw new Error("the garden has a place");
const closed = done(lived, "season.close", { on: "2027-06-10" });
const kept = closed.keptSeasons.get("season-2026");
if (!kept) throw new Error("the season is kept");

describe("closing a season", () => {
  it("keeps what is over whole, and lets go on what stands, with its log and the store", () => {
    expect(kept.plantings.map(({ planting }) => planting.id)).toEqual([
      "kale",
      "spinach",
      "carrot",
      "lettuce",
    ]);
    expect([...closed.plantings.keys()]).toEqual(["garlic"]);
    expect([...closed.logEntries.keys()].sort()).toEqual(["f1", "g1"]);
    expect(kept.entries).toHaveLength(12);
    // Half of the carrots still lie in the cellar: no longer told whence they came.
    expect(closed.storeLots.get("lot-carrot")?.plantingId).toBeNull();
    expect(kept.closedOn).toBe("2027-06-10");
    expect([kept.fromOn, kept.untilOn]).toEqual(["2026-06-21", "2027-06-20"]);
  });

  it("is taken back whole, and its file reads as it was", () => {
    const back = withChanges(closed, inverse(changesBetween(lived, closed)));
    expect(toGardenFile(back)).toEqual(toGardenFile(lived));
  });

  it("refuses a second season of one year, and a garden in which nothing is over", () => {
    const again = commands["season.close"].apply(closed, { on: "2027-06-12" });
    expect(again).toMatchObject({
      ok: false,
      refusal: { code: "commands.nothingOfItIsOverAfter" },
    });
    const fresh = commands["season.close"].apply(smallGarden(), { on: "2026-08-01" });
    expect(fresh).toMatchObject({ ok: false, refusal: { code: "commands.nothingIsOverYet" } });
    expect(seasonToClose(site, closed, dayNumber("2027-06-12"))).toBeNull();
  });

  it("changes by nothing that is learned later", () => {
    const before = comparedIn(kept);
    const learned = done(closed, "ownNumber.setMany", {
      numbers: [
        {
          id: "own-growth-crop-kale",
          what: "growth",
          about: { kind: "crop", id: "kale" },
          value: 0.7,
          entries: 4,
          weight: 0.7,
          on: "2027-06-10",
          used: true,
        },
      ],
    });
    const after = learned.keptSeasons.get("season-2026");
    expect(after).toBe(kept);
    expect(comparedIn(after ?? kept)).toEqual(before);
    // The same crop sown anew does go by it.
    const planting = plantingOf("kale", "2027-06-10", { id: "new", bedId: "bed-2" });
    const ready = (garden: Garden) => plantingState(garden, site, planting)?.timeline.readyDay ?? 0;
    expect(ready(learned)).toBeGreaterThan(ready(closed) + 5);
  });

  it("lets beds show their years, and rotation mind them", () => {
    const bed = closed.beds.get("bed-1");
    if (!bed) throw new Error("there is a bed");
    expect(familiesByYear(closed, bed)).toContainEqual({
      year: 2026,
      families: ["Amaryllidaceae", "Brassicaceae"],
    });
  });
});

describe("a season on one page", () => {
  const review = reviewOf(site, kept, closed);

  it("tells what was late, lost, left and rotted, with what it cost", () => {
    expect(review.plantings).toBe(4);
    expect(review.harvestedG).toBe(12_900);
    const late = review.late.find((one) => one.kept.planting.id === "kale");
    expect(late?.sownLateDays).toBe(4);
    expect((late?.sownLateDays ?? 0) + (late?.slowerDays ?? 0)).toBe(late?.days);
    expect(review.lost.map(({ cause }) => cause).sort()).toEqual(["frost", "insects"]);
    const kaleUsualG = kept.plantings[0]?.usualG ?? 0;
    expect(review.lost.find(({ cause }) => cause === "insects")?.grams).toBeCloseTo(kaleUsualG / 2);
    expect(review.neverPicked.map(({ planting }) => planting.id)).toEqual(["lettuce"]);
    expect(review.rotted).toEqual([{ cropId: "carrot", grams: 3000 }]);
  });

  it("puts what differed most first", () => {
    const rows = comparedIn(kept);
    expect(rows.map(({ plantingId }) => plantingId).at(-1)).toBe("carrot");
    expect(rows.find(({ plantingId }) => plantingId === "lettuce")?.isNeverPicked).toBe(true);
  });

  it("suggests a net for what insects ate, cover for what froze, less of what nobody picked", () => {
    const found = suggestionsFrom(site, closed, kept, review, []);
    const of = (id: string) =>
      found.flatMap((one) =>
        one.kind === "wish" && one.wish.plantingId === id ? [one.wish.change] : [],
      );
    expect(of("kale")).toEqual([{ kind: "netted" }]);
    expect(of("spinach")).toEqual([{ kind: "underCover", bedId: "bed-3" }]);
    expect(of("lettuce")).toEqual([{ kind: "less", share: 0.5 }]);
  });
});

describe("the next season", () => {
  const day = dayNumber("2027-06-12");
  const wished = [
    { plantingId: "spinach", change: { kind: "underCover", bedId: "bed-3" } },
    { plantingId: "lettuce", change: { kind: "less", share: 0.5 } },
    { plantingId: "carrot", change: { kind: "sooner", days: 10 } },
  ].reduce(
    (garden, wish) => done(garden, "season.wish", { seasonId: "season-2026", ...wish }),
    closed,
  );
  const next = nextSeason(site, wished, wished.keptSeasons.get("season-2026") ?? kept, day);
  const draft = (id: string) => next.plantings.find(({ before }) => before.planting.id === id);

  it("comes a year on, in other beds, as was wished", () => {
    expect(draft("carrot")?.planting).toMatchObject({ sowOn: "2027-06-25" });
    expect(draft("spinach")?.planting).toMatchObject({ bedId: "bed-3", sowOn: "2027-08-20" });
    expect(draft("lettuce")?.planting).toMatchObject({ lengthM: 2 });
    // Its day of this year is past: it comes on the next.
    expect(draft("kale")?.planting).toMatchObject({ bedId: "bed-2", sowOn: "2028-06-10" });
  });

  it("stands on no ground that is taken, and begins as one step", () => {
    const plantings = next.plantings.filter(({ comes }) => comes).map(({ planting }) => planting);
    expect(plantings.map(({ id }) => id).sort()).toEqual([
      "s2027-carrot",
      "s2027-kale",
      "s2027-lettuce",
      "s2027-spinach",
    ]);
    const begun = done(wished, "season.begin", { plantings, rests: [], successions: [] });
    expect(begun.plantings.size).toBe(5);
    const twice = commands["season.begin"].apply(begun, { plantings, rests: [], successions: [] });
    expect(twice).toMatchObject({
      ok: false,
      refusal: { code: "commands.thisSeasonHasBegunAlready" },
    });
  });

  it("sows what grows slowly here sooner, so that it comes when it was planned", () => {
    const slow = done(wished, "ownNumber.setMany", {
      numbers: [
        {
          id: "own-growth-garden",
          what: "growth",
          about: { kind: "garden" },
          value: 0.8,
          entries: 20,
          weight: 0.8,
          on: "2027-06-10",
          used: true,
        },
      ],
    });
    const found = nextSeason(site, slow, kept, day);
    const spinach = found.plantings.find(({ before }) => before.planting.id === "spinach");
    expect(spinach?.notes).toContain("learned");
    expect(spinach?.soonerDays).toBeGreaterThan(3);
    const life = spinach && plantingState(slow, site, spinach.planting);
    const planned = kept.plantings[1]?.planned.readyOn ?? "";
    expect(Math.abs((life?.timeline.readyDay ?? 0) - dayNumber(planned) - 365)).toBeLessThan(4);
  });

  it("moves a rested section on within its bed, and a whole bed's rest to the next", () => {
    const rest = {
      fromOn: "2026-09-20",
      untilOn: "2027-04-10",
      under: { kind: "mulch", mulchId: "straw", depthCm: 10 },
    } as const;
    const rests = [
      { id: "section", bedId: "bed-1", fromM: 0, lengthM: 2, ...rest },
      { id: "whole", bedId: "bed-1", fromM: 0, lengthM: 8, ...rest },
    ];
    const with2 = {
      ...wished,
      plantings: new Map(),
      beds: new Map([...wished.beds, ["bed-4", bedOf("bed-4")]]),
    };
    const found = nextSeason(site, with2, { ...kept, plantings: [], rests }, day);
    expect(found.rests[0]?.rest).toMatchObject({ bedId: "bed-1", fromM: 2, fromOn: "2027-09-20" });
    expect(found.rests[1]?.rest.bedId).toBe("bed-2");
  });
});
