import * as Comlink from "comlink";
import { encodingOf } from "@/core/encoding";
import { weatherReader, type WeatherAnswers, type WeatherReading } from "@/core/weatherFiles";

/** What the worker can do; seen from outside every call is a promise. */
export interface WeatherFileWorker {
  /** Answers once everything is loaded. */
  ready(): void;
  /**
   * Reads a daily weather record from a file, piece by piece, so that a large one neither fills the
   * memory nor holds up the page.
   *
   * @param onShare told how much of the file is read, 0 to 1
   */
  read(
    file: Blob,
    answers: WeatherAnswers,
    onShare: (share: number) => void,
  ): Promise<WeatherReading>;
}

const worker: WeatherFileWorker = {
  ready: () => undefined,
  async read(file, answers, onShare) {
    const reader = weatherReader(answers);
    const stream = file.stream().getReader();
    let decoder: TextDecoder | null = null;
    let bytes = 0;
    for (;;) {
      const { done, value } = await stream.read();
      if (done) break;
      // The first piece holds the head, which tells how the file is written.
      decoder ??= new TextDecoder(encodingOf(value));
      if (!reader.push(decoder.decode(value, { stream: true }))) {
        await stream.cancel();
        return reader.finish();
      }
      bytes += value.byteLength;
      onShare(bytes / file.size);
    }
    if (decoder) reader.push(decoder.decode());
    return reader.finish();
  },
};

Comlink.expose(worker);
