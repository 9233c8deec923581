import { Asset } from 'expo-asset';
import text400 from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf';
import text600 from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf';
import title700 from '@expo-google-fonts/bricolage-grotesque/700Bold/BricolageGrotesque_700Bold.ttf';
import title800 from '@expo-google-fonts/bricolage-grotesque/800ExtraBold/BricolageGrotesque_800ExtraBold.ttf';
import number500 from '@expo-google-fonts/martian-mono/500Medium/MartianMono_500Medium.ttf';
import number600 from '@expo-google-fonts/martian-mono/600SemiBold/MartianMono_600SemiBold.ttf';
import { FAMILY } from './tamagui.config';

const FACES: [family: string, weight: string, file: number][] = [
  [FAMILY.text, '400 500', text400],
  [FAMILY.text, '600 700', text600],
  [FAMILY.title, '700', title700],
  [FAMILY.title, '800', title800],
  [FAMILY.number, '400 500', number500],
  [FAMILY.number, '600 700', number600],
];

/** Loads the shipped fonts with their real weights. A font that does not load leaves the system's in its place. */
export async function loadFonts(): Promise<void> {
  if (typeof FontFace === 'undefined') return;
  await Promise.allSettled(
    FACES.map(async ([family, weight, file]) => {
      const face = new FontFace(family, `url(${Asset.fromModule(file).uri})`, { weight, display: 'swap' });
      document.fonts.add(await face.load());
    }),
  );
}
