/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { layoutOf } from "@/core/bedSpace";
import { plantingOf, smallGarden } from "@/core/gardenFile/small.testdata";
import { toGardenFile } from "@/core/gardenFile";
import { siteFor } from "@/core/plantings";
import { gardenStore } from "@/store";
import { useView } from "@/ui/viewState";
import type { MapScale } from "./mapScale";
import { useLaying } from "./useLaying";
import { useMoving } from "./useMoving";

/** A pixel a centimetre, nothing shifted. */
const scale = {
  at: ({ x, y }: { x: number; y: number }) => ({ x: x * 100, y: y * 100 }),
  pointAt: (px: number, py: number) => ({ x: px / 100, y: py / 100 }),
} as unknown as MapScale;
const garden = () => gardenStore().getState().garden;

beforeEach(async () => {
  useView.setState({ message: null });
  await gardenStore().open();
  // The store of the page lives on from test to test.
  if (garden().beds.size === 0) await gardenStore().begin(toGardenFile(smallGarden()));
});

/** The middle of a bed on the map, so many metres along it. */
function pointOver(bedId: string, alongM: number) {
  const outline = layoutOf(garden()).beds.get(bedId);
  if (!outline) throw new Error(bedId);
  const turn = (outline.angleDeg * Math.PI) / 180;
  const from = alongM - outline.lengthM / 2;
  return {
    x: (outline.xM + Math.cos(turn) * from) * 100,
    y: (outline.yM + Math.sin(turn) * from) * 100,
  };
}

test("a planting carried over another bed says what that means, and stands there when it is dropped", async () => {
  const site = siteFor(garden());
  const spinach = garden().plantings.get("spinach");
  if (!spinach) throw new Error("the garden has spinach");
  const { beds } = layoutOf(garden());
  const { result } = renderHook(() => useMoving(garden(), site, beds, scale));
  const over = pointOver("bed-1", 6);
  act(() => result.current.carry(spinach, over.x, over.y));
  expect(result.current.carried).toMatchObject({ bed: { id: "bed-1" }, fromM: 4 });
  expect(result.current.carried?.meanings.map(({ kind }) => kind)).toContain("for");
  // Beside every bed it is carried nowhere.
  act(() => result.current.carry(spinach, -5000, -5000));
  expect(result.current.carried).toBeNull();
  act(() => result.current.carry(spinach, over.x, over.y));
  await act(async () => result.current.drop());
  await act(async () => void (await gardenStore().redo()));
  expect(garden().plantings.get("spinach")).toMatchObject({ bedId: "bed-1", fromM: 4 });
  await gardenStore().undo();
  expect(garden().plantings.get("spinach")).toMatchObject({ bedId: "bed-2", fromM: 0 });
});

test("a bed laid elsewhere keeps the whole layout, and one that was sized keeps its size", async () => {
  jest.useFakeTimers();
  const outline = layoutOf(garden()).beds.get("bed-2");
  if (!outline) throw new Error("bed-2");
  const { result } = renderHook(() => useLaying(garden()));
  const moved = { ...outline, yM: outline.yM - 0.4, lengthM: 8.2 };
  act(() => result.current.nudge({ id: "bed-2", outline: moved }));
  expect(result.current.pending?.outline).toEqual(moved);
  act(() => void jest.runAllTimers());
  jest.useRealTimers();
  await act(async () => void (await gardenStore().redo()));
  await act(async () => void (await gardenStore().redo()));
  expect(useView.getState().message).toBeNull();
  const { beds } = garden();
  expect(beds.get("bed-2")).toMatchObject({ lengthM: 8.2, position: { yM: moved.yM } });
  // The others stand where they were shown, not where they fall.
  expect(beds.get("bed-1")?.position).toMatchObject({ xM: expect.any(Number) });
});

test("what would stand on another planting is refused, and stays where it is", async () => {
  const kale = plantingOf("kale", "2026-06-10", { id: "more", bedId: "bed-3", lengthM: 8 });
  const refused = await gardenStore().dispatch("planting.add", kale);
  expect(refused.ok).toBe(false);
  expect(garden().plantings.has("more")).toBe(false);
});
