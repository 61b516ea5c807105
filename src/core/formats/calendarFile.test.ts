import ICAL from "ical.js";
import fc from "fast-check";
import commons from "../gardenFile/commons.testdata.json";
import { dayNumber, MS_PER_DAY } from "../calendar";
import { withChanges, type Change, type Garden } from "../garden";
import { fromGardenFile, type GardenFile } from "../gardenFile";
import { siteFor } from "../plantings";
import { tasksAhead } from "../tasks";
import { writeCalendarFile } from "./index";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";

const WORDS = fileWords(plainWording());
const garden = fromGardenFile(commons as GardenFile);
const TODAY = dayNumber("2026-09-24");
const HOUR_MS = 3_600_000;

function calendarOf(
  of: Garden,
  more: { today?: number; nowMs?: number; earlier?: string; rings?: boolean } = {},
): Promise<string> {
  const site = siteFor(of);
  if (!site) throw new Error("a place");
  const { today = TODAY, nowMs = today * MS_PER_DAY + 7 * HOUR_MS, ...rest } = more;
  const ahead = tasksAhead(site, of, today, 14);
  return writeCalendarFile({ site, garden: of, today, nowMs, words: WORDS, ahead, ...rest });
}

function eventsOf(text: string) {
  const component = new ICAL.Component(ICAL.parse(text) as unknown as []);
  return new Map(
    component.getAllSubcomponents("vevent").map((event) => {
      const { uid, summary, description, location, sequence, startDate, endDate } = new ICAL.Event(
        event,
      );
      const status = event.getFirstPropertyValue("status");
      const stamp = String(event.getFirstPropertyValue("dtstamp"));
      const alarms = event
        .getAllSubcomponents("valarm")
        .map((alarm) => String(alarm.getFirstPropertyValue("trigger")));
      return [
        uid,
        {
          ...{ uid, summary, description, location, sequence, status, stamp, alarms },
          start: startDate.toString(),
          end: endDate.toString(),
          isDay: startDate.isDate,
          category: event.getFirstPropertyValue("categories"),
        },
      ] as const;
    }),
  );
}

test("from today on: what is dated by itself, and one round a day with its list", async () => {
  const events = eventsOf(await calendarOf(garden));
  const all = [...events.values()];
  expect(all.every(({ isDay, end }) => isDay && end > "2026-09-24")).toBe(true);
  // Sown in August: over.
  expect(events.has("planting-07-sow@late-ember")).toBe(false);
  expect(events.get("planting-30-sow@late-ember")).toMatchObject({ category: "Sowing" });
  const ready = all.find(({ uid }) => uid.endsWith("-ready@late-ember"));
  expect(ready?.description).toMatch(/1 year in 5 before .*, 1 in 5 after/);
  const round = events.get("round-2026-09-24@late-ember");
  expect(round?.summary).toMatch(/^Garden round: \d+ tasks$/);
  expect(round?.description).toMatch(/^Bed 3 · Pick: Kale, curly/m);
  const lines = round?.description.split("\n").length;
  expect(round?.summary).toContain(` ${lines} `);
  // What is on the round is not there a second time.
  expect(all.some(({ summary }) => summary === "Pick: Kale, curly")).toBe(false);
});

test("unchanged events keep number and stamp, changed ones are newer, removed ones cancelled until they are over", async () => {
  const first = await calendarOf(garden);
  const again = await calendarOf(garden, {
    earlier: first,
    nowMs: TODAY * MS_PER_DAY + 9 * HOUR_MS,
  });
  expect(eventsOf(again)).toEqual(eventsOf(first));

  const moved = garden.plantings.get("planting-30");
  const removed = [...garden.plantings.values()].find(
    ({ id, sowOn }) => id !== "planting-30" && sowOn > "2026-10-01",
  );
  if (!moved || !removed) throw new Error("plantings to come");
  const changed = withChanges(garden, [
    { kind: "planting", id: moved.id, before: moved, after: { ...moved, sowOn: "2026-10-20" } },
    { kind: "planting", id: removed.id, before: removed, after: null },
  ]);
  const second = await calendarOf(changed, {
    earlier: first,
    nowMs: TODAY * MS_PER_DAY + 10 * HOUR_MS,
  });
  const [before, after] = [eventsOf(first), eventsOf(second)];
  expect(after.get("planting-30-sow@late-ember")).toMatchObject({
    start: "2026-10-20",
    sequence: (before.get("planting-30-sow@late-ember")?.sequence ?? 0) + 1,
    stamp: "2026-09-24T10:00:00Z",
    status: "CONFIRMED",
  });
  const gone = `${removed.id}-sow@late-ember`;
  expect(after.get(gone)).toMatchObject({ status: "CANCELLED", sequence: 1 });
  // Cancelled once: a file that was never opened in between does not lose it, a second does not repeat it.
  const third = eventsOf(await calendarOf(changed, { earlier: second }));
  expect(third.get(gone)).toEqual(after.get(gone));
  const later = eventsOf(
    await calendarOf(changed, { earlier: second, today: dayNumber("2027-06-01") }),
  );
  expect(later.has(gone)).toBe(false);
  // Planned again, it is confirmed again.
  const back = eventsOf(await calendarOf(garden, { earlier: second }));
  expect(back.get(gone)).toMatchObject({ status: "CONFIRMED", sequence: 2 });
});

test("alarms ring only where asked for, in the morning, and in the afternoon before the night", async () => {
  const silent = [...eventsOf(await calendarOf(garden)).values()];
  expect(silent.flatMap(({ alarms }) => alarms)).toEqual([]);
  const day = dayNumber("2026-10-14");
  const outlook = {
    format: "late-ember-outlook" as const,
    version: 1 as const,
    source: "typed",
    simulated: false,
    issuedOn: "2026-10-14",
    days: [
      {
        ...{ date: "2026-10-14", minTempC: -7, maxTempC: 6, spreadC: 1 },
        ...{ precipitationMm: 0, cloudShare: 0, windMps: 0.5 },
      },
    ],
  };
  const cold = withChanges(garden, [
    {
      kind: "outlook",
      id: "outlook",
      before: garden.outlook,
      after: { id: "outlook", receivedAt: "2026-10-14T12:00:00Z", outlook },
    },
  ]);
  const loud = [...eventsOf(await calendarOf(cold, { today: day, rings: true })).values()];
  for (const { category, alarms } of loud) {
    const expected = category === "For the night" ? ["PT15H"] : ["PT7H"];
    const isSilent = category === "Round" || category === "Harvest";
    expect([category, alarms]).toEqual([category, isSilent ? [] : expected]);
  }
  expect(loud.some(({ category }) => category === "Sowing")).toBe(true);
});

test("lines are folded at 75 octets between characters, whatever the names", async () => {
  const letters = fc.string({ unit: "grapheme", minLength: 30, maxLength: 60 });
  const samples = fc.sample(letters, garden.beds.size);
  const changes = [...garden.beds.values()].map((bed, at): Change => {
    const name = `Wäldchen 🌱 ${samples[at]?.replace(/[<>\p{C}\p{Z}]/gu, "ß")}`.slice(0, 70).trim();
    return { kind: "bed", id: bed.id, before: bed, after: { ...bed, name } };
  });
  const text = await calendarOf(withChanges(garden, changes));
  for (const line of text.split("\r\n")) {
    expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  }
  const names = new Set(changes.map(({ after }) => (after as { name: string }).name));
  const places = [...eventsOf(text).values()].map(({ location }) => location);
  expect(places.filter((place) => names.has(place)).length).toBeGreaterThan(20);
  expect(places.join("")).not.toContain("\uFFFD");
});

test("what is no calendar is not taken for the one before", async () => {
  await expect(calendarOf(garden, { earlier: "Dear all" })).rejects.toThrow(SyntaxError);
  await expect(calendarOf(garden, { earlier: "BEGIN:VCARD\r\nEND:VCARD\r\n" })).rejects.toThrow(
    "not an iCalendar file",
  );
});
