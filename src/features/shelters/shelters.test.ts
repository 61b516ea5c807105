import demo from "@data/demo/tarnholt-commons.json";
import fc from "fast-check";
import { fromGardenFile, type GardenFile } from "@/core/garden";
import { materials } from "@/core/shelter";
import { localWording } from "@/ui/wording";
import { labelPlaces } from "./curves";
import { sectionOf } from "./sectionShape";
import { coveredBeds, placeWords } from "./stacks";
import { hourWords, ventWords } from "./ventWords";

const garden = fromGardenFile(demo as GardenFile);
const groups = coveredBeds(garden);
const wording = localWording("metric", "en-GB");

test("every bed stands in one group, with what is over it from the outside in", () => {
  expect(groups.flatMap(({ beds }) => beds)).toHaveLength(garden.beds.size);
  const house = groups.find(
    ({ covers }) => covers.join("+") === "greenhouse-single+row-cover-light",
  );
  expect(house && placeWords(house)).toBe("Greenhouse: House 3, House 4");
  const open = groups.find(({ covers }) => covers.length === 0);
  expect(open && placeWords(open)).toBe("11 beds");
});

test("a house is cut as wide as it is, its beds within it, inner covers over each bed", () => {
  for (const group of groups) {
    const layers = group.covers.flatMap((id) => materials.get(id) ?? []);
    const shape = sectionOf(group, layers);
    const [outer, ...inner] = shape.arches;
    for (const { fromM, toM } of shape.beds) {
      expect(fromM).toBeGreaterThan(0);
      expect(toM).toBeLessThan(shape.widthM);
      if (outer) expect(fromM).toBeGreaterThanOrEqual(outer.fromM - 0.01);
    }
    expect(inner).toHaveLength((layers.length > 1 ? layers.length - 1 : 0) * shape.beds.length);
    for (const arch of inner) expect(arch.heightM).toBeLessThan(outer?.heightM ?? 0);
  }
  const house = groups.find(({ shelter }) => shelter?.id === "greenhouse");
  if (!house) throw new Error("greenhouse");
  const { arches } = sectionOf(
    house,
    house.covers.flatMap((id) => materials.get(id) ?? []),
  );
  expect((arches[0]?.toM ?? 0) - (arches[0]?.fromM ?? 0)).toBeCloseTo(5, 9); // 5 × 14 m
});

test("labels at the ends of lines never lie over each other", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 200, noNaN: true }), { maxLength: 6 }),
      (wanted) => {
        const places = labelPlaces(wanted).sort((a, b) => a - b);
        places.forEach((place, index) => {
          if (index > 0) expect(place - (places[index - 1] ?? 0)).toBeGreaterThanOrEqual(15 - 1e-9);
        });
      },
    ),
  );
});

test("opening and shutting are told by the clock, or that it stays shut", () => {
  expect(hourWords(9.75)).toBe("9:45");
  expect(ventWords({ openAtHour: 9.75, shutAtHour: 15.25, shutMaxC: 31.2 }, wording)).toBe(
    "Shut it would come to 31 °C today: open it about 9:45, and shut it about 15:15 to keep the warmth in.",
  );
  expect(ventWords({ openAtHour: null, shutAtHour: null, shutMaxC: 7 }, wording)).toMatch(
    /^Today it stays shut: it comes to 7 °C at most/,
  );
});
