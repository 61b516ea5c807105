"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Choice, DecisionThatMattered, LessonId, Review, Scenario } from "@/core/practice";
import { useWording, type LocalWording } from "@/ui/wording";
import { lessonPoints, lessonTitles, practise as say } from "@/words/en/practise";
import { bedWords, cropWords } from "./bedWords";
import { happenedWords } from "./happenedWords";

interface Props {
  scenario: Scenario;
  review: Review;
  lessonId: LessonId | null;
  onAgain: () => void;
  onNext: (() => void) | null;
  onLeave: () => void;
}

const GRAMS_PER_KG = 1000;
const BAR = 340;

/** What was harvested beside what could have been, and the evenings that made the difference. */
export function ReviewedWinter(props: Props) {
  const wording = useWording();
  const { scenario, review, lessonId, onAgain, onNext, onLeave } = props;
  const { harvestedKg, toolKg, nothingKg, mattered } = review;
  const mostKg = Math.max(0.1, harvestedKg, toolKg, nothingKg);
  const kg = (value: number) => wording.weightG(value * GRAMS_PER_KG);
  return (
    <Box sx={{ px: { xs: 2, md: 2.75 }, pt: 1.75, pb: 4, maxWidth: 900 }}>
      <Typography variant="h1">{lessonId ? lessonTitles[lessonId] : say.over}</Typography>
      <Box component="dl" sx={{ m: 0, mt: 1.5, display: "grid", rowGap: 1 }}>
        {[
          { words: say.yours, value: harvestedKg, fill: "var(--ember)" },
          { words: say.tools, value: toolKg, fill: "var(--moss)" },
          { words: say.nothings, value: nothingKg, fill: "var(--ash)" },
        ].map(({ words, value, fill }) => (
          <Box
            key={words}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "260px minmax(0, 1fr) 90px" },
              alignItems: "center",
              columnGap: 1.5,
            }}
          >
            <Box component="dt" sx={{ fontSize: 17 }}>
              {words}
            </Box>
            <Box aria-hidden sx={{ display: { xs: "none", sm: "block" } }}>
              <svg width="100%" viewBox={`0 0 ${BAR} 16`} preserveAspectRatio="none" height={16}>
                <rect width={BAR} height={16} fill="none" stroke="var(--line)" />
                <rect width={Math.max(0, (value / mostKg) * BAR)} height={16} fill={fill} />
              </svg>
            </Box>
            <Box component="dd" sx={{ m: 0, fontSize: 20, fontWeight: 700, textAlign: "right" }}>
              {kg(value)}
            </Box>
          </Box>
        ))}
      </Box>
      {lessonId && (
        <Box sx={{ mt: 2, fontSize: 18, lineHeight: 1.5 }}>{lessonPoints[lessonId]}</Box>
      )}
      <Typography variant="h2" sx={{ mt: 3 }}>
        {say.mattered}
      </Typography>
      {mattered.length === 0 && <Box sx={{ fontSize: 16.5 }}>{say.noneMattered}</Box>}
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {mattered.map((one) => (
          <Box
            key={one.day}
            component="li"
            sx={{ borderTop: "1px solid var(--line)", py: 1, fontSize: 16.5, lineHeight: 1.45 }}
          >
            <Box sx={{ fontWeight: 700, fontSize: 17.5 }}>{headline(one, wording)}</Box>
            <Box>{say.youDid({ choice: choiceWords(one.choice, scenario, wording) })}</Box>
            {one.missedKg > 0.005 && (
              <Box>{say.toolDid({ choice: choiceWords(one.tool, scenario, wording) })}</Box>
            )}
            {thenWords(one, wording) !== "" && (
              <Box>{say.then({ what: thenWords(one, wording) })}</Box>
            )}
          </Box>
        ))}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, mt: 2.5 }}>
        {onNext && (
          <Button variant="contained" size="large" onClick={onNext}>
            {say.nextLesson}
          </Button>
        )}
        <Button variant="outlined" color="inherit" size="large" onClick={onAgain}>
          {say.again}
        </Button>
        <Button color="inherit" size="large" onClick={onLeave}>
          {say.toStart}
        </Button>
      </Box>
    </Box>
  );
}

/** What came of it in the days after; empty where nothing worth telling did. */
function thenWords({ then }: DecisionThatMattered, wording: LocalWording): string {
  return then
    .filter(({ kind }) => kind !== "picked")
    .slice(0, MOST_TOLD)
    .map((happened) => happenedWords(happened, wording))
    .join("; ");
}
const MOST_TOLD = 3;

function headline(
  { day, missedKg, gainedKg }: DecisionThatMattered,
  wording: LocalWording,
): string {
  const date = wording.date(day);
  const kg = (value: number) => wording.weightG(value * GRAMS_PER_KG);
  return missedKg >= gainedKg
    ? say.missed({ date, kg: kg(missedKg) })
    : say.gained({ date, kg: kg(gainedKg) });
}

function choiceWords(choice: Choice, { beds }: Scenario, wording: LocalWording): string {
  const named = (ids: readonly string[]) =>
    wording.list(beds.filter(({ id }) => ids.includes(id)).map((bed) => bedWords(bed)));
  const { cover, pick, lid, sow, water } = choice;
  const parts = [
    ...(cover.length > 0 ? [say.choseCover({ beds: named(cover) })] : []),
    ...(pick.length > 0 ? [say.chosePick({ beds: named(pick) })] : []),
    ...(lid === "open" ? [say.choseOpen] : lid === "shut" ? [say.choseShut] : []),
    ...sow.map(({ bedId, cropId }) =>
      say.choseSow({ crop: cropWords(cropId).toLowerCase(), bed: named([bedId]) }),
    ),
    ...(water === "morning" ? [say.choseMorning] : water === "evening" ? [say.choseEvening] : []),
  ];
  return parts.length === 0 ? say.choseNothing : wording.list(parts);
}
