"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { isoDate, type DayNumber } from "@/core/calendar";
import { BY_THE_BOOK, type Bed, type Garden } from "@/core/garden";
import { shortfallWords, tooSoonWords, whatFits, type Fit, type Site } from "@/core/plan";
import { gardenStore } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";

interface Props {
  garden: Garden;
  site: Site;
  bed: Bed;
  day: DayNumber;
  wording: LocalWording;
}

const SHOWN = 6;
/** Young leaves are sown close, in bands (usual practice). */
const YOUNG_LEAVES = { rowCm: 8, inRowCm: 3 };

/** What can go into the bed on the date in view, with what stands against it, one tap to plant. */
export function FitsSection({ garden, site, bed, day, wording }: Props) {
  const [all, setAll] = useState(false);
  const fits = useMemo(
    () => whatFits(site, garden, bed, day, wording),
    [site, garden, bed, day, wording],
  );
  const plant = async ({ sowing, fromM, freeM }: Fit) => {
    const { crop, variety, method, stage } = sowing.growing;
    const done = await gardenStore().dispatch("planting.add", {
      id: `planting-${crypto.randomUUID().slice(0, 13)}`,
      cropId: crop.id,
      varietyId: variety.id,
      bedId: bed.id,
      sowOn: isoDate(sowing.timeline.sowDay),
      method,
      stage,
      fromM: Math.round(fromM * 100) / 100,
      lengthM: Math.min(bed.lengthM, Math.round(freeM * 100) / 100),
      ...(stage === "baby"
        ? YOUNG_LEAVES
        : { rowCm: crop.spacing.rowCm, inRowCm: crop.spacing.inRowCm }),
      ...BY_THE_BOOK,
    });
    if (!done.ok) return tellRefusal(done);
    tell(`${crop.name} is planned in ${bed.name}.`, "done", true);
  };
  return (
    <Box component="section" aria-label="What can go here">
      <InspectorSection title={`What can go here, sown ${wording.date(day)}`}>
        {fits.length === 0 && (
          <Box sx={{ fontSize: 14 }}>
            Nothing more: the bed is taken, or it is too late for anything to get ready.
          </Box>
        )}
        {(all ? fits : fits.slice(0, SHOWN)).map((fit) => (
          <FitLine
            key={fit.sowing.growing.crop.id}
            fit={fit}
            day={day}
            wording={wording}
            onPlant={() => void plant(fit)}
          />
        ))}
        {fits.length > SHOWN && (
          <Button size="small" color="inherit" onClick={() => setAll(!all)}>
            {all ? "Fewer" : `All ${fits.length}`}
          </Button>
        )}
      </InspectorSection>
    </Box>
  );
}

function FitLine(props: { fit: Fit; day: DayNumber; wording: LocalWording; onPlant: () => void }) {
  const { fit, day, wording } = props;
  const { growing, timeline } = fit.sowing;
  const young = growing.stage === "baby" ? ", young leaves" : "";
  const how = growing.method === "transplant" ? "raised on the bench" : "sown direct";
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
        , {how}: ready {timeline.readyDay === null ? "" : wording.date(timeline.readyDay, day)},{" "}
        {Math.round(fit.odds * 100)} years in 100; {wording.lengthM(fit.freeM)} free
        {fit.seedsInBox > 0 ? "; seed in the box" : ""}.
        {fit.tooSoon && <Against words={tooSoonWords(fit.tooSoon)} />}
        {fit.shortfall && <Against words={shortfallWords(growing.crop.name, fit.shortfall)} />}
      </Box>
      <Button
        size="small"
        variant="outlined"
        onClick={props.onPlant}
        aria-label={`Plant it: ${growing.crop.name}`}
      >
        Plant it
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
