"use client";

import DeleteIcon from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useEffect, useMemo, useRef, useState } from "react";
import { z } from "zod";
import { isoDate, type DayNumber } from "@/core/calendar";
import { bedsInOrder, cropsOf, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { exactM } from "@/core/layout";
import { metres } from "@/core/units";
import { gardenStore, newId } from "@/store/index";
import { ChoiceField, LengthField, maybeAmount, NumberField, useFields } from "@/ui/forms";
import { CropPicker, FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { growingNow as say } from "@/words/en/growingNow";
import { listedOf, monthsBack, type Listed } from "./listed";
import "@/words/en/facts/bedSpace";

const EntrySchema = z.object({
  cropId: z.string(),
  varietyId: z.string(),
  bedId: z.string(),
  plants: maybeAmount,
  length: maybeAmount,
  month: z.string(),
});
type Entry = z.infer<typeof EntrySchema>;

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
  bedId?: string;
  onClose: () => void;
}

/** What stands in the beds already, entered crop by crop and kept all at once. */
export default function GrowingNowDialog({ garden, site, today, bedId, onClose }: Props) {
  const wording = useWording();
  const [listed, setListed] = useState<readonly Listed[]>([]);
  const beds = bedsInOrder(garden);
  const months = useMemo(() => monthsBack(today), [today]);
  const empty: Entry = {
    cropId: "",
    varietyId: "",
    bedId: bedId ?? beds[0]?.id ?? "",
    plants: NaN,
    length: NaN,
    month: months[0]?.value ?? "",
  };
  const [start] = useState(empty);
  const form = useFields(EntrySchema, start);
  const { control } = form;
  const [cropId, varietyId] = form.watch(["cropId", "varietyId"]);
  const top = useRef<HTMLDivElement>(null);
  // After each one the hands stay on the keys: the next crop is typed at once.
  useEffect(() => {
    if (listed.length > 0) top.current?.querySelector("input")?.focus();
  }, [listed.length]);
  const imperial = garden.settings.units === "imperial";
  const unit = imperial ? "ft" : "m";

  const add = form.handleSubmit((entry) => {
    const problem = amountProblem(entry);
    if (problem) return form.refuse(problem);
    const made = listedOf(
      site,
      garden,
      listed,
      {
        cropId: entry.cropId,
        varietyId: entry.varietyId,
        bedId: entry.bedId,
        count: Number.isNaN(entry.plants) ? null : entry.plants,
        lengthM: Number.isNaN(entry.length)
          ? null
          : exactM(imperial ? metres(entry.length) : entry.length),
        aboutDay: months.find(({ value }) => value === entry.month)?.day ?? today,
      },
      today,
      newId,
    );
    if ("refusal" in made) return form.refuse(made.refusal);
    setListed([...listed, made]);
    // The bed and the month stay: the next crop is often beside it.
    form.settle({ ...empty, bedId: entry.bedId, month: entry.month });
  });
  const save = async () => {
    if (listed.length === 0) return form.refuse(say.addACropFirst);
    const done = await gardenStore().dispatch("log.keep", {
      entries: listed.flatMap(({ entries }) => entries),
      newPlantings: listed.map(({ planting }) => planting),
      today: isoDate(today),
    });
    if (!done.ok) return form.refuse(done.refusal);
    onClose();
    tell(say.saved({ count: listed.length }), "done", true);
  };
  return (
    <FormDialog
      title={say.whatIsGrowingNow}
      width="sm"
      keepLabel={say.save({ count: listed.length })}
      refusal={form.refusal}
      onSubmit={() => void save()}
      onClose={onClose}
    >
      <Box sx={{ fontSize: 15.5 }}>{say.enterWhatStands}</Box>
      <Box
        ref={top}
        sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}
        onKeyDown={(event) => {
          // Enter adds the crop; the whole list is saved by its button.
          const isField = (event.target as HTMLElement).tagName === "INPUT";
          if (event.key !== "Enter" || !isField || event.defaultPrevented) return;
          event.preventDefault();
          void add();
        }}
      >
        <CropPicker
          crops={cropsOf(garden)}
          cropId={cropId}
          varietyId={varietyId}
          onChange={(nextCrop, nextVariety) =>
            form.set({ cropId: nextCrop, varietyId: nextVariety })
          }
        />
        <ChoiceField
          control={control}
          name="bedId"
          label={say.bed}
          choices={beds.map(({ id, name }) => ({ value: id, words: name }))}
        />
        <ChoiceField
          control={control}
          name="month"
          label={say.plantedAbout}
          choices={months.map(({ value, day }) => ({ value, words: wording.monthOfYear(day) }))}
        />
        <NumberField control={control} name="plants" label={say.plants} />
        <LengthField unit={unit} control={control} name="length" label={say.orLength({ unit })} />
      </Box>
      <Box>
        <Button variant="outlined" onClick={() => void add()}>
          {say.addToTheList}
        </Button>
      </Box>
      {listed.length > 0 && (
        <Box component="ul" aria-label={say.listed} sx={{ m: 0, p: 0, listStyle: "none" }}>
          {listed.map((one, index) => (
            <ListedLine
              key={one.planting.id}
              one={one}
              garden={garden}
              onTakeOff={() => setListed(listed.filter((_, at) => at !== index))}
            />
          ))}
        </Box>
      )}
    </FormDialog>
  );
}

/** One crop of the list, with the way to take it off. */
function ListedLine({ one, garden, onTakeOff }: LineProps) {
  const wording = useWording();
  const { standing, planting } = one;
  const crop = cropsOf(garden).get(planting.cropId)?.name ?? "";
  return (
    <Box
      component="li"
      sx={{ display: "flex", alignItems: "center", borderBottom: "1px dotted var(--line)" }}
    >
      <Box sx={{ flex: 1, fontSize: 16 }}>
        {say.since({
          crop,
          amount:
            standing.count === null
              ? wording.lengthM(planting.lengthM, 2)
              : say.plantsOf({
                  count: standing.count,
                  number: wording.number(standing.count),
                }),
          bed: garden.beds.get(planting.bedId)?.name ?? "",
          month: wording.monthOfYear(standing.aboutDay),
        })}
      </Box>
      <IconButton aria-label={say.takeOff({ crop })} onClick={onTakeOff}>
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}

interface LineProps {
  one: Listed;
  garden: Garden;
  onTakeOff: () => void;
}

/** What is wrong with how much was typed; null when nothing is. */
function amountProblem({ plants, length }: Entry): string | null {
  if (Number.isNaN(plants) && Number.isNaN(length)) return say.enterPlantsOrLength;
  if (!Number.isNaN(plants) && !(Number.isInteger(plants) && plants >= 1)) {
    return say.plantsAreWholeAndAbove0;
  }
  return !Number.isNaN(length) && !(length > 0) ? say.lengthIsAbove0 : null;
}
