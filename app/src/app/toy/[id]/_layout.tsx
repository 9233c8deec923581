import { lazy, Suspense } from 'react';
import { Laying } from '../../../stations/frame/Laying';

const ToyFrame = lazy(async () => ({
  default: (await import('../../../stations/frame/ToyFrame')).ToyFrame,
}));

/** The router asks for every layout when the first page begins: what stands around the stations comes when a toy is opened. */
export default function ToyLayout() {
  return (
    <Suspense fallback={<Laying />}>
      <ToyFrame />
    </Suspense>
  );
}
