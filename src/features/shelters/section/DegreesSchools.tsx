"use client";

import Box from "@mui/material/Box";
import type { KeyboardEvent } from "react";
import type { Garden } from "@/core/garden";
import type { DegreesSchool } from "@/core/growth";
import type { Measured } from "@/core/plantings";
import type { NightDegrees } from "@/core/frostNight";
import { gardenStore } from "@/store/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  degrees: NightDegrees;
  measured: Measured | null;
}

const NAMES: Record<DegreesSchool, string> = {
  rule: say.ruleOfThumb,
  balance: say.energyBalance,
  measured: say.yourOwnThermometer,
};
const SCHOOLS = ["rule", "balance", "measured"] as const;

/** Tonight's gain by each of the three schools, side by side; a tap makes one the garden's. */
export function DegreesSchools({ garden, degrees, measured }: Props) {
  const wording = useWording();
  const choose = async (school: DegreesSchool) => {
    if (school === garden.settings.degreesSchool) return;
    const done = await gardenStore().dispatch("settings.set", { degreesSchool: school });
    if (!done.ok) return tellRefusal(done);
    tell(say.temperaturesNowComeFromTheHereAnd({ NAMES: NAMES[school] }), "done", true);
  };
  // As among any radios: arrows go on and choose, Tab leaves.
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const at = SCHOOLS.indexOf(garden.settings.degreesSchool);
    const next = SCHOOLS[(at + by + SCHOOLS.length) % SCHOOLS.length] ?? "measured";
    const radios = event.currentTarget.querySelectorAll<HTMLElement>("[role=radio]");
    radios[SCHOOLS.indexOf(next)]?.focus();
    void choose(next);
  };
  const words = (school: DegreesSchool) => {
    const minC = degrees[school];
    if (minC === null) return say.noReadingsYet;
    const gainC = minC - degrees.outsideMinC;
    return `${gainC >= 0 ? "+" : "−"}${wording.degrees(Math.round(Math.abs(gainC) * 10) / 10)}`;
  };
  return (
    <Box sx={{ my: 1 }}>
      <Box
        role="radiogroup"
        aria-label={say.degreesAboveOutsideTonightBy}
        onKeyDown={onKeyDown}
        sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}
      >
        {SCHOOLS.map((school) => {
          const chosen = garden.settings.degreesSchool === school;
          const counts = degrees.inForce === school;
          return (
            <Box
              key={school}
              component="button"
              type="button"
              role="radio"
              aria-checked={chosen}
              tabIndex={chosen ? 0 : -1}
              onClick={() => void choose(school)}
              sx={{
                font: "inherit",
                fontSize: 15,
                lineHeight: 1.35,
                color: "inherit",
                textAlign: "left",
                minHeight: 52,
                px: 1.5,
                py: 0.5,
                cursor: "pointer",
                bgcolor: counts ? "var(--selected)" : "transparent",
                border: counts ? "2px solid var(--ember)" : "1px solid var(--line)",
                borderRadius: "4px",
              }}
            >
              {NAMES[school]} {counts && <Box component="span">{say.selected}</Box>}
              <br />
              <b>{words(school)}</b>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ fontSize: 14.5, lineHeight: 1.5, mt: 0.5 }} aria-live="polite">
        {measured ? <MeasuredWords measured={measured} /> : say.addAFewNightsFromYourOwn}
      </Box>
    </Box>
  );
}

function MeasuredWords({ measured }: { measured: Measured }) {
  const wording = useWording();
  const { nights, days, meanNightC, meanDayC, nightWeight, bias } = measured;
  const off = (meanC: number) => {
    const degrees = wording.degrees(Math.round(Math.abs(meanC) * 10) / 10);
    return meanC < 0 ? say.colder({ degrees }) : say.warmer({ degrees });
  };
  return (
    <>
      {say.fromThanTheBalanceOnAverage({
        nights,
        off: off(meanNightC ?? 0),
        nightWeight: Math.round(nightWeight * 100),
        off2: off(bias.nightC),
      })}
      {meanDayC !== null &&
        say.andDaysFromAverage({ days, off: off(bias.dayC), off2: off(meanDayC) })}
      .
    </>
  );
}
