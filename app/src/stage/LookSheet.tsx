import { decimals } from '@hoppla/core/words';
import { VIEWS, type ViewName, viewName } from '@hoppla/core/picture';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice, MainAction, PlainButton, Quiet, Sheet, Words } from '../controls';
import { useDevice } from '../documents';
import { usePalette } from '../theme';
import { STRAIGHT, type Hold, type SetHold } from './hold';
import { screenWords } from '../words';

const say = screenWords.stage;

/** A bank card. Source: ISO/IEC 7810, ID-1. */
const CARD = { widthMm: 85.6, heightMm: 53.98 };
/** px of a millimetre by the browser's own word: 96 px an inch. Source: CSS Values, absolute lengths. */
const BROWSER_PX_PER_MM = 96 / 25.4;

interface LookSheetProps {
  hold: Hold;
  setHold: SetHold;
  rest: { pxPerMm: number };
  measuring: boolean;
  onMeasure: (on: boolean) => void;
  onClose: () => void;
}

/** Life-size, all of it, or the screen measured again. */
function SizeChoice(to: {
  onLife: () => void;
  onFit: () => void;
  /** null while the screen was never measured: life-size asks then */ onCard: (() => void) | null;
}) {
  return (
    <>
      <Words fontWeight="600">{say.size}</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.lifeSize} onPress={to.onLife} />
        <PlainButton label={say.fit} onPress={to.onFit} />
        {to.onCard ? <PlainButton label={say.calibrate} onPress={to.onCard} /> : null}
      </View>
    </>
  );
}

/** From where, whole or cut away, measuring, and life-size. */
export function LookSheet({ hold, setHold, rest, measuring, onMeasure, onClose }: LookSheetProps) {
  const device = useDevice();
  const [card, setCard] = useState(false);
  const done = (change: (hold: Hold) => Hold) => {
    setHold(change);
    onClose();
  };
  const lifeSize = (pxPerMm: number) =>
    done((h) => ({ ...h, zoom: pxPerMm / rest.pxPerMm, panX: 0, panY: 0 }));
  if (card)
    return (
      <CardSheet
        known={device.pxPerMm}
        onClose={() => setCard(false)}
        onDone={(pxPerMm) => (device.measured(pxPerMm), lifeSize(pxPerMm))}
      />
    );
  return (
    <Sheet title={say.lookTitle} onClose={onClose}>
      <Choice
        label={say.view}
        options={(Object.keys(VIEWS) as ViewName[]).map((id) => ({ id, label: say.views[id] }))}
        chosen={viewName(hold)}
        onChoose={(id) => done((h) => ({ ...h, ...VIEWS[id] }))}
      />
      <Choice
        label={say.inside}
        options={[
          { id: 'whole', label: say.whole },
          { id: 'cut', label: say.cut },
        ]}
        chosen={hold.cut ? 'cut' : 'whole'}
        onChoose={(id) => done((h) => ({ ...h, cut: id === 'cut' }))}
      />
      <Words fontWeight="600">{say.measure}</Words>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={measuring ? say.measureEnd : say.measureFrom}
          onPress={() => (onMeasure(!measuring), onClose())}
        />
      </View>
      <SizeChoice
        onLife={() => (device.pxPerMm ? lifeSize(device.pxPerMm) : setCard(true))}
        onFit={() => done((h) => ({ ...h, zoom: STRAIGHT.zoom, panX: 0, panY: 0 }))}
        onCard={device.pxPerMm ? () => setCard(true) : null}
      />
    </Sheet>
  );
}

/** A card's outline on the screen, changed until a real card is as wide. */
function CardSheet({
  known,
  onClose,
  onDone,
}: {
  known: number | null;
  onClose: () => void;
  onDone: (pxPerMm: number) => void;
}) {
  const c = usePalette();
  const [px, setPx] = useState(known ?? BROWSER_PX_PER_MM);
  const by = (k: number) => () => setPx((now) => Math.max(1.5, Math.min(14, now + k)));
  return (
    <Sheet
      title={say.calibrate}
      onClose={onClose}
      foot={<MainAction label={say.calibrated} onPress={() => onDone(px)} />}
    >
      <Quiet>{say.calibrateHow}</Quiet>
      <View style={{ overflow: 'hidden', marginHorizontal: -12 }}>
        <View
          role="img"
          aria-label={say.cardWidth(decimals(CARD.widthMm * (px / BROWSER_PX_PER_MM), 1))}
          style={{
            width: CARD.widthMm * px,
            height: CARD.heightMm * px,
            borderWidth: 3,
            borderColor: c.tape,
            borderRadius: 3.2 * px,
            backgroundColor: c.matDeep,
          }}
        />
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={`−− ${say.narrower}`} onPress={by(-0.1)} />
        <PlainButton label={`− ${say.narrower}`} onPress={by(-0.01)} />
        <PlainButton label={`+ ${say.wider}`} onPress={by(0.01)} />
        <PlainButton label={`++ ${say.wider}`} onPress={by(0.1)} />
      </View>
    </Sheet>
  );
}
