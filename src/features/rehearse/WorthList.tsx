"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { materials } from "@/core/shelter";
import type { WorthItem, WorthKind } from "@/core/winter";
import { findWorth } from "@/derive/rehearsal";
import { useRehearsal } from "@/derive/rehearsed";
import { useWording, type LocalWording } from "@/ui/wording";
import { capital } from "@/words/capital";
import { materialWords } from "@/words/covers";
import { rehearse as say } from "@/words/en/rehearse";
import { signedKg } from "./triedWords";

const BAR = 120;

/** Covers, shelters, sowing weeks or varieties, ranked by what the garden loses without each. */
export function WorthList() {
  const wording = useWording();
  const { worth, worthRun, worthState } = useRehearsal();
  const [kind, setKind] = useState<WorthKind>(worth?.kind ?? "covers");
  const isRunning = worthState?.status === "running" || worthState?.status === "starting";
  const done = worthState?.reports[0]?.winters ?? 0;
  const rows = (worth?.kind === kind ? worth.items : [])
    .flatMap((item, at) => {
      const paired = worthState?.paired[at];
      return paired && paired.winters > 0 ? [{ item, paired, losesKg: -paired.meanKg }] : [];
    })
    .sort((a, b) => b.losesKg - a.losesKg);
  const mostKg = Math.max(0.001, ...rows.map(({ losesKg }) => losesKg));
  return (
    <Box component="section">
      <Typography variant="h2">{say.worthTitle}</Typography>
      <Box sx={{ fontSize: 15, color: "var(--ash-text)", mb: 1 }}>{say.worthWhat}</Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={say.worthKinds}
          value={kind}
          onChange={(_event, value: WorthKind | null) => value && setKind(value)}
        >
          <ToggleButton value="covers">{say.worthCovers}</ToggleButton>
          <ToggleButton value="weeks">{say.worthWeeks}</ToggleButton>
          <ToggleButton value="varieties">{say.worthVarieties}</ToggleButton>
        </ToggleButtonGroup>
        {isRunning && worth?.kind === kind ? (
          <Button variant="outlined" color="inherit" onClick={() => worthRun?.stop()}>
            {say.stop}
          </Button>
        ) : (
          <Button variant="outlined" color="inherit" onClick={() => findWorth(kind)}>
            {say.worthFind}
          </Button>
        )}
      </Box>
      {isRunning && worth?.kind === kind && (
        <Box role="status" sx={{ fontSize: 15, mt: 1 }}>
          {say.soFar({ done, wanted: worthState?.wanted ?? 0 })}
          <LinearProgress
            aria-label={say.worthTitle}
            variant="determinate"
            value={(done / Math.max(1, worthState?.wanted ?? 1)) * 100}
          />
        </Box>
      )}
      {worth?.kind === kind && worth.items.length === 0 && (
        <Box sx={{ fontSize: 16, mt: 1 }}>{say.worthNothing}</Box>
      )}
      <Box component="ol" sx={{ m: 0, mt: 1, p: 0, listStyle: "none" }}>
        {rows.map(({ item, paired, losesKg }) => (
          <Box
            key={JSON.stringify(item.what) + String(item.calls.length)}
            component="li"
            sx={{
              display: "grid",
              gridTemplateColumns: {
                xs: "minmax(0, 1fr)",
                sm: `minmax(0, 1fr) ${BAR}px minmax(0, 190px)`,
              },
              columnGap: 1.5,
              alignItems: "center",
              borderTop: "1px solid var(--line)",
              py: 0.5,
              fontSize: 15.5,
            }}
          >
            <Box>{capital(itemWords(item, wording))}</Box>
            <svg width={BAR} height={10} aria-hidden>
              <rect width={BAR} height={10} fill="none" stroke="var(--line)" />
              <rect width={Math.max(0, (losesKg / mostKg) * BAR)} height={10} fill="var(--ember)" />
            </svg>
            <Box sx={{ fontVariantNumeric: "tabular-nums" }}>
              {say.worthLoses({
                kg: signedKg(losesKg, wording),
                from: signedKg(-paired.interval[1], wording),
                to: signedKg(-paired.interval[0], wording),
              })}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function itemWords({ what }: WorthItem, wording: LocalWording): string {
  const cover = (id: string) => {
    const material = materials.get(id);
    return material ? materialWords(material, wording) : id;
  };
  switch (what.kind) {
    case "bedCover":
      return say.worthCover({ cover: cover(what.materialId), bed: what.bedName });
    case "shelter":
      return what.name;
    case "piece":
      return say.worthPiece({
        cover: cover(what.materialId),
        length: wording.lengthM(what.lengthM),
      });
    case "week":
      return say.worthWeek({ date: wording.date(what.fromDay), count: what.plantings });
    case "variety":
      return `${what.crop}, ${what.variety}`;
  }
}
