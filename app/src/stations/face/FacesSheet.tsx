import { type FaceChoice, facesOf, type EyePair, type Head } from '@hoppla/core/feature';
import { type UnitWords } from '@hoppla/core/words';
import { type SetStateAction, type Dispatch } from 'react';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { pairTag } from '@hoppla/core/address';
import type { Placed } from '@hoppla/core/join';
import { setFeature } from '@hoppla/core/toy';
import { modelToy, type PartModel } from '@hoppla/core/model';
import { faceWords } from '@hoppla/core/words';
import { MainAction, Num, Press, Quiet, Sheet, Words } from '../../controls';
import { boundsOf, Stage, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { faceOf } from './FaceMat';
import { screenWords as words } from '../../words';

const say = words.face;
/** px of one face: two and a bit of the third are seen on a phone. */
const SLOT = 142;
const TALL = 150;

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
  // Each face is this toy with other eyes; its head stands in its own slot, with what is sewn on it.
  const { standing, pxPerMm } = useMemo(() => {
    const all = faces.map((face, i) => {
      const model = modelToy({ ...setFeature(toy, face.eyes), id: `${toy.id}-${i}` });
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
  }, [faces, toy, part.part.id]);
  const face = faces[chosen] ?? faces[0];
  const width = faces.length * SLOT;
  return (
    <Sheet
      title={say.facesTitle}
      onClose={onClose}
      foot={
        <MainAction
          label={!face || chosen === 0 ? say.keepFace : say.takeFace(pairTag(face.at.names))}
          onPress={() => (onClose(), chosen > 0 ? change(say.faces, part, face.eyes) : undefined)}
        />
      }
    >
      <Quiet>{say.facesHow}</Quiet>
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
      <View
        style={{
          backgroundColor: c.matDeep,
          paddingHorizontal: 8,
          paddingVertical: 2,
          alignItems: 'center',
        }}
      >
        <Words
          fontSize={15}
          lineHeight={19}
          fontWeight="600"
          color={c.matInk}
        >{`${index === chosen ? '✓ ' : ''}${faceWords.faces[face.name]}`}</Words>
        <Num
          fontSize={13}
          lineHeight={17}
          color={c.tape}
        >{`R${face.at.names[0].round[0]}·${face.at.names[0].round[1]}, ${units.length(face.at.spacing.straightMm.value)}`}</Num>
      </View>
    </Press>
  );
}
