import * as z from "zod";
import { boundsOf, type Outline, fitsInto } from "../../layout";
import {
  BedSchema,
  ShelterSchema,
  withChanges,
  type Bed,
  type Change,
  type Garden,
  type Shelter,
} from "../../garden";
import { bedProblems, coverProblems } from "../../gardenFile";
import { change, command, refuse } from "../command";
import { logWithout } from "../log/logFollows";
import { checked } from "./layoutCommands";
import { fact, type Fact } from "../../facts";

const GONE = fact("commands.thisShelterIsNoLongerInTheGarden");

/** The plot grown as far as an outline reaches beyond it; null where it need not grow. */
function grownPlot(garden: Garden, outline: Outline | null): Change | null {
  const { plot } = garden;
  if (!plot || !outline) return null;
  const bounds = boundsOf([outline]);
  const lengthM = Math.max(plot.lengthM, Math.ceil((bounds?.right ?? 0) + 0.5));
  const widthM = Math.max(plot.widthM, Math.ceil((bounds?.top ?? 0) + 0.5));
  if (lengthM === plot.lengthM && widthM === plot.widthM) return null;
  return { kind: "plot", id: "plot", before: plot, after: { ...plot, lengthM, widthM } };
}

/** A new shelter with the beds in it, the plot grown to hold it. */
export const buildShelter = command({
  name: "shelter.build",
  label: ({ shelter }) => fact("commands.building", { shelter: shelter.name }),
  input: z.object({ shelter: ShelterSchema, beds: z.array(BedSchema).max(200) }),
  run(garden, { shelter, beds }) {
    const [problem] = coverProblems("shelter", shelter);
    if (problem) return refuse(problem.message, problem.path);
    if (shelter.covers.length === 0) {
      return refuse(fact("commands.aShelterNeedsAtLeastOneCoverChoose"), "shelter.covers");
    }
    if (garden.shelters.has(shelter.id)) return refuse(fact("commands.thisShelterIsAlreadyThere"));
    const changes: Change[] = [];
    const plot = grownPlot(garden, shelter.outline);
    if (plot) changes.push(plot);
    changes.push({ kind: "shelter", id: shelter.id, before: null, after: shelter });
    const shelterIds = new Set([...garden.shelters.keys(), shelter.id]);
    for (const bed of beds) {
      const [wrong] = bedProblems("bed", bed, shelterIds);
      if (wrong) return refuse(wrong.message, wrong.path);
      if (garden.beds.has(bed.id))
        return refuse(fact("commands.isAlreadyThere", { bed: bed.name }));
      const wide = tooWide(shelter, bed);
      if (wide) return refuse(wide, "beds");
      changes.push({ kind: "bed", id: bed.id, before: null, after: bed });
    }
    return checked(garden, changes, withChanges(garden, changes));
  },
});

/** Why a bed does not go into a shelter, in a sentence; null when it does. */
function tooWide({ outline, name }: Shelter, bed: Bed): Fact | null {
  if (!outline) return null;
  const [inLong, inShort] = [outline.lengthM, outline.widthM].sort((a, b) => b - a) as [
    number,
    number,
  ];
  const [long, short] = [bed.lengthM, bed.widthM].sort((a, b) => b - a) as [number, number];
  if (fitsInto(long, inLong) && fitsInto(short, inShort)) return null;
  return fact("commands.doesNotFitInMakeItSmallerOrThe", {
    bed: bed.name,
    long,
    short,
    name,
    inLong,
    inShort,
  });
}

/** A shelter's name, covers, size, vents, barrels and film changed. */
export const editShelter = command({
  name: "shelter.edit",
  label: ({ id }, garden) => fact("commands.changeTo2", { shelter: garden.shelters.get(id)?.name }),
  input: ShelterSchema.partial().required({ id: true }),
  run(garden, { id, ...some }) {
    const before = garden.shelters.get(id);
    if (!before) return refuse(GONE);
    const shelter: Shelter = { ...before, ...some };
    const [problem] = coverProblems("shelter", shelter);
    if (problem) return refuse(problem.message, problem.path);
    if (shelter.covers.length === 0) {
      return refuse(fact("commands.aShelterNeedsAtLeastOneCoverRemove"), "covers");
    }
    const changes: Change[] = [];
    const plot = grownPlot(garden, shelter.outline);
    if (plot) changes.push(plot);
    changes.push({ kind: "shelter", id, before, after: shelter });
    return checked(garden, changes, withChanges(garden, changes));
  },
});

/** A bed without a shelter that goes: it stands in the open then, and so do containers moved into it. */
function outOfShelter(bed: Bed, id: string): Bed {
  const { container } = bed;
  const isMovedIn = container?.stays.some(({ at }) => at.kind === "shelter" && at.shelterId === id);
  if (bed.shelterId !== id && !isMovedIn) return bed;
  const after = bed.shelterId === id ? { ...bed, shelterId: null } : { ...bed };
  if (!container) return after;
  const stays = container.stays.map((stay) =>
    stay.at.kind === "shelter" && stay.at.shelterId === id
      ? { ...stay, at: { kind: "outdoors" as const } }
      : stay,
  );
  return { ...after, container: { ...container, stays } };
}

/** A shelter taken down: its beds stand in the open then, and its thermometer's days go with it. */
export const removeShelter = command({
  name: "shelter.remove",
  label: ({ id }, garden) => fact("commands.removing2", { shelter: garden.shelters.get(id)?.name }),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.shelters.get(id);
    if (!before) return refuse(GONE);
    const changes: Change[] = [];
    for (const bed of garden.beds.values()) {
      const after = outOfShelter(bed, id);
      if (after !== bed) changes.push({ kind: "bed", id: bed.id, before: bed, after });
    }
    for (const day of garden.thermometerDays.values()) {
      if (day.under.kind !== "shelter" || day.under.id !== id) continue;
      changes.push({ kind: "thermometerDay", id: day.id, before: day, after: null });
    }
    changes.push(...logWithout(garden, { kind: "shelter", ids: new Set([id]) }));
    changes.push({ kind: "shelter", id, before, after: null });
    return change(...changes);
  },
});
