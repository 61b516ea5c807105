"use client";

import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { lazyPart } from "@/ui/frame/index";
import { setView, useView } from "@/ui/viewState";

const AddBedsDialog = lazyPart(() => import("./AddBedsDialog"));
const ImportDialog = lazyPart(() => import("@/features/gardenFile/ImportDialog"));
const JoinDialog = lazyPart(() => import("@/features/gardenFile/JoinDialog"));
const CalendarDialog = lazyPart(() => import("@/features/gardenFile/CalendarDialog"));
const BackupDialog = lazyPart(() => import("@/features/gardenFile/backups/BackupDialog"));
const ShareDialog = lazyPart(() => import("@/features/gardenFile/ShareDialog"));
const GrowingNowDialog = lazyPart(() => import("@/features/growingNow/GrowingNowDialog"));
const LogDialog = lazyPart(() => import("@/features/quickLog/LogDialog"));
const Messages = lazyPart(() => import("./Messages"));
const HelpDialog = lazyPart(() => import("./HelpDialog"));
const TourCard = lazyPart(() => import("./TourCard"));
const Palette = lazyPart(() => import("./Palette"));
const SettingsDialog = lazyPart(() => import("./SettingsDialog"));

const closeImport = () => setView({ importing: null });
const closeKeeping = () => setView({ keeping: null });

interface Props {
  garden: Garden;
  site: Site | null;
  day: DayNumber;
  today: DayNumber;
}

/** What opens over every view: each as long as the state of the view says so. */
export function Dialogs({ garden, site, day, today }: Props) {
  const view = useView();
  const { paletteOpen, settingsOpen, helping, tourStep, addingBeds, growingNow } = view;
  const { importing, keeping, logging, message } = view;
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
      {importing?.kind === "join" && <JoinDialog file={importing.file} onClose={closeImport} />}
      {importing && importing.kind !== "join" && (
        <ImportDialog
          key={`${importing.file.name} ${importing.file.lastModified}`}
          file={importing.file}
          kind={importing.kind}
          onClose={closeImport}
        />
      )}
      {keeping === "calendar" && <CalendarDialog garden={garden} onClose={closeKeeping} />}
      {keeping === "backups" && <BackupDialog garden={garden} onClose={closeKeeping} />}
      {keeping === "share" && <ShareDialog garden={garden} onClose={closeKeeping} />}
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
      {helping && <HelpDialog first={helping} onClose={() => setView({ helping: null })} />}
      {tourStep !== null && <TourCard step={tourStep} />}
      {message && <Messages message={message} />}
    </>
  );
}
