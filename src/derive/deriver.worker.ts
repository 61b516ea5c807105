import * as Comlink from "comlink";
import { Replica, type News } from "./replica";
import type { ArgumentsOf, QuestionName } from "./questions";

const replica = new Replica();

const worker = {
  /** Answers once everything is loaded. */
  ready: () => undefined,
  prepare: (news: News) => replica.prepare(news),
  ask: <Q extends QuestionName>(news: News, name: Q, args: ArgumentsOf<Q>) =>
    replica.ask(news, name, args),
};
export type DeriverWorker = typeof worker;

Comlink.expose(worker);
