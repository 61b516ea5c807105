"use client";

import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { useGarden } from "@/store/index";
import { lazyPart } from "@/ui/frame/index";
import { setView, useView } from "@/ui/viewState";
import { told } from "@/ui/wording";

const AddBedsDialog = lazyPart(() => import("./AddBedsDialog"));
const GrowingNowDialog = lazyPart(() => import("@/features/growingNow/GrowingNowDialog"));
const RareDialogs = lazyPart(() => import("./RareDialogs"));
const LogDialog = lazyPart(() => import("@/features/quickLog/LogDialog"));
const Messages = lazyPart(() => import("./Messages"));
const Palette = lazyPart(() => import("./Palette"));
const SettingsDialog = lazyPart(() => import("./SettingsDialog"));

interface Props {
  garden: Garden;
  site: Site | null;
  day: DayNumber;
  today: DayNumber;
}

/** What opens over every view: each as long as the state of the view says so. */
export function Dialogs({ garden, site, day, today }: Props) {
  const view = useView();
  const { paletteOpen, settingsOpen, addingBeds, growingNow, logging, message } = view;
  const isRare = Boolean(view.importing ?? view.keeping ?? view.helping) || view.tourStep !== null;
  // What a notice says already, with a way on, is not said a second time over it.
  const storageNotice = useGarden((state) => state.storageNotice);
  const notice = storageNotice === null ? null : told(storageNotice);
  return (
    <>
      {paletteOpen && (
        <Palette day={day} today={today} onClose={() => setView({ paletteOpen: false })} />
      )}
      {addingBeds && (
        <AddBedsDialog garden={garden} onClose={() => setView({ addingBeds: false })} />
      )}
      {growingNow && site && (
        <GrowingNowDialog
          garden={garden}
          site={site}
          today={today}
          {...growingNow}
          onClose={() => setView({ growingNow: null })}
        />
      )}
      {isRare && <RareDialogs garden={garden} />}
      {logging !== null && (
        <LogDialog
          garden={garden}
          site={site}
          day={day}
          today={today}
          startWith={logging}
          onClose={() => setView({ logging: null })}
        />
      )}
      {settingsOpen && <SettingsDialog onClose={() => setView({ settingsOpen: false })} />}
      {message && message.text !== notice && <Messages message={message} />}
    </>
  );
}
