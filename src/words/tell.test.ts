import fc from "fast-check";
import { fact, fromMessage, inMessage, keyOf, toldBy, type Fact } from "@/core/facts";
import { plainWording } from "./plain";
import { tell, tellMessage } from "./tell";
import type { Logged } from "@/core/log";
import { amountWords } from "./en/entries";

const say = plainWording();
const imperial = plainWording("imperial");

test("a fact is told in the reader's units, with the facts within it", () => {
  const refusal = fact("commands.andOverlapInToFrom", {
    earlier: "Kale",
    later: "Leek",
    bed: "Bed 3",
    fromM: 1.5,
    toM: 4,
    fromDay: 20_000,
  });
  expect(tell(refusal, say)).toBe("Kale and Leek overlap in Bed 3 (1.5 m to 4 m) from 4 October.");
  expect(tell(refusal, imperial)).toContain("(4.9 ft to 13.1 ft)");
  const mended = fact("commands.mended", {
    clash: refusal,
    words: fact("commands.isLeftOut", { later: "Leek" }),
  });
  expect(tell(mended, say)).toMatch(/overlap in Bed 3.* Leek is left out\.$/);
});

test("names stand as they are; a code that only another version knows is told as it stands", () => {
  expect(tell("Bed 3", say)).toBe("Bed 3");
  expect(tell({ code: "larder.full" }, say)).toBe("larder.full");
});

test("one is one and many are many, and nothing is said of none", () => {
  const seeds = (count: number) =>
    tell(fact("plantings.seed", { seeds: count, startedFrom: "clove" }), say);
  expect([1, 2, 1200].map(seeds)).toEqual(["1 clove", "2 cloves", "1,200 cloves"]);
  expect(tell(fact("tasks.daysAgo", { days: 1 }), say)).toBe("yesterday");
  const unknown = (more: number) =>
    tell(
      fact("gardenFile.thisProgramDoesNotKnowHereRemove", {
        named: ['"a"'],
        more,
        keysCount: 1 + more,
      }),
      say,
    );
  expect(unknown(0)).toBe('This program does not know "a" here; remove it.');
  expect(unknown(1400)).toContain("and 1,400 more");
});

test("what is kept or stands in a schema's message reads back as the same fact, and names as names", () => {
  const facts: Fact[] = [
    fact("tasks.uncoveredBeds"),
    fact("tasks.beds", { bedsCount: 3 }),
    fact("commands.putItIn", { neighbour: "House {1}" }),
  ];
  for (const one of facts) {
    expect(toldBy(keyOf(one))).toEqual(one);
    expect(fromMessage(inMessage(one))).toEqual(one);
  }
  fc.assert(
    fc.property(fc.string(), (name) => {
      fc.pre(!/^[a-zA-Z]+\.\w+$/.test(name));
      expect(toldBy(name)).toBe(name);
      expect(tellMessage(name, say)).toBe(name);
    }),
  );
  expect(toldBy('{"code":"broken')).toBe('{"code":"broken');
});

test("a fact of which a file holds only a part is told by its code, and takes no view down", () => {
  for (const kept of ['{"code":"tasks.list"}', '{"code":"commands.thereMoveFirst","names":3}']) {
    expect(tell(toldBy(kept), say)).toBe(JSON.parse(kept).code);
  }
  expect(toldBy('{"code":"tasks.beds","code":{}}')).toBe('{"code":"tasks.beds","code":{}}');
});

test.each<[Logged, string]>([
  [
    { kind: "harvested", plantingId: "p", grams: null, count: 1, isLast: true },
    "1 piece, the last",
  ],
  [{ kind: "harvested", plantingId: "p", grams: null, count: null, isLast: false }, "not weighed"],
  [{ kind: "plantedOut", plantingId: "p", plants: 1 }, "1 plant"],
  [{ kind: "sown", plantingId: "p", lotId: null, seeds: 1200 }, "1,200 seeds from the box"],
  [{ kind: "emerged", plantingId: "p", up: 34, outOf: 50 }, "34 of 50 up"],
  [{ kind: "lost", plantingId: "p", cause: "mice", share: 0.5 }, "50 % to mice and voles"],
])("the amount of %j is %s", (what, words) => {
  const entry = { id: "e", on: "2026-09-24", taskId: null, what, note: "" };
  expect(amountWords(entry, say)).toBe(words);
});
