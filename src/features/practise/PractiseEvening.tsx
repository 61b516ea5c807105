"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState } from "react";
import { NO_CHOICE, type Choice, type Evening, type Happened } from "@/core/practice";
import { useWording } from "@/ui/wording";
import { practise as say } from "@/words/en/practise";
import { Decisions } from "./Decisions";
import { DuskScene } from "./DuskScene";
import { Forecast } from "./Forecast";
import { Ledger } from "./Ledger";

interface Props {
  evening: Evening;
  happened: readonly Happened[];
  onDecide: (choice: Choice) => void;
  onLeave: () => void;
}

const GRAMS_PER_KG = 1000;
const CLEAR_BELOW = 0.3;
const OVERCAST_FROM = 0.75;
const CALM_BELOW_MPS = 1.2;
const WINDY_FROM_MPS = 3.5;

/** One evening: the garden at dusk, what is told of the night, what can be done, what came of past evenings. */
export function PractiseEvening({ evening, happened, onDecide, onLeave }: Props) {
  const wording = useWording();
  const [choice, setChoice] = useState<Choice>(NO_CHOICE);
  const heading = useRef<HTMLHeadingElement>(null);
  // The next evening is told to whoever cannot see it.
  useEffect(() => heading.current?.focus(), []);
  const { day, week, weeks, duskC, cloudShare, windMps, outlook, shutMaxC, asks } = evening;
  const [night] = outlook;
  const sky =
    cloudShare < CLEAR_BELOW
      ? say.clear
      : cloudShare < OVERCAST_FROM
        ? say.halfClear
        : say.overcast;
  const wind =
    windMps < CALM_BELOW_MPS ? say.calm : windMps < WINDY_FROM_MPS ? say.breeze : say.windy;
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        onDecide(choice);
      }}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1fr) 330px" },
        minHeight: "100%",
      }}
    >
      <Box>
        <DuskScene evening={evening} choice={choice}>
          <Typography
            ref={heading}
            tabIndex={-1}
            variant="h1"
            sx={{ color: "#fff6e6", outline: "none", fontSize: { xs: 24, md: 28 } }}
          >
            {say.dusk({ date: wording.date(day) })}
          </Typography>
          <Box sx={{ fontSize: 16, color: "#ffe9cc" }}>
            {say.now({ temp: wording.temperature(duskC), sky, wind })}
          </Box>
          <Box sx={{ fontSize: 14.5, color: "#ffe9cc" }}>
            {say.week({
              week,
              weeks,
              kg: wording.weightG(evening.harvestedKg * GRAMS_PER_KG),
            })}
          </Box>
        </DuskScene>
        <Box sx={{ px: { xs: 2, md: 2.75 }, py: 1.5 }}>
          <Typography variant="h2">
            {night &&
              say.tonight({
                low: wording.temperature(night.minTempC),
                spread: wording.degrees(night.spreadC),
              })}
          </Typography>
          {asks.includes("lid") && shutMaxC !== null && (
            <Box sx={{ fontSize: 16.5 }}>
              {say.warmTomorrow({ high: wording.temperature(Math.round(shutMaxC)) })}
            </Box>
          )}
          <Decisions evening={evening} choice={choice} onChange={setChoice} />
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, mt: 2 }}>
            <Button type="submit" variant="contained" size="large">
              {say.startNight}
            </Button>
            <Button
              variant="outlined"
              color="inherit"
              size="large"
              onClick={() => onDecide(NO_CHOICE)}
            >
              {say.skip}
            </Button>
            <Button color="inherit" onClick={onLeave}>
              {say.stop}
            </Button>
          </Box>
        </Box>
      </Box>
      <Box sx={{ borderLeft: { lg: "1px solid var(--line)" }, px: 2, py: 1.5 }}>
        <Forecast outlook={outlook} />
        <Typography variant="h2" sx={{ mt: 2 }}>
          {say.soFar}
        </Typography>
        <Ledger happened={happened} />
      </Box>
    </Box>
  );
}
