import { dayNumber } from "@/core/calendar";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { lifeOf, rehearsalOf, type Rehearsal, type RehearsalAsked } from "@/core/winter";
import { startRehearsal, type Connected, type RehearsalRun, type RunOptions } from "./rehearse";

const garden = smallGarden();
const asked: RehearsalAsked = {
  fromDay: dayNumber("2026-09-24"),
  seed: 7,
  winters: "made",
  changes: [],
};

/** Workers that live on the page; the chosen ones break at their first winters. */
function hands(breaking: readonly number[] = []): RunOptions["connect"] {
  let made = -1;
  return (onBroken): Connected => {
    const at = (made += 1);
    let rehearsal: Rehearsal | null = null;
    return {
      end: () => undefined,
      remote: {
        async begin(of, _preparation, what) {
          await Promise.resolve();
          const found = rehearsalOf(of, what);
          if (!found.ok) return found;
          ({ rehearsal } = found);
          return {
            ok: true,
            plantingIds: rehearsal.gardens.map(({ lives }) => lives.map((one) => one.planting.id)),
            fromDay: rehearsal.span.fromDay,
            untilDay: rehearsal.span.untilDay,
            count: rehearsal.winters,
          };
        },
        async live(from, to) {
          await Promise.resolve();
          if (breaking.includes(at)) {
            onBroken(new Error("gone"));
            return new Promise(() => undefined);
          }
          return Array.from(
            { length: to - from },
            (_, index) => rehearsal?.live(from + index) ?? [],
          );
        },
        tell: async (winter, which) => rehearsal && lifeOf(rehearsal, winter, which),
      },
    };
  };
}

function until(run: RehearsalRun, isThere: () => boolean): Promise<void> {
  return new Promise((resolve) => {
    const look = () => {
      if (isThere()) resolve();
    };
    run.subscribe(look);
    look();
  });
}

const start = (some: Partial<RunOptions> = {}, more: Partial<RehearsalAsked> = {}) =>
  startRehearsal(
    garden,
    { ...asked, ...more },
    { connect: hands(), workers: 2, wanted: 6, untilClear: false, ...some },
  );

test("what a worker that breaks had begun is taken over, and comes to the same", async () => {
  const whole = start();
  await until(whole, () => whole.getState().status === "done");
  const hurt = start({ connect: hands([1]) });
  await until(hurt, () => hurt.getState().status === "done");
  expect(hurt.getState().brokenWorkers).toBe(1);
  expect(hurt.getState().reports).toEqual(whole.getState().reports);
  expect(whole.getState().reports[0]?.winters).toBe(6);
});

test("when none is left the run ends with what it has", async () => {
  const run = start({ connect: hands([0, 1]) });
  await until(run, () => run.getState().status === "broken");
  expect(run.getState()).toMatchObject({ brokenWorkers: 2, status: "broken" });
});

test("stopped, it is resumed where it was, and may go on for longer", async () => {
  const run = start({ wanted: 8, workers: 1 });
  await until(run, () => (run.getState().reports[0]?.winters ?? 0) > 0);
  run.stop();
  expect(run.getState().status).toBe("stopped");
  run.resume(9);
  await until(run, () => run.getState().status === "done");
  expect(run.getState().reports[0]?.winters).toBe(9);
  const life = await run.tell(3, 0);
  expect(life?.entries.length).toBeGreaterThan(5);
  expect(life?.rehearsed.daily.minTempC.length).toBeGreaterThan(300);
});

test("a change that takes a planting away is clear before all winters are through; a refusal is told", async () => {
  const changes = [[{ name: "planting.remove", input: { id: "kale" } }]];
  const run = start({ wanted: 200, untilClear: true }, { changes });
  await until(run, () => run.getState().status === "clear");
  const [paired] = run.getState().paired;
  expect(paired).toMatchObject({ verdict: "worse", betterIn: 0 });
  expect(paired?.winters).toBeLessThan(100);
  const refused = start({}, { changes: [[{ name: "planting.remove", input: { id: "none" } }]] });
  await until(refused, () => refused.getState().status === "refused");
  expect(refused.getState().refusal?.code).toBe("commands.stepRefused");
});
