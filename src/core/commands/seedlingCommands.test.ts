import commons from "../gardenFile/commons.testdata.json";
import { cropLibrary } from "../crops";
import { commands, type CommandName } from "./registry";
import { cropsOf, inverse, withChanges, type Garden } from "../garden";
import { fromGardenFile, toGardenFile, type GardenFile } from "../gardenFile";
import { english, inEnglish } from "@/words/told.testdata";

const tarnholt = fromGardenFile(commons as GardenFile);
const today = "2026-09-24";

/** Applies a command that must work, and checks that undo takes all of it back. */
function done(garden: Garden, name: CommandName, input: unknown): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(`${name}: ${english(outcome.refusal)} (${outcome.path})`);
  const undone = withChanges(outcome.garden, inverse(outcome.changes));
  expect(toGardenFile(undone)).toEqual(toGardenFile(garden));
  return outcome.garden;
}

function refused(garden: Garden, name: CommandName, input: unknown) {
  const outcome = commands[name].apply(garden, input);
  if (outcome.ok) throw new Error(`${name} was not refused`);
  return outcome;
}

const spinach = cropLibrary.get("spinach");
if (!spinach) throw new Error("spinach is in the library");
const ours = {
  id: "our-spinach",
  copiedFrom: "spinach",
  crop: { ...spinach, id: "our-spinach", name: "Spinach of ours" },
};

describe("a crop of one's own", () => {
  const withOurs = done(tarnholt, "ownCrop.set", ours);

  test("grows like any other, in its place among the names", () => {
    const names = [...cropsOf(withOurs).values()].map(({ name }) => name);
    expect(names).toContain("Spinach of ours");
    expect([...names].sort()).toEqual(names);
    const planted = done(withOurs, "planting.edit", { id: "planting-07", cropId: "our-spinach" });
    expect(planted.plantings.get("planting-07")?.cropId).toBe("our-spinach");
  });

  test("is refused where its values are absurd, with the field", () => {
    const soft = { ...ours.crop, hardiness: { ...ours.crop.hardiness, hardenedLt50C: -2 } };
    expect(inEnglish(refused(tarnholt, "ownCrop.set", { ...ours, crop: soft }))).toMatchObject({
      path: "crop.hardiness.hardenedLt50C",
      refusal: expect.stringMatching(/A hardened crop survives more cold/),
    });
    const crowded = { ...ours.crop, spacing: { rowCm: 0, inRowCm: 5 } };
    expect(refused(tarnholt, "ownCrop.set", { ...ours, crop: crowded }).path).toBe(
      "crop.spacing.rowCm",
    );
    const twin = { ...ours, id: "other", crop: { ...ours.crop, id: "other", name: "SPINACH" } };
    expect(english(refused(tarnholt, "ownCrop.set", twin).refusal)).toMatch(
      /already a crop called Spinach/,
    );
  });

  test("in use it does not go by itself; with another in its place it does, everywhere", () => {
    const inUse = done(
      done(withOurs, "planting.edit", { id: "planting-07", cropId: "our-spinach" }),
      "seedLot.set",
      {
        today,
        lot: {
          ...(commons.seedLots[0] as object),
          id: "lot-x",
          cropId: "our-spinach",
          varietyId: "winter",
        },
      },
    );
    expect(english(refused(inUse, "ownCrop.remove", { id: "our-spinach" }).refusal)).toBe(
      "Spinach of ours is used by 1 planting and 1 seed lot: choose another for those, or remove them first.",
    );
    const stored = done(withOurs, "store.set", {
      id: "store-ours",
      cropId: "our-spinach",
      varietyId: null,
      place: "freezer",
      since: today,
      grams: 900,
      plantingId: null,
      note: "",
    });
    expect(english(refused(stored, "ownCrop.remove", { id: "our-spinach" }).refusal)).toBe(
      "Spinach of ours is used by 1 thing in store: choose another for those, or remove them first.",
    );
    const replaced = done(inUse, "ownCrop.remove", {
      id: "our-spinach",
      replaceBy: { cropId: "radish", varietyId: "round-red" },
    });
    expect(replaced.ownCrops.size).toBe(0);
    expect(replaced.plantings.get("planting-07")).toMatchObject({
      cropId: "radish",
      method: "direct",
      stage: "full",
    });
    expect(replaced.seedLots.get("lot-x")).toMatchObject({ cropId: "radish" });
    expect(
      english(
        refused(inUse, "ownCrop.remove", {
          id: "our-spinach",
          replaceBy: { cropId: "our-spinach", varietyId: "winter" },
        }).refusal,
      ),
    ).toMatch(/choose another/);
  });

  test("a variety of one's own is kept, grown, and taken out the same way", () => {
    const own = {
      id: "own-dark",
      cropId: "kale",
      variety: {
        id: "own-dark",
        name: "dark, saved here",
        packetDays: 58,
        packetBasis: "transplanting",
      },
    };
    const kept = done(tarnholt, "ownVariety.set", own);
    expect(cropsOf(kept).get("kale")?.varieties.at(-1)?.name).toBe("dark, saved here");
    const grown = done(kept, "planting.edit", { id: "planting-03", varietyId: "own-dark" });
    expect(english(refused(grown, "ownVariety.remove", { id: "own-dark" }).refusal)).toMatch(
      /used by 1 planting/,
    );
    const gone = done(grown, "ownVariety.remove", {
      id: "own-dark",
      replaceBy: { cropId: "kale", varietyId: "curly" },
    });
    expect(gone.plantings.get("planting-03")?.varietyId).toBe("curly");
    const quick = { ...own, variety: { ...own.variety, packetDays: 3 } };
    expect(english(refused(tarnholt, "ownVariety.set", quick).refusal)).toMatch(
      /cannot be ready before/,
    );
  });
});

describe("the seed box", () => {
  const lot = commons.seedLots.find(({ id }) => id === "lot-06"); // 120 claytonia seeds

  test("refuses seed from the future and tests that do not add up", () => {
    expect(
      inEnglish(refused(tarnholt, "seedLot.set", { today, lot: { ...lot, packedYear: 2031 } })),
    ).toMatchObject({
      path: "lot.packedYear",
      refusal: "Seed packed for 2031 cannot be here yet: give a year up to 2027.",
    });
    expect(
      english(
        refused(tarnholt, "seedLot.set", { today: "2026-03-01", lot: { ...lot, packedYear: 2027 } })
          .refusal,
      ),
    ).toMatch(/up to 2026/);
    const test = { seeds: 10, sprouted: 12, testedOn: today };
    expect(
      english(
        refused(tarnholt, "seedLot.set", { today, lot: { ...lot, germinationTest: test } }).refusal,
      ),
    ).toMatch(/More germinated than were tested/);
    const ahead = { seeds: 10, sprouted: 2, testedOn: "2026-12-01" };
    expect(
      english(
        refused(tarnholt, "seedLot.set", { today, lot: { ...lot, germinationTest: ahead } })
          .refusal,
      ),
    ).toMatch(/in the future/);
  });

  test("a lot that goes is forgotten by the trays it was sown into, and nothing else is", () => {
    const gone = done(tarnholt, "seedLot.remove", { id: "lot-02" });
    expect(gone.trays.get("tray-1")?.sowings[0]).toMatchObject({ lotId: null, cropId: "lettuce" });
  });
});

describe("a tray", () => {
  const empty = done(tarnholt, "tray.add", {
    ...(commons.trays[0] as object),
    id: "tray-9",
    name: "Tray 9",
    columns: 6,
    rows: 12,
    sowings: [],
  });
  const sowing = {
    id: "sowing-9",
    cropId: "claytonia",
    varietyId: "common",
    lotId: "lot-06",
    plantingId: "planting-30",
    cells: Array.from({ length: 24 }, (_, cell) => cell),
    seedsPerCell: 2,
    sownOn: "2026-09-25",
    labelled: true,
  };

  test("sown, it takes the seed from the packet and the plan's date along", () => {
    const sown = done(empty, "tray.sow", { trayId: "tray-9", sowing });
    expect(sown.seedLots.get("lot-06")?.amount.value).toBe(120 - 48);
    expect(sown.plantings.get("planting-30")?.sowOn).toBe("2026-09-25");
    expect(
      english(
        refused(sown, "planting.moveSowing", { id: "planting-30", sowOn: "2026-10-01" }).refusal,
      ),
    ).toBe("Already sown on 25 September, in Tray 9: it cannot be moved.");
    const removed = done(sown, "planting.remove", { id: "planting-30" });
    expect(removed.trays.get("tray-9")?.sowings[0]?.plantingId).toBeNull();
  });

  test("more seed than there is is refused with what would do, and sown if told so", () => {
    const thick = { ...sowing, cells: Array.from({ length: 72 }, (_, cell) => cell) };
    expect(english(refused(empty, "tray.sow", { trayId: "tray-9", sowing: thick }).refusal)).toBe(
      "The packet holds 120 seeds and this takes 144: sow 60 cells, or fewer seeds a cell, or correct the packet.",
    );
    const sown = done(empty, "tray.sow", { trayId: "tray-9", sowing: thick, evenIfShort: true });
    expect(sown.seedLots.get("lot-06")?.amount.value).toBe(0);
  });

  test("over-filled, sown with the wrong seed, or for another crop's planting, it is refused", () => {
    const over = { ...sowing, cells: [70, 71, 72, 73] };
    expect(english(refused(empty, "tray.sow", { trayId: "tray-9", sowing: over }).refusal)).toMatch(
      /2 of these do not fit/,
    );
    expect(
      refused(empty, "tray.sow", { trayId: "tray-9", sowing: { ...sowing, lotId: "lot-01" } }).path,
    ).toBe("sowing.lotId");
    expect(
      english(
        refused(empty, "tray.sow", {
          trayId: "tray-9",
          sowing: { ...sowing, plantingId: "planting-01" },
        }).refusal,
      ),
    ).toMatch(/not of that crop/);
    expect(
      english(
        refused(empty, "tray.sow", { trayId: "tray-9", sowing: { ...sowing, seedsPerCell: 0 } })
          .refusal,
      ),
    ).toMatch(/At least one seed/);
  });

  test("a bench with trays on it stays until they are moved", () => {
    expect(english(refused(tarnholt, "stand.remove", { id: "bench" }).refusal)).toMatch(
      /Onion clusters, Hardy greens stand there/,
    );
    const gone = done(tarnholt, "stand.remove", { id: "mat" });
    expect(gone.stands.has("mat")).toBe(false);
  });
});

test("a succession moves in one step, and goes with its last sowing", () => {
  const ids = ["planting-34", "planting-35", "planting-36", "planting-37"];
  const moved = done(tarnholt, "succession.move", {
    moves: ids.map((id, index) => ({ id, sowOn: `2027-03-${10 + index}` })),
  });
  expect(ids.map((id) => moved.plantings.get(id)?.sowOn)).toEqual([
    "2027-03-10",
    "2027-03-11",
    "2027-03-12",
    "2027-03-13",
  ]);
  const gone = ids.reduce((garden, id) => done(garden, "planting.remove", { id }), tarnholt);
  expect(gone.successions.size).toBe(0);
  const lone = commons.plantings.find(({ id }) => id === "planting-34");
  expect(
    english(
      refused(tarnholt, "succession.add", {
        succession: { id: "new", rule: "growth", interval: 5 },
        plantings: [lone, { ...lone, id: "x", successionId: "nowhere" }],
      }).refusal,
    ),
  ).toMatch(/no longer in the garden/);
});
