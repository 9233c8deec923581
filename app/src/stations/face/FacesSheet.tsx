import { boundsOf } from '@hoppla/core/picture';
import { EXPRESSIONS, type FaceChoice, facesOf, type EyePair, type Head } from '@hoppla/core/feature';
import { type UnitWords } from '@hoppla/core/words';
import { type SetStateAction, type Dispatch } from 'react';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { pairTag } from '@hoppla/core/address';
import type { Placed } from '@hoppla/core/join';
import { setFeature, type Toy } from '@hoppla/core/toy';
import { hasSnout, modelToy, withExpression, type PartModel } from '@hoppla/core/model';
import { faceWords } from '@hoppla/core/words';
import { Choice, MainAction, Num, Press, Quiet, Sheet, Words } from '../../controls';
import { Stage, useHold } from '../../stage';
import { edit, newId } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { faceOf } from './FaceMat';
import { screenWords as words } from '../../words';

const say = words.face;
/** px of one face: two and a bit of the third are seen on a phone. */
const SLOT = 142;
const TALL = 150;

/** What is chosen among: eyes alone, or whole faces that say something. */
const SAYS = ['eyes only', ...EXPRESSIONS] as const;
type Says = (typeof SAYS)[number];

const takeLabel = (face: FaceChoice | undefined, same: boolean, says: Says): string => {
  if (!face || same) return say.keepFace;
  return says === 'eyes only'
    ? say.takeFace(pairTag(face.at.names))
    : say.takeWhole(say.saysOf[says], faceWords.faces[face.name]);
};

/** A toy with another face: its eyes, and all about them where it says something. */
function withFace(toy: Toy, { eyes }: FaceChoice, says: Says): Toy {
  const eyed = setFeature(toy, eyes);
  return says === 'eyes only' ? eyed : withExpression(eyed, eyes.part, says, newId);
}

/** A few faces of this head side by side on the mat, each a real pair of places; one is chosen. */
export function FacesSheet({
  part,
  head,
  eyes,
  onClose,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  onClose: () => void;
}) {
  const c = usePalette();
  const { toy, units } = useToy();
  const [chosen, setChosen] = useState(0);
  const [hold, setHold] = useHold();
  const faces = useMemo(() => facesOf(head, eyes), [head, eyes]);
  const [says, setSays] = useState<Says>('eyes only');
  // Each face is this toy with other eyes; its head stands in its own slot, with what is sewn on it.
  const { standing, pxPerMm } = useMemo(() => {
    const all = faces.map((face, i) => {
      const model = modelToy({ ...withFace(toy, face, says), id: `${toy.id}-${i}` });
      const { placed } = faceOf(model, part.part.id);
      return { model, placed, bounds: boundsOf(placed) };
    });
    const scale = Math.min(
      ...all.map(({ bounds: { left, right, top, bottom } }) =>
        Math.min((SLOT - 14) / Math.max(20, right - left), (TALL - 20) / Math.max(20, bottom - top)),
      ),
      9,
    );
    const moved = (
      p: Placed,
      { left, right, top, bottom }: ReturnType<typeof boundsOf>,
      i: number,
    ): Placed => ({
      ...p,
      placement: {
        ...p.placement,
        shift: [
          p.placement.shift[0] + ((i + 0.5) * SLOT) / scale - (left + right) / 2,
          p.placement.shift[1] + (top + bottom) / 2,
          p.placement.shift[2],
        ],
      },
    });
    return {
      standing: all.map(({ model, placed, bounds }, i) => ({
        model,
        placed: placed.map((p) => moved(p, bounds, i)),
      })),
      pxPerMm: scale,
    };
  }, [faces, toy, says, part.part.id]);
  const face = faces[chosen] ?? faces[0];
  const width = faces.length * SLOT;
  const same = chosen === 0 && says === 'eyes only';
  return (
    <Sheet
      title={say.facesTitle}
      onClose={onClose}
      foot={
        <MainAction
          label={takeLabel(face, same, says)}
          onPress={() => {
            onClose();
            const where = { station: 'face', part: part.part.id, feature: eyes.id } as const;
            if (face && !same) edit(say.faces, where, (now) => withFace(now, face, says));
          }}
        />
      }
    >
      <Quiet>{say.facesHow}</Quiet>
      <Choice
        label={say.says}
        options={SAYS.map((id) => ({ id, label: say.saysOf[id] }))}
        chosen={says}
        onChoose={setSays}
      />
      {says !== 'eyes only' && hasSnout(toy, part.part.id) ? <Quiet>{say.onSnout}</Quiet> : null}
      <ScrollView
        horizontal
        style={{ marginHorizontal: -16, backgroundColor: c.mat }}
        contentContainerStyle={{ width, height: TALL + 58 }}
      >
        <Stage
          width={width}
          height={TALL + 58}
          label={say.facesTitle}
          toys={standing}
          units={units}
          rest={{ x: 0, y: TALL / 2, pxPerMm }}
          rulers={null}
          hold={hold}
          setHold={setHold}
          still
        />
        <View
          role="radiogroup"
          aria-label={say.facesTitle}
          style={{ position: 'absolute', left: 0, top: 0, flexDirection: 'row' }}
        >
          {faces.map((f, i) => (
            <FaceRow key={f.name} face={f} index={i} chosen={chosen} setChosen={setChosen} units={units} />
          ))}
        </View>
      </ScrollView>
    </Sheet>
  );
}

/** Its name, and the place and distance of its eyes. */
function FaceLabel({ face, chosen, units }: { face: FaceChoice; chosen: boolean; units: UnitWords }) {
  const c = usePalette();
  const [over, under] = face.at.names[0].round;
  return (
    <View
      style={{ backgroundColor: c.matDeep, paddingHorizontal: 8, paddingVertical: 2, alignItems: 'center' }}
    >
      <Words fontSize={15} lineHeight={19} fontWeight="600" color={c.matInk}>
        {`${chosen ? '✓ ' : ''}${faceWords.faces[face.name]}`}
      </Words>
      <Num fontSize={13} lineHeight={17} color={c.tape}>
        {`R${over}·${under}, ${units.length(face.at.spacing.straightMm.value)}`}
      </Num>
    </View>
  );
}

/** One face to choose. */
function FaceRow({
  face,
  index,
  chosen,
  setChosen,
  units,
}: {
  face: FaceChoice;
  index: number;
  chosen: number;
  setChosen: Dispatch<SetStateAction<number>>;
  units: UnitWords;
}) {
  const c = usePalette();
  return (
    <Press
      role="radio"
      chosen={index === chosen}
      label={say.facesOf(
        faceWords.faces[face.name],
        (100 * face.line).toFixed(0),
        face.at.spacing.stitchesBetween,
      )}
      onPress={() => setChosen(index)}
      style={{
        width: SLOT,
        height: TALL + 58,
        justifyContent: 'flex-end',
        alignItems: 'center',
        borderWidth: 3,
        borderColor: index === chosen ? c.tape : 'transparent',
        paddingBottom: 4,
      }}
    >
      <FaceLabel face={face} chosen={index === chosen} units={units} />
    </Press>
  );
}
