import type { Report, TaskInput, TaskName, TaskResult } from './tasks';

/** A worker that runs one task at a time, and can be stopped for good. */
export interface Helper {
  run: (name: TaskName, input: unknown, report: Report) => Promise<unknown>;
  stop: () => void;
}

/** Said to whoever asked for what a newer question or a cancel has overtaken. */
export class Overtaken extends Error {
  constructor() {
    super('a newer question took its place');
    this.name = 'AbortError';
  }
}

interface Question {
  name: TaskName;
  /** what it is asked about: of each task and subject only the newest question counts */
  about: string;
  input: unknown;
  report: Report;
  answer: (value: unknown) => void;
  refuse: (error: unknown) => void;
}

/** A task that has been overtaken may finish for so long before its worker is stopped, ms: a new worker costs about as much. */
const PATIENCE_MS = 300;

/**
 * The one door to the worker. Of each task about one thing only the newest question counts: an older one that waits or runs is refused with
 * `Overtaken`. A cancelled task stops at once, with its worker; the next question begins a new one.
 */
export class Door {
  private helper: Helper | null = null;
  private running: { question: Question; since: number } | null = null;
  private waiting: Question[] = [];

  constructor(
    private readonly hire: () => Helper,
    private readonly clock: () => number = () => performance.now(),
  ) {}

  ask<N extends TaskName>(
    name: N,
    input: TaskInput<N>,
    {
      about = '',
      report = () => undefined,
      signal,
    }: { about?: string; report?: Report; signal?: AbortSignal } = {},
  ): Promise<TaskResult<N>> {
    return new Promise((answer, refuse) => {
      const question: Question = {
        name,
        about,
        input,
        report,
        answer: answer as (value: unknown) => void,
        refuse,
      };
      if (signal?.aborted) return refuse(new Overtaken());
      signal?.addEventListener('abort', () => this.drop(question), { once: true });
      const same = (q: Question) => q.name === name && q.about === about;
      this.waiting.filter(same).forEach((q) => q.refuse(new Overtaken()));
      this.waiting = [...this.waiting.filter((q) => !same(q)), question];
      if (this.running && same(this.running.question)) {
        this.running.question.refuse(new Overtaken());
        if (this.clock() - this.running.since > PATIENCE_MS) this.fire();
      }
      this.next();
    });
  }

  /** Takes a question back. */
  private drop(question: Question): void {
    question.refuse(new Overtaken());
    this.waiting = this.waiting.filter((q) => q !== question);
    if (this.running?.question !== question) return;
    this.fire();
    this.next();
  }

  private fire(): void {
    this.helper?.stop();
    this.helper = null;
    this.running = null;
  }

  private next(): void {
    if (this.running || this.waiting.length === 0) return;
    const [question, ...rest] = this.waiting;
    this.waiting = rest;
    const running = { question, since: this.clock() };
    this.running = running;
    this.helper ??= this.hire();
    const done = (tell: () => void) => {
      tell();
      if (this.running !== running) return;
      this.running = null;
      this.next();
    };
    this.helper
      .run(question.name, question.input, (share) => {
        if (this.running === running) question.report(share);
      })
      .then(
        (value) => done(() => question.answer(value)),
        (error: unknown) => done(() => question.refuse(error)),
      );
  }
}
