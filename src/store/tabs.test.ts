import "fake-indexeddb/auto";
import { toGardenFile } from "@/core/gardenFile";
import type { Planting } from "@/core/garden";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { openDatabase } from "./database";
import { createGardenStore, type Announced } from "./gardenStore";
import type { Storage } from "./storage";
import { inEnglish } from "@/words/told.testdata";

const file = toGardenFile(smallGarden());
let names = 0;

interface TestChannel {
  postMessage(told: Announced): void;
  onmessage: ((event: MessageEvent<Announced>) => void) | null;
}

/** Tabs of one browser: what one posts the others hear, copied as a browser copies it. */
async function tabs(count: number) {
  const name = `tabs-${(names += 1)}`;
  const channels: TestChannel[] = [];
  let deaf = false;
  let loads = 0;
  const counting = (storage: Storage): Storage => ({
    ...storage,
    load() {
      loads += 1;
      return storage.load();
    },
  });
  const stores = Array.from({ length: count }, (_, index) => {
    const channel: TestChannel = {
      onmessage: null,
      postMessage(told) {
        if (deaf) return;
        for (const other of channels) {
          if (other === channel) continue;
          other.onmessage?.(new MessageEvent("message", { data: structuredClone(told) }));
        }
      },
    };
    channels.push(channel);
    return createGardenStore({
      tab: `tab-${index + 1}`,
      channel,
      openStorage: async () => counting(await openDatabase(name)),
    });
  });
  const [first] = stores;
  if (!first) throw new Error("no tab");
  await first.open();
  await first.dispatch("garden.replace", file);
  await Promise.all(stores.slice(1).map((store) => store.open()));
  loads = 0;
  return {
    stores: stores as [typeof first, typeof first],
    loads: () => loads,
    /** Messages are lost as long as it is on. */
    setDeaf: (on: boolean) => (deaf = on),
  };
}

/** Waits until what a tab has heard is done: its own next turn comes after it. */
async function settled(store: { redo(): Promise<unknown> }): Promise<void> {
  await store.redo();
}

const move = (id: string, sowOn: string) => ({ id, sowOn });

test("the other tab takes the change itself: nothing is read again, all else keeps its identity", async () => {
  const { stores, loads } = await tabs(2);
  const [one, two] = stores;
  const before = two.getState().garden;
  await one.dispatch("planting.moveSowing", move("spinach", "2026-08-27"));
  await settled(two);
  const after = two.getState().garden;
  expect(loads()).toBe(0);
  expect(after.plantings.get("spinach")?.sowOn).toBe("2026-08-27");
  for (const [id, planting] of after.plantings) {
    if (id !== "spinach") expect(planting).toBe(before.plantings.get(id));
  }
  expect(after.beds).toBe(before.beds);
  expect(after.settings).toBe(before.settings);
});

test("a tab that missed one reads again and keeps what is equal", async () => {
  const { stores, loads, setDeaf } = await tabs(2);
  const [one, two] = stores;
  const before = two.getState().garden;
  setDeaf(true);
  await one.dispatch("planting.moveSowing", move("spinach", "2026-08-27"));
  setDeaf(false);
  await one.dispatch("settings.set", { fallAdditionDays: 9 });
  await settled(two);
  const after = two.getState().garden;
  expect(loads()).toBe(1);
  expect(after.plantings.get("spinach")?.sowOn).toBe("2026-08-27");
  expect(after.settings.fallAdditionDays).toBe(9);
  expect(after.beds).toBe(before.beds);
  const kept = [...after.plantings].filter(([id, one_]) => before.plantings.get(id) === one_);
  expect(kept).toHaveLength(before.plantings.size - 1);
});

test("undo takes back the tab's own step first, then says that the next is another's", async () => {
  const { stores } = await tabs(2);
  const [one, two] = stores;
  await two.dispatch("settings.set", { fallAdditionDays: 9 });
  await one.dispatch("planting.moveSowing", move("spinach", "2026-08-27"));
  await settled(two);
  expect(two.getState().undo).toMatchObject({ isOwn: true });
  await two.undo();
  await settled(one);
  const { garden } = one.getState();
  expect(garden.settings.fallAdditionDays).toBe(file.settings.fallAdditionDays);
  expect(garden.plantings.get("spinach")?.sowOn).toBe("2026-08-27");
  expect(inEnglish(two.getState().undo)).toEqual({ label: "moving spinach", isOwn: false });
  expect(two.getState().redo).toMatchObject({ isOwn: true });
  // What one tab took back is not brought again by the other.
  expect((await one.redo()).ok).toBe(false);
  await two.redo();
  await settled(one);
  expect(one.getState().garden.settings.fallAdditionDays).toBe(9);
});

test("of one thing that both have changed only the tab's own fields go back", async () => {
  const { stores } = await tabs(2);
  const [one, two] = stores;
  await one.dispatch("settings.set", { fallAdditionDays: 9 });
  await settled(two);
  await two.dispatch("settings.set", { school: "calendar" });
  await settled(one);
  expect((await one.undo()).ok).toBe(true);
  const { settings } = one.getState().garden;
  expect(settings.school).toBe("calendar");
  expect(settings.fallAdditionDays).toBe(file.settings.fallAdditionDays);
  expect((await one.redo()).ok).toBe(true);
  expect(one.getState().garden.settings).toMatchObject({ fallAdditionDays: 9, school: "calendar" });
});

test("a step that another tab has gone on from is not taken back over its head", async () => {
  const { stores } = await tabs(2);
  const [one, two] = stores;
  await one.dispatch("planting.moveSowing", move("spinach", "2026-08-27"));
  await settled(two);
  await two.dispatch("planting.moveSowing", move("spinach", "2026-08-30"));
  await settled(one);
  const refused = await one.undo();
  expect(inEnglish(refused)).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/Undo that first/),
  });
  await two.undo();
  await settled(one);
  expect((await one.undo()).ok).toBe(true);
  expect(one.getState().garden.plantings.get("spinach")?.sowOn).toBe("2026-08-20");
});

test("a bed is not taken back from under what another tab has planted there", async () => {
  const { stores } = await tabs(2);
  const [one, two] = stores;
  const bed = { name: "New bed", lengthM: 4, widthM: 1, shelterId: null, covers: [] };
  const added = await one.dispatch("bed.addMany", {
    beds: [{ ...bed, id: "bed-new", horizon: null, position: null, history: [] }],
  });
  expect(added).toEqual({ ok: true });
  await settled(two);
  const [planting] = file.plantings;
  const planted = await two.dispatch("planting.add", {
    ...(planting as Planting),
    id: "planting-new",
    bedId: "bed-new",
    fromM: 0,
    lengthM: 2,
  });
  expect(planted).toEqual({ ok: true });
  await settled(one);
  const refused = await one.undo();
  expect(inEnglish(refused)).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/depends on it/),
  });
  expect(one.getState().garden.beds.has("bed-new")).toBe(true);
});
