import "fake-indexeddb/auto";
import { openDB } from "idb";
import { fromGardenFile, toGardenFile } from "@/core/gardenFile";
import type { Bed, Place, Planting } from "@/core/garden";
import { readGardenFile } from "@/core/formats";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { openDatabase } from "./database";
import { everythingAsText } from "./everything";
import { createGardenStore } from "./gardenStore";
import type { Storage } from "./storage";
import { STEPS_KEPT } from "./steps";
import { english, inEnglish } from "@/words/told.testdata";

const file = toGardenFile(smallGarden());
let names = 0;
const freshName = () => `garden-${(names += 1)}`;

async function opened(name: string, wrap: (storage: Storage) => Storage = (storage) => storage) {
  const openStorage = async () => wrap(await openDatabase(name));
  const store = createGardenStore({ tab: "tab-1", openStorage });
  await store.open();
  return store;
}

const move = (sowOn: string) => ({ id: "spinach", sowOn });
const sowOn = (store: Awaited<ReturnType<typeof opened>>) =>
  store.getState().garden.plantings.get("spinach")?.sowOn;

test("what was done is there after a reload, and so is the way back", async () => {
  const name = freshName();
  const before = await opened(name);
  expect((await before.dispatch("garden.replace", file)).ok).toBe(true);
  await before.dispatch("planting.moveSowing", move("2026-08-27"));

  const after = await opened(name);
  expect(sowOn(after)).toBe("2026-08-27");
  expect(english(after.getState().undo?.label)).toBe("moving spinach");
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
  expect(store.getState().undo).toBeNull();
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
  expect(inEnglish(done)).toMatchObject({ ok: false, refusal: expect.stringMatching(/no longer/) });
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
    ...storage,
    write: async (write) => {
      if (full) throw new DOMException("no room", "QuotaExceededError");
      return storage.write(write);
    },
  }));
  await store.dispatch("garden.replace", file);
  full = true;
  const done = await store.dispatch("planting.moveSowing", move("2026-08-27"));
  expect(inEnglish(done)).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/Storage is full/),
  });
  expect(english(store.getState().storageNotice)).toMatch(/Storage is full/);
  expect(sowOn(store)).toBe("2026-08-20");
});

test("without any storage one can still work, and is warned", async () => {
  const store = createGardenStore({
    tab: "tab-1",
    openStorage: () => Promise.reject(new DOMException("denied", "SecurityError")),
  });
  await store.open();
  expect(english(store.getState().storageNotice)).toMatch(/does not allow storage/);
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
  expect(english(store.getState().undo?.label)).toBe("moving spinach");
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
  await write.objectStore("steps").put({ label: "location change", changes: [change] }, 1);
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

/** Puts something into the database behind the store's back. */
async function meddle(name: string, key: [string, string], value: unknown): Promise<void> {
  const database = await openDB(name);
  await database.put("entities", value, key);
  database.close();
}

test("what does not read is set aside and named, and everything can still be saved and read back", async () => {
  const name = freshName();
  const before = await opened(name);
  await before.dispatch("garden.replace", file);
  await meddle(name, ["bed", "bed-1"], { ...file.beds[0], lengthM: { odd: true } });
  await meddle(name, ["settings", "settings"], { ...file.settings, frostRisk: "often" });
  await meddle(name, ["chicken", "hen"], { id: "hen" });
  const store = await opened(name);
  expect(await store.setAsideDamaged()).toBe(true);
  const { garden, setAside } = store.getState();
  expect(inEnglish(setAside)).toContainEqual(expect.stringMatching(/^the bed Bed 1: lengthM: /));
  expect(inEnglish(setAside)).toContainEqual(expect.stringMatching(/^the settings: frostRisk: /));
  expect(garden.beds.has("bed-1")).toBe(false);
  expect(garden.beds.size).toBe(file.beds.length - 1);
  // It stays aside, and is not told twice.
  const again = await opened(name);
  expect(await again.setAsideDamaged()).toBe(false);
  expect(again.getState().garden.beds.size).toBe(file.beds.length - 1);
  const everything = await everythingAsText(again.getState().garden, name);
  expect(everything).toContain('"odd":true');
  expect(everything).toContain('"hen"');
  const read = readGardenFile(everything);
  expect(read.ok && read.file.beds).toHaveLength(file.beds.length - 1);
});

test("a file of everything is read as far as it reads, and what does not is named", async () => {
  const name = freshName();
  const before = await opened(name);
  await before.dispatch("garden.replace", file);
  await meddle(name, ["planting", "spinach"], { id: "spinach", cropId: 7 });
  const read = readGardenFile(await everythingAsText(null, name));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  expect(english(read.left?.[0])).toMatch(/^the planting spinach: cropId/);
  expect(read.file.beds).toHaveLength(file.beds.length);
  expect(read.file.plantings.some(({ id }) => id === "spinach")).toBe(false);
});

test("a newer database shows nothing and takes nothing", async () => {
  const name = freshName();
  const newer = await openDB(name, 99, {
    upgrade: (fresh) => void fresh.createObjectStore("hens"),
  });
  newer.close();
  const store = await opened(name);
  expect(store.getState().status).toBe("newer");
  const done = await store.dispatch("garden.replace", file);
  expect(inEnglish(done)).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/newer Late Ember/),
  });
  expect(store.getState().garden.beds.size).toBe(0);
});

test("an older tab that does not let go is waited for, and a tab that was left behind takes no edits", async () => {
  const name = freshName();
  let letGo = false;
  const old = await openDB(name, 6, {
    upgrade(fresh) {
      for (const table of ["entities", "steps", "counters"]) fresh.createObjectStore(table);
    },
    blocking: (_current, _blocked, event) => {
      if (letGo) (event.target as IDBDatabase).close();
    },
  });
  const store = createGardenStore({
    tab: "tab-1",
    openStorage: (events) => openDatabase(name, events),
  });
  const opening = store.open();
  await until(() => store.getState().status === "waiting");
  letGo = true;
  old.close();
  await opening;
  expect(store.getState().status).toBe("ready");
  expect((await store.dispatch("garden.replace", file)).ok).toBe(true);
  // A newer version takes the database over.
  const newer = await openDB(name, 99);
  newer.close();
  const done = await store.dispatch("planting.moveSowing", move("2026-08-27"));
  expect(inEnglish(done)).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/Reload the page/),
  });
  expect(sowOn(store)).toBe("2026-08-20");
});

test("a part that cannot be loaded and a fault of the program are told, and nothing is changed", async () => {
  const faults: [Error, RegExp][] = [
    [
      Object.assign(new Error("Failed to load chunk /x.js"), { name: "ChunkLoadError" }),
      /could not be loaded/,
    ],
    [new TypeError("x is undefined"), /went wrong in Late Ember \(x is undefined\)/],
  ];
  for (const [fault, words] of faults) {
    const store = await opened(freshName(), (storage) => ({
      ...storage,
      write: (write) => (write.lastApplied > 1 ? Promise.reject(fault) : storage.write(write)),
    }));
    await store.dispatch("garden.replace", file);
    const { undo } = store;
    const done = await store.dispatch("settings.set", {
      get units() {
        throw fault;
      },
    } as never);
    expect(inEnglish(done)).toMatchObject({ ok: false, refusal: expect.stringMatching(words) });
    expect((await undo()).ok).toBe(true);
  }
});

async function until(isSo: () => boolean): Promise<void> {
  for (let tries = 0; tries < 200 && !isSo(); tries += 1) {
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  expect(isSo()).toBe(true);
}
