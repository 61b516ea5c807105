import fc from "fast-check";
import { readFileSync } from "node:fs";
import { withChanges, type Change, type Entity, type EntityKind, type Garden } from "@/core/garden";
import { checkGardenFile, toGardenFile } from "@/core/gardenFile";
import { bedOf, plantingOf, smallGarden } from "@/core/gardenFile/small.testdata";
import type { LogEntry } from "@/core/log";
import { groundProblems } from "@/core/commands";
import { timesMore } from "@/core/timesMore.testdata";
import { joinGardens, openEngine, withChoices, withHistory } from "./index";

beforeAll(() =>
  openEngine(async () => readFileSync("node_modules/@automerge/automerge/dist/automerge.wasm")),
);

const entry = (id: string, plantingId: string, grams = 500): LogEntry => ({
  id,
  on: "2026-10-01",
  taskId: null,
  what: { kind: "harvested", plantingId, grams, count: null, isLast: false },
  note: "",
});

const byId = <T extends { id: string }>(list: readonly T[]) =>
  new Map(list.map((one) => [one.id, one]));

const small = smallGarden({
  shelters: new Map(),
  beds: byId([bedOf("bed-1"), bedOf("bed-2"), bedOf("bed-3")]),
  plantings: byId([
    plantingOf("kale", "2026-07-10", { id: "p-kale", bedId: "bed-1" }),
    plantingOf("spinach", "2026-08-20", { id: "p-spinach", bedId: "bed-2" }),
    plantingOf("carrot", "2026-06-20", { id: "p-carrot", bedId: "bed-3" }),
  ]),
  logEntries: byId([entry("e-0", "p-kale")]),
});
/** As it was given to both devices. */
let shared: Garden;
beforeAll(() => (shared = withHistory(small)));

function put(garden: Garden, kind: EntityKind, entity: Entity): Garden {
  return withChanges(garden, [{ kind, id: entity.id, before: null, after: entity } as Change]);
}

function drop(garden: Garden, kind: EntityKind, id: string): Garden {
  return withChanges(garden, [{ kind, id, before: null, after: null } as Change]);
}

function planting(garden: Garden, id: string) {
  const found = garden.plantings.get(id);
  if (!found) throw new Error(id);
  return found;
}

/** A garden as its file, without the engine's bytes. */
const plain = (garden: Garden) => toGardenFile({ ...garden, history: null });

function expectSound(garden: Garden): void {
  expect(checkGardenFile(toGardenFile(garden), 1)).toMatchObject({ ok: true });
  expect(groundProblems(garden)).toEqual([]);
}

test("what either did is kept: other fields of one planting, entries of both logs, a new bed", () => {
  const a = put(
    put(shared, "planting", { ...planting(shared, "p-kale"), lengthM: 3 }),
    "logEntry",
    entry("e-a", "p-kale"),
  );
  const b = put(
    put(
      put(shared, "planting", { ...planting(shared, "p-kale"), spacingFactor: 1.2 }),
      "logEntry",
      entry("e-b", "p-spinach"),
    ),
    "bed",
    bedOf("bed-4"),
  );
  const { garden, conflicts, fromA, fromB } = joinGardens(a, b);
  expect(planting(garden, "p-kale")).toMatchObject({ lengthM: 3, spacingFactor: 1.2 });
  expect([...garden.logEntries.keys()].sort()).toEqual(["e-0", "e-a", "e-b"]);
  expect(garden.beds.has("bed-4")).toBe(true);
  expect(conflicts).toEqual([]);
  expect([fromA, fromB]).toEqual([2, 3]);
  expectSound(garden);
});

test("a field that both changed is told with both values, the same one taken in either order, and can be chosen", () => {
  const a = put(shared, "bed", bedOf("bed-1", { name: "Kale bed" }));
  const b = put(shared, "bed", bedOf("bed-1", { name: "By the gate" }));
  const joined = joinGardens(a, b);
  expect(joined.conflicts).toMatchObject([
    { kind: "bed", id: "bed-1", field: "name", a: "Kale bed", b: "By the gate" },
  ]);
  expect(plain(joinGardens(b, a).garden)).toEqual(plain(joined.garden));
  for (const side of ["a", "b"] as const) {
    const chosen = withChoices(
      joined.garden,
      joined.conflicts.map((conflict) => ({ conflict, side })),
    );
    expect(chosen.beds.get("bed-1")?.name).toBe(side === "a" ? "Kale bed" : "By the gate");
  }
  // Told once: joined again nothing is left to be told.
  const again = joinGardens(joined.garden, b);
  expect(again.conflicts).toEqual([]);
  expect(plain(again.garden)).toEqual(plain(joined.garden));
});

test("removed on one device and gone on with on the other: it stays, and is told; untouched it goes", () => {
  const removed = drop(drop(shared, "planting", "p-spinach"), "planting", "p-carrot");
  const goneOn = put(shared, "planting", { ...planting(shared, "p-spinach"), lengthM: 2 });
  const { garden, conflicts } = joinGardens(removed, goneOn);
  expect(planting(garden, "p-spinach").lengthM).toBe(2);
  expect(garden.plantings.has("p-carrot")).toBe(false);
  expect(conflicts).toMatchObject([
    { kind: "planting", id: "p-spinach", field: null, a: undefined, taken: "b" },
  ]);
});

test("a bed removed on one device, planted on the other, comes back with what grows there", () => {
  const removed = drop(drop(shared, "planting", "p-carrot"), "bed", "bed-3");
  const planted = put(
    shared,
    "planting",
    plantingOf("turnip", "2026-08-10", { id: "p-turnip", bedId: "bed-3", fromM: 5, lengthM: 2 }),
  );
  const { garden, conflicts, left } = joinGardens(removed, planted);
  expect(garden.beds.has("bed-3")).toBe(true);
  expect(garden.plantings.has("p-turnip")).toBe(true);
  expect(left).toEqual([]);
  expect(conflicts).toMatchObject([{ kind: "bed", id: "bed-3", taken: "b" }]);
  expectSound(garden);
});

test("both planted the same ground: told, parted, and the same in either order", () => {
  const bed = { bedId: "bed-2", fromM: 4, lengthM: 4 };
  const a = put(shared, "planting", plantingOf("leek", "2026-06-01", { id: "p-leek", ...bed }));
  const b = put(shared, "planting", plantingOf("chard", "2026-06-05", { id: "p-chard", ...bed }));
  const joined = joinGardens(a, b);
  expect(joined.mends.length).toBeGreaterThan(0);
  expectSound(joined.garden);
  const other = joinGardens(b, a);
  expect(plain(other.garden)).toEqual(plain(joined.garden));
  // What was done for it is one change, wherever it was done: nothing is told twice.
  expect(joinGardens(joined.garden, other.garden)).toMatchObject({
    conflicts: [],
    mends: [],
    fromA: 0,
    fromB: 0,
  });
});

test("both planted the very same on the same ground: the same one moves in either order", () => {
  const same = { bedId: "bed-2", fromM: 2.5, lengthM: 2 };
  const put1 = (id: string) =>
    put(shared, "planting", plantingOf("spinach", "2026-08-15", { id, ...same }));
  const [a, b] = [put1("p-one"), put1("p-two")];
  const joined = joinGardens(a, b);
  expectSound(joined.garden);
  expect(joined.garden.plantings.size).toBe(shared.plantings.size + 2);
  expect(plain(joinGardens(b, a).garden)).toEqual(plain(joined.garden));
});

test("gardens without a common history: what only one has is kept, what differs is told", () => {
  const a = put(small, "bed", bedOf("bed-1", { widthM: 1 }));
  const b = drop(put(small, "logEntry", entry("e-b", "p-kale")), "planting", "p-carrot");
  const { garden, conflicts } = joinGardens(a, b);
  expect(conflicts).toEqual([
    { kind: "bed", id: "bed-1", field: "widthM", a: 1, b: 0.8, taken: expect.any(String) },
  ]);
  expect(garden.plantings.has("p-carrot")).toBe(true);
  expect(garden.logEntries.has("e-b")).toBe(true);
  // With what both began with, who changed what is known.
  const known = joinGardens(a, b, small);
  expect(known.conflicts).toEqual([]);
  expect(known.garden.beds.get("bed-1")?.widthM).toBe(1);
  expect(known.garden.plantings.has("p-carrot")).toBe(false);
});

test("a history that does not read counts as none: all is kept, and a new one begins", () => {
  const broken = { id: "history", engine: "automerge-3", bytes: "AAAA" } as const;
  const a = { ...put(shared, "logEntry", entry("e-a", "p-kale")), history: broken };
  const { garden } = joinGardens(a, put(shared, "logEntry", entry("e-b", "p-kale")));
  expect([...garden.logEntries.keys()].sort()).toEqual(["e-0", "e-a", "e-b"]);
  expect(withHistory(a).history).not.toEqual(broken);
});

test("a season that both closed holds the lines of both logs", () => {
  const text = readFileSync("data/demo/tarnholt-commons.json", "utf8");
  const [season] = (JSON.parse(text) as ReturnType<typeof toGardenFile>).keptSeasons;
  if (!season) throw new Error("The demo has no closed season.");
  const { entries } = season;
  const closed = (from: number, until: number) =>
    put(shared, "keptSeason", { ...season, entries: entries.slice(from, until) });
  const joined = joinGardens(closed(0, 20), closed(10, 30));
  expect(joined.conflicts).toEqual([]);
  const ids = [...joined.garden.keptSeasons.values()].flatMap((one) =>
    one.entries.map(({ id }) => id),
  );
  expect(ids.sort()).toEqual(
    entries
      .slice(0, 30)
      .map(({ id }) => id)
      .sort(),
  );
});

/** One edit of a device, by small numbers. */
type Edit = readonly [what: number, which: number, value: number];
const edits = fc.array(fc.tuple(fc.nat(7), fc.nat(5), fc.nat(9)), { maxLength: 6 });

function edited(garden: Garden, device: number, list: readonly Edit[]): Garden {
  return list.reduce((now, [what, which, value], at): Garden => {
    const plantings = [...now.plantings.values()];
    const beds = [...now.beds.values()];
    const some = plantings[which % Math.max(1, plantings.length)];
    const bed = beds[which % Math.max(1, beds.length)];
    const id = `d${device}-${at}-${value}`;
    switch (what) {
      case 0:
        return some ? put(now, "planting", { ...some, lengthM: 1 + value / 4 }) : now;
      case 1:
        return some ? put(now, "logEntry", entry(`e-${id}`, some.id, 100 + value)) : now;
      case 2: {
        if (!some) return now;
        const entries = [...now.logEntries.values()].filter(
          (one) => "plantingId" in one.what && one.what.plantingId === some.id,
        );
        return entries.reduce(
          (rest, one) => drop(rest, "logEntry", one.id),
          drop(now, "planting", some.id),
        );
      }
      case 3:
        return bed ? put(now, "bed", { ...bed, name: `Bed of ${device} ${value}` }) : now;
      case 4:
        return bed
          ? put(
              now,
              "planting",
              plantingOf("spinach", `2026-08-${10 + value}`, {
                id: `p-${id}`,
                bedId: bed.id,
                fromM: value / 2,
                lengthM: 2,
              }),
            )
          : now;
      case 5:
        return put(now, "bed", bedOf(`bed-${id}`));
      case 6:
        return put(now, "settings", { ...now.settings, rotationYears: 1 + (value % 6) });
      default:
        return bed ? put(now, "bed", { ...bed, lengthM: 4 + value / 2 }) : now;
    }
  }, garden);
}

test("two devices: sound, the same in either order, nothing more the second time, every entry kept", () => {
  fc.assert(
    fc.property(edits, edits, (first, second) => {
      const [a, b] = [edited(shared, 1, first), edited(shared, 2, second)];
      const joined = joinGardens(a, b);
      expectSound(joined.garden);
      expect(joined.left).toEqual([]);
      expect(plain(joinGardens(b, a).garden)).toEqual(plain(joined.garden));
      const again = joinGardens(joined.garden, b);
      expect(plain(again.garden)).toEqual(plain(joined.garden));
      expect(again.conflicts).toEqual([]);
      for (const side of [a, b]) {
        for (const id of side.logEntries.keys()) {
          // Gone only where the other removed it, as it was.
          if (!joined.garden.logEntries.has(id)) expect(shared.logEntries.has(id)).toBe(true);
        }
      }
    }),
    { numRuns: timesMore(60), examples: [[[[4, 1, 5]], [[4, 1, 5]]]] },
  );
});

test("five devices that join in any order, while they go on, come to hold the same", () => {
  fc.assert(
    fc.property(
      fc.array(edits, { minLength: 5, maxLength: 5 }),
      fc.array(fc.tuple(fc.nat(4), fc.nat(4), edits), { maxLength: 6 }),
      (begun, meetings) => {
        const devices = begun.map((list, device) => withHistory(edited(shared, device, list)));
        const written = new Set(devices.flatMap(({ logEntries }) => [...logEntries.keys()]));
        for (const [one, other, more] of meetings) {
          if (one === other) continue;
          const joined = joinGardens(devices[one] as Garden, devices[other] as Garden).garden;
          devices[one] = withHistory(
            edited(
              joined,
              one,
              more.filter(([what]) => what !== 2),
            ),
          );
          for (const id of devices[one]?.logEntries.keys() ?? []) written.add(id);
        }
        // Each hands its file round, and round again.
        for (const round of [0, 1]) {
          for (let at = 0; at < devices.length; at += 1) {
            const next = (at + 1 + round) % devices.length;
            devices[next] = joinGardens(devices[next] as Garden, devices[at] as Garden).garden;
          }
        }
        const last = devices.reduce((all, one) => joinGardens(all, one).garden);
        const all = devices.map((one) => joinGardens(one, last).garden);
        for (const one of all) expect(plain(one)).toEqual(plain(all[0] as Garden));
        expectSound(all[0] as Garden);
      },
    ),
    { numRuns: timesMore(12) },
  );
});
