import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { SowingState } from "@/core/propagation";
import { useWording } from "@/ui/wording";
import { trays as say } from "@/words/en/trays";
import { told } from "@/ui/wording";
import "@/words/en/facts/trays";

interface Props {
  state: SowingState;
  today: DayNumber;
}

/** The days of growing exposure, those held up by the outlook, and the day to plant out. */
export function HardeningDays({ state, today }: Props) {
  const wording = useWording();
  const { days, plantOutDay, movedDays, words } = state.hardening;
  const moved = movedDays > 0 ? say.laterBecauseOfWeather({ movedDays }) : "";
  return (
    <Box component="details" sx={{ mt: 1, fontSize: 14 }}>
      <Box component="summary" sx={{ cursor: "pointer" }}>
        {say.transplantAbout} <b>{wording.date(plantOutDay, today)}</b>.{moved}
      </Box>
      <Box component="ol" sx={{ m: 0, mt: 0.5, p: 0, listStyle: "none" }}>
        {days.map(({ day, hours, heldUpBy }) => (
          <Box
            component="li"
            key={day}
            sx={{
              display: "flex",
              gap: 1,
              fontWeight: day === today ? 700 : 400,
              color: day < today ? "var(--ash-text)" : "var(--text)",
            }}
          >
            <Box component="span" sx={{ width: 84 }} className="tabular">
              {wording.narrowDate(day)}
            </Box>
            {heldUpBy
              ? say.staysInside({ heldUpBy: told(heldUpBy) })
              : hours >= 24
                ? say.outsideDayAndNight
                : say.hOutside({ hours })}
          </Box>
        ))}
      </Box>
      <Box sx={{ mt: 0.5 }}>{say.setBrassicasDeepAndFirmAndWaterIn({ words: told(words) })}</Box>
    </Box>
  );
}
