import { useRef, useState } from 'react';
import { View } from 'react-native';
import { newYarn, type Yarn } from '@hoppla/core/toy';
import { unitWords } from '@hoppla/core/words';
import { Field, numberTyped, PlainButton, Quiet, Title, Words } from '../../controls';
import { chooseFile, newId, useDevice } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';

const say = screenWords.maker;
/** The longer side of a photo that colours are taken from, px. */
const PHOTO_PX = 480;

/** Yarns at home: their colour, ball and hand, for Plan to take. */
export function YarnShelf() {
  const { maker, works } = useDevice();
  const [adding, setAdding] = useState(false);
  return (
    <View style={{ gap: 10 }}>
      <Title role="heading" aria-level={3}>
        {say.shelf}
      </Title>
      <Quiet>{say.shelfHow}</Quiet>
      {maker.shelf.map((yarn) => (
        <YarnRow
          key={yarn.slot}
          yarn={yarn}
          onRemove={() => works({ shelf: maker.shelf.filter((y) => y.slot !== yarn.slot) })}
        />
      ))}
      {adding ? (
        <NewYarn
          onKeep={(yarn) => {
            works({ shelf: [...maker.shelf, yarn] });
            setAdding(false);
          }}
        />
      ) : (
        <PlainButton label={say.add} onPress={() => setAdding(true)} />
      )}
    </View>
  );
}

/** A sample of a colour. */
function Sample({ colour }: { colour: string }) {
  const c = usePalette();
  return (
    <View
      style={{ width: 28, height: 28, backgroundColor: colour, borderWidth: 1.5, borderColor: c.edge }}
      aria-hidden
    />
  );
}

function YarnRow({ yarn, onRemove }: { yarn: Yarn; onRemove: () => void }) {
  const { maker } = useDevice();
  const units = unitWords(maker.units);
  const ball = yarn.ball
    ? `${units.weight(yarn.ball.grams)}, ${units.yarn(yarn.ball.metres * 1000)}`
    : yarn.colour;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 10 }}>
      <Sample colour={yarn.colour} />
      <View style={{ flex: 1, minWidth: 120 }}>
        <Words fontWeight="600">{yarn.name}</Words>
        <Quiet>{ball}</Quiet>
      </View>
      <PlainButton label={say.remove(yarn.name)} onPress={onRemove} />
    </View>
  );
}

/** A yarn as it is typed, its colour also from a photo. */
function NewYarn({ onKeep }: { onKeep: (yarn: Yarn) => void }) {
  const c = usePalette();
  const { maker } = useDevice();
  const units = unitWords(maker.units);
  const [name, setName] = useState('');
  const [colour, setColour] = useState('#9a5a3c');
  const [grams, setGrams] = useState('');
  const [metres, setMetres] = useState('');
  const isColour = /^#[0-9a-f]{6}$/i.test(colour);
  const [g, m] = [numberTyped(grams), numberTyped(metres)];
  const keep = () =>
    onKeep({
      ...newYarn(newId(), colour.toLowerCase()),
      name: name.trim(),
      ball: g && m ? { grams: g * units.oneG, metres: m * units.oneM } : null,
    });
  return (
    <View style={{ gap: 10 }}>
      <Field label={say.yarnName} value={name} onChange={setName} />
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 10 }}>
        <Field label={say.colour} value={colour} onChange={setColour} most={7} />
        <Sample colour={isColour ? colour : c.paper} />
      </View>
      {isColour ? null : (
        <Words role="alert" color={c.coralInk}>
          {say.colourBad}
        </Words>
      )}
      <FromPhoto onColour={setColour} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Field label={say.grams} value={grams} onChange={setGrams} unit={units.weightOf} numeric />
        <Field label={say.metres} value={metres} onChange={setMetres} unit={units.yarnOf} numeric />
      </View>
      <PlainButton label={say.keep} disabled={name.trim() === '' || !isColour} onPress={keep} />
    </View>
  );
}

/** A photo of the yarn: a touch takes the colour there. It is kept nowhere. */
function FromPhoto({ onColour }: { onColour: (colour: string) => void }) {
  const c = usePalette();
  const canvas = useRef<HTMLCanvasElement | null>(null);
  const [state, setState] = useState<'none' | 'shown' | 'bad'>('none');
  const choose = async () => {
    const file = await chooseFile('image/*');
    if (!file || !canvas.current) return;
    try {
      const picture = await createImageBitmap(new Blob([file.bytes]));
      const scale = Math.min(1, PHOTO_PX / Math.max(picture.width, picture.height));
      canvas.current.width = Math.round(picture.width * scale);
      canvas.current.height = Math.round(picture.height * scale);
      canvas.current
        .getContext('2d', { willReadFrequently: true })!
        .drawImage(picture, 0, 0, canvas.current.width, canvas.current.height);
      setState('shown');
    } catch {
      setState('bad');
    }
  };
  const touch = (event: React.PointerEvent<HTMLCanvasElement>) => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    const x = Math.floor(((event.clientX - left) * event.currentTarget.width) / width);
    const y = Math.floor(((event.clientY - top) * event.currentTarget.height) / height);
    const [r, g, b] = event.currentTarget.getContext('2d')!.getImageData(x, y, 1, 1).data;
    onColour(`#${[r, g, b].map((v) => v.toString(16).padStart(2, '0')).join('')}`);
  };
  return (
    <View style={{ gap: 6 }}>
      <PlainButton label={say.fromPhoto} onPress={() => void choose()} />
      {state === 'bad' ? (
        <Words role="alert" color={c.coralInk}>
          {say.photoBad}
        </Words>
      ) : null}
      {state === 'shown' ? <Quiet>{say.photoHow}</Quiet> : null}
      <canvas
        ref={canvas}
        role="img"
        aria-label={say.photoHow}
        onPointerDown={touch}
        style={{ display: state === 'shown' ? 'block' : 'none', maxWidth: '100%', cursor: 'crosshair' }}
      />
    </View>
  );
}
