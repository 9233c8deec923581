import { View } from 'react-native';
import { removeFeature } from '@hoppla/core/toy';
import type { PartModel, Patched, Sculpted, Stitched } from '@hoppla/core/model';
import { stitchWords, type UnitWords } from '@hoppla/core/words';
import { PlainButton, ProblemLine, Title } from '../../controls';
import { edit } from '../../documents';
import { screenWords as words } from '../../words';
import { PatchCard } from './PatchCard';
import { SculptCard } from './SculptCard';
import { StitchCard } from './StitchCard';
import type { EndAt, NeedledState } from './stitchEnds';

const say = words.stitching;

interface NeedleProps {
  part: PartModel;
  units: UnitWords;
  at: EndAt;
  setAt: (at: EndAt) => void;
}

/** What is open on a face: its name, its own card, and taking it off. */
export function NeedleCard({
  stitched,
  onBack,
  ...props
}: NeedleProps & { stitched: NeedledState; onBack: () => void }) {
  const { feature: f, fault } = stitched;
  const { part } = props;
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.on(f.name, part.name)}
      </Title>
      {fault ? (
        <ProblemLine where={f.name} sentence={stitchWords.faults[fault](f.name)} severity="error" />
      ) : null}
      <Card stitched={stitched} {...props} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton
          label={say.remove}
          onPress={() => (
            onBack(),
            edit(say.remove, { station: 'face', part: part.part.id }, (toy) => removeFeature(toy, f.id))
          )}
        />
      </View>
    </>
  );
}

function Card({ stitched, ...props }: NeedleProps & { stitched: NeedledState }) {
  switch (stitched.feature.kind) {
    case 'embroidery':
      return <StitchCard stitched={stitched as Stitched} {...props} />;
    case 'patch':
      return <PatchCard patched={stitched as Patched} {...props} />;
    case 'sculpt':
      return <SculptCard sculpted={stitched as Sculpted} {...props} />;
  }
}
