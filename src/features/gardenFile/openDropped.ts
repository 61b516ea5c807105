import { textOf } from "@/ui/inputs";
import { setView, tell, type ViewState } from "@/ui/viewState";
import { keeping as say } from "@/words/en/keeping";
import { fileKind, HEAD_BYTES } from "./fileKind";

/**
 * Opens a file where files of its kind are looked at before they count.
 *
 * @param go shows another view, with what is to be open there
 */
export async function openDropped(
  files: readonly File[],
  go: (href: string, view: Partial<ViewState>) => void,
): Promise<void> {
  const [file, ...others] = files;
  if (!file) return;
  if (others.length > 0) return tell(say.dropOne, "refused");
  // A folder, or a file that is gone, has no head.
  const head = await textOf(file.slice(0, HEAD_BYTES)).catch(() => "");
  const kind = fileKind(file.name, head);
  switch (kind) {
    case "garden":
    case "map":
      return setView({ importing: { file, kind } });
    case "record":
      return go("/place", { readingRecord: { file }, placeSection: "frost" });
    case "table":
      return go("/logbook", { bringing: { file } });
    case null:
      tell(say.dropUnknown({ file: file.name }), "refused");
  }
}
