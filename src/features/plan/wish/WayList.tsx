"use client";

import CheckIcon from "@mui/icons-material/CheckCircleOutlined";
import LateIcon from "@mui/icons-material/ScheduleOutlined";
import HotIcon from "@mui/icons-material/WbSunnyOutlined";
import LostIcon from "@mui/icons-material/AcUnitOutlined";
import SpringIcon from "@mui/icons-material/WbTwilightOutlined";
import ShortIcon from "@mui/icons-material/HourglassBottomOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, type ReactNode } from "react";
import type { Garden } from "@/core/garden";
import { shortfallWords, sunShortfall, type Verdict, type Way } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { amountsFor, standOf, usualYieldKg } from "@/core/plantings";
import { whereWords } from "@/words/covers";
import { useLateAnswer } from "@/derive";
import { askedWay, betweenWords } from "../spreadWords";
import { useWording, type LocalWording } from "@/ui/wording";
import { LEAST_ROOM_M, plantingFor, type Asked } from "./wayRoom";
import { wish as say } from "@/words/en/wish";
import { told } from "@/ui/wording";
import "@/words/en/facts/schedule";

interface Props {
  garden: Garden;
  site: Site;
  ways: readonly Way[];
  /** How much of it and where; null while that cannot be read. */
  asked: Asked | null;
  /** Whether each way tells its crop, in a list of different ones. */
  named?: boolean;
  onAccept: (way: Way) => void;
}

const VERDICTS: Record<Verdict["kind"], { word: string; color: string; icon: ReactNode }> = {
  meets: { word: "works", color: "var(--moss-text)", icon: <CheckIcon /> },
  short: { word: say.notEnoughTime, color: "var(--ember-text)", icon: <ShortIcon /> },
  late: { word: "late", color: "var(--ember-text)", icon: <LateIcon /> },
  spring: { word: say.inSpring, color: "var(--frost-text)", icon: <SpringIcon /> },
  lost: { word: say.risky, color: "var(--frost-text)", icon: <LostIcon /> },
  hot: { word: say.tooHot, color: "var(--ember-text)", icon: <HotIcon /> },
  never: { word: "no", color: "var(--ash-text)", icon: <LostIcon /> },
};

/** Ways to get what is wished for, the best first, each with its verdict and reason. */
export function WayList({ garden, site, ways, asked, named, onAccept }: Props) {
  const wording = useWording();
  const asWays = useMemo(() => ways.map(askedWay), [ways]);
  const question = named ? "otherWishSpreads" : "wishSpreads";
  const spreads = useLateAnswer(question, { ways: asWays }, { garden, site });
  return (
    <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
      {ways.map((way, index) => {
        const { growing, verdict } = way;
        const look = VERDICTS[verdict.kind];
        return (
          <Box
            component="li"
            key={keyOf(way)}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "76px minmax(0, 1fr)", sm: "84px minmax(0, 1fr) auto" },
              alignItems: "center",
              columnGap: 1.5,
              py: 1,
              borderTop: index === 0 ? "none" : "1px solid var(--line)",
            }}
          >
            <Box sx={{ color: look.color, fontSize: 12.5, fontWeight: 700, textAlign: "center" }}>
              <Box aria-hidden sx={{ lineHeight: 0, mb: 0.25 }}>
                {look.icon}
              </Box>
              {look.word}
            </Box>
            <Box sx={{ fontSize: 15, lineHeight: 1.4 }}>
              <b>
                {named ? say.text3({ crop: growing.crop.name }) : ""}
                {wayWords(garden, way, wording)}
              </b>
              <br />
              {told(verdict.words)} {sunWords(site, way)}
              <Box component="span" sx={{ color: "var(--ash-text)" }}>
                {betweenWords(spreads.isLate ? null : (spreads.value?.[index] ?? null), wording)}
                {asked && roomWords(site, garden, way, asked, wording)}
              </Box>
            </Box>
            <Button
              variant={index === 0 && !named ? "contained" : "outlined"}
              disabled={asked === null}
              onClick={() => onAccept(way)}
              aria-label={say.addToPlan2({
                crop: growing.crop.name,
                way: wayWords(garden, way, wording),
              })}
              sx={{
                gridColumn: { xs: "2", sm: "auto" },
                justifySelf: "start",
                mt: { xs: 0.5, sm: 0 },
              }}
            >
              {say.addToPlan}
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}

/** A yield is known to two digits at best. */
function roughly(grams: number): number {
  return Number(grams.toPrecision(2));
}

function keyOf({ growing, spot }: Way): string {
  const { crop, method, stage, boughtAgeDays } = growing;
  return `${crop.id} ${method} ${stage} ${boughtAgeDays ? "bought" : "raised"} ${spot.bedId}`;
}

function wayWords(garden: Garden, way: Way, wording: LocalWording): string {
  const { growing, timeline } = way;
  // A spot with a skyline of its own stands beside the others under the same covers: name it.
  const spot = garden.beds.get(way.spot.bedId)?.horizon ? ` (${way.spot.bedName})` : "";
  const where = whereWords(growing.covers);
  if (growing.boughtAgeDays) {
    return say.buyPlants({
      date: wording.date(timeline.plantOutDay ?? timeline.sowDay),
      where,
      spot,
    });
  }
  const what = growing.stage === "baby" ? say.forBabyLeaf : "";
  const how =
    growing.method === "transplant" && timeline.plantOutDay !== null
      ? say.inTraysTransplant({ date: wording.date(timeline.plantOutDay) })
      : "direct";
  return say.sow({
    date: wording.date(timeline.sowDay),
    how,
    where,
    spot,
    what,
  });
}

function sunWords(site: Site, way: Way): string {
  const shortfall = sunShortfall(site, way.growing, way.timeline);
  return shortfall
    ? say.text4({ shortfall: told(shortfallWords(way.growing.crop.name, shortfall)) })
    : "";
}

function roomWords(
  site: Site,
  garden: Garden,
  way: Way,
  asked: Asked,
  wording: LocalWording,
): string {
  const { planting, room, isAll } = plantingFor(site, garden, way, asked, "new");
  if (!room) return "";
  if (room.freeM < LEAST_ROOM_M) return say.isFullThen({ bed: room.bed.name });
  const { crop, method, stage } = way.growing;
  const stand = standOf(planting, room.bed);
  const { plants } = amountsFor(stand, crop, method);
  const free = say.hasFree({ bed: room.bed.name, length: wording.lengthM(room.freeM) });
  const takes = isAll ? say.takes : say.takesOnly;
  return (
    free +
    takes({
      length: wording.lengthM(planting.lengthM, 2),
      plants: say.plants({ count: plants, number: wording.number(plants) }),
      weight: wording.weightG(roughly(usualYieldKg(stand, crop, method, stage) * 1000)),
    })
  );
}
