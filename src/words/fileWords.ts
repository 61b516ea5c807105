import type { FileWords } from "@/core/formats";
import { kindWords, workWords } from "./en/entries";
import { files } from "./en/files";
import type { LocalWording } from "./localWording";
import { tell } from "./tell";

/** What files for other programs say, in the reader's language and units. */
export function fileWords(say: LocalWording): FileWords {
  return {
    tell: (told) => tell(told, say),
    planned: (kind, subject) => files[kind]({ subject }),
    asked: (work, subject) => `${workWords(work).ask}: ${subject}`,
    ifLeft: (consequence) => files.ifLeft({ consequence }),
    logged: kindWords,
    temperature: files.temperature,
  };
}
