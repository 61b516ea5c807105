/** @jest-environment jsdom */
import { act, renderHook, waitFor } from "@testing-library/react";
import { dayNumber } from "@/core/calendar";
import { commands } from "@/core/commands";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import type { Garden } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import type { Deriver } from "./deriver";
import type { GardenAtSite } from "./gardenAtSite";
import { answer } from "./questions";
import { useAnswer } from "./useAnswer";

const day = dayNumber("2026-09-24");
const at = (garden: Garden): GardenAtSite => {
  const site = siteFor(garden);
  if (!site) throw new Error("the garden has a place");
  return { garden, site };
};
const start = smallGarden();

/** No worker, as before the first one is up. */
const absent: Deriver = {
  isReady: () => false,
  start: async () => false,
  prepare: () => Promise.reject(new Error("no worker")),
  ask: () => Promise.reject(new Error("no worker")),
};
let current = absent;
jest.mock("./deriver", () => ({ deriver: () => current }));

/** A worker that answers when it is let. */
function slowWorker() {
  const waiting: (() => void)[] = [];
  let asked = 0;
  current = {
    isReady: () => true,
    start: async () => true,
    prepare: () => Promise.reject(new Error("not asked for")),
    ask(garden, name, args) {
      asked += 1;
      return new Promise((resolve) => {
        waiting.push(() => resolve(answer(name, at(garden), args)));
      });
    },
  };
  const finish = () => act(async () => waiting.splice(0).forEach((one) => one()));
  return { finish, asked: () => asked };
}

afterEach(() => (current = absent));

test("the first answer is worked out on the page while no worker is up, the next beside it", async () => {
  const first = renderHook(({ now }) => useAnswer("tasks", { day, today: day }, now), {
    initialProps: { now: at(start) },
  });
  expect(first.result.current.value).toBeNull();
  await waitFor(() => expect(first.result.current.isLate).toBe(false), { timeout: 20_000 });
  expect(first.result.current.value?.length).toBeGreaterThan(0);
  const { finish } = slowWorker();
  const before = first.result.current.value;
  const [task] = before ?? [];
  if (!task) throw new Error("the day asks for something");
  const settled = commands["round.settle"].apply(start, {
    tasks: [task],
    on: "2026-09-24",
    as: "done",
    today: "2026-09-24",
  });
  if (!settled.ok) throw new Error(settled.refusal.code);
  first.rerender({ now: at(settled.garden) });
  // The last answer stays, and says that it is late.
  expect(first.result.current.value).toBe(before);
  expect(first.result.current.isLate).toBe(true);
  await act(async () => undefined);
  await finish();
  const after = first.result.current.value ?? [];
  expect(first.result.current.isLate).toBe(false);
  expect(after.some(({ id }) => id === task.id)).toBe(false);
  // What is as before is the same, so that it is not drawn anew.
  const kept = after.filter((one) => before?.includes(one));
  expect(kept.length).toBeGreaterThan(after.length / 2);
});

test("of many dates passed over only the first and the last are asked for", async () => {
  const { finish, asked } = slowWorker();
  const { result, rerender } = renderHook(({ on }) => useAnswer("night", { day: on }, at(start)), {
    initialProps: { on: day },
  });
  expect(result.current.value).toBeNull();
  await act(async () => undefined);
  for (let step = 1; step <= 20; step += 1) rerender({ on: day + step });
  await finish();
  await act(async () => undefined);
  await finish();
  expect(asked()).toBe(2);
  expect(result.current.asked).toEqual({ day: day + 20 });
  expect(result.current.value).toEqual(answer("night", at(start), { day: day + 20 }));
});
