import "fake-indexeddb/auto";
import { dayNumber } from "@/core/calendar";
import { madeUpClimates, simulatedOutlook } from "@/core/climate";
import { gardenStore } from "./browserStore";
import { fetchOutlook, fetchReadings } from "./station";
import { inEnglish } from "@/words/told.testdata";
import { keyOf } from "@/core/facts";

const TODAY = dayNumber("2026-09-24");
const [climate] = madeUpClimates;
if (!climate) throw new Error("there are made-up climates");
const outlook = simulatedOutlook(climate, TODAY);

/** The network, as far as the store is concerned. */
function network(answer: (url: string) => Response | Error): string[] {
  const asked: string[] = [];
  globalThis.fetch = (async (url: string) => {
    asked.push(url);
    const given = answer(url);
    if (given instanceof Error) throw given;
    return given;
  }) as typeof fetch;
  return asked;
}
const kept = () => gardenStore().getState().garden.outlook;
const realFetch = globalThis.fetch;

beforeAll(async () => {
  // One tab, in a browser that keeps whatever it is given.
  Reflect.deleteProperty(globalThis, "BroadcastChannel");
  Object.defineProperty(globalThis, "navigator", { value: {}, configurable: true });
  await gardenStore().open();
});
afterAll(() => {
  globalThis.fetch = realFetch;
});

test("without a station nothing is asked", async () => {
  const asked = network(() => Response.json(outlook));
  expect(inEnglish(await fetchOutlook(TODAY))).toEqual({
    ok: false,
    problem: "No station is set.",
  });
  expect(asked).toEqual([]);
});

test("an outlook is asked for the day, checked and kept; whatever else comes leaves the last one", async () => {
  await gardenStore().dispatch("settings.set", { stationUrl: "https://station.invalid/frost/" });
  const asked = network(() => Response.json(outlook));
  expect(await fetchOutlook(TODAY)).toEqual({ ok: true, value: null });
  expect(asked).toEqual(["https://station.invalid/frost/outlook?date=2026-09-24"]);
  expect(kept()?.outlook).toEqual(outlook);
  expect(Date.parse(kept()?.receivedAt ?? "")).not.toBeNaN();

  const failures: [Response | Error, RegExp][] = [
    [new TypeError("network"), /could not be reached/],
    [new Response("gone", { status: 503 }), /did not answer \(status 503\)/],
    [new Response("<html>"), /could not be reached/],
    [Response.json({ temperature: "mild" }), /not a forecast/],
    [Response.json({ ...outlook, days: [] }), /not a forecast/],
    [Response.json({ ...outlook, source: "<script>" }), /not a forecast/],
  ];
  for (const [answer, words] of failures) {
    network(() => answer);
    const got = await fetchOutlook(TODAY + 1);
    expect(got.ok ? "" : keyOf(got.problem)).toMatch(words);
    expect(kept()?.outlook).toEqual(outlook);
  }
});

test("readings are checked, and kept nowhere", async () => {
  const body = {
    format: "late-ember-readings",
    version: 1,
    source: "shed logger",
    simulated: false,
    readings: [{ sensor: "outside", at: "2026-09-23T06:00", tempC: -0.4 }],
  };
  network(() => Response.json(body));
  expect(await fetchReadings(TODAY)).toEqual({ ok: true, value: body });
  network(() => Response.json({ readings: [{ sensor: "outside" }] }));
  const wrong = await fetchReadings(TODAY);
  expect(wrong.ok ? "" : keyOf(wrong.problem)).toMatch(/not readings/);
});
