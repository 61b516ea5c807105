"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { isoDate } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { LearnedNumber } from "@/core/learn";
import { useLateAnswer, useReckoned } from "@/derive";
import { gardenStore, useToday } from "@/store";
import { LogbookPage } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { numbers as say } from "@/words/en/numbers";
import { GaugeKey } from "./GaugeKey";
import { NumberRow } from "./NumberRow";
import { aboutWords, GROUPS, percentWords } from "./numberWords";
import { isSure, ownNumberOf, SURE_ENTRIES, SURE_WEIGHT } from "./sure";

/** What the log says against the library's numbers, with a switch for each. */
export function NumbersView() {
  const { garden, site } = useReckoned();
  return (
    <LogbookPage current="/logbook/numbers" title={say.yourNumbers} what={say.what}>
      {site ? (
        <Numbers garden={garden} site={site} />
      ) : (
        <Box sx={{ mt: 2, fontSize: 17 }}>{say.needsPlace}</Box>
      )}
    </LogbookPage>
  );
}

function Numbers({ garden, site }: { garden: Garden; site: Site }) {
  const wording = useWording();
  const today = useToday(garden);
  const { value } = useLateAnswer("numbers", { day: today }, { garden, site });
  if (value === null) {
    return (
      <Box role="status" sx={{ mt: 2, fontSize: 17 }}>
        {say.reckoning}
      </Box>
    );
  }
  if (value.length === 0)
    return <Box sx={{ mt: 2, fontSize: 17, maxWidth: 640 }}>{say.nothingYet}</Box>;
  const take = async (numbers: readonly LearnedNumber[], used: boolean) => {
    const own = numbers.map((number) => ownNumberOf(number, isoDate(today), used));
    const done = await gardenStore().dispatch("ownNumber.setMany", { numbers: own });
    if (!done.ok) return tellRefusal(done);
    const count = numbers.length;
    tell(
      count > 1 ? say.takenOver({ count }) : used ? say.inUseAgain : say.libraryAgain,
      "done",
      true,
    );
  };
  const sure = value.filter(isSure);
  return (
    <>
      {sure.length > 0 && (
        <Box sx={{ mt: 1.5, display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
          <Button variant="contained" size="large" onClick={() => void take(sure, true)}>
            {say.useAllSure({ count: sure.length })}
          </Button>
          <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
            {say.useAllMeans({
              entries: SURE_ENTRIES,
              percent: percentWords(SURE_WEIGHT, wording),
            })}
          </Box>
        </Box>
      )}
      <GaugeKey />
      {GROUPS.map(({ what, about, title, means }) => {
        const of = value.filter(
          (one) => one.what === what && (about === undefined || one.about.kind === about),
        );
        if (of.length === 0) return null;
        return (
          <Box component="section" key={title} aria-label={title} sx={{ mt: 2.5, maxWidth: 820 }}>
            <Typography variant="h2">{title}</Typography>
            <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>{means(wording)}</Box>
            <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
              {of.map((number) => (
                <NumberRow
                  key={number.id}
                  number={number}
                  name={aboutWords(garden, number)}
                  today={today}
                  onUse={(used) => void take([number], used)}
                  onTakeNewer={() => void take([number], true)}
                />
              ))}
            </Box>
          </Box>
        );
      })}
    </>
  );
}
