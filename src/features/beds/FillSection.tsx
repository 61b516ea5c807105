"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { z } from "zod";
import type { Bed } from "@/core/garden";
import type { Crop } from "@/core/crops";
import { amountsFor, standOf, type HowMuch } from "@/core/plantings";
import { openingsIn, plantingInto, tooSoonWords, type Fit, type Opening } from "@/core/bedSpace";
import { shortfallWords } from "@/core/schedule";
import type { Units } from "@/core/units";
import { useAnswer } from "@/derive";
import { gardenStore, newId } from "@/store";
import { InspectorSection } from "@/ui/frame";
import {
  CheckField,
  HOW_MUCH_FIELDS,
  HowMuchField,
  howMuchFrom,
  useFields,
  USUAL_HOW_MUCH_FIELDS,
} from "@/ui/forms";
import { setView, tell, tellRefusal, useView } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import type { BedSectionProps } from "./section";
import { oddsIn10 } from "@/words";
import { beds as say } from "@/words/en/beds";
import { freeSpace as parts } from "@/words/en/freeSpace";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedSpace";
import "@/words/en/facts/schedule";

const SHOWN = 6;
const AskedSchema = z.object({ ...HOW_MUCH_FIELDS, leaveOutFamilies: z.boolean() });
const DAYS_PER_YEAR = 365;

/** What can go into an opening of the bed, with what stands against it, one tap to plant. */
export default function FillSection({ garden, site, bed, day }: BedSectionProps) {
  const wording = useWording();
  const { units } = garden.settings;
  const form = useFields(AskedSchema, {
    ...USUAL_HOW_MUCH_FIELDS,
    leaveOutFamilies: false,
  });
  const { leaveOutFamilies, ...amountFields } = form.watch();
  const howMuch = howMuchFrom(amountFields, units);
  const chosenKey = useView((state) => state.openingFrom);
  const openings = useMemo(() => openingsIn(site, garden, bed, day), [site, garden, bed, day]);
  const opening = openings.find((one) => keyOf(one) === chosenKey) ?? openings[0];
  const asked = { day, bedId: bed.id, opening: opening ? openings.indexOf(opening) : -1 };
  const { value: found, isLate } = useAnswer("fits", asked, { garden, site });
  const lately = [
    ...new Set(found?.flatMap((fit) => (fit.isOfSameFamily ? fit.sowing.growing.crop.family : []))),
  ];
  const fits = found?.filter((fit) => !leaveOutFamilies || !fit.isOfSameFamily);
  if (!opening) {
    return (
      <InspectorSection title={say.whatFitsHere}>
        <Box sx={{ fontSize: 14.5 }}>{say.thisBedIsFullForAYearReplantItOr}</Box>
      </InspectorSection>
    );
  }
  const plant = async (fit: Fit) => {
    if (typeof howMuch === "string") return;
    const planting = plantingInto(bed, opening, fit, newId("planting"), { units, howMuch });
    const done = await gardenStore().dispatch("planting.add", planting);
    if (!done.ok) return tellRefusal(done);
    tell(say.addedTo({ crop: fit.sowing.growing.crop.name, bed: bed.name }), "done", true);
  };
  return (
    <Box component="section" aria-label={say.whatFitsHere}>
      <TextField
        select
        fullWidth
        size="small"
        label={say.where}
        value={keyOf(opening)}
        onChange={(event) => setView({ openingFrom: event.target.value })}
        sx={{ mt: 2 }}
      >
        {openings.map((one) => (
          <MenuItem key={keyOf(one)} value={keyOf(one)} sx={{ whiteSpace: "normal" }}>
            {openingWords(one, day, wording)}
          </MenuItem>
        ))}
      </TextField>
      <InspectorSection
        title={say.whatFitsHereSown({ date: wording.date(Math.max(day, opening.fromDay), day) })}
      >
        {!fits && <Box sx={{ fontSize: 14.5 }}>{say.calculating}</Box>}
        {fits?.length === 0 && (
          <Box sx={{ fontSize: 14.5 }}>{say.nothingCanBeReadyHereInThatTimeTry}</Box>
        )}
        {lately.length > 0 && (
          <CheckField
            control={form.control}
            name="leaveOutFamilies"
            size="small"
            label={parts.leaveOut({ families: wording.list(lately) })}
          />
        )}
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, mt: 1, mb: 0.5 }}>
          <HowMuchField form={form} units={units} />
        </Box>
        {typeof howMuch === "string" && (
          <Box sx={{ fontSize: 14, color: "var(--ember-text)" }}>{howMuch}</Box>
        )}
        {fits &&
          partsOf(fits).map(({ title, fits: some }) => (
            <FitList
              key={title}
              title={title}
              fits={some}
              day={day}
              // What is shown is still of another opening or day.
              isOld={isLate || typeof howMuch === "string"}
              placesOf={(fit) =>
                typeof howMuch === "string" ? 0 : placesFor(bed, opening, fit, { units, howMuch })
              }
              onPlant={(fit) => void plant(fit)}
            />
          ))}
      </InspectorSection>
    </Box>
  );
}

/**
 * What fits in parts, as growers look for it: whole plants of the season, young leaves, then what is grown
 * in trays or forced, and last what nobody sows at that time.
 */
function partsOf(fits: readonly Fit[]) {
  const groups = [
    {
      title: parts.fullGrown,
      has: (fit: Fit) => isMeant(fit) && fit.sowing.growing.stage === "full",
    },
    {
      title: parts.babyLeaves,
      has: (fit: Fit) => isMeant(fit) && fit.sowing.growing.stage === "baby",
    },
    { title: parts.shoots, has: (fit: Fit) => groupOf(fit) === "shoots" },
    { title: parts.forced, has: (fit: Fit) => groupOf(fit) === "forced" },
    { title: parts.seldomSown, has: (fit: Fit) => !fit.sowing.isUsual && !isApart(fit) },
  ];
  return groups
    .map(({ title, has }) => ({ title, fits: fits.filter(has) }))
    .filter((part) => part.fits.length > 0);
}

function groupOf({ sowing }: Fit): Crop["group"] {
  return sowing.growing.crop.group;
}

function isApart(fit: Fit): boolean {
  return groupOf(fit) === "shoots" || groupOf(fit) === "forced";
}

/** What a grower looks for who has a bed free at that time. */
function isMeant(fit: Fit): boolean {
  return fit.sowing.isUsual && !isApart(fit);
}

interface ListProps extends Pick<LineProps, "day" | "isOld"> {
  title: string;
  fits: readonly Fit[];
  placesOf: (fit: Fit) => number;
  onPlant: (fit: Fit) => void;
}

/** One part of what fits: the best of it, and the rest at a tap. */
function FitList({ title, fits, placesOf, onPlant, ...rest }: ListProps) {
  const [all, setAll] = useState(false);
  return (
    <Box component="section" aria-label={title} sx={{ mt: 1.25 }}>
      <Box component="h4" sx={{ m: 0, mb: 0.25, fontSize: 14, color: "var(--ash-text)" }}>
        {title}
      </Box>
      {(all ? fits : fits.slice(0, SHOWN)).map((fit) => (
        <FitLine
          key={fit.sowing.growing.crop.id}
          {...rest}
          fit={fit}
          places={placesOf(fit)}
          onPlant={() => onPlant(fit)}
        />
      ))}
      {fits.length > SHOWN && (
        <Button size="small" color="inherit" onClick={() => setAll(!all)}>
          {all ? say.fewer : say.all({ fitsCount: fits.length })}
        </Button>
      )}
    </Box>
  );
}

function keyOf({ fromDay, fromM, toM, between }: Opening): string {
  return `${fromDay}|${fromM.toFixed(2)}|${toM.toFixed(2)}${between ? `|${between.plantingId}` : ""}`;
}

function openingWords(opening: Opening, day: number, wording: LocalWording): string {
  const { fromM, toM, fromDay, untilDay, between } = opening;
  const until =
    untilDay - day >= DAYS_PER_YEAR ? "" : say.until({ date: wording.date(untilDay, day) });
  if (between)
    return say.betweenThe({ split: (between.name.split(",")[0] ?? "").toLowerCase(), until });
  const from = fromDay <= day ? say.now : wording.date(fromDay, day);
  return say.opening({
    length: wording.lengthM(toM - fromM),
    fromM: wording.lengthM(fromM),
    from,
    until,
  });
}

function placesFor(
  bed: Bed,
  opening: Opening,
  fit: Fit,
  amount: { units: Units; howMuch: HowMuch },
): number {
  const { crop, method } = fit.sowing.growing;
  return amountsFor(standOf(plantingInto(bed, opening, fit, "new", amount), bed), crop, method)
    .plants;
}

interface LineProps {
  fit: Fit;
  places: number;
  day: number;
  isOld: boolean;
  onPlant: () => void;
}

function FitLine({ fit, places, day, isOld, onPlant }: LineProps) {
  const wording = useWording();
  const { growing, timeline } = fit.sowing;
  const how = growing.method === "transplant" ? say.startedInTrays : say.directSown;
  return (
    <Box
      sx={{
        display: "flex",
        gap: 1,
        alignItems: "center",
        py: 0.6,
        borderTop: "1px solid var(--line)",
        fontSize: 14,
        lineHeight: 1.4,
      }}
    >
      <Box sx={{ flex: 1 }}>
        <b>{growing.crop.name}</b>
        {say.readyPlants({
          how,
          value: timeline.readyDay === null ? "" : wording.date(timeline.readyDay, day),
          odds: oddsIn10(fit.odds),
          number: wording.number(places),
          isSeedsInBox: fit.seedsInBox > 0,
        })}
        {fit.clearDay !== null &&
          say.finishedByForTheNextCrop({ date: wording.date(fit.clearDay, day) })}
        {fit.tooSoon && <Against words={told(tooSoonWords(fit.tooSoon))} />}
        {fit.shortfall && (
          <Against words={told(shortfallWords(growing.crop.name, fit.shortfall))} />
        )}
      </Box>
      <Button
        size="small"
        variant="outlined"
        disabled={isOld}
        onClick={onPlant}
        aria-label={say.addToPlan2({
          crop: growing.stage === "baby" ? growing.crop.name + say.babyLeaf : growing.crop.name,
        })}
      >
        {say.addToPlan}
      </Button>
    </Box>
  );
}

function Against({ words }: { words: string }) {
  return (
    <Box component="span" sx={{ color: "var(--ember-text)" }}>
      {" "}
      {words}
    </Box>
  );
}
