import fc from "fast-check";
import { asScript } from "./balance.testdata";
import { crossedJ, heldJ } from "./balance/assembly/books";
import shelterJson from "@data/shelter.json";
import sources from "@data/sources.json";
import { dayNumber } from "../calendar";
import { EnergyBalance } from "./balance/energyBalance";
import { materials } from "./materials";
import { nightUnder } from "./night";
import { runShelter, SHUT, VENTED } from "./shelterRun";
import { heatAt, tempOf } from "./balance/assembly/soilColumn";
import { stackOf } from "./balance/stack";
import { weatherSteps, type ShelterDay } from "./weatherSteps";

const day = dayNumber("2026-12-11");
/** Mild days, then one clear and calm night of −10 °C. */
const coldNight = {
  latitudeDeg: 47.1,
  day,
  minTempC: -10,
  maxTempC: -4,
  cloudShare: 0,
  windMps: 1,
  milderBeforeC: 4,
};
const gainC = (covers: string[], more = {}, night = coldNight) =>
  nightUnder(covers, night, more).crop.gainC;
const anyStack = fc
  .tuple(
    fc.constantFrom(
      "greenhouse-single",
      "greenhouse-double",
      "cold-frame-glass",
      "low-tunnel-film",
    ),
    fc.subarray(["low-tunnel-film", "row-cover-light", "row-cover-heavy"]),
  )
  .map(([outer, inner]) => [outer, ...inner.filter((id) => id !== outer)]);
const anyDays = fc.array(
  fc.record({
    minTempC: fc.double({ min: -20, max: 12, noNaN: true }),
    range: fc.double({ min: 1, max: 15, noNaN: true }),
    cloudShare: fc.double({ min: 0, max: 1, noNaN: true }),
    windMps: fc.double({ min: 0, max: 10, noNaN: true }),
  }),
  { minLength: 4, maxLength: 12 },
);
const asDays = (days: { minTempC: number; range: number; cloudShare: number; windMps: number }[]) =>
  days.map(({ range, ...one }): ShelterDay => ({ ...one, maxTempC: one.minTempC + range }));

test("energy is conserved: what goes in less what goes out is what is held, to a thousandth", () => {
  fc.assert(
    fc.property(anyStack, anyDays, fc.boolean(), fc.nat(60), (covers, days, snow, barrels) => {
      const weather = weatherSteps(47.1, day, asDays(days));
      const balance = asScript(stackOf(covers, { barrelLitresPerM2: barrels }), 3);
      let [inJ, outJ] = [0, 0];
      const before = heldJ(balance);
      const { airC, skyWPerM2, sunWPerM2, windMps, stepS } = weather;
      for (let step = 0; step < airC.length; step += 1) {
        const innerOn = step % 96 < 30 || step % 96 > 68;
        const vent = step % 96 > 44 && step % 96 < 60 ? 0.5 : 0;
        const [air = 0, sky = 0, sun = 0, wind = 0] = [airC, skyWPerM2, sunWPerM2, windMps].map(
          (values) => values[step],
        );
        balance.step(air, sky, sun, wind, 7, stepS, vent, 15, 25, innerOn, snow);
        const crossed = crossedJ(balance, air, wind, stepS);
        inJ += crossed.inJ;
        outJ += crossed.outJ;
      }
      const storedJ = heldJ(balance) - before;
      expect(Math.abs(inJ - outJ - storedJ)).toBeLessThan(inJ / 1000);
    }),
    { numRuns: 25 },
  );
});

test("freezing soil keeps its heat: temperature and heat tell each other, one to one", () => {
  fc.assert(
    fc.property(fc.double({ min: -30, max: 40, noNaN: true }), (tempC) => {
      expect(tempOf(heatAt(tempC))).toBeCloseTo(tempC, 9);
    }),
  );
  // 0.22 m³ of water a cubic metre: its freezing gives off 73 MJ, thirty times a degree's 2.4 MJ.
  expect(heatAt(0) - heatAt(-1.5)).toBeCloseTo(0.22 * 334e6 + 1.5 * 2.4e6, 0);
});

test("where nothing drives it, a shelter is as the open: no sun, a sky as warm as the air, even soil", () => {
  for (const covers of [
    ["greenhouse-single"],
    ["greenhouse-single", "low-tunnel-film"],
    ["row-cover-light"],
  ]) {
    const balance = new EnergyBalance(stackOf(covers), 5);
    const kelvin = 278.15;
    const driving = {
      airC: 5,
      skyWPerM2: 5.670374e-8 * kelvin ** 4,
      sunWPerM2: 0,
      windMps: 2,
      deepC: 5,
      stepS: 900,
    };
    for (let step = 0; step < 500; step += 1) {
      balance.step(driving, { vent: 0, opens: null, innerOn: true, snow: false });
    }
    expect(balance.cropC(5)).toBeCloseTo(5, 6);
    expect(balance.surfaceC).toBeCloseTo(5, 6);
  }
});

// Gains at the crop over the night's minimum outside, as published field ranges have them.
test.each<[string[], number, number, object?]>([
  [["row-cover-light"], 1.5, 3],
  [["row-cover-heavy"], 2, 4],
  [["cold-frame-glass"], 3, 5],
  [["cold-frame-twinwall"], 3, 5],
  [["greenhouse-single"], 1, 3.5],
  [["greenhouse-single", "row-cover-light"], 4, 7],
  [["greenhouse-single", "low-tunnel-film"], 4, 7.5],
])(
  "%j gives a plausible gain on a clear, calm night of −10 °C",
  (covers, least, most, more = {}) => {
    const gain = gainC(covers, more);
    expect(gain).toBeGreaterThanOrEqual(least);
    expect(gain).toBeLessThanOrEqual(most);
  },
);

test("a film that stays dry keeps less than a wet one; the gain grows as it gets colder", () => {
  expect(gainC(["greenhouse-single"], { staysDry: true })).toBeLessThan(
    gainC(["greenhouse-single"]) - 0.5,
  );
  // Where no drops hang on it, clear nights come to about the open's, now and then colder (inversions).
  expect(gainC(["greenhouse-single"], { staysDry: true })).toBeGreaterThan(-1);
  const at = (minTempC: number) =>
    gainC(
      ["greenhouse-single", "row-cover-light"],
      {},
      { ...coldNight, minTempC, maxTempC: minTempC + 6 },
    );
  expect(at(-18)).toBeGreaterThan(at(-8));
  expect(at(-8)).toBeGreaterThan(at(2) - 0.5);
});

test("more layers are never colder in still and cloudy weather", () => {
  // But for a tenth of a degree: the light that a layer takes by day is warmth that the soil lacks.
  const cloudy = { ...coldNight, cloudShare: 1, windMps: 0 };
  fc.assert(
    fc.property(anyStack, fc.double({ min: -20, max: 8, noNaN: true }), (covers, minTempC) => {
      const night = { ...cloudy, minTempC, maxTempC: minTempC + 4 };
      let before = -Infinity;
      for (let layers = 1; layers <= covers.length; layers += 1) {
        const { minC } = nightUnder(covers.slice(0, layers), night).crop;
        expect(minC).toBeGreaterThanOrEqual(before - 0.15);
        before = minC;
      }
    }),
    { numRuns: 30 },
  );
});

test("two sheets with air between gain half as much again as one on a clear night of −10 °C", () => {
  // Published heat loss: 6.5 W/m²K through one film, 4.0 through two; glass 6.3, twin-wall 3.5.
  const film = gainC(["greenhouse-double"]) / gainC(["greenhouse-single"]);
  expect(film).toBeGreaterThan(1.35);
  expect(film).toBeLessThan(1.6);
  const panel = gainC(["cold-frame-twinwall"]) / gainC(["cold-frame-glass"]);
  // Glass already stops what radiation a panel does; low frames live more by their soil.
  expect(panel).toBeGreaterThan(1.08);
  expect(panel).toBeLessThan(1.6);
});

test("wind takes warmth, barrels of water and snow keep it", () => {
  const calm = gainC(["greenhouse-single"]);
  const overcast = { ...coldNight, cloudShare: 1 };
  const windy = { windMps: 8 };
  const covers = ["greenhouse-single"];
  expect(gainC(covers, {}, { ...overcast, ...windy })).toBeLessThan(gainC(covers, {}, overcast));
  // Under a clear sky the film is colder than the air: wind warms it, and takes what leaks. About even.
  expect(Math.abs(gainC(covers, {}, { ...coldNight, ...windy }) - calm)).toBeLessThan(0.6);
  expect(gainC(["greenhouse-single"], { barrelLitresPerM2: 60 })).toBeGreaterThan(calm + 0.3);
  const snowed = nightUnder(["greenhouse-single"], coldNight, {}, { ...SHUT, snow: true });
  expect(snowed.crop.gainC).toBeGreaterThan(calm);
  expect(snowed.crop.maxC).toBeLessThan(nightUnder(["greenhouse-single"], coldNight).crop.maxC);
});

test("a closed frame cooks plants on a clear March day, and vents keep it from that", () => {
  const march = {
    ...coldNight,
    day: dayNumber("2027-03-20"),
    minTempC: 0,
    maxTempC: 10,
    milderBeforeC: 0,
  };
  expect(nightUnder(["cold-frame-glass"], march).crop.maxC).toBeGreaterThan(25);
  const vented = nightUnder(["cold-frame-glass"], march, {}, VENTED).crop.maxC;
  expect(vented).toBeLessThan(25); // wide open at 25 °C
  expect(vented).toBeGreaterThan(12);
});

test("the soil beside the inner cover warms the house, not the bed: without paths double cover gains less outside", () => {
  // The outer air of a double-covered house is colder than that of the same house without inner covers.
  const single = nightUnder(["greenhouse-single"], coldNight).spaces[0]?.minC ?? NaN;
  const double =
    nightUnder(["greenhouse-single", "row-cover-heavy"], coldNight).spaces[0]?.minC ?? NaN;
  expect(double).toBeLessThan(single);
});

test("half the step gives the same night to a tenth of a degree", () => {
  const days = [
    ...new Array<ShelterDay>(6).fill({ ...coldNight, minTempC: -6, maxTempC: 0 }),
    coldNight,
  ];
  const least = (stepsPerDay: number) => {
    const weather = weatherSteps(47.1, day, days, stepsPerDay);
    const ground = { tempAtC: (depthM: number) => 2 + 4 * depthM, deepC: 7 };
    const run = runShelter(stackOf(["greenhouse-single", "row-cover-light"]), weather, ground);
    return Math.min(...run.cropC.subarray(6 * stepsPerDay));
  };
  expect(Math.abs(least(96) - least(192))).toBeLessThan(0.1);
});

test("every value of the balance and of the materials names a known source", () => {
  const known = Object.keys(sources);
  for (const source of Object.values(shelterJson.sources)) expect(known).toContain(source);
  for (const material of materials.values()) {
    for (const source of Object.values(material.sources)) expect(known).toContain(source);
  }
});
