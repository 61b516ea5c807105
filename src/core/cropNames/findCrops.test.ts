import sources from "@data/sources.json";
import cropNames from "@data/cropNames.json";
import fc from "fast-check";
import { cropLibrary } from "../crops";
import { findCrops } from "./findCrops";

const first = (typed: string) => findCrops(cropLibrary, typed)[0]?.crop.id;

test.each([
  ["zucchini", "summer-squash"],
  ["courgette", "summer-squash"],
  ["rocket", "arugula"],
  ["coriander", "cilantro"],
  ["swede", "rutabaga"],
  ["spring onion", "scallion"],
  ["swiss chard", "chard"],
  ["napa", "chinese-cabbage"],
  ["fava", "broad-bean"],
  ["broad bean", "broad-bean"],
  ["corn salad", "mache"],
  ["lamb's lettuce", "mache"],
  ["mâche", "mache"],
  ["mesclun", "salad-mix"],
  ["chili", "chilli"],
  ["chilli", "chilli"],
  ["aubergine", "eggplant"],
  ["runner bean", "runner-bean"],
  ["sunchoke", "jerusalem-artichoke"],
  ["beetroot", "beet"],
  ["basil", "basil"],
  ["kale", "kale"],
])("“%s” finds it first", (typed, id) => {
  expect(first(typed)).toBe(id);
});

test.each([
  ["zuchini", "summer-squash"],
  ["corriander", "cilantro"],
  ["brocoli", "broccoli"],
  ["spinich", "spinach"],
  ["aubergene", "eggplant"],
  ["rutabega", "rutabaga"],
])("a slip is forgiven: “%s”", (typed, id) => {
  expect(findCrops(cropLibrary, typed).map(({ crop }) => crop.id)).toContain(id);
});

test("several that go by a name are all there, and say by which", () => {
  const chicory = findCrops(cropLibrary, "chicory");
  expect(chicory.map(({ crop }) => crop.id)).toEqual(
    expect.arrayContaining(["radicchio", "endive", "sugarloaf", "witloof"]),
  );
  expect(chicory[0]?.calledToo).toContain("chicory");
  expect(findCrops(cropLibrary, "kale")[0]?.calledToo).toBeNull();
});

test("nothing, nonsense and marks find nothing and break nothing", () => {
  expect(findCrops(cropLibrary, " ")).toEqual([]);
  expect(findCrops(cropLibrary, "blorfenheim")).toEqual([]);
  fc.assert(
    fc.property(fc.string({ maxLength: 20 }), (typed) => {
      expect(findCrops(cropLibrary, typed).length).toBeLessThanOrEqual(cropLibrary.size);
    }),
  );
});

test("every crop is found by its own name, and other names belong to crops that are there", () => {
  for (const crop of cropLibrary.values()) {
    expect(findCrops(cropLibrary, crop.name).map((one) => one.crop.id)).toContain(crop.id);
  }
  expect(Object.keys(cropNames.names).filter((id) => !cropLibrary.has(id))).toEqual([]);
  expect(Object.keys(sources)).toContain(cropNames.source);
});
