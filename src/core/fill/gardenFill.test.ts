import { clashesIn } from "../bedSpace";
import { dayNumber } from "../calendar";
import { commands } from "../commands";
import { usualNeed, type Need } from "../food";
import type { Garden } from "../garden";
import {
  CLOTH_IN_SHED,
  inCellar,
  plantingOf,
  potsAtWindow,
  smallGarden,
} from "../gardenFile/small.testdata";
import { siteFor } from "../plantings";
import { raisingRoom } from "../propagation";
import { fillPlan, unmetKg } from "./fillPlan";
import { gardenFill } from "./gardenFill";
import { greedyFill } from "./greedyFill";
import { searchPlan, takenSteps, type FillLimits } from ".";
import { solve } from "@/solver/solve";

const TODAY = dayNumber("2026-07-15");
const weeks = { firstDay: TODAY, count: 40, today: TODAY };
const FREE: FillLimits = { hours: null, kinds: null };
const empty = smallGarden({ plantings: new Map(), trays: new Map() });

function siteOf(garden: Garden) {
  const site = siteFor(garden);
  if (!site) throw new Error("a place");
  return site;
}

function greedyPlan(garden: Garden, need: Need, limits = FREE) {
  const site = siteOf(garden);
  const question = gardenFill(site, garden, need, weeks, limits);
  return fillPlan(site, garden, need, weeks, question, greedyFill(question.problem));
}

function searched(garden: Garden, need: Need, limits = FREE) {
  return searchPlan(siteOf(garden), garden, { need, weeks, limits }, (text, options) =>
    solve(text, { ...options, seconds: 20 }),
  );
}

function taken(garden: Garden, plan: ReturnType<typeof greedyPlan>): Garden {
  const outcome = commands["plan.take"].apply(garden, takenSteps(plan.steps));
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}

/** Of the food groups only some, as a usual household wants them. */
function needOf(eaters: number, ...groups: (keyof Need["groups"])[]): Need {
  const need = usualNeed(eaters, "usual");
  const none = { autumn: 0, winter: 0, spring: 0, summer: 0 };
  const entries = Object.entries(need.groups).map(([group, of]) => [
    group,
    groups.includes(group as keyof Need["groups"]) ? of : none,
  ]);
  return { ...need, groups: Object.fromEntries(entries) as Need["groups"] };
}

test("a searched plan beats a gap after another, breaks no rule, and lowers what is short by what it said", async () => {
  const need = usualNeed(2, "usual");
  const site = siteOf(empty);
  const greedy = greedyPlan(empty, need);
  const { plan, gap } = await searched(empty, need);
  expect(greedy.afterKg).toBeLessThan(greedy.beforeKg * 0.8);
  expect(plan.afterKg).toBeLessThanOrEqual(greedy.afterKg);
  expect(gap).toBeLessThan(0.1);
  const after = taken(empty, plan);
  expect(Math.abs(unmetKg(site, after, need, weeks) - plan.afterKg)).toBeLessThan(
    0.01 * (plan.beforeKg - plan.afterKg),
  );
  for (const bed of after.beds.values()) expect(clashesIn(site, after, bed)).toEqual([]);
}, 60_000);

test("seedlings of a plan find room on the bench that there is; without a bench nobody limits them", () => {
  const bench = { id: "bench", name: "Bench", kind: "bench", heatMatC: null } as const;
  const tight = { ...empty, stands: new Map([["bench", { ...bench, lengthM: 0.3, widthM: 0.3 }]]) };
  const need = needOf(30, "heads", "alliums");
  const roomOf = (garden: Garden) => {
    const after = taken(garden, greedyPlan(garden, need));
    const trays = [...after.plantings.values()].flatMap((one) => raisingRoom(after, one));
    const days = trays.map(({ fromDay }) => fromDay);
    return Math.max(
      0,
      ...days.map((day) =>
        trays
          .filter((one) => one.fromDay <= day && one.toDay > day)
          .reduce((sum, { areaM2 }) => sum + areaM2, 0),
      ),
    );
  };
  const wide = { ...empty, stands: new Map([["bench", { ...bench, lengthM: 5, widthM: 1 }]]) };
  expect(roomOf(tight)).toBeLessThanOrEqual(0.09 * 1.02);
  expect(roomOf(wide)).toBeGreaterThan(0.12);
});

test("a cover from the shed lies over one bed, and what is sown under it goes with it", () => {
  const shed = { ...empty, pieces: new Map([[CLOTH_IN_SHED.id, CLOTH_IN_SHED]]) };
  const site = siteOf(shed);
  const need = needOf(20, "salad", "cookedGreens");
  const question = gardenFill(site, shed, need, weeks, FREE);
  const { candidates } = question.problem;
  // Only what grows under the cover, as much as there is of it.
  const lengths = question.options.map((option, index) => {
    if (option.kind === "cover") return candidates[index]?.mostM ?? 0;
    return option.kind === "sow" && option.coverId !== null ? 0.5 : 0;
  });
  const plan = fillPlan(site, shed, need, weeks, question, lengths);
  const covers = plan.steps.filter(({ kind }) => kind === "cover");
  expect(covers).toHaveLength(1);
  const under = plan.steps.filter((step) => step.kind === "sow");
  expect(under.length).toBeGreaterThan(0);
  for (const step of under) expect(step).toMatchObject({ wants: covers[0]?.id });
  const after = taken(shed, plan);
  const bed = [...after.beds.values()].find(({ covers: over }) => over.includes("row-cover-heavy"));
  expect(after.pieces.get("cloth")).toMatchObject({ bedId: bed?.id });
  // A cover that nothing is sown under stays in the shed, and is not counted.
  const alone = lengths.map((lengthM, index) =>
    question.options[index]?.kind === "cover" ? lengthM : 0,
  );
  const none = fillPlan(site, shed, need, weeks, question, alone);
  expect(none).toEqual({ steps: [], beforeKg: none.beforeKg, afterKg: none.beforeKg });
});

test("what is planned stays unless it may move, and makes way only for what is worth more", async () => {
  const [bed] = empty.beds.values();
  if (!bed) throw new Error("a bed");
  const planned = plantingOf("winter-squash", "2026-07-20", {
    id: "squash",
    bedId: bed.id,
    lengthM: bed.lengthM,
  });
  const only = new Map([[bed.id, bed]]);
  const garden = { ...empty, beds: only, plantings: new Map([[planned.id, planned]]) };
  const need = needOf(20, "salad", "cookedGreens", "roots");
  const stays = greedyPlan(garden, need);
  expect(taken(garden, stays).plantings.has("squash")).toBe(true);
  const { plan } = await searched(garden, need, { ...FREE, mayMove: true });
  expect(plan.steps).toContainEqual(
    expect.objectContaining({ kind: "leaveOut", cropName: "Winter squash" }),
  );
  expect(plan.afterKg).toBeLessThan(stays.afterKg);
  expect(taken(garden, plan).plantings.has("squash")).toBe(false);
}, 60_000);

test("roots from the store are forced in as many pots as the store has roots for", () => {
  // 150 g a root: sixty of them.
  const beets = inCellar("beet", 9000, "2026-07-01");
  const garden: Garden = {
    ...empty,
    beds: new Map(["pots-1", "pots-2"].map((id) => [id, potsAtWindow(id, 6)])),
    storeLots: new Map([[beets.id, beets]]),
  };
  const need = needOf(4, "cookedGreens");
  const site = siteOf(garden);
  const question = gardenFill(site, garden, need, weeks, FREE);
  const isForced = (index: number) => question.options[index]?.kind === "force";
  const roots = question.options.flatMap((option) =>
    option.kind === "force" && option.roots ? [option.roots.wanted] : [],
  );
  // Both rows want more together than there is.
  expect(roots).toHaveLength(2);
  expect(roots[0]).toBeGreaterThan(30);
  const { candidates } = question.problem;
  const lengths = greedyFill({
    ...question.problem,
    candidates: candidates.map((one, index) => (isForced(index) ? one : { ...one, lots: [] })),
  });
  expect(lengths.filter((lengthM) => lengthM > 0)).toHaveLength(1);
  const plan = fillPlan(site, garden, need, weeks, question, lengths);
  expect(plan.steps).toEqual([expect.objectContaining({ kind: "force", everyDays: 14 })]);
  expect(plan.afterKg).toBeLessThan(plan.beforeKg);
});
