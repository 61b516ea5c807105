"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { EatNow } from "@/core/supply";
import { setView } from "@/ui/viewState";
import { told, useWording } from "@/ui/wording";
import { GROUP_FILLS } from "./bands";
import { Heading } from "./GapList";
import { roughG } from "./weights";
import { larder as say } from "@/words/en/larder";
import "@/words/en/facts/supply";

interface Props {
  order: readonly EatNow[];
  day: DayNumber;
}

const LONGEST_PX = 420;
const DAYS_SHOWN = 270;

/** What is ready now or soon, what is over first at the top, each as long as it lasts. */
export function EatOrder({ order, day }: Props) {
  const wording = useWording();
  return (
    <Box component="section" aria-label={say.eatInThisOrder} sx={{ mt: 3, maxWidth: 900 }}>
      <Heading>{say.eatInThisOrder}</Heading>
      <Box sx={{ fontSize: 15, color: "var(--ash-text)", mb: 1 }}>
        {order.length === 0 ? say.nothingToEat : say.eatHint}
      </Box>
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {order.map(
          ({ id, plantingId, name, bedName, group, kg, heads, bunches, untilDay, why }) => {
            const px = Math.max(10, Math.min(1, (untilDay - day) / DAYS_SHOWN) * LONGEST_PX);
            return (
              <Box
                component="li"
                key={id}
                sx={{
                  display: "grid",
                  gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "230px minmax(0, 1fr)" },
                  columnGap: 2,
                  alignItems: "center",
                  py: 0.5,
                  fontSize: 15.5,
                }}
              >
                <Box>
                  {plantingId === null ? (
                    <b>{name}</b>
                  ) : (
                    <Box
                      component="button"
                      type="button"
                      onClick={() => setView({ selectedPlantingId: plantingId })}
                      sx={{
                        all: "unset",
                        cursor: "pointer",
                        fontWeight: 700,
                        textDecoration: "underline",
                        textUnderlineOffset: 3,
                        "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: 2 },
                      }}
                    >
                      {name}
                    </Box>
                  )}
                  {bedName !== "" && `, ${bedName}`}{" "}
                  <Box component="span" sx={{ color: "var(--ash-text)" }}>
                    {wording.weightG(roughG(kg))}
                    {heads !== null && say.heads({ number: wording.number(heads), count: heads })}
                    {bunches !== null &&
                      say.bunches({ number: wording.number(bunches), count: bunches })}
                  </Box>
                </Box>
                <Box sx={{ display: "flex", alignItems: "center", gap: 1.25, flexWrap: "wrap" }}>
                  <Box
                    aria-hidden
                    sx={{
                      width: `min(${px}px, 45%)`,
                      height: 13,
                      borderRadius: 7,
                      bgcolor: GROUP_FILLS[group],
                      flex: "none",
                    }}
                  />
                  {told(why)}
                </Box>
              </Box>
            );
          },
        )}
      </Box>
    </Box>
  );
}
