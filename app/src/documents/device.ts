import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

/** What belongs to this screen and not to a toy. */
export interface Device {
  /** px of this screen in a millimetre, once a card has been laid on it */
  pxPerMm: number | null;
}

const store = createAsyncStorage('hoppla-device');
const KEY = ['device'];
const FIELD = 'pxPerMm';

/** What is known of this screen, and a way to say it. A screen that nobody measured is not known. */
export function useDevice(): Device & { measured: (pxPerMm: number) => void } {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: KEY,
    queryFn: async (): Promise<Device> => {
      const found = Number(await store.getItem(FIELD));
      return { pxPerMm: Number.isFinite(found) && found > 0 ? found : null };
    },
  });
  const put = useMutation({ mutationFn: (pxPerMm: number) => store.setItem(FIELD, String(pxPerMm)) });
  return {
    pxPerMm: data?.pxPerMm ?? null,
    measured: (pxPerMm) => {
      client.setQueryData<Device>(KEY, { pxPerMm });
      put.mutate(pxPerMm);
    },
  };
}
