"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { nightUnder, type CoverIds } from "@/core/shelter";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  covers: CoverIds;
  latitudeDeg: number;
  day: DayNumber;
  outsideMinC: number;
}

const CLEAR_AND_CALM = { cloudShare: 0, windMps: 1 };
const OVERCAST_AND_WINDY = { cloudShare: 1, windMps: 5 };
/** A day of usual swing, after days a little milder. */
const DAY_RANGE_C = 7;
const MILDER_BEFORE_C = 3;
const STEPS_PER_DAY = 24;

/** Where each school's degrees come from, and why the same covers gain more on some nights than on others. */
export function DegreesExplained(props: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Box
      component="details"
      onToggle={(event) => setOpen(event.currentTarget.open)}
      sx={{ fontSize: 14.5, lineHeight: 1.5, mt: 0.5 }}
    >
      <Box component="summary" sx={{ cursor: "pointer", py: 0.5 }}>
        {say.whereTheDegreesComeFrom}
      </Box>
      {isOpen && <Explanation {...props} />}
    </Box>
  );
}

function Explanation({ covers, latitudeDeg, day, outsideMinC }: Props) {
  const wording = useWording();
  const gainC = (sky: typeof CLEAR_AND_CALM) => {
    const night = {
      ...sky,
      latitudeDeg,
      day,
      minTempC: outsideMinC,
      maxTempC: outsideMinC + DAY_RANGE_C,
      milderBeforeC: MILDER_BEFORE_C,
      // The same days before both: only the night differs.
      skyBefore: { cloudShare: 0.5, windMps: 2 },
    };
    return nightUnder(covers, night, {}, undefined, STEPS_PER_DAY).crop.gainC;
  };
  const signed = (degreesC: number) =>
    `${degreesC >= 0 ? "+" : "−"}${wording.degrees(Math.round(Math.abs(degreesC) * 10) / 10)}`;
  return (
    <>
      {[say.ruleExplained, say.balanceExplained, say.ownExplained, say.windyNightExplained].map(
        (sentence) => (
          <Box component="p" key={sentence} sx={{ m: 0, mb: 0.75 }}>
            {sentence}
          </Box>
        ),
      )}
      <Box component="p" sx={{ m: 0, mb: 0.75, fontWeight: 700 }}>
        {say.hereAtTheSameLow({
          low: wording.temperature(outsideMinC),
          clear: signed(gainC(CLEAR_AND_CALM)),
          windy: signed(gainC(OVERCAST_AND_WINDY)),
        })}
      </Box>
    </>
  );
}
