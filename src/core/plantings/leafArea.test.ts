import demo from "../gardenFile/commons.testdata.json";
import { dayNumber } from "../calendar";
import { fromGardenFile, type GardenFile } from "../gardenFile";
import { leafAreaIndexOf, plantsIn, siteFor } from ".";

const garden = fromGardenFile(demo as GardenFile);

test("leaf over a bed goes with what stands in it: none on bare ground, 2 where leaves have closed", () => {
  const site = siteFor(garden);
  if (!site) throw new Error("the demo garden has a place");
  const found = new Set<number>();
  for (const bed of garden.beds.values()) {
    expect(leafAreaIndexOf(bed, [])).toBe(0);
    for (const date of ["2026-09-10", "2026-10-20", "2027-02-01"]) {
      const leaves = leafAreaIndexOf(bed, plantsIn(site, garden, bed, dayNumber(date)));
      expect(leaves).toBeGreaterThanOrEqual(0);
      expect(leaves).toBeLessThanOrEqual(2);
      found.add(leaves);
    }
  }
  expect(found.size).toBeGreaterThan(3);
  const [bed] = garden.beds.values();
  const grown = { points: [{ alongM: 0, acrossM: 0 }], radiusM: 99, surviving: 1 };
  if (bed) expect(leafAreaIndexOf(bed, [grown as never])).toBe(2);
});
