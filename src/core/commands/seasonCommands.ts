import * as z from "zod";
import { dayNumber, IsoDateSchema } from "../calendar";
import { fact } from "../facts";
import {
  KeptSeasonSchema,
  PlantingSchema,
  SuccessionSchema,
  withChanges,
  type Change,
} from "../garden";
import { restProblems } from "../gardenFile";
import { siteFor } from "../plantings";
import { closedSeason, seasonToClose } from "../seasons";
import { RestSchema } from "../soil";
import { change, command, refuse } from "./command";
import { takePlan } from "./planCommands";
import { occupying } from "./occupying";

/** What is over goes into a season of its own, whole; what still stands goes on. */
export const closeSeason = command({
  name: "season.close",
  label: () => fact("commands.closingASeason"),
  input: z.object({ on: IsoDateSchema }),
  run(garden, { on }) {
    const site = siteFor(garden);
    if (!site) return refuse(fact("commands.aSeasonNeedsAPlace"));
    const day = dayNumber(on);
    const over = seasonToClose(site, garden, day);
    if (!over) {
      const last = Math.max(...[...garden.keptSeasons.values()].map(({ year }) => year));
      return Number.isFinite(last)
        ? refuse(fact("commands.nothingOfItIsOverAfter", { year: last }))
        : refuse(fact("commands.nothingIsOverYet"));
    }
    return { changes: closedSeason(site, garden, over, day).changes };
  },
});

const WishInput = KeptSeasonSchema.shape.wishes.element;

/** What is to be done otherwise with a planting next time; null takes the wish back. */
export const wishForNext = command({
  name: "season.wish",
  label: () => fact("commands.aWishForNextSeason"),
  input: z.object({
    seasonId: z.string(),
    plantingId: z.string(),
    change: WishInput.shape.change.nullable(),
  }),
  run(garden, { seasonId, plantingId, change: wanted }) {
    const before = garden.keptSeasons.get(seasonId);
    if (!before?.plantings.some(({ planting }) => planting.id === plantingId)) {
      return refuse(fact("commands.thisSeasonIsNoLongerThere"));
    }
    const others = before.wishes.filter((wish) => wish.plantingId !== plantingId);
    const wishes = wanted === null ? others : [...others, { plantingId, change: wanted }];
    return change({ kind: "keptSeason", id: seasonId, before, after: { ...before, wishes } });
  },
});

/** The plantings and rests of a season that begins, as one step. */
export const beginSeason = command({
  name: "season.begin",
  label: () => fact("commands.beginningASeason"),
  input: z.object({
    plantings: z.array(PlantingSchema).max(2000),
    rests: z.array(RestSchema).max(1000),
    successions: z.array(SuccessionSchema).max(500),
  }),
  run(garden, { plantings, rests, successions }) {
    const there = plantings.find(({ id }) => garden.plantings.has(id));
    if (there) return refuse(fact("commands.thisSeasonHasBegunAlready"));
    const planted = takePlan.run(garden, { leaveOut: [], covers: [], successions, plantings });
    if ("refusal" in planted) return planted;
    const next = withChanges(garden, planted.changes);
    const [problem] = rests.flatMap((rest) => restProblems("rest", rest, next));
    if (problem) return refuse(problem.message, problem.path);
    const resting = occupying(
      next,
      ...rests.map((rest): Change => ({
        kind: "rest",
        id: rest.id,
        before: next.rests.get(rest.id) ?? null,
        after: rest,
      })),
    );
    return "refusal" in resting ? resting : { changes: [...planted.changes, ...resting.changes] };
  },
});
