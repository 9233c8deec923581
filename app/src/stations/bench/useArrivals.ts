import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef } from 'react';
import { isUntouched } from '@hoppla/core/toy';
import { closeToy, hasDraft, isNewName, openToyNow, take, toyInLink, type Shelved } from '../../documents';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';
import type { Deeds } from './useDeeds';

/** Closes the toy that was open. A new one in which nothing was done does not stay. */
async function leaveToy(remove: (toy: Shelved) => Promise<unknown>): Promise<void> {
  const { id, file, writing } = openToyNow();
  await closeToy();
  const fresh = id && file && writing && isUntouched(file) && isNewName(file.toy.name);
  if (!fresh || (await hasDraft(id))) return;
  const toy = await take(id);
  if (toy?.file && isUntouched(toy.file)) await remove(toy);
}

/** What comes with the address: the demo workshop (`?demo=workshop`, `?demo` alone for Rill) on an empty bench, a toy in the fragment, a text that was shared with the installed app. Each once. */
export function useArrivals(toys: Shelved[] | undefined, deeds: Deeds): void {
  const router = useRouter();
  const { demo, sharedTitle, sharedText } = useLocalSearchParams<{
    demo?: string;
    sharedTitle?: string;
    sharedText?: string;
  }>();
  const done = useRef(false);
  const { bench } = deeds;
  useEffect(() => {
    void leaveToy(bench.remove.mutateAsync);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(() => {
    if (!toys || done.current) return;
    done.current = true;
    const { hash } = window.location;
    const arrive = async () => {
      if (demo !== undefined && toys.length === 0)
        await (demo === 'workshop' ? deeds.addWorkshop() : deeds.addDemo());
      if (sharedText) {
        const id = await deeds.bring.pageOf(sharedText, sharedTitle ?? '');
        return router.replace(hrefOf(id, 'parts'));
      }
      const linked = await toyInLink(hash);
      if (linked === 'none') return;
      // Read once: a reload must not bring it again.
      window.history.replaceState(null, '', window.location.pathname);
      deeds.setSaid(
        linked === null ? { words: say.bench.badLink, fault: true } : await deeds.bring.toy(linked),
      );
    };
    arrive().catch(deeds.fail);
  }, [toys, demo, sharedText, sharedTitle, deeds, router]);
}
