import { smallGarden } from "@/core/gardenFile/small.testdata";
import type { LearnedNumber, Seen } from "@/core/learn";
import { localWording } from "@/words";
import { numbers as say } from "@/words/en/numbers";
import { aboutWords, amountWords, restsOnWords, seenWords, takenAmount } from "./numberWords";
import { isSure, ownNumberOf } from "./sure";

const metric = localWording("metric", "en-GB");
const imperial = localWording("imperial", "en-US");

const seen = (some: Partial<Seen> = {}): Seen => ({
  what: "growth",
  plantingId: "kale",
  cropId: "kale",
  bedId: "bed-1",
  name: "Kale",
  place: "Bed 1",
  year: 2025,
  day: 20_400,
  expected: 29,
  came: 36,
  value: -0.2,
  sd: 0.1,
  counts: 1,
  ...some,
});
const number = (some: Partial<LearnedNumber> = {}): LearnedNumber => ({
  id: "own-growth-crop-kale",
  what: "growth",
  about: { kind: "crop", id: "kale" },
  unit: "packetDays",
  library: 50,
  own: 60,
  joined: 55,
  low: 52,
  high: 58,
  value: 50 / 55,
  valueLow: 50 / 58,
  valueHigh: 50 / 52,
  weight: 0.6,
  seen: [seen(), seen({ day: 20_401 })],
  taken: null,
  used: false,
  ...some,
});

test.each([
  [{ unit: "packetDays" } as const, 55.4, "55 packet days", "55 packet days"],
  [{ unit: "packetDays" } as const, 4.25, "4.3 packet days", "4.3 packet days"],
  [{ unit: "days" } as const, 8.2, "8 days", "8 days"],
  [{ unit: "share" } as const, 0.62, "62\u00a0%", "62\u00a0%"],
  [{ unit: "weeks" } as const, 21.4, "21 weeks", "21 weeks"],
  [{ unit: "times" } as const, 0.89, "89\u00a0% of the usual pace", "89\u00a0% of the usual pace"],
  [{ unit: "degrees", what: "hardiness" } as const, -12, "\u221212 °C", "10.4 °F"],
  [{ unit: "degrees", what: "degrees" } as const, 1.2, "1.2 °C warmer", "2.2 °F warmer"],
  [{ unit: "degrees", what: "degrees" } as const, 0, say.asReckoned, say.asReckoned],
])("%j of %d reads %s and %s", (some, value, inMetric, inImperial) => {
  const one = number(some);
  expect(amountWords(one, value, metric)).toBe(inMetric);
  expect(amountWords(one, value, imperial)).toBe(inImperial);
});

test("what it is about is told by its name, also where it is gone", () => {
  const garden = smallGarden();
  expect(aboutWords(garden, number())).toBe("Kale");
  expect(aboutWords(garden, number({ about: { kind: "bed", id: "bed-2" } }))).toBe("Bed 2");
  expect(aboutWords(garden, number({ about: { kind: "shelter", id: "house" } }))).toBe("House");
  expect(aboutWords(garden, number({ about: { kind: "garden" } }))).toBe(say.wholeGarden);
});

test("a single entry and odd ones are said", () => {
  expect(restsOnWords(number())).toBeNull();
  expect(restsOnWords(number({ seen: [seen()] }))).toBe(say.single);
  expect(restsOnWords(number({ seen: [seen({ counts: 0.2 })] }))).toBe(say.singleOdd);
  expect(restsOnWords(number({ seen: [seen(), seen({ counts: 0.1 })] }))).toBe(
    say.someOdd({ count: 1 }),
  );
});

test("entries tell what was expected and what came, each in its kind", () => {
  expect(seenWords(seen(), metric)).toBe("expected 29 days, took 36 days");
  expect(seenWords(seen({ what: "yield", expected: 4.2, came: 3 }), imperial)).toMatch(
    /lb, gave .* lb$/,
  );
  expect(seenWords(seen({ what: "hardiness", expected: 0.3, came: 0 }), metric)).toBe(
    "30\u00a0% should have died, 0\u00a0% did",
  );
  expect(seenWords(seen({ what: "degrees", expected: -3, came: -1.5 }), metric)).toBe(
    "reckoned \u22123 °C, read \u22121.5 °C",
  );
});

test("a number is taken as it is now, kept as it was when it is switched off, and then told so", () => {
  const now = number();
  const taken = ownNumberOf(now, "2026-06-20", true);
  expect(taken).toMatchObject({ used: true, entries: 2, on: "2026-06-20" });
  expect(takenAmount({ ...now, taken })).toBeCloseTo(55, 9);
  const later = number({ taken, used: true, joined: 53, value: 50 / 53 });
  const off = ownNumberOf(later, "2026-09-01", false);
  expect(off).toEqual({ ...taken, used: false });
  const hardier = number({ what: "hardiness", unit: "degrees", library: -15, value: 1.5 });
  expect(takenAmount({ ...hardier, taken: ownNumberOf(hardier, "2026-06-20", true) })).toBe(-16.5);
});

test("sure is what rests on two entries and counts half, and is not in use", () => {
  expect(isSure(number())).toBe(true);
  expect(isSure(number({ seen: [seen()] }))).toBe(false);
  expect(isSure(number({ weight: 0.3 }))).toBe(false);
  expect(isSure(number({ used: true }))).toBe(false);
});
