import { batchAhead, daysLater } from '../batch';
import { planOf } from '../plan';
import { paceOf } from '../record';
import type { ToyModel } from '../model';
import type { Batch, ToyFile } from '../toy';
import { batchWords as say, hours } from '../words';

/** A line of a calendar file is at most so many octets; longer ones are folded (RFC 5545, 3.1). */
const MOST_OCTETS = 75;

function folded(line: string): string {
  const octets = (s: string) => new TextEncoder().encode(s).length;
  if (octets(line) <= MOST_OCTETS) return line;
  const lines: string[] = [];
  let now = '';
  for (const letter of line) {
    if (octets(now + letter) > MOST_OCTETS) {
      lines.push(now);
      now = ' ';
    }
    now += letter;
  }
  return [...lines, now].join('\r\n');
}

/** Text of a calendar file (RFC 5545, 3.3.11). */
const escaped = (text: string): string =>
  text.replace(/[\\;,]/g, (c) => `\\${c}`).replace(/\r\n|\r|\n/g, '\\n');
const compact = (day: string): string => day.replace(/-/g, '');

interface DayEvent {
  uid: string;
  summary: string;
  more: string;
  from: string;
  /** the last day, included */
  to: string;
}

const eventLines = ({ uid, summary, more, from, to }: DayEvent, stamp: string): string[] => [
  'BEGIN:VEVENT',
  `UID:${uid}`,
  `DTSTAMP:${stamp}`,
  `DTSTART;VALUE=DATE:${compact(from)}`,
  // The end of an event of whole days is the day after its last one.
  `DTEND;VALUE=DATE:${compact(daysLater(to, 1))}`,
  `SUMMARY:${escaped(summary)}`,
  ...(more ? [`DESCRIPTION:${escaped(more)}`] : []),
  'TRANSP:TRANSPARENT',
  'END:VEVENT',
];

function eventsOf(model: ToyModel, file: ToyFile, batch: Batch, today: string): DayEvent[] {
  const plan = planOf(model);
  const ahead = batchAhead({ plan, pace: paceOf(plan, file.log) }, file, batch, today);
  const { name } = model.toy;
  const uid = (what: string) => `${batch.id}-${what}@hoppla`;
  const stages = ahead.stages.flatMap((s): DayEvent[] =>
    s.days
      ? [
          {
            uid: uid(s.id),
            summary: say.event(say.stages[s.id], name, ahead.count - s.done),
            more: say.minutes(hours(s.minutes.value * (ahead.count - s.done))),
            from: s.days.from,
            to: s.days.to,
          },
        ]
      : [],
  );
  const { done } = ahead;
  return [
    ...stages,
    ...(done
      ? [
          {
            uid: uid('done'),
            summary: say.doneBy(name, ahead.count),
            more: say.range(done.low, done.high),
            from: done.value,
            to: done.value,
          },
        ]
      : []),
    ...(batch.due
      ? [{ uid: uid('due'), summary: say.due(name), more: '', from: batch.due, to: batch.due }]
      : []),
  ];
}

/** The batches of a toy as a calendar file (RFC 5545): each stage on its days, the day on which all is done with its range, and the day on which it is wanted. `now` ISO 8601; `today` the maker's own day, where it is not that of `now`. */
export function calendarIcs(model: ToyModel, file: ToyFile, now: string, today = now.slice(0, 10)): string {
  const stamp = `${now.slice(0, 19).replace(/[-:]/g, '')}Z`;
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Hoppla//Batches//EN',
    'CALSCALE:GREGORIAN',
    ...file.batches.flatMap((b) => eventsOf(model, file, b, today).flatMap((e) => eventLines(e, stamp))),
    'END:VCALENDAR',
  ];
  return lines.map((l) => `${folded(l)}\r\n`).join('');
}
