"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { dayNumber, isoDate } from "@/core/calendar";
import { restName, type Gap } from "@/core/bedSpace";
import { restNeeds } from "@/core/bedCare";
import { mulches, type Rest } from "@/core/soil";
import { gardenStore, newId } from "@/store/index";
import { ChoiceField, DateField, NumberField, readable, useFields } from "@/ui/forms";
import { InspectorSection } from "@/ui/frame/index";
import { SectionForm } from "@/ui/inputs/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { manureWords } from "./manureWords";
import { restPlan, RestFieldsSchema, USUAL_REST } from "./restPlan";
import type { BedSectionProps } from "../section";
import { beds as say } from "@/words/en/beds";
import "@/words/en/facts/bedCare";
import { told, useWording, type LocalWording } from "@/ui/wording";

const WHEN_WORDS = { open: "", any: "", early: say.tooEarly, late: say.tooLate } as const;

/** A part of the bed put to rest: under which green manure or mulch, until when, how much of it. */
export function RestForm({ garden, site, bed, day }: BedSectionProps) {
  const wording = useWording();
  const form = useFields(RestFieldsSchema, USUAL_REST);
  const { control } = form;
  const fields = readable(form.watch());
  const whole = { control, size: "small", sx: { gridColumn: "span 2" } } as const;
  const { gaps, found, manure, mulch, untilDay, rest } = restPlan(site, garden, bed, day, fields);
  const keep = form.handleSubmit(async () => {
    if (!rest) return;
    const id = newId("rest");
    const done = await gardenStore().dispatch("rest.set", { ...rest, id });
    if (!done.ok) return tellRefusal(done);
    const ground = say.of({ length: wording.lengthM(rest.lengthM), bed: bed.name });
    tell(say.restingUntil2({ ground, date: wording.date(untilDay, day) }), "done", true);
  });
  const { soilSchool } = garden.settings;
  const fromDay = rest ? dayNumber(rest.fromOn) : day;
  return (
    <InspectorSection title={say.restThisBed}>
      {[...garden.rests.values()]
        .filter(({ bedId }) => bedId === bed.id)
        .map((one) => (
          <KeptRest key={one.id} rest={one} day={day} />
        ))}
      <SectionForm onSubmit={() => void keep()}>
        {gaps.length > 1 && (
          <ChoiceField
            {...whole}
            name="gap"
            label={say.where}
            choices={gaps.map((one, index) => ({
              value: String(index),
              words: gapWords(one, day, wording),
            }))}
          />
        )}
        <ChoiceField
          {...whole}
          name="coverId"
          label={say.under}
          whileEmpty={manure?.crop.id}
          choices={[
            ...found.map(({ crop, when }) => ({
              value: crop.id,
              words: say.text({ crop: crop.name, WHEN_WORDS: WHEN_WORDS[when] }),
            })),
            ...[...mulches.values()].map(({ id, name }) => ({
              value: id,
              words: say.mulch({ name }),
            })),
          ]}
        />
        {!mulch && (
          <>
            <ChoiceField
              control={control}
              name="sowing"
              size="small"
              label={say.sown2}
              choices={[
                { value: "drilled", words: say.inRows },
                { value: "broadcast", words: say.broadcast },
              ]}
            />
            <NumberField control={control} name="safety" size="small" label={say.seedRate} />
          </>
        )}
        <DateField {...whole} name="until" label={say.until2} whileEmpty={isoDate(untilDay)} />
        <Box sx={{ gridColumn: "span 2", fontSize: 14.5, lineHeight: 1.45 }} aria-live="polite">
          {rest ? needWords(rest, bed, wording) : say.noPartOfTheBedIsFreeUntilThen}
          {manure && manureWords(manure, soilSchool, fromDay, wording)}
          {mulch?.note}
        </Box>
        <Button type="submit" variant="outlined" disabled={!rest} sx={{ gridColumn: "span 2" }}>
          {say.restFrom({ date: wording.date(fromDay, day) })}
        </Button>
      </SectionForm>
    </InspectorSection>
  );
}

function gapWords(gap: Gap, day: number, wording: LocalWording): string {
  const from = gap.fromDay <= day ? say.now : wording.date(gap.fromDay, day);
  return say.gap({
    length: wording.lengthM(gap.toM - gap.fromM),
    fromM: wording.lengthM(gap.fromM),
    from,
  });
}

const PART_OF_BLEND = "bedCare.partOfBlend";

function needWords(
  rest: Omit<Rest, "id">,
  bed: BedSectionProps["bed"],
  wording: LocalWording,
): string {
  const { litres, grams, notes } = restNeeds({ ...rest, id: "rest" }, bed);
  const { under } = rest;
  const much =
    under.kind === "mulch"
      ? say.of2({ volume: wording.soilL(litres), name: mulches.get(under.mulchId)?.name ?? "" })
      : say.ofSeed({ weight: wording.weightG(grams) });
  const words = say.forOfBed({ much, length: wording.lengthM(rest.lengthM) });
  // The inoculant is told with the crop.
  const parts = notes.filter((note) => typeof note !== "string" && note.code === PART_OF_BLEND);
  return parts.length === 0 ? words : `${words}${wording.list(parts.map((part) => told(part)))}. `;
}

function KeptRest({ rest, day }: { rest: Rest } & Pick<BedSectionProps, "day">) {
  const wording = useWording();
  const end = async () => {
    const done = await gardenStore().dispatch("rest.remove", { id: rest.id });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontSize: 14.5, py: 0.25 }}>
      <Box sx={{ flex: 1 }}>
        <b>{restName(rest)}</b>
        {say.to3({
          length: wording.lengthM(rest.lengthM),
          date: wording.date(dayNumber(rest.fromOn), day),
          date2: wording.date(dayNumber(rest.untilOn), day),
        })}
      </Box>
      <Button
        size="small"
        color="inherit"
        onClick={() => void end()}
        aria-label={say.remove3({ restName: restName(rest) })}
      >
        {say.remove}
      </Button>
    </Box>
  );
}
