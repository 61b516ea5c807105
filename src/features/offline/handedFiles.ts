import { setView } from "@/ui/viewState";

/** Files with which the system opened an installed Late Ember, where the browser knows such. */
interface LaunchQueue {
  setConsumer(take: (launch: { files?: readonly FileSystemFileHandle[] }) => void): void;
}

/** Opens a garden file that the system hands to the installed program, as if it had been chosen here. */
export function takeHandedFiles(): void {
  const { launchQueue } = window as { launchQueue?: LaunchQueue };
  launchQueue?.setConsumer(({ files }) => {
    const [handle] = files ?? [];
    if (!handle) return;
    void handle.getFile().then((file) => setView({ importing: { file, kind: "garden" } }));
  });
}
