"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { DAYS_PER_WEEK, type DayNumber } from "@/core/calendar";
import { sowAgain } from "@/core/bedSpace";
import type { Garden, Planting } from "@/core/garden";
import type { Site } from "@/core/growth";
import { newId } from "@/store";
import { NumberInput } from "@/ui/inputs";
import { send } from "@/ui/send";
import { useWording } from "@/ui/wording";
import { trayAgain as say } from "@/words/en/trayAgain";

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  name: string;
  today: DayNumber;
}

const USUAL_WEEKS = 3;
const MOST_WEEKS = 52;

/** The same tray once more some weeks on: its dates first, then one tap plans it. */
export function SowAgain({ garden, site, planting, name, today }: Props) {
  const wording = useWording();
  const [weeks, setWeeks] = useState(USUAL_WEEKS);
  const isWeeks = Number.isInteger(weeks) && weeks >= 1 && weeks <= MOST_WEEKS;
  const sowDay = today + (isWeeks ? weeks : USUAL_WEEKS) * DAYS_PER_WEEK;
  const again = useMemo(
    () => sowAgain(site, garden, planting, sowDay, newId("planting")),
    [site, garden, planting, sowDay],
  );
  if (!again) return null;
  const { timeline, bed } = again;
  const date = (day: DayNumber | null) => (day === null ? null : wording.date(day, today));
  return (
    <Box role="group" aria-label={say.theSameAgain} sx={{ mt: 1.5, fontSize: 14 }}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", mb: 0.75 }}>
        <NumberInput
          size="small"
          label={say.againInWeeks}
          value={weeks}
          onNumber={setWeeks}
          sx={{ width: 150 }}
        />
        <Button
          size="small"
          variant="outlined"
          color="inherit"
          disabled={!isWeeks || again.planting === null}
          onClick={() =>
            again.planting &&
            void send(
              "planting.add",
              again.planting,
              say.planned({ name, date: wording.date(sowDay, today) }),
            )
          }
        >
          {say.planIt}
        </Button>
      </Box>
      <Box aria-live="polite">
        {isWeeks
          ? say.dates({
              sow: wording.date(sowDay, today),
              out: date(timeline.plantOutDay),
              ready: date(timeline.readyDay),
              bed: bed?.name ?? null,
            })
          : say.enterWeeks}
      </Box>
    </Box>
  );
}
