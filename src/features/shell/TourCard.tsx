"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { setView } from "@/ui/viewState";
import { help as say, tourSteps } from "@/words/en/help";

const STEPS = [
  { href: "/today", title: tourSteps.todayTitle, text: tourSteps.todayText },
  { href: "/plan", title: tourSteps.planTitle, text: tourSteps.planText },
  { href: "/beds", title: tourSteps.bedsTitle, text: tourSteps.bedsText },
  { href: "/shelters", title: tourSteps.sheltersTitle, text: tourSteps.sheltersText },
  { href: "/place", title: tourSteps.placeTitle, text: tourSteps.placeText },
];

/** The tour: five views one after the other, each with what it is for; everything stays usable beside it. */
export default function TourCard({ step }: { step: number }) {
  const router = useRouter();
  const heading = useRef<HTMLHeadingElement>(null);
  const here = STEPS[step];
  useEffect(() => {
    if (!here) return;
    router.push(here.href);
    // Read out with each step, and the keys go on from here.
    heading.current?.focus();
  }, [here, router]);
  const leave = () => setView({ tourStep: null });
  if (!here) return null;
  const isLast = step === STEPS.length - 1;
  return (
    <Paper
      component="section"
      role="dialog"
      aria-modal="false"
      aria-labelledby="tour-title"
      aria-describedby="tour-text"
      elevation={6}
      onKeyDown={(event) => event.key === "Escape" && leave()}
      sx={{
        position: "fixed",
        zIndex: "snackbar",
        right: { xs: 8, md: 24 },
        left: { xs: 8, md: "auto" },
        bottom: { xs: 148, md: 120 },
        width: { md: 380 },
        p: 2,
        border: "2px solid var(--ember)",
      }}
    >
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
        {say.tour} · {say.stepOf({ step: step + 1, steps: STEPS.length })}
      </Box>
      <Typography
        id="tour-title"
        component="h2"
        ref={heading}
        tabIndex={-1}
        sx={{ fontFamily: "var(--font-heading)", fontWeight: 600, fontSize: 20, outline: "none" }}
      >
        {here.title}
      </Typography>
      <Typography id="tour-text" sx={{ mt: 0.5 }}>
        {here.text}
      </Typography>
      <Box sx={{ display: "flex", mt: 1.5, gap: 1 }}>
        <Button color="inherit" onClick={leave}>
          {say.leave}
        </Button>
        <span style={{ flex: 1 }} />
        {step > 0 && (
          <Button color="inherit" onClick={() => setView({ tourStep: step - 1 })}>
            {say.back}
          </Button>
        )}
        <Button
          variant="contained"
          onClick={() => (isLast ? leave() : setView({ tourStep: step + 1 }))}
        >
          {isLast ? say.finish : say.next}
        </Button>
      </Box>
    </Paper>
  );
}
