import { dayNumber, isoDate } from "../calendar";
import { tarnholt } from "../plantings/tarnholt.testdata";
import { find, lifeDay, on, settled } from "./tasks.testdata";
import { inEnglish } from "@/words/told.testdata";

const PEAS = "planting-33"; // sown in the house on 25 February
const after = (date: string, days: number) => isoDate(dayNumber(date) + days);

test("sown peas are covered against mice, and uncovered a week after they are up: only where they were covered", () => {
  const before = find(on("2027-02-26"), `${PEAS}-net-thieves`);
  expect(before).toBeUndefined(); // not sown yet, as far as anybody said
  const sown = settled(tarnholt, `${PEAS}-sow`, "2027-02-25");
  const task = find(on("2027-02-26", sown), `${PEAS}-net-thieves`);
  expect(inEnglish(task)).toMatchObject({
    kind: "net",
    reason: expect.stringMatching(/^Mice and crows dig the seed out: fine wire mesh/),
    cautions: ["traps"],
  });
  expect(find(on("2027-03-05", sown), `${PEAS}-net-thieves`)).toBeUndefined();
  const covered = settled(sown, `${PEAS}-net-thieves`, "2027-02-26");
  const upOn = lifeDay(PEAS, "emergeDay");
  const offOn = after(upOn, 7);
  const offIn = (garden: typeof tarnholt) =>
    [-3, 0, 3].some((days) => find(on(after(offOn, days), garden), `${PEAS}-netOff-thieves`));
  expect(offIn(covered)).toBe(true);
  expect(offIn(sown)).toBe(false);
});

test("what mice leave alone is not covered", () => {
  const spinach = [...tarnholt.plantings.values()].filter(({ cropId }) => cropId === "spinach");
  expect(spinach.length).toBeGreaterThan(0);
  for (const { id, sowOn } of spinach) {
    expect(find(on(after(sowOn, 1)), `${id}-net-thieves`)).toBeUndefined();
  }
});
