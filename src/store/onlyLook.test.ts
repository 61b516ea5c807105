import { fact } from "@/core/facts";
import { plantingOf, smallGarden } from "@/core/gardenFile/small.testdata";
import { toGardenFile } from "@/core/gardenFile";
import { createGardenStore } from "./gardenStore";
import { memoryStorage } from "./memoryStorage";
import { ONLY_LOOKED_AT } from "./refusals";

async function opened() {
  const store = createGardenStore({
    tab: "one",
    openStorage: () => Promise.resolve(memoryStorage()),
  });
  await store.open();
  await store.begin(toGardenFile(smallGarden()));
  return store;
}

test("while a rehearsed winter is looked at nothing is changed, undone or done again; then all is as before", async () => {
  const store = await opened();
  const before = store.getState().garden;
  store.onlyLook(true);
  const refused = { ok: false, refusal: ONLY_LOOKED_AT };
  expect(await store.dispatch("planting.remove", { id: "kale" })).toMatchObject(refused);
  expect(await store.undo()).toMatchObject(refused);
  expect(store.getState().garden).toBe(before);
  store.onlyLook(false);
  expect(await store.dispatch("planting.remove", { id: "kale" })).toEqual({ ok: true });
  expect(store.getState().garden.plantings.has("kale")).toBe(false);
});

test("a change of several commands is one step: all of it, or none", async () => {
  const store = await opened();
  const before = store.getState().garden;
  const label = fact("commands.keepingAChange", { title: "less kale, covered spinach" });
  const calls = [
    { name: "planting.remove", input: { id: "kale" } },
    { name: "bed.cover", input: { beds: ["bed-2"], covers: ["row-cover-light"] } },
  ];
  expect(await store.dispatchAll([...calls, { name: "bed.fly", input: {} }], label)).toMatchObject({
    ok: false,
    refusal: { code: "commands.noSuchCommand", place: 3 },
  });
  expect(store.getState().garden).toBe(before);
  expect(await store.dispatchAll(calls, label)).toEqual({ ok: true });
  const { garden, undo } = store.getState();
  expect([garden.plantings.has("kale"), garden.beds.get("bed-2")?.covers]).toEqual([
    false,
    ["row-cover-light"],
  ]);
  expect(undo?.label).toEqual(label);
  await store.undo();
  expect(store.getState().garden.plantings.get("kale")).toEqual(
    plantingOf("kale", "2026-06-10", { id: "kale", bedId: "bed-1" }),
  );
});
