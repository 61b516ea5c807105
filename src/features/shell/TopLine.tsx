"use client";

import { memo } from "react";
import HelpIcon from "@mui/icons-material/HelpOutlineOutlined";
import RedoIcon from "@mui/icons-material/Redo";
import SearchIcon from "@mui/icons-material/Search";
import SettingsIcon from "@mui/icons-material/SettingsOutlined";
import UndoIcon from "@mui/icons-material/Undo";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { type DayNumber } from "@/core/calendar";
import { daysWords } from "@/words";
import { useGarden } from "@/store/index";
import { setView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { GardenMenu } from "@/features/gardenFile";
import { redo, stepWords, undo } from "./steps";
import { shell as say } from "@/words/en/shell";
import { useSentences } from "@/ui/wording";

interface Props {
  day: DayNumber;
  today: DayNumber;
  /** Whether the garden has a today of its own and does not follow the calendar. */
  ownToday: boolean;
  /** Whether the date is of a winter of practice. */
  isPractice: boolean;
  /** The day of killing frost with the chosen risk; null when there is none to name. */
  frostDay: DayNumber | null;
  riskWords: string;
  /** What the night to come is expected to be; null when nobody knows. */
  tonight: string | null;
}

/** The garden's name, the date in view in words, and what works everywhere. */
export const TopLine = memo(function TopLine(props: Props) {
  const wording = useWording();
  const { day, today, ownToday, isPractice, frostDay, riskWords, tonight } = props;
  const undoName = useGarden((state) => state.undo);
  const redoName = useGarden((state) => state.redo);
  useSentences();
  const undoWords = undoName && stepWords(undoName);
  const redoWords = redoName && stepWords(redoName);
  return (
    <Box
      sx={{
        height: "100%",
        display: "grid",
        gridTemplateColumns: {
          xs: "minmax(0, 1fr) auto auto",
          md: "minmax(max-content, 1fr) minmax(0, auto) minmax(max-content, 1fr)",
        },
        alignItems: "center",
        gap: 1,
        px: { xs: 1, md: 2 },
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, minWidth: 0 }}>
        <Box
          aria-hidden
          sx={{
            width: 14,
            height: 14,
            flex: "none",
            borderRadius: "50%",
            background: "radial-gradient(circle at 45% 40%, #ffdca6, #f2a65a 40%, #c8501e 90%)",
            boxShadow: "0 0 0 4px rgba(242, 166, 90, 0.25)",
          }}
        />
        <Box
          component="span"
          sx={{
            fontFamily: "var(--font-heading)",
            fontWeight: 700,
            fontSize: 19,
            whiteSpace: "nowrap",
            display: { xs: "none", sm: "inline" },
          }}
        >
          Late Ember
        </Box>
        <GardenMenu />
      </Box>
      <Box
        sx={{
          textAlign: { xs: "right", md: "center" },
          minWidth: 0,
          // What does not fit beside the name and the buttons goes on a second line.
          whiteSpace: { xs: "nowrap", md: "normal" },
          lineHeight: 1.25,
          overflow: "hidden",
          textOverflow: "ellipsis",
        }}
      >
        <Box component="strong" data-testid="date-in-view" sx={{ fontSize: 15 }}>
          <Box component="span" sx={{ display: { xs: "none", md: "inline" } }}>
            {wording.longDate(day)}
          </Box>
          <Box component="span" sx={{ display: { md: "none" } }}>
            {wording.narrowDate(day)}
          </Box>
        </Box>
        <Box
          component="span"
          sx={{
            ml: 2,
            fontSize: 14,
            color: "var(--ash-text)",
            display: { xs: "none", md: "inline" },
          }}
        >
          {isPractice ? say.inPractice : aboutDate(day, today, ownToday, frostDay, riskWords)}
          {tonight !== null && ` · ${tonight}`}
        </Box>
      </Box>
      <Box sx={{ display: "flex", justifyContent: "flex-end", alignItems: "center" }}>
        <Button
          variant="outlined"
          color="inherit"
          size="small"
          startIcon={<SearchIcon />}
          onClick={() => setView({ paletteOpen: true })}
          sx={{
            borderColor: "var(--line)",
            color: "var(--ash-text)",
            mr: 0.5,
            whiteSpace: "nowrap",
            display: { xs: "none", lg: "inline-flex" },
          }}
        >
          {say.searchHint}
          <b>Ctrl K</b>
        </Button>
        <IconButton
          aria-label={say.searchOrRunACommand}
          onClick={() => setView({ paletteOpen: true })}
          sx={{ display: { xs: "inline-flex", lg: "none" } }}
        >
          <SearchIcon />
        </IconButton>
        <IconButton
          aria-label={undoWords ? say.undo2({ step: undoWords }) : say.undo}
          title={undoWords ? say.undo2({ step: undoWords }) : undefined}
          disabled={!undoName}
          onClick={() => void undo()}
        >
          <UndoIcon />
        </IconButton>
        <IconButton
          aria-label={redoWords ? say.redo2({ step: redoWords }) : say.redo}
          title={redoWords ? say.redo2({ step: redoWords }) : undefined}
          disabled={!redoName}
          onClick={() => void redo()}
          sx={{ display: { xs: "none", sm: "inline-flex" } }}
        >
          <RedoIcon />
        </IconButton>
        <IconButton
          aria-label={say.helpAndKeys}
          onClick={() => setView({ helping: "keys" })}
          sx={{ display: { xs: "none", sm: "inline-flex" } }}
        >
          <HelpIcon />
        </IconButton>
        <IconButton aria-label={say.settings} onClick={() => setView({ settingsOpen: true })}>
          <SettingsIcon />
        </IconButton>
      </Box>
    </Box>
  );
});

function aboutDate(
  day: DayNumber,
  today: DayNumber,
  ownToday: boolean,
  frostDay: DayNumber | null,
  riskWords: string,
): string {
  const parts: string[] = [];
  if (day === today) parts.push(ownToday ? say.gardensDate : "today");
  else
    parts.push(
      day > today
        ? say.inWord({ days: daysWords(day - today) })
        : say.ago({ days: daysWords(today - day) }),
    );
  if (frostDay !== null) {
    const left = frostDay - day;
    if (left > 0) parts.push(say.killingFrostIn({ days: daysWords(left), riskWords }));
    else if (left > -60)
      parts.push(say.killingFrostLikelyFor({ days: daysWords(-left), riskWords }));
  }
  return parts.join(" · ");
}
