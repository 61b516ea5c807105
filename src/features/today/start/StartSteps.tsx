"use client";

import CheckIcon from "@mui/icons-material/Check";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import type { ReactNode } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { setView } from "@/ui/viewState";
import { FirstBedForm } from "./FirstBedForm";
import { FirstCropsForm } from "./FirstCropsForm";
import { today as say } from "@/words/en/today";

interface Props {
  garden: Garden;
  site: Site | null;
  today: DayNumber;
}

/** The way into an empty garden: the place, a bed, and three crops that can still be sown there. */
export default function StartSteps({ garden, site, today }: Props) {
  const step = !site ? 1 : garden.beds.size === 0 ? 2 : 3;
  return (
    <Box sx={{ maxWidth: 640 }}>
      <Typography variant="h1">{say.today}</Typography>
      <Box sx={{ fontSize: 17, mt: 0.5 }}>{say.threeStepsTwoMinutesAfterThatThis}</Box>
      <Box component="ol" sx={{ m: 0, p: 0, mt: 2, listStyle: "none" }}>
        <Step number={1} at={step} title={say.yourLocation} done={garden.place?.name ?? ""}>
          <p>{say.latitudeAndAFewTemperaturesGiveThe}</p>
          <Button component={Link} href="/place" prefetch={false} variant="contained" size="large">
            {say.setLocation}
          </Button>
        </Step>
        <Step
          number={2}
          at={step}
          title={say.firstBed}
          done={[...garden.beds.values()].map(({ name }) => name).join(", ")}
        >
          <FirstBedForm garden={garden} />
        </Step>
        <Step number={3} at={step} title={say.threeFirstCrops} done="">
          {site && (
            <>
              <FirstCropsForm garden={garden} site={site} today={today} />
              <Box sx={{ mt: 2.5, fontSize: 16.5, fontWeight: 700 }}>
                {say.somethingGrowsAlready}
              </Box>
              <Box sx={{ mt: 0.75 }}>
                <Button
                  variant="outlined"
                  color="inherit"
                  size="large"
                  onClick={() => setView({ growingNow: {} })}
                >
                  {say.enterWhatGrowsAlready}
                </Button>
              </Box>
            </>
          )}
        </Step>
      </Box>
    </Box>
  );
}

function Step(props: {
  number: number;
  at: number;
  title: string;
  done: string;
  children: ReactNode;
}) {
  const { number, at, title, done, children } = props;
  const isDone = number < at;
  const isNow = number === at;
  return (
    <Box
      component="li"
      aria-current={isNow ? "step" : undefined}
      sx={{
        display: "grid",
        gridTemplateColumns: "44px minmax(0, 1fr)",
        columnGap: 1.5,
        pb: 2,
        color: number > at ? "var(--ash-text)" : "var(--text)",
      }}
    >
      <Box
        aria-hidden
        sx={{
          width: 38,
          height: 38,
          display: "grid",
          placeItems: "center",
          borderRadius: "50% 50% 50% 12%",
          fontFamily: "var(--font-heading)",
          fontSize: 20,
          border: isDone ? 0 : `2.5px solid ${isNow ? "var(--ember)" : "var(--ash)"}`,
          bgcolor: isDone ? "var(--moss-text)" : "transparent",
          color: isDone ? "var(--paper)" : "inherit",
        }}
      >
        {isDone ? <CheckIcon /> : number}
      </Box>
      <Box>
        <Box component="h2" sx={{ m: 0, fontFamily: "var(--font-heading)", fontSize: 22 }}>
          {title}
        </Box>
        {isDone && <Box sx={{ fontSize: 16 }}>{done}</Box>}
        {isNow && <Box sx={{ fontSize: 16.5, "& p": { mt: 0.5, mb: 1.25 } }}>{children}</Box>}
      </Box>
    </Box>
  );
}
