"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormLabel from "@mui/material/FormLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import { lastDayOf } from "@/core/climate";
import { stationApart, type WeatherAnswers, type WeatherReading } from "@/core/weatherFiles";
import { useGarden } from "@/store/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";
import "@/words/en/facts/weatherFiles";

interface Props {
  reading: WeatherReading;
  answers: WeatherAnswers;
  onAnswer: (answers: WeatherAnswers) => void;
}

/** What was read of a weather file, what was left and why, and what only the grower can tell. */
export function ReadingReport({ reading, answers, onAnswer }: Props) {
  const wording = useWording();
  const { record, questions, left, notes } = reading;
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      {reading.problem !== null && (
        <Alert severity="error" role="alert">
          {told(reading.problem)}
        </Alert>
      )}
      {questions.map((question) => (
        <Box key={question.id} component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
          <FormLabel component="legend" sx={{ color: "var(--text)", fontWeight: 600 }}>
            {told(question.words)}
          </FormLabel>
          <RadioGroup
            row
            value={answers[question.id] ?? question.assumed}
            onChange={(event) => onAnswer({ ...answers, [question.id]: event.target.value })}
          >
            {question.options.map((option) => (
              <FormControlLabel
                key={option.value}
                value={option.value}
                control={<Radio />}
                label={told(option.label)}
              />
            ))}
          </RadioGroup>
        </Box>
      ))}
      {record && (
        <Box component="dl" className="tabular" sx={FACTS}>
          {reading.stands && (
            <>
              <dt>{say.stationAt}</dt>
              <dd>
                <Station stands={reading.stands} />
              </dd>
            </>
          )}
          <dt>{say.from}</dt>
          <dd>
            {say.to({
              date: wording.date(record.firstDay, -1),
              date2: wording.date(lastDayOf(record), -1),
            })}
          </dd>
          <dt>{say.lows}</dt>
          <dd>{daysOf(reading.lows, record.minTempC.length, wording)}</dd>
          <dt>{say.highs}</dt>
          <dd>{daysOf(reading.highs, record.minTempC.length, wording)}</dd>
          <dt>{say.rain}</dt>
          <dd>{daysOf(reading.rains, record.minTempC.length, wording)}</dd>
        </Box>
      )}
      {left.length > 0 && (
        <Box>
          <Box sx={{ fontWeight: 600 }}>{say.leftOut}</Box>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {left.map(({ reason, count, lines }) => (
              <li key={told(reason)}>
                {say.line({
                  number: wording.number(count),
                  reason: told(reason),
                  linesCount: lines.length,
                  lines: lines.join(", "),
                  isCount: count > lines.length,
                })}
              </li>
            ))}
          </Box>
        </Box>
      )}
      {notes.length > 0 && (
        <Box component="ul" sx={{ m: 0, pl: 2.5, color: "var(--ash-text)" }}>
          {notes.map((note) => (
            <li key={told(note)}>{told(note)}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** Where the station stands, and what that means for the garden. */
function Station({ stands }: { stands: NonNullable<WeatherReading["stands"]> }) {
  const wording = useWording();
  const place = useGarden((state) => state.garden.place);
  const { latitudeDeg, longitudeDeg, elevationM } = stands;
  const apart = place && stationApart(stands, place);
  return (
    <>
      {say.position({
        latitude: latitudeDeg.toFixed(2),
        longitude: longitudeDeg.toFixed(2),
        height: elevationM === null ? null : wording.distanceM(elevationM),
      })}
      {apart && (
        <Box>
          {say.apart({
            distance: wording.distanceM(apart.km * 1000),
            height: apart.higherM === null ? null : wording.distanceM(Math.abs(apart.higherM)),
            isHigher: (apart.higherM ?? 0) > 0,
          })}{" "}
          {apart.warmerC !== null &&
            Math.abs(apart.warmerC) >= WORTH_TELLING_C &&
            say.differs({
              degrees: wording.degrees(Math.abs(apart.warmerC)),
              isWarmer: apart.warmerC > 0,
            })}
        </Box>
      )}
    </>
  );
}

/** Less than this a height is not worth a word, °C. */
const WORTH_TELLING_C = 0.5;

const FACTS = {
  m: 0,
  display: "grid",
  gridTemplateColumns: "max-content 1fr",
  columnGap: 2,
  rowGap: 0.25,
  "& dt": { color: "var(--ash-text)" },
  "& dd": { m: 0 },
} as const;

function daysOf(known: number, days: number, wording: LocalWording): string {
  if (known === 0) return "none";
  const missing = days - known;
  return say.days({
    number: wording.number(known),
    value: missing > 0 ? say.missing({ number: wording.number(missing) }) : say.noneMissing,
  });
}
