"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo } from "react";
import { isoDate } from "@/core/calendar";
import { fedM2, fedThisYear } from "@/core/bedCare";
import { occupantsOf } from "@/core/bedSpace";
import { plantsIn } from "@/core/plantings";
import {
  feedingAmount,
  NEW_BED_COMPOST_CM,
  USUAL_COMPOST_CM,
  usualNitrogenGPerM2,
} from "@/core/soil";
import { gardenStore, newId } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { CheckField, ChoiceField, LengthField, readable, useFields, WordsField } from "@/ui/forms";
import { GroundFields } from "@/ui/ground";
import { SectionForm } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import {
  fedPartFrom,
  feedFieldsSchema,
  feedFrom,
  FEED_KINDS,
  fieldsOf,
  longFrom,
  usualFeedFields,
} from "./feedFields";
import { amountWords } from "./feedingWords";
import type { BedSectionProps } from "../section";
import { beds as say } from "@/words/en/beds";
import { feeding as feedingSay } from "@/words/en/feeding";
import { useWording } from "@/ui/wording";

/** Something to feed the bed with: how much of it, and what it brings, as it is typed. */
export function FeedingForm({ garden, site, bed, day }: BedSectionProps) {
  const wording = useWording();
  const { units, soilSchool } = garden.settings;
  const demands = plantsIn(site, garden, bed, day).map(
    ({ growing }) => growing.crop.nutrientDemand,
  );
  const demand = (["heavy", "medium", "light"] as const).find((one) => demands.includes(one));
  const schema = useMemo(() => feedFieldsSchema(units), [units]);
  const wantedGPerM2 = usualNitrogenGPerM2(demand ?? "medium");
  const fed = fedThisYear(garden, bed, day);
  const form = useFields(schema, usualFeedFields(units, wantedGPerM2, fed, bed));
  const { control } = form;
  const fields = readable(form.watch());
  const feed = feedFrom(fields, units);
  const part = fedPartFrom(fields, bed, units);
  const areaM2 = fedM2({ part }, bed);
  const long = units === "imperial" ? "ft" : "m";
  const standing = occupantsOf(site, garden, bed).filter(
    ({ fromDay, untilDay }) => fromDay <= day && day < untilDay,
  );
  const keep = form.handleSubmit(async (typed) => {
    const typedFeed = feedFrom(typed, units);
    if (typeof typedFeed === "string") return;
    const done = await gardenStore().dispatch("feeding.set", {
      id: newId("feeding"),
      bedId: bed.id,
      part: fedPartFrom(typed, bed, units),
      on: isoDate(day),
      feed: typedFeed,
    });
    if (!done.ok) return tellRefusal(done);
    tell(
      say.feedingPlannedForOnAddedToThe({ bed: bed.name, date: wording.date(day) }),
      "done",
      true,
    );
  });
  return (
    <InspectorSection title={say.feedThisBed}>
      <SectionForm onSubmit={() => void keep()}>
        <ChoiceField
          control={control}
          name="kind"
          size="small"
          label={say.withWord}
          choices={Object.entries(FEED_KINDS).map(([value, words]) => ({ value, words }))}
          sx={{ gridColumn: "span 2" }}
        />
        {fieldsOf(fields.kind, units).map(({ name, label }, _index, all) => (
          <WordsField
            key={name}
            control={control}
            name={name}
            size="small"
            label={label}
            sx={{ gridColumn: all.length === 1 ? "span 2" : "auto" }}
          />
        ))}
        <Box sx={{ gridColumn: "span 2" }}>
          <CheckField control={control} name="isPart" size="small" label={feedingSay.onlyAPart} />
          {fields.isPart && (
            <Box sx={{ display: "grid", gap: 1.5, mt: 1 }}>
              <GroundFields
                {...{ form, units, bed, standing }}
                part={part ?? { fromM: 0, lengthM: bed.lengthM, across: { kind: "whole" } }}
                onDrawn={(fromM, lengthM) =>
                  form.set({ from: longFrom(fromM, units), length: longFrom(lengthM, units) })
                }
              />
              {fields.across !== "cells" && (
                <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
                  <LengthField
                    unit={long}
                    control={control}
                    name="from"
                    label={feedingSay.startsAt({ long })}
                  />
                  <LengthField
                    unit={long}
                    control={control}
                    name="length"
                    label={feedingSay.length({ long })}
                  />
                </Box>
              )}
            </Box>
          )}
        </Box>
        <Box sx={{ gridColumn: "span 2", fontSize: 14.5, lineHeight: 1.45 }} aria-live="polite">
          {typeof feed === "string" ? (
            feed
          ) : (
            <>
              {say.forM({
                area: wording.areaM2(areaM2),
                amount: amountWords(feedingAmount(feed, areaM2, soilSchool), wording),
              })}
            </>
          )}
        </Box>
        <Button type="submit" variant="outlined" sx={{ gridColumn: "span 2" }}>
          {say.saveFor({ date: wording.date(day) })}
        </Button>
      </SectionForm>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.75, lineHeight: 1.45 }}>
        {soilSchool === "dug" ? say.digItInASpadeDeep : say.spreadItOnTopRootsOfWhatStoodHere}
        {fields.kind === "compost" &&
          fed.isKeptUp &&
          feedingSay.aBedKeptUpWantsLittleCompost({
            usual: wording.distanceCm(USUAL_COMPOST_CM.keptUp),
          })}
        {fields.kind === "compost" &&
          !fed.isKeptUp &&
          feedingSay.aNewBedWantsMoreCompost({
            from: wording.distanceCm(NEW_BED_COMPOST_CM.from),
            to: wording.distanceCm(NEW_BED_COMPOST_CM.to),
          })}
        {(fields.kind === "compost" || fields.kind === "manure" || fields.kind === "rawManure") &&
          feedingSay.whatItBringsIsForItsFirstYear}
        {fields.kind === "fertiliser" &&
          fed.nitrogenGPerM2 > 0 &&
          feedingSay.alreadyGivenThisYear({
            given: wording.ratePerM2(fed.nitrogenGPerM2),
            wanted: wording.ratePerM2(wantedGPerM2),
          })}
        {fields.kind === "compost" && say.wetDustyCompostWearAMaskWashYour}
        {fields.kind === "fertiliser" && say.theBagsLabelOverridesTheseAmounts}
        {(fields.kind === "rawManure" || fields.kind === "manure") &&
          say.rawManureCanCarryGermsLeave120Days}
      </Box>
    </InspectorSection>
  );
}
