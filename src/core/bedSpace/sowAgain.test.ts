import { dayNumber as day, isoDate } from "../calendar";
import { commands } from "../commands";
import type { Bed, Planting } from "../garden";
import { tarnholt as garden, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { clashesIn } from "./occupancy";
import { sowAgain } from "./sowAgain";

const planting = (id: string) => garden.plantings.get(id) as Planting;
const raised = [...garden.plantings.values()].filter(({ method }) => method === "transplant");

test("every raised planting once more three weeks on: where there is room, under the same covers, and nobody clashes", () => {
  let planned = 0;
  for (const one of raised) {
    const sowDay = day(one.sowOn) + 21;
    const again = sowAgain(site, garden, one, sowDay, "again");
    expect(again?.timeline.sowDay).toBe(sowDay);
    if (!again?.planting) continue;
    planned += 1;
    expect(again.planting).toMatchObject({ cropId: one.cropId, sowOn: isoDate(sowDay) });
    const [own, other] = [garden.beds.get(one.bedId), again.bed];
    expect(other?.shelterId).toBe(own?.shelterId);
    const outcome = commands["planting.add"].apply(garden, again.planting);
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    expect(clashesIn(site, outcome.garden, again.bed as Bed)).toEqual([]);
  }
  expect(planned).toBeGreaterThan(1);
});

test("its dates are told even where no bed has room, and nothing for what is gone", () => {
  const full = {
    ...garden,
    beds: new Map([[planting("planting-38").bedId, garden.beds.get("bed-4") as Bed]]),
  };
  const again = sowAgain(site, full, planting("planting-38"), day("2026-04-20"), "again");
  expect(again?.planting).toBeNull();
  expect(again?.timeline.plantOutDay).toBeGreaterThan(day("2026-05-01"));
  const gone = { ...planting("planting-38"), bedId: "none" };
  expect(sowAgain(site, garden, gone, day("2026-04-20"), "again")).toBeNull();
});
