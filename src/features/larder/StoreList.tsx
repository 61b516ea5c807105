"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { keepsUntilDay, takenGrams, type StoreLot } from "@/core/food";
import { cropsOf, type Garden } from "@/core/garden";
import { forcedFromStore } from "@/core/supply";
import { lazyPart } from "@/ui/frame";
import { useWording } from "@/ui/wording";
import { Heading } from "./GapList";
import { roughG } from "./weights";
import { larder as say } from "@/words/en/larder";
import { placeWords } from "@/words/storePlaces";

const StoreDialog = lazyPart(() => import("./StoreDialog"));
const TakeDialog = lazyPart(() => import("./TakeDialog"));

const LONGEST_PX = 220;

/** What is in store, what is over first at the head; taken out and put right with a tap. */
export function StoreList({ garden, today }: { garden: Garden; today: DayNumber }) {
  const wording = useWording();
  const [open, setOpen] = useState<{ lot: StoreLot; as: "take" | "change" } | null>(null);
  const crops = cropsOf(garden);
  const forced = useMemo(() => forcedFromStore(garden), [garden]);
  const lots = [...garden.storeLots.values()]
    .flatMap((lot) => {
      const crop = crops.get(lot.cropId);
      const leftG = lot.grams - takenGrams(garden.logEntries, lot.id);
      return crop && leftG > 0 ? [{ lot, crop, leftG, untilDay: keepsUntilDay(crop, lot) }] : [];
    })
    .sort((a, b) => a.untilDay - b.untilDay);
  const most = Math.max(1, ...lots.map(({ leftG }) => leftG));
  return (
    <Box component="section" aria-label={say.inStore} sx={{ mt: 3, maxWidth: 900 }}>
      <Heading>{say.inStore}</Heading>
      {lots.length === 0 && <Box sx={{ fontSize: 16 }}>{say.nothingInStore}</Box>}
      <Box
        component="ul"
        sx={{
          m: 0,
          p: 0,
          listStyle: "none",
          display: "grid",
          gap: 2,
          gridTemplateColumns: "repeat(auto-fill, minmax(min(100%, 250px), 1fr))",
        }}
      >
        {lots.map(({ lot, crop, leftG, untilDay }) => (
          <Box component="li" key={lot.id}>
            <svg width={LONGEST_PX} height="22" aria-hidden>
              <rect
                x="1"
                y="1"
                width={Math.max(8, (leftG / most) * (LONGEST_PX - 2))}
                height="19"
                rx="4"
                fill="var(--straw)"
                stroke="#6d4d16"
              />
            </svg>
            <Box sx={{ fontWeight: 700, fontSize: 16 }}>{crop.name}</Box>
            <Box sx={{ fontSize: 15, color: untilDay < today ? "var(--ember-text)" : undefined }}>
              {(untilDay < today ? say.pastIts : say.lotIs)({
                left: wording.weightG(leftG),
                place: placeWords(lot.place),
                date: wording.date(untilDay, today),
              })}
              {(forced.get(lot.id) ?? 0) > 0 &&
                ` ${say.ofThatForced({ weight: wording.weightG(roughG((forced.get(lot.id) ?? 0) / 1000)) })}`}
            </Box>
            <Box sx={{ display: "flex", gap: 1, mt: 0.5 }}>
              <Button
                size="small"
                variant="outlined"
                aria-label={say.takeOf({ crop: crop.name })}
                onClick={() => setOpen({ lot, as: "take" })}
              >
                {say.take}
              </Button>
              <Button
                size="small"
                color="inherit"
                aria-label={`${say.change} ${crop.name}`}
                onClick={() => setOpen({ lot, as: "change" })}
              >
                {say.change}
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
      {open?.as === "take" && (
        <TakeDialog garden={garden} lot={open.lot} today={today} onClose={() => setOpen(null)} />
      )}
      {open?.as === "change" && (
        <StoreDialog garden={garden} lot={open.lot} today={today} onClose={() => setOpen(null)} />
      )}
    </Box>
  );
}
