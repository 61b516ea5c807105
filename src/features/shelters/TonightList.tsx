"use client";

import Box from "@mui/material/Box";
import { useMemo, useState } from "react";
import Button from "@mui/material/Button";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { adviceWords, tonight, type NightForPlanting, type Site } from "@/core/plan";
import { VENTED } from "@/core/shelter";
import type { LocalWording } from "@/ui/wording";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  wording: LocalWording;
}

const NO_DAYS: readonly never[] = [];

/** The night to come for everything that stands in the beds, those most in danger first. */
export function TonightList({ garden, site, day, wording }: Props) {
  const outlook = garden.outlook?.outlook.days ?? NO_DAYS;
  const [all, setAll] = useState(false);
  const nights = useMemo(
    () => tonight(site, garden, outlook, day, VENTED),
    [site, garden, outlook, day],
  );
  const acts = nights.filter(
    ({ advice, damage }) => advice !== "nothing" || damage.pointDeath > 0.05,
  );
  const shown = all ? nights : acts;
  return (
    <Box component="section" aria-label="The night to come" sx={{ mt: 3, maxWidth: 860 }}>
      <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 21, m: 0, mb: 0.5 }}>
        The night after {wording.date(day)}
      </Box>
      {nights.length === 0 && <Box sx={{ fontSize: 15 }}>Nothing stands in the beds.</Box>}
      {nights.length > 0 && acts.length === 0 && !all && (
        <Box sx={{ fontSize: 15 }}>
          Everything that stands outdoors should live through it as it is covered now.
        </Box>
      )}
      {shown.map((one) => (
        <NightLine key={one.plants.planting.id} one={one} wording={wording} />
      ))}
      {nights.length > acts.length && (
        <Button size="small" color="inherit" onClick={() => setAll(!all)} sx={{ mt: 0.5 }}>
          {all ? "Only those in danger" : `All ${nights.length} plantings`}
        </Button>
      )}
    </Box>
  );
}

function NightLine({ one, wording }: { one: NightForPlanting; wording: LocalWording }) {
  const { bed, name, cropMinC, lt50C, hardened, isSudden } = one;
  return (
    <Box
      sx={{
        borderTop: "1px solid var(--line)",
        borderLeft: isSudden ? "4px solid var(--ember)" : "4px solid transparent",
        pl: 1.25,
        py: 0.75,
        fontSize: 15,
        lineHeight: 1.45,
      }}
    >
      <b>
        {name}, {bed.name}
      </b>
      : {adviceWords(one)}
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
        {wording.temperature(cropMinC, 1)} at the plants; {wording.temperature(lt50C, 1)} kills
        half, {Math.round(hardened * 100)} % hardened
      </Box>
    </Box>
  );
}
