import * as z from "zod";
import { feedingProblems, restProblems } from "../../gardenFile";
import type { Garden } from "../../garden";
import { FeedingSchema, RestSchema } from "../../soil";
import { change, command, refuse } from "../command";
import { occupying } from "../occupying";
import { fact } from "../../facts";

const idInput = z.object({ id: z.string() });
const bedName = (garden: Garden, bedId: string) => garden.beds.get(bedId)?.name ?? "a bed";

export const setRest = command({
  name: "rest.set",
  label: ({ bedId }, garden) => fact("commands.resting", { bedName: bedName(garden, bedId) }),
  input: RestSchema,
  run(garden, rest) {
    const [problem] = restProblems("rest", rest, garden);
    if (problem) return refuse(problem.message, problem.path);
    const before = garden.rests.get(rest.id) ?? null;
    return occupying(garden, { kind: "rest", id: rest.id, before, after: rest });
  },
});

export const removeRest = command({
  name: "rest.remove",
  label: () => fact("commands.endingARest"),
  input: idInput,
  run(garden, { id }) {
    const before = garden.rests.get(id);
    if (!before) return refuse(fact("commands.thisRestIsNoLongerInTheGarden"));
    return change({ kind: "rest", id, before, after: null });
  },
});

export const setFeeding = command({
  name: "feeding.set",
  label: ({ bedId }, garden) => fact("commands.feeding", { bedName: bedName(garden, bedId) }),
  input: FeedingSchema,
  run(garden, feeding) {
    const [problem] = feedingProblems("feeding", feeding, garden);
    if (problem) return refuse(problem.message, problem.path);
    const before = garden.feedings.get(feeding.id) ?? null;
    return change({ kind: "feeding", id: feeding.id, before, after: feeding });
  },
});

export const removeFeeding = command({
  name: "feeding.remove",
  label: () => fact("commands.removingAFeeding"),
  input: idInput,
  run(garden, { id }) {
    const before = garden.feedings.get(id);
    if (!before) return refuse(fact("commands.thisFeedingIsNoLongerInTheGarden"));
    return change({ kind: "feeding", id, before, after: null });
  },
});
