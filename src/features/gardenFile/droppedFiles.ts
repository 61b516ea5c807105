import { setView, type ViewState } from "@/ui/viewState";
import { openDropped } from "./openDropped";

let isTaking = false;

/**
 * From now on files dropped anywhere on the page are taken to where they are read.
 *
 * @param go shows another view, with what is to be open there
 */
export function takeDroppedFiles(go: (href: string, view: Partial<ViewState>) => void): void {
  if (isTaking) return;
  isTaking = true;
  const carriesFiles = ({ dataTransfer }: DragEvent) =>
    dataTransfer?.types.includes("Files") ?? false;
  window.addEventListener("dragover", (event) => {
    if (!carriesFiles(event)) return;
    // Else the browser would leave the garden and show the file.
    event.preventDefault();
    setView({ dropping: true });
  });
  window.addEventListener("dragleave", (event) => {
    if (event.relatedTarget === null) setView({ dropping: false });
  });
  window.addEventListener("drop", (event) => {
    if (!carriesFiles(event)) return;
    event.preventDefault();
    setView({ dropping: false });
    void openDropped([...(event.dataTransfer?.files ?? [])], go);
  });
}
