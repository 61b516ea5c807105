import "fake-indexeddb/auto";
import demo from "@data/demo/tarnholt-commons.json";
import { fromGardenFile, toGardenFile, type GardenFile, type Planting } from "@/core/garden";
import { openDatabase } from "./database";
import { createGardenStore } from "./gardenStore";
import { STEPS_KEPT, type Storage } from "./storage";

const file = demo as GardenFile;
let names = 0;
const freshName = () => `garden-${(names += 1)}`;

async function opened(name: string, wrap: (storage: Storage) => Storage = (storage) => storage) {
  const store = createGardenStore({ openStorage: async () => wrap(await openDatabase(name)) });
  await store.open();
  return store;
}

const move = (sowOn: string) => ({ id: "planting-07", sowOn });
const sowOn = (store: Awaited<ReturnType<typeof opened>>) =>
  store.getState().garden.plantings.get("planting-07")?.sowOn;

test("what was done is there after a reload, and so is the way back", async () => {
  const name = freshName();
  const before = await opened(name);
  expect((await before.dispatch("garden.replace", file)).ok).toBe(true);
  await before.dispatch("planting.moveSowing", move("2026-08-27"));

  const after = await opened(name);
  expect(sowOn(after)).toBe("2026-08-27");
  expect(after.getState().undoLabel).toBe("moving spinach");
  await after.undo();
  expect(sowOn(after)).toBe("2026-08-20");
  await after.redo();
  expect(sowOn(after)).toBe("2026-08-27");
  await after.undo();
  await after.undo();
  expect(after.getState().garden.plantings.size).toBe(0);

  const third = await opened(name);
  expect(third.getState().garden.plantings.size).toBe(0);
  await third.redo();
  expect(toGardenFile(third.getState().garden)).toEqual(toGardenFile(fromGardenFile(file)));
});

test("a new step drops what could be redone, and the last hundred are kept", async () => {
  const store = await opened(freshName());
  await store.dispatch("garden.replace", file);
  for (let index = 0; index < STEPS_KEPT + 20; index += 1) {
    await store.dispatch("settings.set", { fallAdditionDays: index % 50 });
  }
  let undone = 0;
  while ((await store.undo()).ok) undone += 1;
  expect(undone).toBe(STEPS_KEPT);
  expect(store.getState().undoLabel).toBeNull();
  await store.dispatch("planting.moveSowing", move("2026-08-27"));
  expect((await store.redo()).ok).toBe(false);
});

test("what is refused changes nothing", async () => {
  const store = await opened(freshName());
  await store.dispatch("garden.replace", file);
  const before = store.getState().garden;
  const done = await store.dispatch("planting.add", {
    ...(file.plantings[0] as Planting),
    bedId: "gone",
    id: "p",
  });
  expect(done).toMatchObject({ ok: false, refusal: expect.stringMatching(/no longer/) });
  expect(store.getState().garden).toBe(before);
});

test("two tabs: the one that fell behind catches up and loses nothing", async () => {
  const name = freshName();
  const one = await opened(name);
  await one.dispatch("garden.replace", file);
  const two = await opened(name);
  await one.dispatch("planting.moveSowing", move("2026-08-27"));
  await two.dispatch("settings.set", { school: "calendar" });
  expect(sowOn(two)).toBe("2026-08-27");
  expect(two.getState().garden.settings.school).toBe("calendar");
  const third = await opened(name);
  expect(sowOn(third)).toBe("2026-08-27");
  expect(third.getState().garden.settings.school).toBe("calendar");
});

test("a full disk is told plainly, and the garden stays as it was kept", async () => {
  let full = false;
  const store = await opened(freshName(), (storage) => ({
    load: () => storage.load(),
    write: async (write) => {
      if (full) throw new DOMException("no room", "QuotaExceededError");
      return storage.write(write);
    },
  }));
  await store.dispatch("garden.replace", file);
  full = true;
  const done = await store.dispatch("planting.moveSowing", move("2026-08-27"));
  expect(done).toMatchObject({ ok: false, refusal: expect.stringMatching(/storage is full/) });
  expect(store.getState().storageNotice).toMatch(/storage is full/);
  expect(sowOn(store)).toBe("2026-08-20");
});

test("without any storage one can still work, and is warned", async () => {
  const store = createGardenStore({
    openStorage: () => Promise.reject(new DOMException("denied", "SecurityError")),
  });
  await store.open();
  expect(store.getState().storageNotice).toMatch(/does not let Late Ember keep anything/);
  await store.dispatch("garden.replace", file);
  await store.dispatch("planting.moveSowing", move("2026-08-27"));
  await store.undo();
  expect(sowOn(store)).toBe("2026-08-20");
});

test("commands sent at once are done one after the other", async () => {
  const store = await opened(freshName());
  await store.dispatch("garden.replace", file);
  await Promise.all(
    ["2026-08-21", "2026-08-22", "2026-08-23"].map((date) =>
      store.dispatch("planting.moveSowing", move(date)),
    ),
  );
  expect(sowOn(store)).toBe("2026-08-23");
  await store.undo();
  expect(sowOn(store)).toBe("2026-08-22");
});
