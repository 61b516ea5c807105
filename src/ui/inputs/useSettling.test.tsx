/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { dropPending } from "./pendingChange";
import { useSettling } from "./useSettling";

/** Keeps nothing until it is told that writing is done. */
function slowKeeper() {
  const kept: number[] = [];
  const done: (() => void)[] = [];
  const keep = (value: number) => {
    kept.push(value);
    return new Promise<void>((resolve) => done.push(resolve));
  };
  return { kept, keep, finish: () => act(async () => done.splice(0).forEach((one) => one())) };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("quick nudges are shown each and kept once, and what is shown stays until it is written", async () => {
  const { kept, keep, finish } = slowKeeper();
  const { result } = renderHook(() => useSettling<number>(keep));
  for (const value of [1, 2, 3]) act(() => result.current.nudge(value));
  expect(result.current.pending).toBe(3);
  expect(kept).toEqual([]);
  act(() => void jest.runAllTimers());
  expect(kept).toEqual([3]);
  expect(result.current.pending).toBe(3);
  await finish();
  expect(result.current.pending).toBeNull();
});

test("something newer under the hand is not taken away by what was written before", async () => {
  const { keep, finish } = slowKeeper();
  const { result } = renderHook(() => useSettling<number>(keep));
  act(() => result.current.settle(1));
  act(() => result.current.preview(2));
  await finish();
  expect(result.current.pending).toBe(2);
});

test("undo drops what rests unkept, and a view that goes takes it along", () => {
  const { kept, keep } = slowKeeper();
  const { result, unmount } = renderHook(() => useSettling<number>(keep));
  act(() => result.current.nudge(1));
  act(() => void dropPending());
  expect(result.current.pending).toBeNull();
  act(() => result.current.nudge(2));
  unmount();
  jest.runAllTimers();
  expect(kept).toEqual([]);
  expect(dropPending()).toBe(false);
});
