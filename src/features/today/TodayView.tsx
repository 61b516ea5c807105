"use client";

import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useRouter } from "next/navigation";
import { useAnswer, useReckoned } from "@/derive";
import { useCallback, useEffect, useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import { hasBegun, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { isSettled, type Task } from "@/core/tasks";
import { useToday } from "@/store";
import { lazyPart } from "@/ui/frame";
import { setView, tell, useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { DayRegion, DayRound } from "./DayRound";
import { SeveralBar } from "./SeveralBar";
import type { Settling } from "./settle";
import { takeEarlyTaps } from "@/ui/picture";
import { usePictures } from "./picture/usePictures";
import { useSettling } from "./useSettling";
import { today as say } from "@/words/en/today";

const StartSteps = lazyPart(() => import("./start/StartSteps"));
const PictureMaker = lazyPart(() => import("./picture/PictureMaker"));
const WalkOrderDialog = lazyPart(() => import("./WalkOrderDialog"));

/** What the day asks for: tonight's decisions first, then the walk past the beds. */
export function TodayView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const started = site && hasBegun(garden);
  return (
    <DayRegion>
      {started ? (
        <Round garden={garden} site={site} day={day} today={today} />
      ) : (
        <StartSteps garden={garden} site={site} today={today} />
      )}
    </DayRegion>
  );
}

const NO_TASKS: readonly Task[] = [];

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  today: DayNumber;
}

function Round({ garden, site, day: wanted, today }: Props) {
  const wording = useWording();
  const router = useRouter();
  // What stands elsewhere on a phone is not drawn twice.
  const isWide = useMediaQuery(useTheme().breakpoints.up("lg"), { noSsr: true });
  const [ordering, setOrdering] = useState(false);
  /** Ids of the tasks that are chosen, while several are; null otherwise. */
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  // The rules are asked in the worker; what is settled goes from the screen at once.
  const { value, asked } = useAnswer("tasks", { day: wanted, today }, { garden, site });
  const all = value ?? NO_TASKS;
  // Another day stands over the tasks when they are that day's.
  const { day } = asked;
  const canSettle = day <= today && wanted <= today;
  // A tap just after midnight is of the new day, also on a row that is still of the old.
  const { leaving, settleNow } = useSettling({ day: wanted, today, wording });
  const tasks = useMemo(
    () =>
      all.filter(
        ({ id, isLate }) =>
          !leaving.has(id) &&
          !isSettled(garden, id, day) &&
          // On a day to come, what is late today is taken as done by then.
          (canSettle || !isLate),
      ),
    [all, leaving, garden, day, canSettle],
  );
  const onSettle = useCallback(
    (task: Task, settling: Settling) => {
      if (task.kind === "chooseBed" && settling.as === "done" && task.tray) {
        // It is done by choosing one, not by a tick.
        setView({ seedlingsSection: "trays", selectedTrayId: task.tray.trayId });
        router.push("/seedlings");
      } else void settleNow([task], settling);
    },
    [settleNow, router],
  );
  const isAnswered = value !== null;
  useEffect(() => {
    const view = document.getElementById("view");
    if (!isAnswered || !view) return;
    void takeEarlyTaps(view).then((gone) => {
      for (const name of gone) tell(say.notThereAnyMore({ name }), "refused");
    });
  }, [isAnswered]);
  const [pictured, onPictured] = usePictures(today);
  const onChoose = useCallback((task: Task) => {
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(task.id)) next.add(task.id);
      return next;
    });
  }, []);
  return (
    <>
      <DayRound
        garden={garden}
        site={site}
        day={day}
        today={today}
        tasks={tasks}
        isAnswered={isAnswered}
        canSettle={canSettle}
        isWide={isWide}
        chosen={chosen}
        onSettle={onSettle}
        onChoose={onChoose}
        onSelect={() => setChosen(chosen ? null : new Set())}
        onOrder={() => setOrdering(true)}
      />
      {chosen && (
        <SeveralBar
          tasks={tasks}
          chosen={chosen}
          onAll={() => setChosen(new Set(tasks.map(({ id }) => id)))}
          onSettle={async (some, settling) => {
            if (await settleNow(some, settling)) setChosen(null);
          }}
          onStop={() => setChosen(null)}
        />
      )}
      {pictured && !chosen && (
        <PictureMaker
          garden={pictured.garden}
          site={site}
          days={pictured.days}
          onDone={onPictured}
        />
      )}
      {ordering && <WalkOrderDialog garden={garden} onClose={() => setOrdering(false)} />}
    </>
  );
}
