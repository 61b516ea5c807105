import { dayNumber, isoDate } from "../calendar";
import { commands } from "../commands";
import { cropLibrary } from "../crops";
import { bedOf, plantingOf, smallGarden } from "../gardenFile/small.testdata";
import type { Garden, Planting, SeedPlan } from "../garden";
import { plantingState, siteFor } from "../plantings";
import { tasksOn } from "../tasks";
import seedSavingJson from "@data/seedSaving.json";
import sourcesJson from "@data/sources.json";
import { crossingsOf, floweringOf, seedSavingOf, seedSteps, speciesOf } from "./index";

const crop = (id: string) => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(`no crop ${id}`);
  return found;
};

const planOf = (plantingId: string, some: Partial<SeedPlan> = {}): SeedPlan => ({
  id: `seed-${plantingId}`,
  plantingId,
  plants: 3,
  isolation: "distance",
  winter: "stands",
  harvestedOn: null,
  lotId: null,
  note: "",
  ...some,
});

function gardenOf(plantings: Planting[], plans: SeedPlan[] = []): Garden {
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    new Map(list.map((one) => [one.id, one]));
  return smallGarden({
    plantings: byId(plantings),
    seedPlans: byId(plans),
    beds: byId([bedOf("bed-1"), bedOf("bed-2"), bedOf("bed-3")]),
  });
}

const kale = plantingOf("kale", "2026-06-20", { id: "kale", bedId: "bed-1" });
const sprouts = plantingOf("broccoli-sprouting", "2026-06-10", { id: "sprouts", bedId: "bed-2" });
const lettuce = plantingOf("lettuce", "2026-04-10", { id: "lettuce", bedId: "bed-3" });
const carrot = plantingOf("carrot", "2026-06-25", { id: "carrot", bedId: "bed-2" });
const site = siteFor(gardenOf([]));
if (!site) throw new Error("the garden has a place");
const stateIn = (garden: Garden, planting: Planting) => {
  const state = plantingState(garden, site, planting);
  if (!state) throw new Error("it grows");
  return state;
};

describe("how seed is saved", () => {
  it("has a source for each number, and names species of the library", () => {
    const species = new Set([...cropLibrary.values()].map(speciesOf));
    expect(seedSavingJson.rows.filter((row) => !species.has(row.species))).toEqual([]);
    const { sources, ...parts } = seedSavingJson;
    expect(Object.keys(sources).sort()).toEqual(Object.keys(parts).sort());
    for (const source of Object.values(sources)) expect(source in sourcesJson).toBe(true);
  });

  it.each([
    ["spinach", { pollination: "wind", plants: 20, isolationM: 1000 }],
    ["bush-bean", { pollination: "self", plants: 8 }],
    ["leek", { life: "biennial", plants: 20 }],
    ["claytonia", { selfSows: true }],
  ])("of %s is as extension services say", (id, expected) => {
    expect(seedSavingOf(crop(id))).toMatchObject(expected);
  });

  it("is not told of what is grown from pieces, or as shoots", () => {
    for (const id of ["garlic", "potato", "pea-shoots", "forced-beet"]) {
      expect(seedSavingOf(crop(id))).toBeNull();
    }
  });

  it("goes by species: all cabbages are one, beet and chard are one, turnip is not cabbage", () => {
    expect(speciesOf(crop("kale"))).toBe(speciesOf(crop("broccoli-sprouting")));
    expect(speciesOf(crop("beet"))).toBe(speciesOf(crop("chard")));
    expect(speciesOf(crop("turnip"))).not.toBe(speciesOf(crop("kale")));
  });
});

describe("flowering and crossing", () => {
  it("biennials flower in the spring after, lettuce in its summer", () => {
    const garden = gardenOf([kale, lettuce]);
    const flowers = (planting: Planting) =>
      isoDate(floweringOf(site, stateIn(garden, planting), { winter: "stands" })?.fromDay ?? 0);
    expect(flowers(kale) > "2027-03-15" && flowers(kale) < "2027-06-15").toBe(true);
    expect(flowers(lettuce) > "2026-06-01" && flowers(lettuce) < "2026-09-15").toBe(true);
  });

  it("names what is in flower here at the same time and of the same species, and nothing else", () => {
    const garden = gardenOf([kale, sprouts, carrot], [planOf("kale")]);
    const found = crossingsOf(site, garden, stateIn(garden, kale));
    expect(found.map(({ plantingId }) => plantingId)).toEqual(["sprouts"]);
    expect(found[0]?.fromDay).toBeLessThan(found[0]?.untilDay ?? 0);
    // What pollinates itself is not told of others.
    const two = gardenOf([
      lettuce,
      { ...lettuce, id: "other", varietyId: "romaine", bedId: "bed-1" },
    ]);
    expect(crossingsOf(site, two, stateIn(two, lettuce))).toEqual([]);
  });
});

describe("from the bed to the box", () => {
  it("lifted roots are stored, set out in spring, cut in summer, and tested", () => {
    const plan = planOf("carrot", { plants: 20, winter: "lifted", isolation: "cage" });
    const garden = gardenOf([carrot], [plan]);
    const steps = seedSteps(site, stateIn(garden, carrot), plan);
    expect(steps.map(({ what }) => what)).toEqual([
      "mark",
      "lift",
      "setOut",
      "isolate",
      "cut",
      "dry",
      "test",
    ]);
    const on = (what: string) => isoDate(steps.find((step) => step.what === what)?.day ?? 0);
    expect(on("lift") > "2026-10-01" && on("lift") < "2026-12-10").toBe(true);
    expect(on("setOut") > "2027-03-15" && on("setOut") < "2027-05-10").toBe(true);
    expect(on("cut") > "2027-07-15" && on("cut") < "2027-10-01").toBe(true);
  });

  it("asks for each step on its days, with what may cross", () => {
    const plan = planOf("kale", { plants: 12, isolation: "cage" });
    const garden = gardenOf([kale, sprouts], [plan]);
    const cage = seedSteps(site, stateIn(garden, kale), plan).find(
      ({ what }) => what === "isolate",
    );
    const tasks = tasksOn(site, garden, cage?.day ?? 0).filter(
      ({ plantingId }) => plantingId === "kale",
    );
    const task = tasks.find(({ kind }) => kind === "cageForSeed");
    expect(task?.more).toContainEqual(expect.objectContaining({ code: "tasks.crossesHereWith" }));
    const cut = {
      ...garden,
      seedPlans: new Map([[plan.id, { ...plan, harvestedOn: "2027-07-20" }]]),
    };
    const later = tasksOn(site, cut, dayNumber("2027-08-16")).map(({ kind }) => kind);
    expect(later).toContain("cleanSeed");
    expect(later).not.toContain("cutSeed");
  });

  it("becomes a lot of the box with its plan, as one step", () => {
    const garden = gardenOf([lettuce], [planOf("lettuce", { harvestedOn: "2026-08-20" })]);
    const lot = {
      id: "own-lettuce",
      cropId: "lettuce",
      varietyId: "looseleaf",
      packedYear: 2026,
      amount: { unit: "grams", value: 12 },
      germinationTest: { seeds: 50, sprouted: 46, testedOn: "2026-09-20" },
      treated: false,
      note: "Own seed",
    };
    const outcome = commands["seedPlan.box"].apply(garden, { id: "seed-lettuce", lot });
    if (!outcome.ok) throw new Error("it is taken");
    expect(outcome.garden.seedLots.get("own-lettuce")?.amount.value).toBe(12);
    expect(outcome.garden.seedPlans.get("seed-lettuce")?.lotId).toBe("own-lettuce");
  });

  it("is refused of garlic, of more plants than stand, and cut before it was sown", () => {
    const garlic = plantingOf("garlic", "2026-10-10", { id: "garlic", bedId: "bed-1" });
    const garden = gardenOf([kale, garlic]);
    const refusal = (plan: SeedPlan) => {
      const outcome = commands["seedPlan.set"].apply(garden, plan);
      return outcome.ok ? null : outcome.refusal.code;
    };
    expect(refusal(planOf("garlic"))).toBe("commands.noSeedOfThis");
    expect(refusal(planOf("kale", { plants: 900 }))).toBe("commands.soManyDoNotStand");
    expect(refusal(planOf("kale", { harvestedOn: "2026-06-01" }))).toBe(
      "commands.cutBeforeItWasSown",
    );
    expect(refusal(planOf("gone"))).toBe("commands.thisPlantingIsNoLongerInTheGarden");
    expect(refusal(planOf("kale"))).toBeNull();
    // Taken out, the planting takes its plan with it.
    const kept = commands["seedPlan.set"].apply(garden, planOf("kale"));
    const without = kept.ok && commands["planting.remove"].apply(kept.garden, { id: "kale" });
    expect(without && without.ok && without.garden.seedPlans.size).toBe(0);
  });
});
