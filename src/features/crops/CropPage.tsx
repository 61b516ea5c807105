"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { cautionWords, type Crop, type Variety } from "@/core/crops";
import type { OwnNumberOf } from "@/core/garden";
import { lazyPart } from "@/ui/frame/index";
import { setView } from "@/ui/viewState";
import { cropRows } from "./cropRows";
import type { SectionProps } from "@/ui/section";
import { useCropSources } from "./useCropSources";
import { HelpMark } from "@/ui/frame";
import { TrialVerdicts } from "@/ui/ground";
import { crops as say } from "@/words/en/crops";
import { logbookSections as pages } from "@/words/en/logbookSections";
import { useWording } from "@/ui/wording";

const OwnCropDialog = lazyPart(() => import("./OwnCropDialog"));
const OwnVarietyDialog = lazyPart(() => import("./OwnVarietyDialog"));

interface Props extends SectionProps {
  crop: Crop;
  onCrop: (id: string) => void;
}

/** What a number of one's own is of. */
const NUMBER_NAMES: Record<OwnNumberOf, string> = {
  growth: say.numberGrowth,
  emergence: say.numberEmergence,
  stand: say.numberStand,
  yield: say.numberYield,
  regrowth: say.numberRegrowth,
  hardiness: say.numberHardiness,
  keeping: say.numberKeeping,
  degrees: say.numberDegrees,
};

const BASIS: Record<Variety["packetBasis"], string> = {
  sowing: say.fromSowing,
  emergence: say.fromEmergence,
  transplanting: say.fromTransplanting,
};

/** One crop: its varieties, its values with their sources, its cautions; to be planned or copied. */
export function CropPage(props: Props) {
  const wording = useWording();
  const { garden, crop, onCrop } = props;
  const router = useRouter();
  const [open, setOpen] = useState<"copy" | "edit" | { variety: Variety | null } | null>(null);
  const own = garden.ownCrops.get(crop.id);
  const sourceOf = useCropSources(own?.copiedFrom ?? crop.id, own !== undefined);
  const ownNumbers = [...garden.ownNumbers.values()]
    .filter(({ about, used }) => used && about.kind === "crop" && about.id === crop.id)
    .map(({ what }) => NUMBER_NAMES[what]);
  const plan = () => {
    router.push("/plan");
    setView({ wish: { cropId: crop.id } });
  };
  return (
    <Box component="article" aria-label={crop.name}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "flex-start" }}>
        <Box sx={{ flex: 1, minWidth: 200 }}>
          <Typography variant="h2">{crop.name}</Typography>
          <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
            <i>{crop.latinName}</i>, {crop.family}
          </Box>
        </Box>
        <Button variant="contained" onClick={plan}>
          {say.addToPlan}
        </Button>
        <Button variant="outlined" color="inherit" onClick={() => setOpen(own ? "edit" : "copy")}>
          {own ? say.edit : say.makeMyOwnVersion}
        </Button>
      </Box>
      {crop.cautions.map((id) => (
        <Alert key={id} severity="warning" sx={{ mt: 1.5 }}>
          {cautionWords(id)}
        </Alert>
      ))}
      {ownNumbers.length > 0 && (
        <Box sx={{ mt: 1.5, fontSize: 15 }}>
          {say.ownNumbersInUse({ names: wording.names(ownNumbers) })}{" "}
          <Link href="/logbook/numbers">{pages.numbers}</Link>
        </Box>
      )}
      <TrialVerdicts garden={garden} of={{ cropId: crop.id }} />
      <Box component="h3" sx={{ fontSize: 15, mt: 2, mb: 0.5 }}>
        {say.varietiesByType}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", maxWidth: 720 }}>
        {crop.varieties.map((variety) => (
          <Box
            component="li"
            key={variety.id}
            sx={{ display: "flex", gap: 1.5, alignItems: "baseline", py: 0.5, fontSize: 15 }}
          >
            <Box sx={{ flex: 1 }}>
              <b>{variety.name}</b>
              {say.days({ packetDays: variety.packetDays, BASIS: BASIS[variety.packetBasis] })}
              {variety.hardenedLt50C !== undefined &&
                say.hardenedTo({ temperature: wording.temperature(variety.hardenedLt50C) })}
              {variety.note && (
                <Box component="span" sx={{ color: "var(--ash-text)" }}>
                  {" "}
                  {variety.note}
                </Box>
              )}
            </Box>
            {garden.ownVarieties.has(variety.id) && (
              <Button
                size="small"
                color="inherit"
                aria-label={say.edit2({ variety: variety.name })}
                onClick={() => setOpen({ variety })}
              >
                {say.edit}
              </Button>
            )}
          </Box>
        ))}
      </Box>
      <Button
        size="small"
        variant="outlined"
        color="inherit"
        sx={{ mt: 0.5 }}
        onClick={() => setOpen({ variety: null })}
      >
        {say.addAVariety}
      </Button>
      <Box
        sx={{
          display: "grid",
          columnGap: 4,
          gridTemplateColumns: "repeat(auto-fill, minmax(min(100%, 340px), 1fr))",
          mt: 1,
        }}
      >
        {cropRows(crop, wording).map(({ title, rows }) => (
          <Box component="section" key={title} sx={{ mt: 1.5 }}>
            <Box component="h3" sx={{ fontSize: 15, m: 0, mb: 0.25 }}>
              {title}
            </Box>
            <Box component="dl" sx={{ m: 0 }}>
              {rows.map(({ what, value, path, term }) => (
                <Box
                  key={what}
                  sx={{
                    display: "grid",
                    gridTemplateColumns: "46% 1fr",
                    columnGap: 1,
                    py: 0.35,
                    fontSize: 14.5,
                    borderTop: "1px solid var(--line)",
                  }}
                >
                  <Box component="dt" sx={{ color: "var(--ash-text)" }}>
                    {what}
                    {term && <HelpMark term={term} />}
                  </Box>
                  <Box component="dd" sx={{ m: 0 }} title={sourceOf(path)}>
                    {value}
                    {sourceOf(path) === ESTIMATE_WORDS && (
                      <Box component="span" sx={{ color: "var(--ash-text)", fontSize: 13 }}>
                        {" "}
                        {say.estimate}
                      </Box>
                    )}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      <SourceList
        sourceOf={sourceOf}
        rows={cropRows(crop, wording).flatMap((group) => group.rows)}
      />
      {(open === "copy" || open === "edit") && (
        <OwnCropDialog
          garden={garden}
          from={crop}
          own={open === "edit" ? (own ?? null) : null}
          onKept={onCrop}
          onClose={() => setOpen(null)}
        />
      )}
      {open !== null && typeof open === "object" && (
        <OwnVarietyDialog
          garden={garden}
          crop={crop}
          variety={open.variety}
          onClose={() => setOpen(null)}
        />
      )}
    </Box>
  );
}

/** What an estimate is called in the list of sources. */
const ESTIMATE_WORDS = say.ourEstimateToBeCorrectedByRecords;

function SourceList(props: {
  sourceOf: (path: string) => string | undefined;
  rows: readonly { what: string; path: string }[];
}) {
  const bySource = new Map<string, string[]>();
  for (const { what, path } of props.rows) {
    const source = props.sourceOf(path);
    if (source) bySource.set(source, [...(bySource.get(source) ?? []), what.toLowerCase()]);
  }
  if (bySource.size === 0) return null;
  return (
    <Box component="details" sx={{ mt: 2, fontSize: 14, maxWidth: 720 }}>
      <Box component="summary" sx={{ cursor: "pointer" }}>
        {say.sources}
      </Box>
      <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
        {[...bySource].map(([source, whats]) => (
          <li key={source}>
            {source} <i>({whats.join("; ")})</i>
          </li>
        ))}
      </Box>
    </Box>
  );
}
