import { simulated } from './instrument';

/** As many readings as one weighing takes; the middle one counts. */
const READINGS = 15;

/** What the simulated kitchen scale shows, g, with so much on it. Rejects where there is none, or it is lost. */
export async function weighed(grams: number): Promise<number> {
  const readings: number[] = [];
  let enough: (value: number) => void = () => undefined;
  let lost: (reason: Error) => void = () => undefined;
  const answer = new Promise<number>((resolve, reject) => {
    enough = resolve;
    lost = reject;
  });
  const scale = await simulated(
    {
      onReading: (_, value) => {
        readings.push(value);
        // The first ones were shown before anything lay on it.
        const settled = readings.slice(-READINGS);
        if (readings.length >= 2 * READINGS) enough([...settled].sort((a, b) => a - b)[READINGS >> 1]);
      },
      onEnd: () => lost(new Error('the scale is lost')),
    },
    'scale',
  );
  try {
    await scale.begin({ happen: 'weigh', grams });
    return await answer;
  } finally {
    scale.close();
  }
}
