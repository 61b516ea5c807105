import { directSun, type Horizon } from "../sky";
import { groundSun, shortfallWords, sunShortfall, weeksOfSun } from "./bedSun";
import { USUAL_PLAN_SETTINGS } from "../growth";
import { timelineFrom } from "./timeline";
import { why } from "./explanation";
import { day, growing, inlandSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";

const HOUSE: Horizon = [
  { azimuthDeg: 100, elevationDeg: 5 },
  { azimuthDeg: 110, elevationDeg: 45 },
  { azimuthDeg: 250, elevationDeg: 45 },
  { azimuthDeg: 260, elevationDeg: 5 },
];
const season = site.season(day("2026-09-24"));

test("a house to the south takes sun and light in autumn, and growth with them", () => {
  const open = groundSun(site, [], day("2026-10-15"));
  const shaded = groundSun(site, HOUSE, day("2026-10-15"));
  expect(shaded.directSunH).toBeLessThan(open.directSunH / 2);
  expect(shaded.dliMol).toBeLessThan(open.dliMol);
  expect(shaded.dliMol).toBeGreaterThan(open.dliMol * 0.2); // the sky still gives its part
  const ready = (horizon: Horizon) =>
    timelineFrom(site, USUAL_PLAN_SETTINGS, { ...growing("spinach"), horizon }, day("2026-08-15"))
      .fullSizeDay ?? Infinity;
  expect(ready(HOUSE)).toBeGreaterThan(ready([]) + 5);
});

test("the reason for a ready date tells what the skyline takes", () => {
  const way = (horizon: Horizon) => ({ ...growing("spinach"), horizon });
  const words = (horizon: Horizon) => {
    const timeline = timelineFrom(site, USUAL_PLAN_SETTINGS, way(horizon), day("2026-08-15"));
    return why(site, USUAL_PLAN_SETTINGS, way(horizon), timeline).map(english).join(" ");
  };
  expect(words(HOUSE)).toMatch(/The skyline lets \d\d % of the light through/);
  expect(words([])).not.toMatch(/skyline/);
});

test("a season is told in weeks, each as its middle day has it", () => {
  const weeks = weeksOfSun(site, HOUSE, season);
  expect(weeks).toHaveLength(53);
  const week = weeks[16];
  expect(week?.directSunH).toBe(
    directSun(site.latitudeDeg, (week?.firstDay ?? 0) + 3, HOUSE).directSunH,
  );
  expect(weeksOfSun(site, HOUSE, season)).toBe(weeks);
});

test("too little sun is told where the skyline is to blame, and only there", () => {
  const shortfallOf = (cropId: string, sowOn: string, horizon: Horizon) => {
    const way = { ...growing(cropId), horizon };
    const timeline = timelineFrom(site, USUAL_PLAN_SETTINGS, way, day(sowOn));
    return sunShortfall(site, way, timeline);
  };
  const broccoli = shortfallOf("broccoli", "2026-08-01", HOUSE);
  expect(broccoli?.directSunH).toBeLessThan(6);
  expect(english(broccoli && shortfallWords("Broccoli", broccoli))).toMatch(
    /^Broccoli needs about 6 hours of direct sun a day; here the skyline leaves \d\.\d\.$/,
  );
  expect(shortfallOf("broccoli", "2026-05-01", [])).toBeNull();
  // High summer stands over the house.
  expect(shortfallOf("arugula", "2026-06-01", HOUSE)).toBeNull();
});
