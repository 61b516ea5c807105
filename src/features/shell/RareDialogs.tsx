"use client";

import type { Garden } from "@/core/garden";
import { lazyPart } from "@/ui/frame/index";
import { setView, useView } from "@/ui/viewState";

const ImportDialog = lazyPart(() => import("@/features/gardenFile/ImportDialog"));
const JoinDialog = lazyPart(() => import("@/features/gardenFile/JoinDialog"));
const CalendarDialog = lazyPart(() => import("@/features/gardenFile/CalendarDialog"));
const BackupDialog = lazyPart(() => import("@/features/gardenFile/backups/BackupDialog"));
const ShareDialog = lazyPart(() => import("@/features/gardenFile/ShareDialog"));
const HelpDialog = lazyPart(() => import("./HelpDialog"));
const TourCard = lazyPart(() => import("./TourCard"));

const closeImport = () => setView({ importing: null });
const closeKeeping = () => setView({ keeping: null });

/** What opens over every view, but seldom: the first view need not know of it. */
export default function RareDialogs({ garden }: { garden: Garden }) {
  const { importing, keeping, helping, tourStep } = useView();
  return (
    <>
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
      {helping && <HelpDialog first={helping} onClose={() => setView({ helping: null })} />}
      {tourStep !== null && <TourCard step={tourStep} />}
    </>
  );
}
