import { inverse, withChanges, type Change } from "@/core/garden";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { changedSince, onTopOf, STEPS_KEPT, withStep, type Step, type Steps } from "./steps";

const garden = smallGarden();
const bed = garden.beds.get("bed-1");
if (!bed) throw new Error("the garden has a bed");
const longer = { ...bed, lengthM: 9 };
const longerAndNamed = { ...longer, name: "By the gate" };
/** A step that changes one bed twice: first its length, then its name. */
const twice: Change[] = [
  { kind: "bed", id: bed.id, before: bed, after: longer },
  { kind: "bed", id: bed.id, before: longer, after: longerAndNamed },
];
const step = (changes: Change[], tab = "tab-1"): Step => ({ label: "a step", changes, tab });

test("a step that changed one thing twice goes back whole, and what came beside it stays", () => {
  const wider = { ...longerAndNamed, widthM: 1.2 };
  const back = onTopOf(inverse(twice), () => wider);
  const now = withChanges({ ...garden, beds: new Map([[bed.id, wider]]) }, back);
  expect(now.beds.get(bed.id)).toEqual({ ...bed, widthM: 1.2 });
  const again = onTopOf(twice, () => ({ ...bed, widthM: 1.2 }));
  expect(withChanges(now, again).beds.get(bed.id)).toEqual(wider);
});

test("the first of two changes of one thing is minded too, where something newer has changed it", () => {
  const shorter: Change = {
    kind: "bed",
    id: bed.id,
    before: longerAndNamed,
    after: { ...longerAndNamed, lengthM: 7 },
  };
  const beside: Change = { ...shorter, after: { ...longerAndNamed, widthM: 1.2 } };
  const since = (change: Change): Steps =>
    new Map([
      [1, step(twice)],
      [2, step([change], "tab-2")],
    ]);
  expect(changedSince(since(shorter), 1)).toMatchObject({ tab: "tab-2" });
  expect(changedSince(since(beside), 1)).toBeNull();
});

test("the last hundred steps are kept, the oldest go first", () => {
  const full: Steps = new Map(
    Array.from({ length: STEPS_KEPT }, (_, index) => [index + 1, step([])]),
  );
  const { put, remove } = withStep(full, { label: "one more", changes: [], tab: "tab-1" });
  expect(put.map(([number]) => number)).toEqual([STEPS_KEPT + 1]);
  expect(remove).toEqual([1]);
  expect(withStep(new Map(), { label: "first", changes: [], tab: "tab-1" }).remove).toEqual([]);
});
