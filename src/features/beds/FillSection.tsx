"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import type { Bed } from "@/core/garden";
import { amountsFor, standOf } from "@/core/plantings";
import { openingsIn, plantingInto, tooSoonWords, type Fit, type Opening } from "@/core/bedSpace";
import { shortfallWords } from "@/core/schedule";
import type { Units } from "@/core/units";
import { useAnswer } from "@/derive";
import { gardenStore, newId } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { setView, tell, tellRefusal, useView } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import type { BedSectionProps } from "./section";
import { oddsIn10 } from "@/words";
import { beds as say } from "@/words/en/beds";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedSpace";
import "@/words/en/facts/schedule";

const SHOWN = 6;
const DAYS_PER_YEAR = 365;

/** What can go into an opening of the bed, with what stands against it, one tap to plant. */
export default function FillSection({ garden, site, bed, day }: BedSectionProps) {
  const wording = useWording();
  const [all, setAll] = useState(false);
  const chosenKey = useView((state) => state.openingFrom);
  const openings = useMemo(() => openingsIn(site, garden, bed, day), [site, garden, bed, day]);
  const opening = openings.find((one) => keyOf(one) === chosenKey) ?? openings[0];
  const asked = { day, bedId: bed.id, opening: opening ? openings.indexOf(opening) : -1 };
  const { value: fits, isLate } = useAnswer("fits", asked, { garden, site });
  if (!opening) {
    return (
      <InspectorSection title={say.whatFitsHere}>
        <Box sx={{ fontSize: 14.5 }}>{say.thisBedIsFullForAYearReplantItOr}</Box>
      </InspectorSection>
    );
  }
  const plant = async (fit: Fit) => {
    const planting = plantingInto(bed, opening, fit, newId("planting"), garden.settings.units);
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
        {(all ? fits : fits?.slice(0, SHOWN))?.map((fit) => (
          <FitLine
            key={fit.sowing.growing.crop.id}
            fit={fit}
            places={placesFor(bed, opening, fit, garden.settings.units)}
            day={day}
            // What is shown is still of another opening or day.
            isOld={isLate}
            onPlant={() => void plant(fit)}
          />
        ))}
        {fits && fits.length > SHOWN && (
          <Button size="small" color="inherit" onClick={() => setAll(!all)}>
            {all ? say.fewer : say.all({ fitsCount: fits.length })}
          </Button>
        )}
      </InspectorSection>
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

function placesFor(bed: Bed, opening: Opening, fit: Fit, units: Units): number {
  const { crop, method } = fit.sowing.growing;
  return amountsFor(standOf(plantingInto(bed, opening, fit, "new", units), bed), crop, method)
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
  const young = growing.stage === "baby" ? say.babyLeaf : "";
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
        <b>
          {growing.crop.name}
          {young}
        </b>
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
        aria-label={say.addToPlan2({ crop: growing.crop.name })}
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
