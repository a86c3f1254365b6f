/** What goes through the slot between page and worker. A page and a worker of different versions do not talk. */
export const protocolVersion = 5;

type Versioned = { readonly version: typeof protocolVersion };

/** Where a field of an input is made up from: things put before, by key, beside what came with the letter. */
export type SharedValue =
  | { readonly type: "whole"; readonly key: number }
  | { readonly type: "parts"; readonly keys: Readonly<Record<string, number>>; readonly rest: object };

export type Request = Versioned &
  (
    | { readonly type: "put"; readonly key: number; readonly value: unknown }
    | { readonly type: "drop"; readonly key: number }
    | {
        readonly type: "run";
        readonly id: number;
        readonly job: string;
        readonly input: Readonly<Record<string, unknown>>;
        /** Fields of the input that were put before. */ readonly held: Readonly<Record<string, SharedValue>>;
        /** It begins after so many ms, if it is still wanted then. */ readonly restMs: number;
      }
    | { readonly type: "cancel"; readonly id: number }
    /** It stands still until it is told to go on. */
    | { readonly type: "hold"; readonly id: number; readonly on: boolean }
  );

/** Each speaks of the question with its id; after `done` or `failed` nothing more is said of it. */
export type Answer = Versioned & { readonly id: number } & (
    | { readonly type: "progress"; readonly progress: unknown }
    | { readonly type: "done"; readonly value: unknown }
    | { readonly type: "failed"; readonly message: string }
  );
