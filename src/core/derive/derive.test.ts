import fc from "fast-check";
import { derive, keepEqual } from "./index";

test("computes once for the same inputs, and again when one of them is another", () => {
  let computed = 0;
  const sum = (owner: { value: number }, more: number) => {
    computed += 1;
    return { total: owner.value + more };
  };
  const owner = { value: 1 };
  const first = derive([owner, 2], sum);
  expect(derive([owner, 2], sum)).toBe(first);
  expect(derive([owner, 3], sum).total).toBe(4);
  expect(derive([owner, 2], sum)).toBe(first);
  expect(derive([{ ...owner }, 2], sum)).not.toBe(first);
  expect(computed).toBe(3);
});

test("keeps the last few results of one owner, the least asked for goes first", () => {
  let computed = 0;
  const plus = (owner: { value: number }, more: number) => {
    computed += 1;
    return owner.value + more;
  };
  const owner = { value: 1 };
  for (const more of [1, 2, 1, 3]) derive([owner, more], plus, 2);
  expect(computed).toBe(3);
  derive([owner, 1], plus, 2);
  expect(computed).toBe(3);
  derive([owner, 2], plus, 2);
  expect(computed).toBe(4);
});

test("tells lists of other lengths apart, and not-a-number from nothing", () => {
  const count = (_owner: object, ...rest: number[]) => rest.length;
  const owner = {};
  expect(derive([owner, 1], count)).toBe(1);
  expect(derive([owner, 1, 2], count)).toBe(2);
  const same = (_owner: object, value: number | null) => ({ value });
  expect(derive([owner, NaN], same)).toBe(derive([owner, NaN], same));
});

test("what is equal keeps its identity, what is not is as it came", () => {
  const plain = fc.jsonValue({ maxDepth: 4 });
  fc.assert(
    fc.property(plain, plain, (before, now) => {
      const copy = structuredClone(before);
      expect(keepEqual(before, copy)).toBe(before);
      expect(keepEqual(before, now)).toEqual(now);
    }),
  );
});

test("of a map of entities only the changed one is new", () => {
  const before = new Map([
    ["a", { id: "a", crops: ["kale"] }],
    ["b", { id: "b", crops: [] }],
  ]);
  const now = structuredClone(before);
  now.set("b", { id: "b", crops: ["leek"] });
  const kept = keepEqual(before, now);
  expect(kept).toEqual(now);
  expect(kept.get("a")).toBe(before.get("a"));
  expect(keepEqual(before, structuredClone(before))).toBe(before);
  expect(keepEqual(before, new Map([...before].reverse()))).not.toBe(before);
});

test("what has an id keeps its identity also where others before it are gone or new", () => {
  const before = ["a", "b", "c"].map((id) => ({ id, words: [id] }));
  const now = structuredClone([{ id: "new", words: [] as string[] }, ...before.slice(1)]);
  const kept = keepEqual(before, now);
  expect(kept.slice(1)).toEqual([before[1], before[2]]);
  expect(kept[1]).toBe(before[1]);
  expect(kept[2]).toBe(before[2]);
});
