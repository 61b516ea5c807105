"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo } from "react";
import { isoDate } from "@/core/calendar";
import { plantsIn } from "@/core/plantings";
import { feedingAmount, usualNitrogenGPerM2 } from "@/core/soil";
import { gardenStore, newId } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { ChoiceField, readable, useFields, WordsField } from "@/ui/forms";
import { SectionForm } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import { feedFieldsSchema, feedFrom, FEED_KINDS, fieldsOf, usualFeedFields } from "./feedFields";
import { amountWords } from "./feedingWords";
import type { BedSectionProps } from "../section";

/** Something to feed the bed with: how much of it, and what it brings, as it is typed. */
export function FeedingForm({ garden, site, bed, day, wording }: BedSectionProps) {
  const { units, soilSchool } = garden.settings;
  const demands = plantsIn(site, garden, bed, day).map(
    ({ growing }) => growing.crop.nutrientDemand,
  );
  const demand = (["heavy", "medium", "light"] as const).find((one) => demands.includes(one));
  const schema = useMemo(() => feedFieldsSchema(units), [units]);
  const form = useFields(schema, usualFeedFields(units, usualNitrogenGPerM2(demand ?? "medium")));
  const { control } = form;
  const fields = readable(form.watch());
  const feed = feedFrom(fields, units);
  const areaM2 = bed.lengthM * bed.widthM;
  const keep = form.handleSubmit(async (typed) => {
    const typedFeed = feedFrom(typed, units);
    if (typeof typedFeed === "string") return;
    const done = await gardenStore().dispatch("feeding.set", {
      id: newId("feeding"),
      bedId: bed.id,
      on: isoDate(day),
      feed: typedFeed,
    });
    if (!done.ok) return tellRefusal(done);
    tell(`${bed.name} gets it on ${wording.date(day)}: it is on the shopping list.`, "done", true);
  });
  return (
    <InspectorSection title="Feed it">
      <SectionForm onSubmit={() => void keep()}>
        <ChoiceField
          control={control}
          name="kind"
          size="small"
          label="With"
          choices={Object.entries(FEED_KINDS).map(([value, words]) => ({ value, words }))}
          sx={{ gridColumn: "span 2" }}
        />
        {fieldsOf(fields.kind, units).map(({ name, label }) => (
          <WordsField key={name} control={control} name={name} size="small" label={label} />
        ))}
        <Box sx={{ gridColumn: "span 2", fontSize: 14.5, lineHeight: 1.45 }} aria-live="polite">
          {typeof feed === "string" ? (
            feed
          ) : (
            <>
              For {wording.number(areaM2, 1)} m²:{" "}
              {amountWords(feedingAmount(feed, areaM2, soilSchool), wording)}.
            </>
          )}
        </Box>
        <Button type="submit" variant="outlined" sx={{ gridColumn: "span 2" }}>
          Keep it for {wording.date(day)}
        </Button>
      </SectionForm>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.75, lineHeight: 1.45 }}>
        {soilSchool === "dug"
          ? "Dig it in a spade deep. "
          : "Spread it on top; roots of what stood here stay in. "}
        {fields.kind === "compost" && "Wet dusty compost, wear a mask, wash your hands. "}
        {fields.kind === "fertiliser" &&
          "The bag's label comes before these sums. Keep ammonium nitrate and other oxidisers dry, and away from fuel and sparks. "}
        {(fields.kind === "rawManure" || fields.kind === "manure") &&
          "Raw manure can carry germs: 120 days before a harvest that touches soil, 90 before others; local rules may ask for more. Wash your hands. "}
      </Box>
    </InspectorSection>
  );
}
