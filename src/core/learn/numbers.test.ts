import { cropLibrary, packetGrowth, emergenceAt } from "../crops";
import { bedOf, plantingOf, smallGarden } from "../gardenFile/small.testdata";
import { cropsOf, type Garden, type OwnNumber, type OwnNumberOf } from "../garden";
import type { LogEntry, Logged } from "../log";
import { exposureOver, measuredOver } from "../plantings";
import { effectsFrom } from "./effects";
import { gardenWith, smallSite, sownIn } from "./growers.testdata";
import { hardierBy } from "./hardier";
import { asOwnNumber, learn } from "./index";
import { cholesky, inverseOf, solved } from "./symmetric";

const own = (
  what: OwnNumberOf,
  about: OwnNumber["about"],
  value: number,
  used = true,
): OwnNumber => ({
  id: `own-${what}-${about.kind}${about.kind === "garden" ? "" : `-${about.id}`}`,
  what,
  about,
  value,
  entries: 3,
  weight: 0.6,
  on: "2026-06-20",
  used,
});
const kale = { kind: "crop", id: "kale" } as const;
const going = (...numbers: OwnNumber[]): Garden =>
  smallGarden({ ownNumbers: new Map(numbers.map((one) => [one.id, one])) });
const kaleIn = (garden: Garden) => {
  const crop = cropsOf(garden).get("kale");
  if (!crop) throw new Error("there is kale");
  return crop;
};
const library = kaleIn(smallGarden());

describe("a number in use", () => {
  it.each([
    [
      "yield",
      1.2,
      (crop = library) => crop.harvest.yieldKgPerM2 / library.harvest.yieldKgPerM2,
      1.2,
    ],
    ["growth", 0.8, (crop = library) => packetGrowth(library) / packetGrowth(crop), 0.8],
    [
      "emergence",
      1.25,
      (crop = library) => (emergenceAt(library, 15).days ?? 0) / (emergenceAt(crop, 15).days ?? 1),
      1.25,
    ],
    ["stand", 0.5, (crop = library) => crop.sowing.fieldShare / library.sowing.fieldShare, 0.5],
    [
      "hardiness",
      1.5,
      (crop = library) => library.hardiness.hardenedLt50C - crop.hardiness.hardenedLt50C,
      1.5,
    ],
  ] as const)(
    "of %s takes the place of the library's, and switched off leaves it",
    (what, value, of, told) => {
      expect(of(kaleIn(going(own(what, kale, value))))).toBeCloseTo(told, 6);
      expect(kaleIn(going(own(what, kale, value, false)))).toBe(library);
      // No other crop hears of it.
      expect(cropsOf(going(own(what, kale, value))).get("carrot")).toBe(cropLibrary.get("carrot"));
    },
  );

  it("of the whole garden goes on top of the crop's, and of a bed on top of both", () => {
    const garden = going(
      own("growth", { kind: "garden" }, 0.9),
      own("growth", kale, 0.8),
      own("growth", { kind: "bed", id: "bed-2" }, 1.1),
    );
    expect(kaleIn(garden).here?.growthPace).toBeCloseTo(0.72, 9);
    expect(exposureOver(garden, bedOf("bed-2")).pace).toBeCloseTo(1.1, 9);
    expect(exposureOver(garden, bedOf("bed-1")).pace).toBeUndefined();
  });

  it("of a thermometer counts until it is switched off", () => {
    const day = {
      id: "night",
      under: { kind: "shelter", id: "house" } as const,
      on: "2026-01-10",
      insideMinC: -1,
      outsideMinC: -8,
      insideMaxC: null,
      outsideMaxC: null,
      source: "typed",
    } as const;
    const garden = { ...going(), thermometerDays: new Map([[day.id, day]]) };
    const bed = bedOf("bed-3", { shelterId: "house" });
    expect(measuredOver(garden, bed)?.nights).toBe(1);
    const [degrees] = learn(smallSite, garden);
    expect(degrees).toMatchObject({ what: "degrees", used: true });
    const off = degrees ? asOwnNumber(degrees, "2026-06-20", false) : null;
    const without = { ...garden, ownNumbers: new Map(off ? [[off.id, off]] : []) };
    expect(measuredOver(without, bed)).toBeNull();
    expect(learn(smallSite, without)[0]).toMatchObject({ what: "degrees", used: false });
  });
});

describe("what is seen", () => {
  const entry = (id: string, on: string, what: Logged): LogEntry => ({
    id,
    on,
    taskId: null,
    what,
    note: "",
  });
  const spinach = (at: number) =>
    plantingOf("spinach", "2025-08-05", { id: `s${at}`, bedId: "bed-1", lengthM: 1 });
  const life = (at: number, sownOn: string, upOn: string) => [
    entry(`s${at}-a`, sownOn, { kind: "sown", plantingId: `s${at}`, lotId: null, seeds: null }),
    entry(`s${at}-b`, upOn, { kind: "emerged", plantingId: `s${at}`, up: null, outOf: null }),
  ];

  it("once and far off is told as a single odd entry, and moves little", () => {
    const sound = gardenWith([spinach(1)], life(1, "2025-08-05", "2025-08-12"));
    const odd = gardenWith([spinach(1)], life(1, "2025-08-05", "2025-09-20"));
    const emergence = (garden: Garden) =>
      learn(smallSite, garden).find(({ what }) => what === "emergence");
    expect(emergence(sound)?.seen[0]?.counts).toBeGreaterThan(0.9);
    expect(emergence(odd)?.seen[0]?.counts).toBeLessThan(0.4);
    expect(emergence(odd)?.joined).toBeLessThan(1.35 * (emergence(odd)?.library ?? 0));
  });

  it("five times alike and once far off hardly moves by the one", () => {
    const five = [1, 2, 3, 4, 5].flatMap((at) => life(at, "2025-08-05", "2025-08-13"));
    const plantings = [1, 2, 3, 4, 5, 6].map(spinach);
    const joined = (entries: LogEntry[]) =>
      learn(smallSite, gardenWith(plantings, entries)).find(({ what }) => what === "emergence");
    const [without, withOdd] = [
      joined(five),
      joined([...five, ...life(6, "2025-08-05", "2025-09-25")]),
    ];
    expect(Math.abs((withOdd?.joined ?? 0) / (without?.joined ?? 1) - 1)).toBeLessThan(0.06);
    const odd = withOdd?.seen.filter(({ counts }) => counts < 0.4);
    expect(odd).toHaveLength(1);
  });

  it("before a day is all that counts by that day", () => {
    const garden = gardenWith([1, 2].map(spinach), [
      ...life(1, "2025-08-05", "2025-08-13"),
      ...life(2, "2025-08-05", "2025-08-15"),
    ]);
    const by = (day: number) => learn(smallSite, garden, day)[0]?.seen.length;
    expect(by(20_313)).toBe(1);
    expect(by(20_400)).toBe(2);
  });

  it("is nothing where nothing is logged", () => {
    expect(learn(smallSite, gardenWith(sownIn(2025), []))).toEqual([]);
  });
});

describe("effects", () => {
  it("of one kind are the mean of a normal with known noise and a normal prior", () => {
    // Two readings of 0.4 with noise 0.2 against a belief of 0 ± 0.2: weight 2 / (2 + 1).
    const seen = [0.4, 0.4].map((value) => ({ value, sd: 0.2, effects: [0] }));
    const { mean, sd, counts } = effectsFrom(seen, [0.2]);
    expect(counts[0]).toBe(1);
    expect(mean[0]).toBeCloseTo((0.4 * 2) / 3, 6);
    expect(sd[0]).toBeCloseTo(0.2 * Math.sqrt(1 / 3), 6);
  });

  it("are solved as the decomposition of a matrix by hand says", () => {
    // [[4, 2], [2, 5]] = [[2, 0], [1, 2]] times its mirror image; its inverse is [[5, -2], [-2, 4]] / 16.
    const lower = cholesky([Float64Array.of(4, 2), Float64Array.of(2, 5)]);
    expect([...(lower[0] ?? [])].concat([...(lower[1] ?? [])])).toEqual([2, 0, 1, 2]);
    expect([...solved(lower, Float64Array.of(8, 12))]).toEqual([1, 2]);
    expect([...inverseOf(lower)].map((one) => one * 16)).toEqual([5, 4]);
  });
});

describe("cold that was stood", () => {
  const night = (belowC: number, lostShare: number) => ({
    what: "hardiness" as const,
    plantingId: null,
    cropId: "kale",
    bedId: "bed-1",
    name: "Kale",
    place: "Bed 1",
    year: 2025,
    day: 20_450,
    expected: 0,
    came: lostShare,
    value: belowC,
    sd: 0.7,
    counts: 1,
    belowC,
    lostShare,
    spreadC: 0.7,
  });

  it("unharmed far below what should kill makes a crop hardier, and killed above it softer", () => {
    const stood = hardierBy([night(3, 0), night(3.5, 0), night(2.5, 0)]);
    const died = hardierBy([night(-3, 1), night(-2.5, 0.9), night(-3.5, 1)]);
    expect(stood.meanC).toBeGreaterThan(1.2);
    expect(died.meanC).toBeLessThan(-1.2);
    expect(stood.lowC).toBeLessThan(stood.meanC);
    expect(stood.highC).toBeGreaterThan(stood.meanC);
  });

  it("as the library says moves nothing, and one odd night little", () => {
    const usual = [night(0, 0.5), night(-1, 0.2), night(1, 0.8), night(0, 0.5)];
    expect(Math.abs(hardierBy(usual).meanC)).toBeLessThan(0.15);
    const withOdd = hardierBy([...usual, night(-8, 1)]);
    expect(withOdd.counts.at(-1)).toBeLessThan(0.4);
    expect(Math.abs(withOdd.meanC)).toBeLessThan(0.6);
  });
});
