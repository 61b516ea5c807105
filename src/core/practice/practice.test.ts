import { isoDate, type DayNumber } from "../calendar";
import {
  DIFFICULTIES,
  freeWinter,
  LESSON_IDS,
  lessonOf,
  livePractice,
  NO_CHOICE,
  noChoice,
  review,
  toolChoice,
  type Choice,
  type Evening,
} from ".";
import { mouldShare } from "./wetLeaves";

test.each(LESSON_IDS)("lesson %s has evenings to decide, and deciding well pays", (id) => {
  const scenario = lessonOf(id);
  let evenings = 0;
  const nothing = livePractice(scenario, (evening) => {
    evenings += 1;
    expect(evening.asks.length).toBeGreaterThan(0);
    return noChoice(evening);
  });
  const tool = livePractice(scenario, toolChoice);
  expect(evenings).toBeGreaterThanOrEqual(3);
  expect(tool.harvestedKg).toBeGreaterThan(nothing.harvestedKg + 0.5);
  expect(nothing.evening).toBeNull();
});

test("the winter waits for a decision, and the same decisions come to the same", () => {
  const scenario = freeWinter("inland-valley", "usual", 3);
  const first = livePractice(scenario, () => null);
  expect(first.evening?.outlook).toHaveLength(7);
  expect(first.decided).toEqual([]);
  const decided = new Map<DayNumber, Choice>();
  const decide = (evening: Evening) => decided.get(evening.day) ?? null;
  if (first.evening) decided.set(first.evening.day, NO_CHOICE);
  const second = livePractice(scenario, decide);
  expect(second.evening && first.evening && second.evening.day > first.evening.day).toBe(true);
  expect(livePractice(scenario, decide)).toEqual(second);
});

test("lettuce that is soft in October dies of a night that hardened spinach bears", () => {
  const nothing = livePractice(lessonOf("hardening"), noChoice);
  const froze = nothing.happened.filter((one) => one.kind === "froze");
  expect(froze.length).toBeGreaterThan(0);
  expect(froze.every(({ bedId }) => bedId === "bed-a" || bedId === "bed-b")).toBe(true);
});

test("sown six weeks later, spinach is ready months later: the cliff", () => {
  const scenario = lessonOf("cliff");
  const readyWhenSownFrom = (from: string) => {
    const lived = livePractice(scenario, (evening) =>
      isoDate(evening.day) < from || evening.beds[0]?.cropId !== null
        ? NO_CHOICE
        : { ...NO_CHOICE, sow: [{ bedId: "bed-a", cropId: "spinach" }] },
    );
    return lived.happened.find(({ kind }) => kind === "ready")?.day ?? Infinity;
  };
  const [early, late] = [readyWhenSownFrom("2026-08-16"), readyWhenSownFrom("2026-09-27")];
  expect(late - early).toBeGreaterThan(120);
});

test("a review tells what was missed and gained, evening by evening, and why", () => {
  const scenario = lessonOf("tooFewCovers");
  const choices = new Map<DayNumber, Choice>();
  const { decided } = livePractice(scenario, toolChoice);
  for (const { day, choice } of decided) choices.set(day, choice);
  const asTool = review(scenario, choices);
  expect(asTool.harvestedKg).toBeCloseTo(asTool.toolKg, 9);
  expect(asTool.mattered.length).toBeGreaterThan(0);
  expect(asTool.mattered.every(({ missedKg }) => missedKg === 0)).toBe(true);
  expect(asTool.mattered[0]?.gainedKg).toBeGreaterThan(0.1);
  const doneNothing = review(scenario, new Map());
  expect(doneNothing.harvestedKg).toBeCloseTo(doneNothing.nothingKg, 9);
  expect(doneNothing.mattered.length).toBeLessThanOrEqual(3);
  expect(doneNothing.mattered[0]?.missedKg).toBeGreaterThan(0.1);
  expect(doneNothing.mattered[0]?.then.length).toBeGreaterThan(0);
});

test("a harder winter has fewer cloths; in the south it comes half a year later", () => {
  const cloths = DIFFICULTIES.map((one) => freeWinter("wet-coast", one, 1).cloths);
  expect(cloths).toEqual([...cloths].sort((a, b) => b - a));
  const south = freeWinter("southern-upland", "usual", 1);
  expect(isoDate(south.fromDay).slice(5, 7)).toBe("03");
  expect(livePractice(south, toolChoice).harvestedKg).toBeGreaterThan(5);
});

test.each([5, 13, 24])("winter %i: a frame left shut gets as warm as was told", (winter) => {
  const told = new Map<DayNumber, number>();
  const lived = livePractice({ ...lessonOf("brightDay"), winter }, (evening) => {
    if (evening.shutMaxC !== null) told.set(evening.day + 1, evening.shutMaxC);
    return noChoice(evening);
  });
  const offC = lived.happened.flatMap((one) => {
    const toldC = one.kind === "scorched" ? told.get(one.day) : undefined;
    return one.kind === "scorched" && toldC !== undefined ? [one.maxC - toldC] : [];
  });
  expect(offC.length).toBeGreaterThan(0);
  expect(Math.max(...offC.map(Math.abs))).toBeLessThan(1);
});

test("grey mould by hours of wet leaves: little when they dry soon, most about twenty degrees", () => {
  // Broome et al. (1995), eq. 1 by hand at 12 h and 20 °C: logit 0.38, 59.5 %, less 6.6 % of dry leaves.
  expect(mouldShare(12, 20)).toBeCloseTo(0.529, 3);
  expect(mouldShare(13, 10)).toBeGreaterThan(2 * mouldShare(3, 10));
  expect(mouldShare(13, 20)).toBeGreaterThan(mouldShare(13, 8));
  expect(mouldShare(13, -1)).toBe(0);
});
