"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { dayNumber, isoDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { useLateAnswer, useReckoned } from "@/derive";
import { gardenStore, useToday } from "@/store";
import { lazyPart, LogbookPage } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { seasons as say } from "@/words/en/seasons";
import { ComparedTable } from "./ComparedTable";
import { ReviewSection } from "./ReviewSection";
import { SeasonPage } from "./SeasonPage";
import { latestFirst, seasonName } from "./seasonWords";
import { SideBySide } from "./SideBySide";

const BeginDialog = lazyPart(() => import("./BeginDialog"));

/** The season that goes on, those that are closed, and what one begins from. */
export function SeasonsView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  return (
    <LogbookPage current="/logbook/seasons" title={say.seasons} what={say.what}>
      {site ? (
        <Seasons garden={garden} site={site} today={today} />
      ) : (
        <Box sx={{ mt: 2, fontSize: 17 }}>{say.needsPlace}</Box>
      )}
    </LogbookPage>
  );
}

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
}

function Seasons({ garden, site, today }: Props) {
  const closed = latestFirst(garden);
  const [readId, setReadId] = useState<string | null>(null);
  const [beginning, setBeginning] = useState<string | null>(null);
  return (
    <>
      <CurrentSeason garden={garden} site={site} today={today} />
      {closed.length > 0 && (
        <Box component="section" aria-label={say.closedSeasons} sx={{ mt: 3 }}>
          <Typography variant="h2">{say.closedSeasons}</Typography>
          <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
            {closed.map((kept) => (
              <Box
                component="li"
                key={kept.id}
                sx={{ py: 1, borderBottom: "1px solid var(--line)" }}
              >
                <ClosedLine
                  garden={garden}
                  seasonId={kept.id}
                  today={today}
                  isOpen={readId === kept.id}
                  onOpen={() => setReadId(readId === kept.id ? null : kept.id)}
                  onBegin={() => setBeginning(kept.id)}
                />
                {readId === kept.id && (
                  <SeasonPage garden={garden} site={site} seasonId={kept.id} today={today} />
                )}
              </Box>
            ))}
          </Box>
          {closed.length > 0 && <SideBySide garden={garden} closed={closed} />}
        </Box>
      )}
      {beginning !== null && (
        <BeginDialog
          garden={garden}
          site={site}
          seasonId={beginning}
          today={today}
          onClose={() => setBeginning(null)}
        />
      )}
    </>
  );
}

/** From so long before its end on a season is closed without a second thought. */
const LATE_DAYS = 75;

/** What goes on: what it came to so far, each planting against its plan, and its end. */
function CurrentSeason({ garden, site, today }: Props) {
  const wording = useWording();
  const { value } = useLateAnswer("closing", { day: today }, { garden, site });
  if (value === null) {
    return (
      <Box role="status" sx={{ mt: 2, fontSize: 17 }}>
        {say.reading}
      </Box>
    );
  }
  const { closing, compared } = value;
  const close = async () => {
    const done = await gardenStore().dispatch("season.close", { on: isoDate(today) });
    if (!done.ok) tellRefusal(done);
    else if (closing) tell(say.closed({ season: seasonName(closing.year) }), "done", true);
  };
  const year = closing?.year ?? Number(isoDate(site.season(today).startDay).slice(0, 4));
  const season = seasonName(year);
  const { endDay } = site.season(today);
  // A season before this one is closed at any time.
  const isEarly = isoDate(endDay).slice(0, 4) === String(year + 1) && today < endDay - LATE_DAYS;
  return (
    <Box component="section" aria-label={say.soFar({ season })} sx={{ mt: 2.5 }}>
      <Typography variant="h2">{say.soFar({ season })}</Typography>
      {closing ? (
        <>
          <Box sx={{ mt: 1, display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
            <Button
              variant={isEarly ? "outlined" : "contained"}
              size="large"
              onClick={() => void close()}
            >
              {say.close({ season })}
            </Button>
            <Box sx={{ fontSize: 15, color: "var(--ash-text)", maxWidth: 620 }}>
              {say.closes({ over: closing.review.plantings, goesOn: closing.goesOn })}
              {isEarly && ` ${say.early({ date: wording.date(endDay, today) })}`}
            </Box>
          </Box>
          <ReviewSection garden={garden} review={closing.review} today={today} />
        </>
      ) : (
        <Box sx={{ mt: 0.5, fontSize: 16, maxWidth: 640 }}>{say.nothingOver}</Box>
      )}
      {compared.length > 0 && (
        <ComparedTable garden={garden} rows={compared} label={season} today={today} />
      )}
    </Box>
  );
}

interface LineProps {
  garden: Garden;
  seasonId: string;
  today: DayNumber;
  isOpen: boolean;
  onOpen: () => void;
  onBegin: () => void;
}

function ClosedLine({ garden, seasonId, today, isOpen, onOpen, onBegin }: LineProps) {
  const wording = useWording();
  const kept = garden.keptSeasons.get(seasonId);
  if (!kept) return null;
  const name = seasonName(kept.year);
  const next = seasonName(kept.year + 1);
  const isLatest = [...garden.keptSeasons.values()].every(({ year }) => year <= kept.year);
  const hasBegun = [...garden.plantings.keys()].some((id) => id.startsWith(`s${kept.year + 1}-`));
  let harvestedG = 0;
  for (const { what } of kept.entries) {
    if (what.kind === "harvested") harvestedG += what.grams ?? 0;
  }
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
      <Box sx={{ fontFamily: "var(--font-heading)", fontSize: 22, minWidth: 90 }}>{name}</Box>
      <Box sx={{ flex: "1 1 260px", fontSize: 15.5 }}>
        {say.oneLine({
          count: kept.plantings.length,
          harvested: wording.weightG(Math.round(harvestedG / 100) * 100),
        })}
        <Box component="span" sx={{ color: "var(--ash-text)" }}>
          ; {say.closedOn({ date: wording.date(dayNumber(kept.closedOn), today) })}
        </Box>
      </Box>
      <Button variant="outlined" color="inherit" aria-expanded={isOpen} onClick={onOpen}>
        {isOpen ? say.shut({ season: name }) : say.open({ season: name })}
      </Button>
      {!isLatest ? null : hasBegun ? (
        <Box sx={{ fontSize: 15 }}>{say.begun({ season: next })}</Box>
      ) : (
        <Button variant="outlined" onClick={onBegin}>
          {say.begin({ season: next })}
        </Button>
      )}
    </Box>
  );
}
