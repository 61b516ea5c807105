"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import CheckIcon from "@mui/icons-material/Check";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { asOwnNumber, type LearnedNumber } from "@/core/learn";
import type { Suggestion } from "@/core/seasons";
import { useLateAnswer } from "@/derive";
import { gardenStore } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { seasons as say } from "@/words/en/seasons";
import { ComparedTable } from "./ComparedTable";
import { ReviewSection } from "./ReviewSection";
import { SeasonLog } from "./SeasonLog";
import { seasonName, suggestionWords } from "./seasonWords";

interface Props {
  garden: Garden;
  site: Site;
  seasonId: string;
  today: DayNumber;
}

/** A closed season, whole: what it came to, what it suggests, and every planting against its plan. */
export function SeasonPage({ garden, site, seasonId, today }: Props) {
  const { value, asked } = useLateAnswer("season", { seasonId }, { garden, site });
  const kept = garden.keptSeasons.get(seasonId);
  if (!kept) return null;
  if (value === null || asked.seasonId !== seasonId) {
    return (
      <Box role="status" sx={{ mt: 1, fontSize: 16 }}>
        {say.reading}
      </Box>
    );
  }
  return (
    <Box>
      <ReviewSection garden={garden} review={value.review} today={today} />
      <Box component="section" aria-label={say.nextTime} sx={{ mt: 2.5, maxWidth: 760 }}>
        <Box component="h3" sx={{ m: 0, fontSize: 19, fontFamily: "var(--font-heading)" }}>
          {say.nextTime}
        </Box>
        <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
          {value.suggestions.length > 0 ? say.nextTimeWhat : say.noSuggestion}
        </Box>
        <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {value.suggestions.map((one) => (
            <SuggestionLine
              key={one.kind === "numbers" ? "numbers" : one.wish.plantingId}
              garden={garden}
              seasonId={seasonId}
              one={one}
              numbers={value.numbers}
              today={today}
            />
          ))}
        </Box>
      </Box>
      <ComparedTable
        garden={garden}
        rows={value.compared}
        label={seasonName(kept.year)}
        today={today}
      />
      <SeasonLog kept={kept} today={today} />
    </Box>
  );
}

interface LineProps {
  garden: Garden;
  seasonId: string;
  one: Suggestion;
  numbers: readonly LearnedNumber[];
  today: DayNumber;
}

function SuggestionLine({ garden, seasonId, one, numbers, today }: LineProps) {
  const wording = useWording();
  const words = suggestionWords(garden, one, wording);
  const wishes = garden.keptSeasons.get(seasonId)?.wishes ?? [];
  const isKept =
    one.kind === "wish" && wishes.some(({ plantingId }) => plantingId === one.wish.plantingId);
  const take = async () => {
    if (one.kind === "numbers") {
      const own = numbers
        .filter(({ id }) => one.ids.includes(id))
        .map((number) => asOwnNumber(number, isoDate(today)));
      const done = await gardenStore().dispatch("ownNumber.setMany", { numbers: own });
      if (done.ok) tell(say.takeNumbersDone, "done", true);
      else tellRefusal(done);
      return;
    }
    const { plantingId, change } = one.wish;
    const wanted = isKept ? null : change;
    const done = await gardenStore().dispatch("season.wish", {
      seasonId,
      plantingId,
      change: wanted,
    });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <Box
      component="li"
      sx={{
        py: 0.5,
        display: "flex",
        gap: 1.5,
        alignItems: "center",
        borderBottom: "1px solid var(--line)",
      }}
    >
      <Box sx={{ flex: 1, fontSize: 16 }}>{words}</Box>
      <Button
        size="small"
        variant={isKept ? "contained" : "outlined"}
        startIcon={isKept ? <CheckIcon /> : undefined}
        aria-label={isKept ? say.dropWish({ words }) : say.keepWish({ words })}
        aria-pressed={isKept}
        onClick={() => void take()}
        sx={{ minWidth: 92, "@media (pointer: coarse)": { minHeight: 44 } }}
      >
        {isKept ? say.kept : say.keep}
      </Button>
    </Box>
  );
}
