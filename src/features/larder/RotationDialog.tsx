"use client";

import Box from "@mui/material/Box";
import { useMemo, useState } from "react";
import { useWatch } from "react-hook-form";
import { z } from "zod";
import { dayNumber, DAYS_PER_WEEK, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { containerCount } from "@/core/containers";
import { cautionWords } from "@/core/crops";
import { bedsInOrder, cropsOf, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { shootRounds } from "@/core/supply";
import { gardenStore, newId } from "@/store";
import { amount, ChoiceField, DateField, LengthField, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { told, useWording } from "@/ui/wording";
import { Caution } from "./StoreDialog";
import { roughG } from "./weights";
import { shoots as say } from "@/words/en/shoots";
import "@/words/en/facts/supply";
import "@/words/en/facts/bedSpace";

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
  onClose: () => void;
}

const CM_IN = { metric: 1, imperial: 2.54 } as const;
const Whole = (least: number, most: number, words: string) =>
  amount(words).int(words).min(least, words).max(most, words);
const RotationFieldsSchema = z.object({
  cropId: z.string().min(1),
  bedId: z.string().min(1, say.chooseThePlace),
  squares: Whole(2, 30, say.enterSquares),
  side: amount(say.enterTheSide).gt(0, say.enterTheSide),
  batches: Whole(2, 60, say.enterWeeks),
  every: Whole(1, 8, say.enterEvery),
  from: z.string().refine(isIsoDate),
});
type RotationFields = z.infer<typeof RotationFieldsSchema>;

/** The rounds that the fields ask for. */
function roundsOf(garden: Garden, site: Site, { side, from, every, ...fields }: RotationFields) {
  const squareM = (side * CM_IN[garden.settings.units]) / 100;
  const everyDays = every * DAYS_PER_WEEK;
  const rotation = { ...fields, everyDays, squareM, firstDay: dayNumber(from) };
  return shootRounds(site, garden, rotation, () => newId("planting"));
}

/** Shoots a square a week, or roots from the store a pot at a time, round and round; what they take and give. */
export default function RotationDialog({ garden, site, today, onClose }: Props) {
  const wording = useWording();
  const { units } = garden.settings;
  const crops = [...cropsOf(garden).values()].filter(
    ({ group, forcedFrom }) => group === "shoots" || forcedFrom !== undefined,
  );
  const beds = bedsInOrder(garden);
  // It begins where it can be done.
  const [usual] = useState((): RotationFields => {
    const fields = {
      cropId: "pea-shoots",
      squares: 7,
      side: units === "imperial" ? 12 : 30,
      batches: 14,
      every: 1,
      from: isoDate(today + DAYS_PER_WEEK),
    };
    const fits = beds.find(
      ({ id }) => roundsOf(garden, site, { ...fields, bedId: id }).problem === null,
    );
    return { ...fields, bedId: (fits ?? beds[0])?.id ?? "" };
  });
  const { control, handleSubmit, refusal, refuse, getValues, setValue } = useFields(
    RotationFieldsSchema,
    usual,
  );
  const typed = { ...usual, ...useWatch({ control }) };
  const { cropId, bedId, squares, side, batches, every, from } = typed;
  const read = RotationFieldsSchema.safeParse(typed);
  const isRead = read.success;
  const bed = garden.beds.get(bedId);
  const rounds = useMemo(
    () =>
      isRead
        ? roundsOf(garden, site, { cropId, bedId, squares, side, batches, every, from })
        : null,
    [isRead, site, garden, cropId, bedId, squares, side, batches, every, from],
  );
  const keep = handleSubmit(async () => {
    if (!rounds) return;
    if (rounds.problem) return refuse(rounds.problem);
    const id = newId("succession");
    const done = await gardenStore().dispatch("succession.add", {
      succession: { id, rule: "calendar", interval: every * DAYS_PER_WEEK },
      plantings: rounds.batches.map(({ planting }) => ({ ...planting, successionId: id })),
    });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.planned({ count: rounds.batches.length }), "done", true);
  });
  const [first] = rounds?.batches ?? [];
  const last = rounds?.batches.at(-1);
  const crop = cropsOf(garden).get(cropId);
  // Roots go into pots, every other week; where there are some, that is where it begins.
  const choose = () => {
    const isForced = cropsOf(garden).get(getValues("cropId"))?.forcedFrom !== undefined;
    if (isForced === (crop?.forcedFrom !== undefined)) return;
    setValue("every", isForced ? 2 : 1);
    const pots = beds.find(({ container }) => container !== undefined);
    if (!isForced || !pots?.container) return;
    setValue("bedId", pots.id);
    setValue("squares", Math.max(2, containerCount({ ...pots, container: pots.container })));
    setValue("batches", Math.max(2, containerCount({ ...pots, container: pots.container })));
  };
  return (
    <FormDialog
      title={say.shootsInRotation}
      keepLabel={say.planThem}
      refusal={refusal}
      width="sm"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1.5 }}>
        <ChoiceField
          control={control}
          name="cropId"
          label={say.what}
          onSettled={choose}
          choices={crops.map(({ id, name }) => ({ value: id, words: name }))}
        />
        <ChoiceField
          control={control}
          name="bedId"
          label={say.where}
          choices={beds.map(({ id, name }) => ({ value: id, words: name }))}
        />
        <NumberField
          control={control}
          name="squares"
          label={bed?.container ? say.containers : say.squares}
        />
        {!bed?.container && (
          <LengthField
            control={control}
            name="side"
            unit={units === "imperial" ? "in" : "cm"}
            label={say.side({ unit: units === "imperial" ? "in" : "cm" })}
          />
        )}
        <NumberField control={control} name="every" label={say.every} />
        <NumberField control={control} name="batches" label={say.weeks} />
        <DateField control={control} name="from" label={say.from} />
      </Box>
      {rounds && (
        <Box aria-live="polite" sx={{ fontSize: 15.5, lineHeight: 1.45 }}>
          {rounds.problem ? (
            <Box sx={{ color: "var(--ember-text)" }}>{told(rounds.problem)}</Box>
          ) : (
            first?.cutDay &&
            last?.cutDay && (
              <>
                {say.sum({
                  first: wording.date(first.cutDay, today),
                  last: wording.date(last.cutDay, today),
                  eachKg: wording.weightG(roughG(first.yieldKg)),
                })}{" "}
                <b>
                  {rounds.roots
                    ? say.roots({
                        each: wording.number(first.plants),
                        all: wording.number(rounds.roots.wanted),
                        inStore: wording.number(rounds.roots.inStore),
                        isEnough: rounds.roots.inStore >= rounds.roots.wanted,
                      })
                    : say.seed({
                        each: wording.weightG(Math.round(first.seedGrams)),
                        all: wording.weightG(roughG(rounds.seedGrams / 1000)),
                      })}
                </b>
              </>
            )
          )}
        </Box>
      )}
      {(crop?.cautions ?? []).map((caution) => (
        <Caution key={caution} words={cautionWords(caution)} />
      ))}
    </FormDialog>
  );
}
