import fc from "fast-check";
import { benchDayWorth, cropLibrary, packetEmergenceDays, type Crop } from "../crops";
import { requirement, seedlingDays, standingPacketDays, usualBoughtAgeDays } from "./requirement";

const crop = (id: string): Crop => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(`No crop ${id}`);
  return found;
};
const varietyOf = (of: Crop, basis?: Crop["varieties"][number]["packetBasis"]) => {
  const found = of.varieties.find(({ packetBasis }) => !basis || packetBasis === basis);
  if (!found) throw new Error(`No variety of ${of.id} by ${basis}`);
  return found;
};
const anyVariety = fc
  .constantFrom(...cropLibrary.values())
  .chain((of) => fc.constantFrom(...of.varieties.map((variety) => ({ of, variety }))));

test("a packet that counts from sowing says what a direct sowing needs; coming up is told apart", () => {
  fc.assert(
    fc.property(anyVariety, ({ of, variety }) => {
      const { totalPacketDays, bedPacketDays, emergencePacketDays } = requirement(
        of,
        variety,
        "direct",
      );
      if (variety.packetBasis === "sowing") expect(totalPacketDays).toBe(variety.packetDays);
      if (variety.packetBasis === "emergence") expect(bedPacketDays).toBe(variety.packetDays);
      expect(bedPacketDays).toBeCloseTo(Math.max(1, totalPacketDays - emergencePacketDays), 9);
      expect(emergencePacketDays).toBe(packetEmergenceDays(of));
    }),
  );
});

test("a packet that counts from transplanting has the shock of the move in it, and no seedling weeks", () => {
  const broccoli = crop("broccoli");
  const variety = varietyOf(broccoli, "transplanting");
  const moved = requirement(broccoli, variety, "transplant");
  expect(moved.bedPacketDays).toBeCloseTo(variety.packetDays, 9);
  expect(moved.shockPacketDays).toBe(0);
  expect(moved.benchDays).toBe(seedlingDays(broccoli));
  // Sown where it stands, it needs what the bench would have given it besides.
  const direct = requirement(broccoli, variety, "direct");
  expect(direct.totalPacketDays).toBeCloseTo(
    variety.packetDays + seedlingDays(broccoli) * benchDayWorth(broccoli),
    9,
  );
});

test("plants that are bought older are ready sooner, up to those that have waited in their pots", () => {
  fc.assert(
    fc.property(anyVariety, fc.integer({ min: 0, max: 200 }), ({ of, variety }, age) => {
      const needs = (days: number) =>
        requirement(of, variety, "transplant", "full", days).bedPacketDays;
      expect(needs(age + 7)).toBeLessThanOrEqual(needs(age));
      const usual = seedlingDays(of);
      if (usual > 0 && age > 1.5 * usual) expect(needs(age + 30)).toBe(needs(age));
      expect(needs(age)).toBeGreaterThanOrEqual(1);
    }),
  );
  expect(usualBoughtAgeDays(crop("carrot"))).toBeGreaterThan(0);
});

test("young leaves are ready sooner than the full-grown crop and stand for a shorter time", () => {
  let some = 0;
  for (const of of cropLibrary.values()) {
    if (!of.babyLeaf) continue;
    some += 1;
    const variety = varietyOf(of);
    const [baby, full] = (["baby", "full"] as const).map(
      (stage) => requirement(of, variety, "direct", stage).totalPacketDays,
    );
    expect(baby).toBeLessThan(full ?? 0);
    expect(standingPacketDays(of, "baby")).toBeLessThanOrEqual(standingPacketDays(of, "full"));
  }
  expect(some).toBeGreaterThan(5);
});
