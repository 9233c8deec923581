import { useEffect, useRef } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { holeTag, postTag } from '@hoppla/core/address';
import type { JoinSite, SeamStitch } from '@hoppla/core/join';
import { Num, Words } from '../../controls';
import { FAMILY, usePalette } from '../../theme';
import { screenWords as words } from '../../words';

const say = words.joins;

/** px of one stitch of the seam, of the case, and of the whole strip. */
const COLUMN = 58;
const CASE = 70;
export const SEAM_TAPE = 116;
const ROWS = { round: 17, stitch: 33, hole: 47, edge: 80, number: 103 };

/**
 * A seam unrolled: the host's holes above, the edge's stitches below, a line from each to its own. It is walked stitch by
 * stitch with the arrow keys; the chosen one is lit on the toy.
 */
export function SeamTape({
  site,
  guest,
  host,
  chosen,
  onChoose,
  pauseAfter,
  width,
}: {
  site: JoinSite;
  guest: string;
  host: string;
  chosen: number | null;
  onChoose: (stitch: number | null) => void;
  pauseAfter: number | null;
  width: number;
}) {
  const c = usePalette();
  const scroll = useRef<ScrollView>(null);
  useEffect(() => {
    if (chosen !== null)
      scroll.current?.scrollTo({ x: Math.max(0, (chosen + 0.5) * COLUMN - (width - CASE) / 2) });
  }, [chosen, width]);
  const count = site.seam.length;
  const now = chosen === null ? null : (site.seam[chosen] ?? null);
  const slider = {
    tabIndex: 0,
    onKeyDown: walking(count, chosen, onChoose),
    'aria-valuemin': 1,
    'aria-valuemax': count,
    'aria-valuenow': (chosen ?? 0) + 1,
    'aria-valuetext': now ? stitchWords(now, guest, host) : say.seamHow,
  } as object;
  return (
    <View style={{ width, height: SEAM_TAPE, flexDirection: 'row', backgroundColor: c.tape }}>
      <Case count={count} guest={guest} host={host} />
      <View style={{ flex: 1, minWidth: 0 }} role="slider" aria-label={say.seam(guest, host)} {...slider}>
        <ScrollView ref={scroll} horizontal showsHorizontalScrollIndicator={false}>
          <Strip
            site={site}
            chosen={chosen}
            pauseAfter={pauseAfter}
            onChoose={onChoose}
            least={width - CASE}
          />
        </ScrollView>
      </View>
    </View>
  );
}

/** The strip itself: a touch chooses a stitch, another lets it go. */
function Strip({
  site,
  chosen,
  pauseAfter,
  onChoose,
  least,
}: {
  site: JoinSite;
  chosen: number | null;
  pauseAfter: number | null;
  onChoose: (stitch: number | null) => void;
  least: number;
}) {
  const count = site.seam.length;
  return (
    <Pressable
      onPress={(event) => {
        const k = Math.floor(event.nativeEvent.locationX / COLUMN);
        onChoose(k === chosen || k >= count ? null : k);
      }}
      focusable={false}
      tabIndex={-1}
    >
      <Svg width={Math.max(count * COLUMN, least)} height={SEAM_TAPE} aria-hidden>
        <Stitches site={site} chosen={chosen} pauseAfter={pauseAfter} />
      </Svg>
    </Pressable>
  );
}

/** Arrow keys walk a seam stitch by stitch. */
const walking =
  (count: number, at: number | null, onChoose: (stitch: number | null) => void) =>
  (event: { key: string; preventDefault: () => void }) => {
    const now = at ?? -1;
    const to: Record<string, number> = { ArrowRight: now + 1, ArrowLeft: now - 1, Home: 0, End: count - 1 };
    if (event.key === 'Escape') onChoose(null);
    else if (to[event.key] === undefined) return;
    else onChoose(Math.max(0, Math.min(count - 1, to[event.key])));
    event.preventDefault();
  };

/** Which rows these are, and how many stitches. */
function Case({ count, guest, host }: { count: number; guest: string; host: string }) {
  const c = usePalette();
  return (
    <View style={{ width: CASE, backgroundColor: c.matDeep, paddingLeft: 8, paddingTop: 8 }} aria-hidden>
      <Words fontSize={14} lineHeight={17} color={c.matInk} numberOfLines={1}>
        {host}
      </Words>
      <Num fontSize={26} lineHeight={42} color={c.tape}>
        {String(count)}
      </Num>
      <Words fontSize={14} lineHeight={17} marginTop={12} color={c.matInk} numberOfLines={1}>
        {guest}
      </Words>
    </View>
  );
}

/** What one stitch of a seam is, in words. */
export const stitchWords = (s: SeamStitch, guest: string, host: string): string =>
  say.seamStitch(guest, s.edge, s.under, host, postTag(s.name));

function Stitches({
  site,
  chosen,
  pauseAfter,
}: {
  site: JoinSite;
  chosen: number | null;
  pauseAfter: number | null;
}) {
  const { seam, pins } = site;
  const pinned = new Set(pins.map((p) => `${p.edge}|${postTag(p.name)}`));
  return seam.map((s, k) => (
    <Stitch
      key={k}
      s={s}
      x={(k + 0.5) * COLUMN}
      // Two that share their place are drawn to one hole, half way between them.
      joined={k > 0 && sameHole(s, seam[k - 1])}
      leads={k + 1 < seam.length && sameHole(s, seam[k + 1])}
      on={k === chosen}
      pin={pinned.has(`${s.edge}|${postTag(s.name)}`)}
      pause={pauseAfter === k + 1 && k + 1 < seam.length}
    />
  ));
}

interface StitchProps {
  s: SeamStitch;
  x: number;
  joined: boolean;
  leads: boolean;
  on: boolean;
  pin: boolean;
  pause: boolean;
}

/** One stitch of the seam: its hole above, the edge's own below, and the line between. */
function Stitch({ s, x, joined, leads, on, pin, pause }: StitchProps) {
  const c = usePalette();
  const hole = x + (joined ? -COLUMN / 2 : 0) + (leads && !joined ? COLUMN / 2 : 0);
  const edge = s.under === null ? String(s.edge) : `${s.edge}+${s.under}`;
  return (
    <G>
      {on ? <Frame x={x} /> : null}
      {joined ? null : <Hole x={hole} name={s.name} />}
      <Line
        x1={hole}
        y1={ROWS.hole}
        x2={x}
        y2={ROWS.edge - 7}
        stroke={c.tapeInk}
        strokeWidth={on ? 2.6 : 1.3}
      />
      <Circle cx={hole} cy={ROWS.hole} r={4} fill={pin ? c.pin : c.tapeInk} />
      <Path
        d={`M${x - 7} ${ROWS.edge + 5}L${x} ${ROWS.edge - 7}L${x + 7} ${ROWS.edge + 5}`}
        stroke={c.tapeInk}
        strokeWidth={2}
        fill="none"
      />
      <Label x={x} y={ROWS.number}>
        {edge}
      </Label>
      {pause ? <Pause x={x + COLUMN / 2} /> : null}
    </G>
  );
}

/** The stitch that is walked to. */
function Frame({ x }: { x: number }) {
  const c = usePalette();
  const d = `M${x - COLUMN / 2 + 2} 2h${COLUMN - 4}v${SEAM_TAPE - 4}h${-(COLUMN - 4)}z`;
  return <Path d={d} fill={c.tapeHi} stroke={c.tapeInk} strokeWidth={2.6} />;
}

/** The address of a hole of the host. */
function Hole({ x, name }: { x: number; name: SeamStitch['name'] }) {
  const { rounds, stitches } = holeTag(name);
  return (
    <>
      <Label x={x} y={ROWS.round}>
        {rounds}
      </Label>
      <Label x={x} y={ROWS.stitch}>
        {stitches}
      </Label>
    </>
  );
}

const sameHole = (a: SeamStitch, b: SeamStitch): boolean => a.round === b.round && a.coord === b.coord;

function Label({ x, y, children }: { x: number; y: number; children: string }) {
  const c = usePalette();
  return (
    <SvgText
      x={x}
      y={y}
      textAnchor="middle"
      fontFamily={`"${FAMILY.number}", monospace`}
      fontSize={13}
      fontWeight="600"
      letterSpacing={-0.8}
      fill={c.tapeInk}
    >
      {children}
    </SvgText>
  );
}

/** Stop here: the last fill goes in. */
function Pause({ x }: { x: number }) {
  const c = usePalette();
  const y = ROWS.edge - 18;
  return (
    <G>
      <Line
        x1={x}
        y1={6}
        x2={x}
        y2={SEAM_TAPE - 6}
        stroke={c.tapeInk}
        strokeWidth={1.3}
        strokeDasharray="4 3"
      />
      <Path d={`M${x - 9} ${y}l4.5 -8h9l4.5 8l-4.5 8h-9z`} fill={c.tapeInk} />
      <Path d={`M${x - 2.5} ${y - 4}v8M${x + 2.5} ${y - 4}v8`} stroke={c.tape} strokeWidth={2} />
    </G>
  );
}
