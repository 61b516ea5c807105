"use client";

import { useLayoutEffect, useState } from "react";
import { createPortal } from "react-dom";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { isSettled, type Task } from "@/core/tasks";
import { program } from "@/derive/startRecord";
import { gardenStore } from "@/store";
import { VIEW_NOTICES } from "@/ui/frame";
import { DayRegion, DayRound } from "../DayRound";
import { keepPicture, rulesFor, WIDE } from "@/ui/picture";

/** Marks a button that was tapped: by its shape as well as by its colour. */
const TAPPED = `
:host { font: inherit; color: inherit; }
[data-tapped] { outline: 3px dashed var(--ember); outline-offset: -3px; border-radius: 6px; opacity: 0.75; }
`;

export interface PicturedDay {
  day: DayNumber;
  tasks: readonly Task[];
}

interface Props {
  garden: Garden;
  site: Site;
  days: readonly PicturedDay[];
  onDone: () => void;
}

/** Draws the first screen of some days out of sight and keeps it for the next start. */
export default function PictureMaker({ garden, site, days, onDone }: Props) {
  const [canvases] = useState(() => days.map(() => document.createElement("div")));
  const isWide = window.matchMedia(WIDE).matches;
  useLayoutEffect(() => {
    const drawn = days.map(({ day }, index) => [isoDate(day), canvases[index]] as const);
    const pages = drawn.map(([on, canvas]) => [on, canvas ? asPage(canvas) : null] as const);
    if (gardenStore().getState().garden === garden) {
      // Where it cannot be kept, the next start shows what it showed before there were pictures.
      keepPicture({
        program,
        language: navigator.language,
        isWide,
        today: garden.head.today,
        css: rulesFor(pages.flatMap(([, page]) => page ?? [])) + TAPPED,
        days: Object.fromEntries(pages.map(([on, page]) => [on, page?.outerHTML ?? ""])),
      }).catch(() => undefined);
    }
    onDone();
  }, [canvases, days, garden, isWide, onDone]);
  return days.map(({ day, tasks }, index) => {
    const canvas = canvases[index];
    return (
      canvas &&
      createPortal(
        <DayRegion>
          <DayRound
            garden={garden}
            site={site}
            day={day}
            today={day}
            tasks={tasks.filter(({ id }) => !isSettled(garden, id, day))}
            isAnswered
            canSettle
            isWide={isWide}
            chosen={null}
            onSettle={nothing}
            onChoose={nothing}
            onSelect={nothing}
            onOrder={nothing}
          />
        </DayRegion>,
        canvas,
        isoDate(day),
      )
    );
  });
}

function nothing(): void {
  // A picture hears nothing.
}

/** What was drawn, under the notices that stand over the view now; out of reach of the keys. */
function asPage(canvas: HTMLElement): HTMLElement {
  const page = document.createElement("div");
  page.style.cssText = "height:100%;display:flex;flex-direction:column";
  const notices = document.getElementById(VIEW_NOTICES);
  if (notices) page.append(notices.cloneNode(true));
  const view = document.createElement("div");
  view.style.cssText = "flex:1;min-height:0";
  view.append(...[...canvas.childNodes].map((node) => node.cloneNode(true)));
  page.append(view);
  for (const one of page.querySelectorAll("a,button,input,[tabindex]")) {
    one.setAttribute("tabindex", "-1");
  }
  return page;
}
