import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Understood } from "@/core/logbook";
import type { LocalWording } from "@/ui/wording";
import { quickLog as say } from "@/words/en/quickLog";

interface Props {
  understood: readonly Understood[];
  /** The day that is meant where the line names none. */
  day: DayNumber;
  wording: LocalWording;
  onMean: (index: number, plantingId: string) => void;
}

/** What a line was understood to say, with what else could be meant. */
export function UnderstoodList({ understood, day, wording, onMean }: Props) {
  return (
    <Box aria-live="polite" aria-label={say.willBeLogged} role="region">
      {understood.map((one, index) => (
        <Box
          key={index}
          sx={{
            borderLeft: one.doubt ? "4px solid var(--ember)" : "4px solid var(--moss)",
            pl: 1.25,
            py: 0.5,
            mb: 0.75,
            fontSize: 16,
            lineHeight: 1.4,
          }}
        >
          {dayOf(one) !== day && <b>{wording.longDate(dayOf(one))}: </b>}
          {one.words}
          {one.doubt !== null && <Box sx={{ fontWeight: 600 }}>{one.doubt}</Box>}
          {one.others.length > 0 && (
            <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
              {say.or}{" "}
              {one.others.map(({ plantingId, words }) => (
                <Button
                  key={plantingId}
                  size="small"
                  color="inherit"
                  onClick={() => onMean(index, plantingId)}
                  sx={{ py: 0.25, textAlign: "left" }}
                >
                  {words}
                </Button>
              ))}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

function dayOf({ entry, thermometerDay }: Understood): DayNumber {
  return dayNumber(entry?.on ?? thermometerDay?.on ?? "1970-01-01");
}
