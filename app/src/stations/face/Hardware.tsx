import { useState } from 'react';
import { View } from 'react-native';
import type { EyePair, Nose } from '@hoppla/core/feature';
import { DISCS_MM } from '@hoppla/core/figures';
import { lengthMm } from '@hoppla/core/words';
import { Choice, Field, PlainButton, Quiet, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.face;
/** Felt rounds are cut wider than the eye by so much, mm. */
const FELT_OVER = [4, 7, 10];
const FELT_COLOUR = '#f1eee6';

type Fixed = EyePair | Nose;

/** What eyes and a nose have alike: colour, felt under them, post and washer as the maker's own are, and loose pieces. */
export function HardwareFields<T extends Fixed>({
  it,
  widthMm,
  plastic,
  onChange,
}: {
  it: T;
  widthMm: number;
  plastic: boolean;
  onChange: (it: T) => void;
}) {
  const { units } = useToy();
  const felts = ['0', ...FELT_OVER.map((mm) => String(widthMm + mm))];
  return (
    <>
      <Choice
        label={say.colour}
        options={Object.entries(say.colours).map(([id, label]) => ({ id, label }))}
        chosen={it.colour}
        onChoose={(colour) => onChange({ ...it, colour })}
      />
      <Choice
        label={it.kind === 'eyes' ? say.felt : say.feltOne}
        options={felts.map((mm) => ({ id: mm, label: mm === '0' ? say.noFelt : units.length(Number(mm)) }))}
        chosen={String(it.felt?.mm ?? 0)}
        onChoose={(mm) =>
          onChange({
            ...it,
            felt: mm === '0' ? null : { mm: Number(mm), colour: it.felt?.colour ?? FELT_COLOUR },
          })
        }
      />
      {plastic ? (
        <>
          <Words fontWeight="600">{say.hardware}</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <MmField label={say.postMm} mm={it.postMm} onChange={(postMm) => onChange({ ...it, postMm })} />
            <MmField
              label={say.washerMm}
              mm={it.washerMm}
              onChange={(washerMm) => onChange({ ...it, washerMm, washerKnown: true })}
            />
          </View>
          <Disc it={it} onChange={onChange} />
          <LoosePieces it={it} onChange={onChange} />
        </>
      ) : null}
    </>
  );
}

/** A length that is put in once it can be read; what is typed stays either way. */
export function MmField({
  label,
  mm,
  onChange,
}: {
  label: string;
  mm: number;
  onChange: (mm: number) => void;
}) {
  const { units } = useToy();
  const [typed, setTyped] = useState<string | null>(null);
  const take = (text: string) => {
    setTyped(text);
    const found = lengthMm(text, units.system);
    if (found !== null && found >= 0.5 && found <= 200) onChange(Math.round(found * 100) / 100);
  };
  return (
    <Field
      label={label}
      numeric
      unit={units.of}
      value={typed ?? (units.system === 'mm' ? String(mm) : units.bare(mm))}
      onChange={take}
      most={8}
    />
  );
}

/** The disc inside, between fabric and washer: as the fabric needs it, none on purpose, one that is sold, or another. */
function Disc<T extends Fixed>({ it, onChange }: { it: T; onChange: (it: T) => void }) {
  const { units } = useToy();
  const { backing } = it;
  const sizes = [...new Set([...DISCS_MM, ...(typeof backing === 'number' ? [backing] : [])])];
  return (
    <>
      <Choice
        label={say.disc}
        options={[
          { id: 'as needed', label: say.discAsNeeded },
          { id: 'none', label: say.discNone },
          ...sizes.map((mm) => ({ id: String(mm), label: units.length(mm) })),
        ]}
        chosen={String(backing)}
        onChoose={(id) => onChange({ ...it, backing: id === 'as needed' || id === 'none' ? id : Number(id) })}
      />
      {typeof backing === 'number' ? (
        <MmField label={say.discMm} mm={backing} onChange={(mm) => onChange({ ...it, backing: mm })} />
      ) : null}
    </>
  );
}

function LoosePieces<T extends Fixed>({ it, onChange }: { it: T; onChange: (it: T) => void }) {
  const { units } = useToy();
  const [name, setName] = useState('');
  const [size, setSize] = useState('');
  const mm = lengthMm(size, units.system);
  const ready = name.trim() !== '' && mm !== null && mm > 0;
  const add = () => {
    if (!ready) return;
    onChange({ ...it, loose: [...it.loose, { name: name.trim(), mm: Math.round(mm * 10) / 10 }] });
    setName('');
    setSize('');
  };
  return (
    <View style={{ gap: 8 }}>
      <Words fontWeight="600">{say.loose}</Words>
      <Quiet>{say.looseHow}</Quiet>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {it.loose.map((piece, i) => (
          <PlainButton
            key={`${piece.name}${i}`}
            label={say.looseOff(piece.name, piece.mm)}
            onPress={() => onChange({ ...it, loose: it.loose.filter((_, k) => k !== i) })}
          />
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'flex-end' }}>
        <Field label={say.looseName} value={name} onChange={setName} onDone={add} most={40} />
        <Field
          label={say.looseSize}
          numeric
          unit={units.of}
          value={size}
          onChange={setSize}
          onDone={add}
          most={8}
        />
        <PlainButton label={say.looseAdd} disabled={!ready} onPress={add} />
      </View>
    </View>
  );
}
