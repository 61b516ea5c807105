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

const WHEN_WORDS = { open: "", any: "", early: " (not yet)", late: " (too late here)" } as const;

/** A part of the bed put to rest: under which green manure or mulch, until when, how much of it. */
export function RestForm({ garden, site, bed, day, wording }: BedSectionProps) {
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
    const ground = `${wording.lengthM(rest.lengthM)} of ${bed.name}`;
    tell(`${ground} rest until ${wording.date(untilDay, day)}.`, "done", true);
  });
  const { soilSchool } = garden.settings;
  const fromDay = rest ? dayNumber(rest.fromOn) : day;
  return (
    <InspectorSection title="Put it to rest">
      {[...garden.rests.values()]
        .filter(({ bedId }) => bedId === bed.id)
        .map((one) => (
          <KeptRest key={one.id} rest={one} day={day} wording={wording} />
        ))}
      <SectionForm onSubmit={() => void keep()}>
        {gaps.length > 1 && (
          <ChoiceField
            {...whole}
            name="gap"
            label="Where"
            choices={gaps.map((one, index) => ({
              value: String(index),
              words: gapWords(one, day, wording),
            }))}
          />
        )}
        <ChoiceField
          {...whole}
          name="coverId"
          label="Under"
          whileEmpty={manure?.crop.id}
          choices={[
            ...found.map(({ crop, when }) => ({
              value: crop.id,
              words: `${crop.name}${WHEN_WORDS[when]}`,
            })),
            ...[...mulches.values()].map(({ id, name }) => ({
              value: id,
              words: `Mulch: ${name}`,
            })),
          ]}
        />
        {!mulch && (
          <>
            <ChoiceField
              control={control}
              name="sowing"
              size="small"
              label="Sown"
              choices={[
                { value: "drilled", words: "in rows" },
                { value: "broadcast", words: "broadcast" },
              ]}
            />
            <NumberField control={control} name="safety" size="small" label="Rate, times" />
          </>
        )}
        <DateField {...whole} name="until" label="Until" whileEmpty={isoDate(untilDay)} />
        <Box sx={{ gridColumn: "span 2", fontSize: 14.5, lineHeight: 1.45 }} aria-live="polite">
          {rest
            ? needWords(rest, bed, wording)
            : "Nothing of the bed is free until then: choose a nearer day. "}
          {manure && manureWords(manure, soilSchool, fromDay, wording)}
          {mulch?.note}
        </Box>
        <Button type="submit" variant="outlined" disabled={!rest} sx={{ gridColumn: "span 2" }}>
          Rest from {wording.date(fromDay, day)}
        </Button>
      </SectionForm>
    </InspectorSection>
  );
}

function gapWords(gap: Gap, day: number, wording: BedSectionProps["wording"]): string {
  const from = gap.fromDay <= day ? "now" : wording.date(gap.fromDay, day);
  return `${wording.lengthM(gap.toM - gap.fromM)} at ${wording.lengthM(gap.fromM)}, from ${from}`;
}

function needWords(
  rest: Omit<Rest, "id">,
  bed: BedSectionProps["bed"],
  wording: BedSectionProps["wording"],
): string {
  const { litres, grams } = restNeeds({ ...rest, id: "rest" }, bed);
  const { under } = rest;
  const much =
    under.kind === "mulch"
      ? `${wording.volumeL(litres)} of ${mulches.get(under.mulchId)?.name ?? ""}`
      : `${wording.weightG(grams)} of seed`;
  return `${much} for ${wording.lengthM(rest.lengthM)} of the bed. `;
}

function KeptRest({
  rest,
  day,
  wording,
}: { rest: Rest } & Pick<BedSectionProps, "day" | "wording">) {
  const end = async () => {
    const done = await gardenStore().dispatch("rest.remove", { id: rest.id });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontSize: 14.5, py: 0.25 }}>
      <Box sx={{ flex: 1 }}>
        <b>{restName(rest)}</b>, {wording.lengthM(rest.lengthM)},{" "}
        {wording.date(dayNumber(rest.fromOn), day)} to {wording.date(dayNumber(rest.untilOn), day)}
      </Box>
      <Button
        size="small"
        color="inherit"
        onClick={() => void end()}
        aria-label={`Take ${restName(rest)} out`}
      >
        Take out
      </Button>
    </Box>
  );
}
