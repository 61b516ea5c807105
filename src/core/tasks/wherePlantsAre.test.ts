import { bedsFor } from "../bedSpace";
import { dayNumber, isoDate } from "../calendar";
import { cropLibrary } from "../crops";
import type { Garden } from "../garden";
import { plantingState } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { sowingStates } from "../propagation";
import { changed, on } from "./tasks.testdata";

/** The Tarnholt beds with nothing in them, and one tray of a crop that was sown for no bed. */
function trayAlone(cropId: string, sownOn: string, up: number | null, cells = 24): Garden {
  const sowing = {
    id: "alone",
    cropId,
    varietyId: cropLibrary.get(cropId)?.varieties[0]?.id ?? "",
    lotId: null,
    plantingId: null,
    sownOn,
    seedsPerCell: 1,
    cells: Array.from({ length: cells }, (_, cell) => cell),
    seedlings: up === null ? null : Array.from({ length: cells }, (_, cell) => Number(cell < up)),
    labelled: true,
    entries: [],
  };
  const tray = {
    id: "tray-alone",
    name: "Late tray",
    columns: 8,
    rows: 6,
    cellMl: 50,
    lengthCm: 54,
    widthCm: 28,
    stays: [{ from: sownOn, standId: "bench" }],
    sowings: [sowing],
  };
  return {
    ...tarnholt,
    plantings: new Map(),
    logEntries: new Map(),
    rests: new Map(),
    shelters: new Map(),
    pieces: new Map(),
    trays: new Map([[tray.id, tray]]),
  };
}

const kindsOn = (date: string, garden: Garden) =>
  on(date, garden)
    .filter(({ tray }) => tray?.sowingId === "alone")
    .map(({ kind }) => kind);

test.each<[string, Garden, string, string[]]>([
  ["just sown: nothing yet", trayAlone("lettuce", "2026-08-20", null), "2026-08-21", []],
  ["due up: counted", trayAlone("lettuce", "2026-08-20", null), "2026-08-30", ["checkEmergence"]],
  [
    "up, weeks before it is ready: nothing",
    trayAlone("lettuce", "2026-08-20", 24),
    "2026-08-30",
    [],
  ],
  [
    "a fortnight before it is ready: which bed",
    trayAlone("lettuce", "2026-08-20", 24),
    "2026-09-05",
    ["chooseBed"],
  ],
  [
    "none came up: nothing to be planted out",
    trayAlone("lettuce", "2026-08-20", 0),
    "2026-09-10",
    [],
  ],
  ["shoots are cut in their tray", trayAlone("barley-shoots", "2026-09-10", 24), "2026-09-20", []],
])("a tray that is for no bed, %s", (_what, garden, date, kinds) => {
  expect(kindsOn(date, garden)).toEqual(kinds);
});

test("a bed is chosen from those with room, and then they are planted out there and asked about no more", () => {
  const garden = trayAlone("lettuce", "2026-08-20", 24);
  const today = dayNumber("2026-09-14");
  const [state] = sowingStates(garden, site, today);
  if (!state) throw new Error("one sowing");
  const [best, ...others] = bedsFor(site, garden, state.sowing, state, today, "new-lettuce");
  if (!best) throw new Error("the beds are empty");
  // 24 seedlings at 25 cm by 25 cm: 1.5 m² of bed; nothing stands in it.
  const { bed, planting, plants } = best;
  expect(plants).toBe(24);
  expect(planting.lengthM * bed.widthM).toBeCloseTo(1.5, 0);
  expect(others.length).toBeGreaterThan(3);

  const chosen = changed(
    "tray.chooseBed",
    { trayId: "tray-alone", sowingId: "alone", planting },
    garden,
  );
  expect(kindsOn("2026-09-14", chosen)).not.toContain("chooseBed");
  const outDay = state.plantOutDay;
  expect(kindsOn(isoDate(outDay), chosen)).toContain("plantOut");
  const life = plantingState(chosen, site, planting);
  expect(life?.timeline.plantOutDay).toBe(outDay);
  expect(() =>
    changed("tray.chooseBed", { trayId: "tray-alone", sowingId: "alone", planting }, chosen),
  ).toThrow("commands.theseSeedlingsHaveABed");
});

test("full beds are not offered, and part of a bed is told as part", () => {
  const garden = trayAlone("lettuce", "2026-08-20", 48, 48);
  const today = dayNumber("2026-09-14");
  const [state] = sowingStates(garden, site, today);
  if (!state) throw new Error("one sowing");
  const bedsIn = (of: Garden) => bedsFor(site, of, state.sowing, state, today, "a");
  const [plot] = bedsIn(garden);
  if (!plot) throw new Error("the beds are empty");
  const { bed } = plot;
  // All of it but half a metre is taken from now on.
  const kale = {
    ...plot.planting,
    id: "kale",
    cropId: "kale",
    varietyId: "curly",
    sowOn: "2026-08-10",
    fromM: 0,
    lengthM: bed.lengthM - 0.5,
  };
  const taken = {
    ...garden,
    beds: new Map([[bed.id, bed]]),
    plantings: new Map([["kale", kale]]),
  };
  const [part, ...more] = bedsIn(taken);
  expect(more).toEqual([]);
  expect(part?.planting).toMatchObject({ fromM: bed.lengthM - 0.5, lengthM: 0.5 });
  expect(part?.plants).toBeLessThan(48);
  const full = {
    ...taken,
    plantings: new Map([["kale", { ...kale, lengthM: bed.lengthM }]]),
  };
  expect(bedsIn(full)).toEqual([]);
});

test("ground at rest alone has its tasks: it is sown, and ended when it is wanted again", () => {
  const [bed] = tarnholt.beds.values();
  if (!bed) throw new Error("a bed");
  const bare = { ...trayAlone("lettuce", "2026-08-20", 24), trays: new Map() };
  expect(on("2026-09-01", bare).filter(({ bedId }) => bedId === bed.id)).toEqual([]);
  const resting = changed(
    "rest.set",
    {
      id: "rest",
      bedId: bed.id,
      fromM: 0,
      lengthM: bed.lengthM,
      fromOn: "2026-09-01",
      untilOn: "2027-04-10",
      under: { kind: "coverCrop", coverCropId: "rye", sowing: "broadcast", safety: 1 },
    },
    bare,
  );
  const kindsAt = (date: string) =>
    on(date, resting)
      .filter(({ bedId }) => bedId === bed.id)
      .map(({ kind }) => kind);
  expect(kindsAt("2026-09-01")).toContain("sowCoverCrop");
  expect(kindsAt("2027-04-10")).toContain("endRest");
});
