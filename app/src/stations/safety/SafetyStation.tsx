import { useState } from 'react';
import { View } from 'react-native';
import { attachedTo, CHECKS, checksMade, testRule, testsOf } from '@hoppla/core/safety';
import { testOf } from '@hoppla/core/record';
import { ReadingBand } from '../../controls';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { PiecesView } from './PiecesView';
import { PointsView } from './PointsView';
import { TestsView } from './TestsView';

const say = words.safety;

/** What of safety is looked at; each is opened by its number. */
export type SafetyView = 'points' | 'tests' | 'pieces';

/** Safety: could this hurt a child? Points in order of danger, tests of what is fixed on, pieces that were made. */
export function SafetyStation() {
  const c = usePalette();
  const { model, file, shield } = useToy();
  const [view, setView] = useState<SafetyView>('points');
  const tests = attachedTo(model).flatMap((thing) => testsOf(thing).map((kind) => ({ thing, kind })));
  const held = tests.filter(
    ({ thing, kind }) => testOf(file, thing, kind, testRule(model, thing, kind).target) === 'held',
  ).length;
  const opens = (of: SafetyView) => ({ chosen: view === of, onPress: () => setView(of) });
  const { stops, open } = shield;
  const signed = file.pieces.filter((p) => p.signedOff).length;
  return (
    <View style={{ flex: 1, backgroundColor: c.paper }}>
      <ReadingBand
        onMat
        label={say.whole}
        readings={[
          {
            value: String(stops > 0 ? stops : open),
            of: stops > 0 ? say.stops(stops) : say.points(open),
            range: stops > 0 ? say.andOpen(open) : say.checks(checksMade.length, CHECKS.length),
            ...opens('points'),
          },
          { value: String(held), of: say.tests, range: say.testsOf(tests.length), ...opens('tests') },
          {
            value: String(file.pieces.length),
            of: say.pieces(file.pieces.length),
            range: say.signed(signed),
            ...opens('pieces'),
          },
        ]}
      />
      {view === 'points' ? <PointsView onTests={() => setView('tests')} /> : null}
      {view === 'tests' ? <TestsView /> : null}
      {view === 'pieces' ? <PiecesView /> : null}
    </View>
  );
}
