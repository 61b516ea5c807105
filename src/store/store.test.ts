import "fake-indexeddb/auto";
import demo from "@data/demo/tarnholt-commons.json";
import { openDB } from "idb";
import {
  fromGardenFile,
  toGardenFile,
  type Bed,
  type GardenFile,
  type Place,
  type Planting,
} from "@/core/garden";
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

test("an outlook is kept without a step: undo takes back what the grower did", async () => {
  const name = freshName();
  const store = await opened(name);
  await store.dispatch("garden.replace", file);
  await store.dispatch("planting.moveSowing", move("2026-08-27"));
  const days = [
    {
      date: "2026-09-24",
      minTempC: 2,
      maxTempC: 11,
      spreadC: 1,
      precipitationMm: null,
      cloudShare: null,
      windMps: null,
    },
  ];
  const outlook = {
    id: "outlook" as const,
    receivedAt: "2026-09-24T17:30:00Z",
    outlook: {
      format: "late-ember-outlook" as const,
      version: 1 as const,
      source: "valley office",
      simulated: false,
      issuedOn: "2026-09-24",
      days,
    },
  };
  expect((await store.dispatch("outlook.receive", outlook)).ok).toBe(true);
  expect(store.getState().undoLabel).toBe("moving spinach");
  await store.undo();
  expect(sowOn(store)).toBe("2026-08-20");
  expect((await opened(name)).getState().garden.outlook).toEqual(outlook);
});

test("what the first version kept is opened as this one keeps it, the way back included", async () => {
  const name = freshName();
  const { horizon: _horizon, climateFrom: _from, climate, ...place } = file.place as Place;
  const { wetDaysPerYear: _wet, ...sketch } = climate as NonNullable<Place["climate"]>;
  const { stationUrl: _url, rotationYears: _years, ...settings } = file.settings;
  const { horizon: _own, position: _at, ...bed } = file.beds[0] as Bed;
  const old = await openDB(name, 1, {
    upgrade(fresh) {
      for (const store of ["entities", "steps", "counters"]) fresh.createObjectStore(store);
    },
  });
  const write = old.transaction(["entities", "steps", "counters"], "readwrite");
  const entities = write.objectStore("entities");
  const oldPlace = { ...place, climate: sketch };
  await entities.put(oldPlace, ["place", "place"]);
  await entities.put(settings, ["settings", "settings"]);
  await entities.put(bed, ["bed", bed.id]);
  const change = {
    kind: "place",
    id: "place",
    before: { ...oldPlace, name: "Before" },
    after: oldPlace,
  };
  await write.objectStore("steps").put({ label: "change of the place", changes: [change] }, 1);
  await write.objectStore("counters").put(1, "position");
  await write.objectStore("counters").put(1, "revision");
  await write.done;
  old.close();

  const store = await opened(name);
  const { garden } = store.getState();
  expect(garden.place).toMatchObject({ climateFrom: "sketch", horizon: [] });
  expect(garden.place?.climate?.wetDaysPerYear).toBeNull();
  expect(garden.settings.stationUrl).toBeNull();
  expect(garden.beds.get(bed.id)?.horizon).toBeNull();
  await store.undo();
  expect(store.getState().garden.place).toMatchObject({ name: "Before", horizon: [] });
});
