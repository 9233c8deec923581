import { useRouter } from 'expo-router';
import { lazy, Suspense, useState } from 'react';
import { ScrollView, View } from 'react-native';
import type { ToyModel } from '@hoppla/core/model';
import { language, LANGUAGES } from '@hoppla/core/words';
import { MainAction, PlainButton, Title, Words } from '../../controls';
import { demoFile, useDevice } from '../../documents';
import { usePalette } from '../../theme';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';
import { chooseLanguage, offeredLanguage } from '../../words/spoken';
import type { Deeds } from './useDeeds';

const TrainerSheet = lazy(async () => ({
  default: (await import('../trainer/TrainerSheet')).TrainerSheet,
}));

/** An empty bench: what Hoppla does, in three lines, and where to begin. */
export function FirstMinutes({ deeds }: { deeds: Deeds }) {
  const c = usePalette();
  const router = useRouter();
  const { told } = useDevice();
  const [learning, setLearning] = useState<ToyModel | null>(null);
  const look = () => void deeds.addDemo().catch(deeds.fail);
  const walk = () =>
    void deeds.addDemo().then((id) => {
      told({ tour: 0 });
      router.push(hrefOf(id, 'parts'));
    }, deeds.fail);
  const learn = async () => {
    const { modelToy } = await import('@hoppla/core/model');
    setLearning(modelToy((await demoFile()).toy));
  };
  return (
    <ScrollView
      style={{ flex: 1, backgroundColor: c.mat }}
      contentContainerStyle={{ flexGrow: 1, justifyContent: 'center' }}
    >
      <View style={{ padding: 24, gap: 14, width: '100%', maxWidth: 640, alignSelf: 'center' }}>
        <Title role="heading" aria-level={2} color={c.matInk}>
          {say.bench.empty}
        </Title>
        {say.bench.emptyHow.map((line) => (
          <Words key={line} color={c.matInk} backgroundColor={c.mat}>
            {line}
          </Words>
        ))}
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 6 }}>
          <MainAction label={say.bench.paste} onPress={deeds.create} />
        </View>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <PlainButton label={say.bench.openFile} onPress={() => void deeds.importFiles()} grow />
          <PlainButton label={say.bench.demo} onPress={look} grow />
          <PlainButton label={say.bench.tour} onPress={walk} grow />
          <PlainButton label={say.bench.learn} onPress={() => void learn().catch(deeds.fail)} grow />
          <OtherLanguage />
        </View>
      </View>
      {learning ? (
        <Suspense fallback={null}>
          <TrainerSheet model={learning} onClose={() => setLearning(null)} />
        </Suspense>
      ) : null}
    </ScrollView>
  );
}

/** The browser's own language, where Hoppla speaks it and is not speaking it. */
function OtherLanguage() {
  const other = offeredLanguage();
  if (other === null || other === language()) return null;
  return <PlainButton label={LANGUAGES[other]} onPress={() => chooseLanguage(other)} grow />;
}
