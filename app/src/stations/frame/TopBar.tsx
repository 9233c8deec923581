import { type SetStateAction, type Dispatch } from 'react';
import { type PartModel } from '@hoppla/core/model';
import { type Focus, type Toy } from '@hoppla/core/toy';
import { useGlobalSearchParams, usePathname, useRouter } from 'expo-router';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Text } from '../../theme/tamagui';
import type { Shield } from '@hoppla/core/safety';
import { safetyWords } from '@hoppla/core/words';
import { Go, Num, Press, Words } from '../../controls';
import { hrefOf, stationOf, type StationId } from '../stations';
import { step, useOpenToy } from '../../documents';
import { usePalette } from '../../theme';
import { PartPicker } from './PartPicker';
import { ToyMenu } from './ToyMenu';
import { useRoom } from './useRoom';
import { useToy } from './useToy';
import { screenWords as say } from '../../words';

/** On a screen narrower than this, px, doing again moves into the menu. */
const NARROW = 360;
/** On a screen narrower than this, px, the toy is named above what is looked at, so that both can be read. */
const TIGHT = 480;

export function TopBar() {
  const c = usePalette();
  const { toy, part, shield } = useToy();
  const at = usePathname().split('/').pop();
  const [picking, setPicking] = useState(false);
  const { width } = useRoom();
  const tight = width < TIGHT;
  const station = stationOf(at);
  const heading = say.frame.heading(toy.name, station?.words ?? '');
  const shown = station?.ofAPart ? part : null;
  return (
    <View
      role="banner"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: c.matDeep,
        paddingLeft: tight ? 0 : 12,
        paddingRight: 8,
        minHeight: 56,
        gap: 2,
      }}
    >
      <ToyName toy={toy} heading={heading} tight={tight} />
      {shown ? (
        <PartName part={shown} above={tight ? toy.name : ''} setPicking={setPicking} />
      ) : (
        <WholeToy name={tight ? toy.name : ''} whole={part ? say.plan.whole : ''} />
      )}
      <View style={{ flexGrow: 1 }} />
      <TakeBack />
      <ShieldSign shield={shield} toy={toy.id} />
      {picking ? <PartPicker onClose={() => setPicking(false)} /> : null}
    </View>
  );
}

/** Undo, redo, and the menu, which holds redo where the bar has no room for it. */
function TakeBack() {
  const c = usePalette();
  const { history, writing } = useOpenToy();
  const go = useGoTo();
  const { width } = useRoom();
  const canRedo = writing && history.future.length > 0;
  const redo = () => go(step('redo'));
  return (
    <>
      <Press
        label={say.undo}
        disabled={!writing || history.past.length === 0}
        onPress={() => go(step('undo'))}
        style={{ alignItems: 'center' }}
      >
        <Undo color={c.matInk} size={22} strokeWidth={1.9} />
      </Press>
      {width < NARROW ? null : (
        <Press label={say.redo} disabled={!canRedo} onPress={redo} style={{ alignItems: 'center' }}>
          <Redo color={c.matInk} size={22} strokeWidth={1.9} />
        </Press>
      )}
      <ToyMenu redo={width < NARROW && canRedo ? redo : null} />
    </>
  );
}

/** That all of the toy is looked at; below its name where that stands here. */
function WholeToy({ name, whole }: { name: string; whole: string }) {
  const c = usePalette();
  return (
    <View style={{ flexShrink: 1, minWidth: 0, paddingHorizontal: name ? 0 : 8 }}>
      {name ? (
        <Words color={c.matInk} fontWeight="700" fontSize={17} lineHeight={21} numberOfLines={1}>
          {name}
        </Words>
      ) : null}
      <Words color={c.matInk2} {...(name ? SMALL : {})} numberOfLines={1}>
        {whole}
      </Words>
    </View>
  );
}

const SMALL = { fontSize: 13, lineHeight: 17 };

/** The part, and the way to another; `above`: the name of the toy, where it stands here. */
function PartName({
  part,
  above,
  setPicking,
}: {
  part: PartModel;
  above: string;
  setPicking: Dispatch<SetStateAction<boolean>>;
}) {
  const c = usePalette();
  const choose = (
    <Press
      label={`${part.name}: ${say.parts.choose}`}
      onPress={() => setPicking(true)}
      style={{
        flexDirection: 'row',
        alignItems: above ? 'flex-end' : 'center',
        justifyContent: 'flex-start',
        gap: 4,
        // What is worked on is named whole before the toy is. Below the toy's name a touch on that is one on this.
        ...(above ? OVER_NAME : { paddingHorizontal: 8, flexShrink: 0, maxWidth: '36%' }),
      }}
    >
      <Words color={c.matInk} fontWeight="600" fontSize={17} lineHeight={21} numberOfLines={1} flexShrink={1}>
        {part.name}
      </Words>
      <ChevronDown color={c.matInk} size={20} strokeWidth={2.4} />
    </Press>
  );
  if (!above) return choose;
  return (
    <View style={{ flexShrink: 1, minWidth: 0 }}>
      <Words color={c.matInk2} {...SMALL} numberOfLines={1}>
        {above}
      </Words>
      {choose}
    </View>
  );
}

const OVER_NAME = { marginTop: -23, paddingTop: 23, paddingHorizontal: 0 } as const;

/**
 * The way back to the Bench: the toy's name, or where there is no room for it beside what is looked at, an arrow. As a heading it says the
 * station too, and takes the focus when one comes there.
 */
function ToyName({ toy, heading, tight }: { toy: Toy; heading: string; tight: boolean }) {
  const c = usePalette();
  return (
    <Go
      label={say.toBench(toy.name)}
      to="/"
      style={tight ? { alignItems: 'center' } : { paddingHorizontal: 4, flexShrink: 1 }}
    >
      {tight ? <ChevronLeft color={c.matInk} size={26} strokeWidth={2.2} /> : null}
      <Text
        role="heading"
        aria-level={1}
        aria-label={heading}
        tabIndex={-1}
        {...(tight ? { position: 'absolute', opacity: 0, width: 44 } : {})}
        fontFamily="$heading"
        fontSize={22}
        lineHeight={28}
        fontWeight="800"
        color={c.matInk}
        numberOfLines={1}
      >
        {toy.name}
      </Text>
    </Go>
  );
}

/** Stops first, else what is open: filled while anything stops, an outline with its number while points are open, a plain outline with a dash when none is. Never a tick. */
function ShieldSign({ shield, toy }: { shield: Shield; toy: string }) {
  const c = usePalette();
  const { stops, open } = shield;
  const stop = stops > 0;
  const line = stop ? c.coral : open > 0 ? c.tape : c.matInk2;
  return (
    <Go
      label={safetyWords.shield(stops, open)}
      to={hrefOf(toy, 'safety')}
      style={{ width: 48, height: 48, alignItems: 'center' }}
    >
      <Svg width={34} height={38} viewBox="0 0 34 38" aria-hidden>
        <Path
          d="M17 2l14 4.500v13c0 8-6 13.500-14 17-8-3.500-14-9-14-17v-13z"
          fill={stop ? c.coral : 'none'}
          stroke={line}
          strokeWidth={2.2}
          strokeLinejoin="round"
        />
        {stop ? (
          <Path
            d="M17 5.500l10.700 3.500v10.500c0 6-4.500 10.300-10.700 13.200-6.200-2.900-10.700-7.200-10.700-13.200V9z"
            fill="none"
            stroke={c.onCoral}
            strokeOpacity={0.55}
            strokeWidth={1.3}
            strokeDasharray="3 2.500"
          />
        ) : null}
      </Svg>
      <Num
        position="absolute"
        left={0}
        right={0}
        textAlign="center"
        fontSize={16}
        lineHeight={20}
        color={stop ? c.onCoral : open > 0 ? c.tape : c.matInk}
        aria-hidden
      >
        {stop ? String(stops) : open > 0 ? String(open) : '–'}
      </Num>
    </Go>
  );
}

/** Goes to where an undone edit can be seen. */
function useGoTo(): (focus: Focus | null) => void {
  const router = useRouter();
  const path = usePathname();
  const { id } = useGlobalSearchParams<{ id: string }>();
  return (focus) => {
    if (!focus || !id || !stationOf(focus.station)) return;
    if (path.endsWith(`/${focus.station}`)) {
      if (focus.part) router.setParams({ part: focus.part });
      return;
    }
    router.push(hrefOf(id, focus.station as StationId, focus.part));
  };
}
