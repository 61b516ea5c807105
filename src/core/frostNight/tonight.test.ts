import { dayNumber, isoDate } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Garden } from "../garden";
import { nightOf, oneMoreLayer, shelterDays, ventAdvice } from "./shelterDays";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { SHUT } from "../shelter";
import { adviceWords } from "./tonightWords";
import { DEATH_MATTERS, tonight } from "./tonight";
import { english } from "@/words/told.testdata";

const NOBODYS = { working: SHUT, structure: {} };
/** The garden before anybody wrote down what lies in the shed. */
const garden: Garden = { ...tarnholt, pieces: new Map() };

const outlookOf = (date: string, minTempC: number, maxTempC: number, spreadC = 1): OutlookDay[] =>
  [0, 1, 2].map((index) => ({
    date: isoDate(dayNumber(date) + index),
    minTempC,
    maxTempC,
    spreadC,
    precipitationMm: 0,
    cloudShare: 0,
    windMps: 1,
  }));
const nightsOn = (date: string, minTempC: number) =>
  tonight(site, garden, dayNumber(date), outlookOf(date, minTempC, minTempC + 8)).nights;
const of = (list: ReturnType<typeof nightsOn>, id: string) => {
  const found = list.find(({ plants }) => plants.planting.id === id);
  if (!found) throw new Error(id);
  return found;
};

test("the same night kills in October and does nothing in December: hardening is earned", () => {
  const october = of(nightsOn("2026-10-03", -8), "planting-07"); // spinach under row cover
  const december = of(nightsOn("2026-12-15", -8), "planting-07");
  expect(october.hardened).toBeLessThan(december.hardened);
  expect(october.damage.leafLoss).toBeGreaterThan(4 * december.damage.leafLoss);
  expect(december.advice).toBe("nothing");
  expect(english(adviceWords(december))).toBe("Nothing to do.");
});

test("a sudden early freeze finds soft plants: said first, and a cover or picking is advised", () => {
  const list = nightsOn("2026-09-26", -7);
  expect(list[0]?.damage.pointDeath).toBeGreaterThan(0.5);
  expect(list[0]?.isSudden).toBe(true);
  const acts = list.filter(({ advice }) => advice !== "nothing");
  expect(acts.length).toBeGreaterThan(5);
  for (const one of acts) {
    expect(english(adviceWords(one))).toMatch(/cover|pick|tunnel/);
    if (one.cover) expect(one.cover.damage.pointDeath).toBeLessThanOrEqual(one.damage.pointDeath);
  }
  // Most in danger first.
  const deaths = list.map(({ damage }) => damage.pointDeath);
  expect([...deaths].sort((a, b) => b - a)).toEqual(deaths);
});

test("carrots may lose their leaves to a September frost: they stay in the ground and are not all lifted", () => {
  const carrots = nightsOn("2026-09-26", -5).filter(({ plants }) => {
    const { crop } = plants.growing;
    return crop.id === "carrot" && plants.isReady;
  });
  expect(carrots.length).toBeGreaterThan(0);
  for (const { damage, advice } of carrots) {
    expect(damage.leafLoss).toBeGreaterThan(0.15);
    expect(damage.pointDeath).toBeLessThan(DEATH_MATTERS);
    expect(["nothing", "cover"]).toContain(advice);
  }
});

test("beds in the house with a cover are warmer than beds in the house, those than the open", () => {
  const list = nightsOn("2026-11-20", -6);
  const minOf = (bedId: string) => list.find(({ bed }) => bed.id === bedId)?.cropMinC ?? NaN;
  expect(minOf("house-3")).toBeGreaterThan(minOf("house-2") + 1);
  expect(minOf("house-2")).toBeGreaterThan(minOf("bed-6") + 1);
});

test("one more layer warms and darkens; what it adds is what the stack with it gives", () => {
  const day = dayNumber("2026-12-15");
  const outlook = outlookOf("2026-12-15", -9, -1);
  const now = nightOf(shelterDays(site, ["greenhouse-single"], outlook, day, NOBODYS)).cropMinC;
  for (const one of oneMoreLayer(site, ["greenhouse-single"], outlook, day, NOBODYS)) {
    expect(one.moreC).toBeGreaterThan(0.5);
    expect(one.lightShare).toBeLessThan(0.85);
    const then = nightOf(shelterDays(site, one.covers, outlook, day, NOBODYS)).cropMinC;
    expect(then - now).toBeCloseTo(one.moreC, 9);
  }
});

test("a bright day wants air in a frame by mid-morning; a dark one in December does not", () => {
  const frame = ["cold-frame-twinwall"];
  const bright = ventAdvice(
    shelterDays(site, frame, outlookOf("2027-03-20", 0, 12), dayNumber("2027-03-20"), NOBODYS),
  );
  expect(bright.shutMaxC).toBeGreaterThan(22);
  expect(bright.openAtHour).toBeGreaterThan(7);
  expect(bright.openAtHour).toBeLessThan(12.5);
  expect(bright.shutAtHour).toBeGreaterThan(13);
  // A warm house in July is too warm at midnight as well: it is opened in the morning and stays open.
  const warm = ventAdvice(
    shelterDays(
      site,
      ["greenhouse-single"],
      outlookOf("2027-07-12", 15, 29),
      dayNumber("2027-07-12"),
      NOBODYS,
    ),
  );
  expect(warm.shutMaxC).toBeGreaterThan(30);
  expect(warm.openAtHour).toBeGreaterThan(3.5);
  expect(warm.openAtHour).toBeLessThan(9);
  expect(warm.shutAtHour).toBeNull();
  // In October it is shut before the sun is down, to catch warmth for the night.
  const autumn = ventAdvice(
    shelterDays(
      site,
      ["greenhouse-single"],
      outlookOf("2026-10-10", 3, 18),
      dayNumber("2026-10-10"),
      NOBODYS,
    ),
  );
  expect(autumn.shutAtHour).toBeGreaterThan(13);
  expect(autumn.shutAtHour).toBeLessThan(16.6);
  const dark = outlookOf("2026-12-15", -4, 0).map((day) => ({ ...day, cloudShare: 1 }));
  expect(
    ventAdvice(shelterDays(site, frame, dark, dayNumber("2026-12-15"), NOBODYS)),
  ).toMatchObject({
    openAtHour: null,
    shutAtHour: null,
  });
});
