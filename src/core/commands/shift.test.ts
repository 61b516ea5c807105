import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { toGardenFile } from "../gardenFile";
import { bedOf, plantingOf, smallGarden } from "../gardenFile/small.testdata";
import type { Garden } from "../garden";
import type { LogEntry } from "../log";
import { commands, type CommandName } from "./registry";
import { english } from "@/words/told.testdata";

const on = (iso: string, days: number) => isoDate(dayNumber(iso) + days);

/** One bed with three sowings one behind the other, each pulled on the day the next is sown. */
const rows = [
  plantingOf("radish", "2026-08-01", { id: "first", bedId: "bed-1", clearOn: "2026-09-01" }),
  plantingOf("radish", "2026-09-01", { id: "second", bedId: "bed-1", clearOn: "2026-10-01" }),
  plantingOf("radish", "2026-10-01", { id: "third", bedId: "bed-1", clearOn: null }),
];
const garden = smallGarden({
  beds: new Map([["bed-1", bedOf("bed-1")]]),
  plantings: new Map(rows.map((one) => [one.id, one])),
});
const all = rows.map(({ id }) => id);

function apply(to: Garden, name: CommandName, input: unknown): Garden {
  const outcome = commands[name].apply(to, input);
  if (!outcome.ok) throw new Error(english(outcome.refusal));
  return outcome.garden;
}

function refusal(to: Garden, name: CommandName, input: unknown): string {
  const outcome = commands[name].apply(to, input);
  if (outcome.ok) throw new Error(`${name} was not refused.`);
  return english(outcome.refusal);
}

const sowing = (id: string): LogEntry => ({
  id: `sown-${id}`,
  on: "2026-08-01",
  taskId: null,
  what: { kind: "sown", plantingId: id, lotId: null, seeds: null },
  note: "",
});

test("sowings one behind the other are moved together, though each alone would meet the next", () => {
  const later = apply(garden, "planting.shift", { ids: all, days: 7 });
  for (const { id, sowOn, clearOn } of rows) {
    expect(later.plantings.get(id)).toMatchObject({
      sowOn: on(sowOn, 7),
      clearOn: clearOn && on(clearOn, 7),
    });
  }
  fc.assert(
    fc.property(fc.integer({ min: -366, max: 366 }), (days) => {
      const there = apply(garden, "planting.shift", { ids: all, days });
      const back = apply(there, "planting.shift", { ids: all, days: -days });
      expect(toGardenFile(back)).toEqual(toGardenFile(garden));
    }),
    { numRuns: 30 },
  );
  expect(refusal(garden, "planting.shift", { ids: ["second"], days: -7 })).toMatch(/Bed 1/);
});

test("what is sown stays, and is refused where nothing else was chosen", () => {
  const begun = { ...garden, logEntries: new Map([["sown-first", sowing("first")]]) };
  const later = apply(begun, "planting.shift", { ids: all, days: 1 });
  expect(later.plantings.get("first")).toEqual(rows[0]);
  expect(later.plantings.get("third")?.sowOn).toBe("2026-10-02");
  expect(refusal(begun, "planting.shift", { ids: ["first"], days: 1 })).toMatch(/sown on 1 August/);
  expect(refusal(begun, "planting.shift", { ids: ["nobody"], days: 1 })).toMatch(/no longer/);
});

test("a sowing is not moved past the day on which it is pulled", () => {
  const words = /pulled before it is/;
  expect(refusal(garden, "planting.moveSowing", { id: "first", sowOn: "2026-09-02" })).toMatch(
    words,
  );
  const moves = [{ id: "first", sowOn: "2026-09-02" }];
  expect(refusal(garden, "succession.move", { moves })).toMatch(words);
});
