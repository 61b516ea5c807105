import practiceJson from "@data/practice.json";
import type { BedOnEvening, Evening } from "./evening";
import { noChoice, toolChoice } from "./toolChoice";

const bedOf = (id: string, some: Partial<BedOnEvening>): BedOnEvening => ({
  id,
  name: id,
  hasFrame: false,
  cropId: "lettuce",
  isOver: false,
  isReady: true,
  sizeShare: 1,
  aliveShare: 1,
  leafShare: 1,
  lt50C: -4,
  hardened: 0.5,
  readyKg: 2,
  risk: 0,
  riskUnderCloth: 0,
  waterShare: null,
  ...some,
});

const eveningOf = (some: Partial<Evening>): Evening => ({
  day: 20_750,
  week: 3,
  weeks: 12,
  asks: ["cover", "pick", "lid", "sow", "water"],
  outlook: [],
  duskC: 2,
  cloudShare: 0.2,
  windMps: 1,
  shutMaxC: 20,
  beds: [],
  cloths: 1,
  sowable: [],
  harvestedKg: 0,
  ...some,
});

test("the one cloth goes where it saves most kilograms, not where the risk is highest", () => {
  const beds = [
    bedOf("small", { risk: 0.9, riskUnderCloth: 0.1, readyKg: 0.3, sizeShare: 0.1 }),
    bedOf("large", { risk: 0.5, riskUnderCloth: 0.05, readyKg: 4 }),
    bedOf("safe", { risk: 0.04, riskUnderCloth: 0 }),
  ];
  expect(toolChoice(eveningOf({ beds })).cover).toEqual(["large"]);
  // With cloths enough, what a cloth hardly helps still goes without.
  expect(toolChoice(eveningOf({ beds, cloths: 3 })).cover).toEqual(["large", "small"]);
});

test("what is lost under a cloth all the same is picked, and its cloth is not carried out", () => {
  const beds = [
    bedOf("doomed", { risk: 0.95, riskUnderCloth: 0.6 }),
    bedOf("unready", { risk: 0.95, riskUnderCloth: 0.6, readyKg: 0 }),
  ];
  const choice = toolChoice(eveningOf({ beds, cloths: 2 }));
  expect(choice.pick).toEqual(["doomed"]);
  expect(choice.cover).toEqual(["unready"]);
});

test("lids open on a day that would get hot, and stay shut on a dull one and where nobody looks", () => {
  const hot = eveningOf({ shutMaxC: practiceJson.dullShutC + 10 });
  expect(toolChoice(hot).lid).toBe("open");
  expect(noChoice(hot).lid).toBe("shut");
  expect(toolChoice(eveningOf({ shutMaxC: practiceJson.dullShutC - 1 })).lid).toBe("shut");
});

test("empty beds are sown with what is hardiest of what may be sown, and watered in the morning", () => {
  const beds = [bedOf("empty", { cropId: null }), bedOf("full", {})];
  const choice = toolChoice(eveningOf({ beds, sowable: ["lettuce", "spinach", "arugula"] }));
  expect(choice.sow).toEqual([{ bedId: "empty", cropId: "spinach" }]);
  expect(choice.water).toBe("morning");
  expect(toolChoice(eveningOf({ beds, sowable: [] })).sow).toEqual([]);
});

test("nothing is decided that was not asked for", () => {
  const beds = [
    bedOf("doomed", { risk: 1, riskUnderCloth: 0.9 }),
    bedOf("empty", { cropId: null }),
  ];
  const evening = eveningOf({ asks: [], beds, cloths: 2, sowable: ["spinach"] });
  expect(toolChoice(evening)).toEqual({ cover: [], lid: null, pick: [], sow: [], water: "none" });
});
