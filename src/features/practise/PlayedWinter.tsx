"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useEffect, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import {
  LESSON_IDS,
  lessonOf,
  type Choice,
  type PracticeState,
  type Review,
  type Scenario,
} from "@/core/practice";
import { usePractised } from "@/derive/practised";
import { keepProgress } from "@/store/practiceProgress";
import { startPracticeWorker } from "@/workers";
import { practise as say } from "@/words/en/practise";
import { PractiseEvening } from "./PractiseEvening";
import { ReviewedWinter } from "./ReviewedWinter";

interface Props {
  scenario: Scenario;
  onPlay: (scenario: Scenario) => void;
  onLeave: () => void;
}

/** One winter of practice from its first evening to what is said of it. */
export function PlayedWinter({ scenario, onPlay, onLeave }: Props) {
  const { state, found, isBroken, decide } = useWinter(scenario);
  useShown(scenario, state);
  if (isBroken) {
    return (
      <Box sx={{ p: 2.75 }}>
        <Alert severity="error" role="alert">
          {say.broke}
        </Alert>
        <Button sx={{ mt: 1.5 }} variant="outlined" color="inherit" onClick={onLeave}>
          {say.toStart}
        </Button>
      </Box>
    );
  }
  if (!state || (!state.evening && !found)) {
    return (
      <Box role="status" sx={{ p: 2.75, fontSize: 17 }}>
        {say.loading}
      </Box>
    );
  }
  if (state.evening) {
    return (
      <PractiseEvening
        key={state.evening.day}
        evening={state.evening}
        happened={state.happened}
        onDecide={(choice) => decide(state.evening?.day ?? 0, choice)}
        onLeave={onLeave}
      />
    );
  }
  if (!found) return null;
  const lesson = LESSON_IDS.findIndex((id) => scenario.id === `lesson-${id}`);
  const next = lesson < 0 ? undefined : LESSON_IDS[lesson + 1];
  return (
    <ReviewedWinter
      scenario={scenario}
      review={found}
      lessonId={LESSON_IDS[lesson] ?? null}
      onAgain={() => onPlay(scenario)}
      onNext={next ? () => onPlay(lessonOf(next)) : null}
      onLeave={onLeave}
    />
  );
}

/** The winter in its worker, as far as it is decided. */
function useWinter(scenario: Scenario) {
  const [choices, setChoices] = useState<ReadonlyMap<DayNumber, Choice>>(NONE);
  const [state, setState] = useState<PracticeState | null>(null);
  const [found, setFound] = useState<Review | null>(null);
  const [isBroken, setBroken] = useState(false);
  const [worker] = useState(startPracticeWorker);
  useEffect(() => () => worker.end(), [worker]);
  useEffect(() => {
    let isWanted = true;
    const live = async () => {
      const lived = await worker.live(scenario, choices);
      if (!isWanted) return;
      setState(lived);
      if (lived.evening) return;
      const reviewed = await worker.review(scenario, choices);
      if (!isWanted) return;
      keepProgress(scenario.id, reviewed);
      setFound(reviewed);
    };
    live().catch(() => isWanted && setBroken(true));
    return () => {
      isWanted = false;
    };
  }, [worker, scenario, choices]);
  const decide = (day: DayNumber, choice: Choice) =>
    setChoices((known) => new Map(known).set(day, choice));
  return { state, found, isBroken, decide };
}

const NONE: ReadonlyMap<DayNumber, Choice> = new Map();

/** Lets the frame around the view show this winter as far as it is known. */
function useShown(scenario: Scenario, state: PracticeState | null): void {
  useEffect(() => {
    const { climate, fromDay, untilDay } = scenario;
    usePractised.setState({
      shown: {
        latitudeDeg: climate.latitudeDeg,
        fromDay,
        day: state?.evening?.day ?? (state ? untilDay : fromDay),
        lowsC: state?.lowsC ?? [],
        isOver: state !== null && state.evening === null,
      },
    });
  }, [scenario, state]);
  useEffect(() => () => usePractised.setState({ shown: null }), []);
}
