"use client";

import Box from "@mui/material/Box";
import { useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { coverCropLibrary } from "@/core/crops";
import { coversOver, horizonOver, type Bed, type Garden } from "@/core/garden";
import { greenManures, type GreenManure, type Site } from "@/core/plan";
import { chanceWords } from "@/core/wording";
import { InspectorSection } from "@/ui/frame";
import type { LocalWording } from "@/ui/wording";

interface Props {
  garden: Garden;
  site: Site;
  bed: Bed;
  day: DayNumber;
  /** The next sowing in the bed; null when there is none. */
  wantedDay: DayNumber | null;
  wording: LocalWording;
}

/** What could cover the bed until it is wanted: seed for it, its window here, what winter does to it. */
export function RestSection({ garden, site, bed, day, wantedDay, wording }: Props) {
  const [all, setAll] = useState(false);
  const found = useMemo(
    () =>
      greenManures(
        site,
        coverCropLibrary.values(),
        { covers: coversOver(garden, bed), horizon: horizonOver(garden, bed) },
        bed.lengthM * bed.widthM,
        day,
        wantedDay,
      ),
    [garden, site, bed, day, wantedDay],
  );
  const open = found.filter(({ when }) => when === "open" || when === "any");
  return (
    <InspectorSection title={`Cover it: ${open.length} green manures can be sown`}>
      {(all ? found : open).map((one) => (
        <Manure key={one.crop.id} one={one} day={day} wording={wording} />
      ))}
      <Box
        component="button"
        type="button"
        onClick={() => setAll(!all)}
        sx={{
          font: "inherit",
          fontSize: 14,
          border: 0,
          p: 0,
          mt: 0.75,
          bgcolor: "transparent",
          color: "var(--ember-text)",
          cursor: "pointer",
          textDecoration: "underline",
        }}
      >
        {all ? "Only those that can be sown now" : `All ${found.length}, early and late too`}
      </Box>
    </InspectorSection>
  );
}

const WHEN_WORDS: Record<GreenManure["when"], string> = {
  open: "",
  any: "",
  early: "not yet: ",
  late: "too late: ",
};

function Manure({
  one,
  day,
  wording,
}: {
  one: GreenManure;
  day: DayNumber;
  wording: LocalWording;
}) {
  const { crop, window, when, drilledGrams, broadcastGrams, winterKillChance, turnInDay } = one;
  return (
    <Box sx={{ fontSize: 14, lineHeight: 1.4, py: 0.6, borderTop: "1px solid var(--line)" }}>
      <b>{crop.name}</b>: {wording.weightG(drilledGrams)} in rows, {wording.weightG(broadcastGrams)}{" "}
      by hand.{" "}
      {window &&
        `${WHEN_WORDS[when]}Sown ${wording.date(window.fromDay, day)} to ${wording.date(window.toDay, day)}. `}
      Winter kills it {chanceWords(winterKillChance)}.{" "}
      {turnInDay !== null && turnInDay > day && `Turn it in by ${wording.date(turnInDay, day)}. `}
      {crop.inoculantGroup && `Inoculant: ${crop.inoculantGroup}. `}
      {crop.nitrogenForStraw && "Its straw binds nitrogen at first. "}
      {crop.lookAlikeSeed && (
        <Box component="span" sx={{ color: "var(--ember-text)" }}>
          Read the sack: {crop.lookAlikeSeed} is sold under a like name.{" "}
        </Box>
      )}
      <Box component="span" sx={{ color: "var(--ash-text)" }}>
        {crop.note}
      </Box>
    </Box>
  );
}
