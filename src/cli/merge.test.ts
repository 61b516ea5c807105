import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { writeGardenFile } from "@/core/formats";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { withChanges, type Change, type Garden } from "@/core/garden";
import { run } from "./run";

let folder = "";
beforeAll(() => (folder = mkdtempSync(join(tmpdir(), "merge-"))));
afterAll(() => rmSync(folder, { recursive: true }));

const path = (name: string) => join(folder, name);
function file(name: string, garden: Garden): string {
  writeFileSync(path(name), writeGardenFile(garden));
  return path(name);
}

const base = smallGarden();
const bed = base.beds.get("bed-1");
if (!bed) throw new Error("a bed");
const named = (name: string): Change => ({
  kind: "bed",
  id: bed.id,
  before: bed,
  after: { ...bed, name },
});
const read = (on: string, id: string): Change => ({
  kind: "logEntry",
  id,
  before: null,
  after: {
    ...{ id, on, taskId: null, note: "" },
    what: { kind: "temperature", under: null, tempC: -5 },
  },
});

async function merged(...words: string[]) {
  const { stdout, stderr, exitCode } = await run(["merge", ...words]);
  expect({ stderr, exitCode }).toEqual({ stderr: "", exitCode: 0 });
  return JSON.parse(stdout);
}

test("merge keeps what either device did, names what both changed, and is the same either way round", async () => {
  const start = file("start.json", base);
  const phone = file(
    "phone.json",
    withChanges(base, [named("By the gate"), read("2026-11-01", "phone-1")]),
  );
  const tablet = file(
    "tablet.json",
    withChanges(base, [named("North bed"), read("2026-11-02", "tablet-1")]),
  );
  const told = await merged(phone, tablet, "--base", start, "--out", path("one.json"));
  expect(told).toMatchObject({ left: [], mends: [] });
  // An entry of each, and the name of one.
  expect([told.fromA, told.fromB].sort()).toEqual([1, 2]);
  expect(told.conflicts).toEqual([
    expect.objectContaining({ kind: "bed", id: "bed-1", field: "name" }),
  ]);
  await merged(tablet, phone, "--base", start, "--out", path("other.json"));
  const [one, other] = ["one.json", "other.json"].map((name) => {
    const { history: _history, ...garden } = JSON.parse(readFileSync(path(name), "utf8"));
    return garden;
  });
  expect(one).toEqual(other);
  expect(one.logEntries.map(({ id }: { id: string }) => id).sort()).toEqual([
    "phone-1",
    "tablet-1",
  ]);
  // Joined again, nothing changes any more.
  const again = await merged(path("one.json"), path("other.json"), "--out", path("again.json"));
  expect(again).toMatchObject({ fromA: 0, fromB: 0, conflicts: [] });
});

test.each([
  [["only.json", "--out", "out.json"], /merge A B/],
  [["phone.json", "none.json", "--out", "out.json"], /none\.json/],
  [["phone.json", "phone.json"], /out/],
])("merge %j says in a line what is missing, and writes nothing", async (words, why) => {
  file("phone.json", base);
  const refused = await run([
    "merge",
    ...words.map((word) => (word.endsWith(".json") ? path(word) : word)),
  ]);
  expect(refused).toMatchObject({ stdout: "", exitCode: 2 });
  expect(refused.stderr.trim()).toMatch(why);
  expect(refused.stderr.trim().split("\n")).toHaveLength(1);
  expect(existsSync(path("out.json"))).toBe(false);
});
