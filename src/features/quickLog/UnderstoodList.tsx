import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Understood } from "@/core/logbook";
import { useWording, type LocalWording } from "@/ui/wording";
import { quickLog as say } from "@/words/en/quickLog";
import { told } from "@/ui/wording";
import { loggedWords } from "@/words/en/entries";
import type { Garden } from "@/core/garden";

interface Props {
  garden: Garden;
  understood: readonly Understood[];
  /** The day that is meant where the line names none. */
  day: DayNumber;
  onMean: (index: number, plantingId: string) => void;
}

/** What a line was understood to say, with what else could be meant. */
export function UnderstoodList({ garden, understood, day, onMean }: Props) {
  const wording = useWording();
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
          {wordsOf(one, garden, wording)}
          {one.doubt !== null && <Box sx={{ fontWeight: 600 }}>{told(one.doubt)}</Box>}
          {one.others.length > 0 && (
            <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
              {say.or}{" "}
              {one.others.map(({ plantingId, name, bed }) => (
                <Button
                  key={plantingId}
                  size="small"
                  color="inherit"
                  onClick={() => onMean(index, plantingId)}
                  sx={{ py: 0.25, textAlign: "left" }}
                >
                  {say.nameInBed({ name, bed })}
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

/** What one part of a line was understood to say, as it will stand in the log. */
function wordsOf(one: Understood, garden: Garden, wording: LocalWording): string {
  if (one.words) return told(one.words);
  if (!one.entry) return "";
  const { newPlanting } = one;
  const plantings = newPlanting
    ? new Map([...garden.plantings, [newPlanting.id, newPlanting] as const])
    : garden.plantings;
  return loggedWords({ ...garden, plantings }, one.entry, wording);
}
