"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useAnswer, useReckoned } from "@/derive";
import { useEffect, useRef, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden, Shelter } from "@/core/garden";
import type { Site } from "@/core/growth";
import { coverPiecesOf, piecesInShed } from "@/core/frostNight";
import { coverWords } from "@/words/covers";
import { useToday } from "@/store";
import { lazyPart } from "@/ui/frame";
import { setView, useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { ShelterSheet } from "./ShelterSheet";
import { coveredBeds, placeWords } from "./stacks";
import { StockSheet } from "./stock/StockSheet";
import { TonightLine, TonightList } from "./tonight/TonightList";
import { shelters as say } from "@/words/en/shelters";

const ShelterDialog = lazyPart(() => import("./ShelterDialog"));

/** What the covers of the garden make of the weather, and what lives through the night under them. */
export function SheltersView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  return (
    <Box sx={{ height: "100%", overflowY: "auto", px: { xs: 2, md: 2.75 }, py: 1.75 }}>
      <Typography variant="h1">{say.shelters}</Typography>
      {site && garden.beds.size > 0 ? (
        <Sheltered garden={garden} site={site} day={day} />
      ) : (
        <Nothing garden={garden} />
      )}
    </Box>
  );
}

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
}

/** What comes first in a garden without a place or beds. */
function Nothing({ garden }: { garden: Garden }) {
  const [building, setBuilding] = useState(false);
  return (
    <Box sx={{ maxWidth: 460, mt: 1 }}>
      <Box sx={{ color: "var(--ash-text)", mb: 1.5 }}>
        {garden.place ? say.addBedsFirstOrAShelterWithBeds : say.setYourLocationAndAddBedsFirst}
      </Box>
      {garden.place && (
        <Button variant="outlined" onClick={() => setBuilding(true)}>
          {say.addAShelter2}
        </Button>
      )}
      {building && (
        <ShelterDialog garden={garden} shelter={null} onClose={() => setBuilding(false)} />
      )}
    </Box>
  );
}

/** The entry of the list that opens the stock instead of a stack. */
const STOCK = "stock";

function Sheltered({ garden, site, day }: Props) {
  const wording = useWording();
  const today = useToday(garden);
  const groups = coveredBeds(garden, day);
  const chosen = useView((state) => state.coversKey);
  const setChosen = (coversKey: string) => setView({ coversKey });
  const [building, setBuilding] = useState<{ shelter: Shelter | null } | null>(null);
  // The most covered first: there is most to see.
  const [most] = [...groups].sort((a, b) => b.covers.length - a.covers.length);
  const group = groups.find(({ key }) => key === chosen) ?? most;
  const { value: night, asked } = useAnswer("night", { day }, { garden, site });
  if (!group) return null;
  return (
    <>
      {night && (
        <TonightLine
          tonight={night}
          when={asked.day === today ? say.tonight : say.nightOf({ date: wording.date(asked.day) })}
        />
      )}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "230px minmax(0, 1fr)" },
          gap: 2.5,
          mt: 1,
        }}
      >
        <Box
          component="nav"
          aria-label={say.coversInThisGarden}
          sx={{ display: { xs: "flex", md: "block" }, overflowX: "auto", minWidth: 0 }}
        >
          {groups.map((one) => (
            <Entry
              key={one.key}
              name={coverWords(one.covers)}
              note={placeWords(one)}
              isHere={chosen !== STOCK && one.key === group.key}
              onClick={() => setChosen(one.key)}
            />
          ))}
          <Entry
            name={say.inStorage}
            note={stockWords(garden)}
            isHere={chosen === STOCK}
            onClick={() => setChosen(STOCK)}
          />
          <Box sx={{ flex: "none", px: 1.25, py: 1 }}>
            <Button variant="outlined" size="small" onClick={() => setBuilding({ shelter: null })}>
              {say.addAShelter2}
            </Button>
          </Box>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          {chosen === STOCK ? (
            <StockSheet garden={garden} day={day} />
          ) : (
            <ShelterSheet
              key={group.key}
              garden={garden}
              site={site}
              group={group}
              day={day}
              onChange={group.shelter ? () => setBuilding({ shelter: group.shelter }) : undefined}
            />
          )}
          {night && <TonightList {...{ garden, site, wording }} day={asked.day} tonight={night} />}
        </Box>
        {building && (
          <ShelterDialog
            garden={garden}
            shelter={building.shelter}
            onClose={() => setBuilding(null)}
          />
        )}
      </Box>
    </>
  );
}

interface EntryProps {
  name: string;
  note: string;
  isHere: boolean;
  onClick: () => void;
}

function Entry({ name, note, isHere, onClick }: EntryProps) {
  const button = useRef<HTMLButtonElement>(null);
  // On a phone the list is a strip: what is looked at should stand in it.
  useEffect(() => {
    if (isHere) button.current?.scrollIntoView({ inline: "center", block: "nearest" });
  }, [isHere]);
  return (
    <Box
      ref={button}
      component="button"
      type="button"
      aria-pressed={isHere}
      onClick={onClick}
      sx={{
        font: "inherit",
        color: "inherit",
        textAlign: "left",
        display: "block",
        width: { md: "100%" },
        flex: "none",
        maxWidth: { xs: 220, md: "none" },
        minHeight: 48,
        px: 1.25,
        py: 0.75,
        cursor: "pointer",
        border: 0,
        borderLeft: isHere ? "3px solid var(--ember)" : "3px solid transparent",
        bgcolor: isHere ? "var(--selected)" : "transparent",
        fontSize: 14.5,
        lineHeight: 1.4,
      }}
    >
      <b>{name}</b>
      <br />
      <Box component="span" sx={{ color: "var(--ash-text)" }}>
        {note}
      </Box>
    </Box>
  );
}

/** How many covers there are, and how many of them are free. */
function stockWords(garden: Garden): string {
  const covers = coverPiecesOf(garden);
  if (covers.length === 0) return say.coversHoopsWeights;
  return say.notInUse({ coversCount: covers.length, length: piecesInShed(garden).length });
}
