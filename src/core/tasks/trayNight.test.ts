import { isoDate } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Garden } from "../garden";
import { cropLibrary } from "../crops";
import { tarnholt, tarnholtSite as site, day } from "../plantings/tarnholt.testdata";
import { tasksOn } from "./tasks";

const OCTOBER = day("2026-10-20");
const outlook = (minTempC: number): Garden["outlook"] => {
  const days = [0, 1, 2].map((after): OutlookDay => ({
    date: isoDate(OCTOBER + after),
    minTempC,
    maxTempC: 9,
    spreadC: 1,
    precipitationMm: null,
    cloudShare: null,
    windMps: null,
  }));
  return {
    ...tarnholt.outlook,
    outlook: { ...tarnholt.outlook?.outlook, days },
  } as Garden["outlook"];
};

/** A tray of one crop, on a stand of a kind since a day. */
function withTray(
  cropId: string,
  kind: "outdoors" | "bench" | "frame",
  since: string,
  minTempC: number,
) {
  const crop = cropLibrary.get(cropId);
  const sowing = {
    id: "night-sowing",
    cropId,
    varietyId: crop?.varieties[0]?.id ?? "",
    lotId: null,
    plantingId: null,
    sownOn: "2026-09-10",
    seedsPerCell: 1,
    cells: [0, 1],
    seedlings: [1, 1],
    labelled: true,
    entries: [],
  };
  const garden: Garden = {
    ...tarnholt,
    outlook: outlook(minTempC),
    stands: new Map([
      ["there", { id: "there", name: "Yard", kind, lengthM: 2, widthM: 1, heatMatC: null }],
    ]),
    trays: new Map([
      [
        "night-tray",
        {
          id: "night-tray",
          name: "Late tray",
          columns: 6,
          rows: 4,
          cellMl: 50,
          lengthCm: 40,
          widthCm: 25,
          stays: [{ from: since, standId: "there" }],
          sowings: [sowing],
        },
      ],
    ]),
  };
  return tasksOn(site, garden, OCTOBER).find(({ id }) => id.startsWith("night-tray-carryIn"));
}

test.each<[string, Parameters<typeof withTray>, boolean]>([
  ["lettuce just put out, before −2 °C", ["lettuce", "outdoors", "2026-10-18", -2], true],
  ["lettuce just put out, before 5 °C", ["lettuce", "outdoors", "2026-10-18", 5], false],
  ["the same on a bench indoors", ["lettuce", "bench", "2026-10-18", -2], false],
  [
    "tomatoes that have stood out for weeks, before −1 °C",
    ["tomato", "outdoors", "2026-09-20", -1],
    true,
  ],
  [
    "kale that has stood out for weeks, before −2 °C",
    ["kale", "outdoors", "2026-09-20", -2],
    false,
  ],
  [
    "kale that has stood out for weeks, before −14 °C",
    ["kale", "outdoors", "2026-09-20", -14],
    true,
  ],
])("%s: carried in, or not", (_what, [cropId, kind, since, minTempC], isAsked) => {
  const task = withTray(cropId, kind, since, minTempC);
  expect(task !== undefined).toBe(isAsked);
  if (task) expect(task).toMatchObject({ kind: "carryIn", subject: "Late tray", place: "Yard" });
});
