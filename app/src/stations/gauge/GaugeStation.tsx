import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { type HookSystem } from '@hoppla/core/figures';
import { changeSettings, measureGauge } from '@hoppla/core/toy';
import { type Units } from '@hoppla/core/words';
import { Choice, MainAction, PlainButton, Quiet, Scroll, Title } from '../../controls';
import { edit, newId } from '../../documents';
import { usePalette } from '../../theme';
import { matAbove, paperBeside, RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { saidBy, WAYS, type Measured } from '@hoppla/core/model';
import { foundWords } from './said';
import { MeasurePicture } from './MeasurePicture';
import { YarnSheet } from './YarnSheet';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { Typing } from './TypingPanel';
import { Becomes, Standing } from './StandingPanel';
import { YarnAndHook } from './YarnPanel';

const say = words.gauge;

/** Gauge: what is a stitch of mine in millimetres, and what would another yarn make? */
export function GaugeStation() {
  const c = usePalette();
  const router = useRouter();
  const room = useRoom();
  const { width, height, wide } = room;
  const { part, toy, units, writing } = useToy();
  const [measured, setMeasured] = useState<Measured>({
    way: 'stitches',
    on: 'width',
    side: 'right',
    typed: '',
    typedHeight: '',
  });
  const [trying, setTrying] = useState(false);
  if (!part) {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper, padding: 24, gap: 12 }}>
        <Title role="heading" aria-level={2}>
          {words.parts.emptyTitle}
        </Title>
        <View style={{ flexDirection: 'row' }}>
          <MainAction label={words.plan.toParts} onPress={() => router.push(hrefOf(toy.id, 'parts'))} />
        </View>
      </View>
    );
  }
  const named = toy.gauges.find((g) => g.id === part.part.gauge) ?? toy.gauges[0];
  const said = saidBy(measured, part, named, units.system);
  const paper = wide ? paperBeside(width, 460) : width;
  const stage = wide ? width - RAIL - paper : width;
  const mat = wide ? height - 56 : matAbove(room, { least: 150, most: 260, share: 0.27, needs: 110 });
  const use = () => {
    if (said.state !== 'good') return;
    edit(say.use(foundWords(said.found, units)), { station: 'gauge', part: part.part.id }, (so) =>
      measureGauge(so, part.part.id, said.change, newId),
    );
    setMeasured({ ...measured, typed: '', typedHeight: '' });
  };
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <MeasurePicture part={part} measured={measured} said={said} width={stage} height={mat} />
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        <Scroll keyboardShouldPersistTaps="handled" contentContainerStyle={{ padding: 16, gap: 14 }}>
          <Title role="heading" aria-level={2}>
            {say.of(part.name)}
          </Title>
          <Choice
            label={say.ways}
            options={WAYS.map((id) => ({ id, label: say.way[id] }))}
            chosen={measured.way}
            onChoose={(way) => setMeasured({ ...measured, way, typed: '' })}
          />
          <Quiet>{say.how[measured.way]}</Quiet>
          <Typing
            measured={measured}
            said={said}
            part={part}
            units={units}
            onChange={setMeasured}
            onUse={use}
          />
          {said.state === 'good' ? <Becomes part={part} toy={toy} said={said} units={units} /> : null}
          <Standing part={part} gauge={named} units={units} />
          <YarnAndHook part={part} gauge={named} />
          <View style={{ flexDirection: 'row' }}>
            <PlainButton label={say.change} onPress={() => setTrying(true)} grow />
          </View>
          <Choice
            label={say.units}
            options={(['mm', 'inch'] as Units[]).map((id) => ({ id, label: say.unitNames[id] }))}
            chosen={toy.settings.units}
            onChoose={(id) =>
              edit(`${say.units}: ${id}`, { station: 'gauge', part: part.part.id }, (so) =>
                changeSettings(so, { units: id }),
              )
            }
          />
          <Choice
            label={say.hooks}
            options={(['mm', 'letter', 'number'] as HookSystem[]).map((id) => ({
              id,
              label: say.hookSystems[id],
            }))}
            chosen={toy.settings.hooks}
            onChoose={(id) =>
              edit(`${say.hooks}: ${id}`, { station: 'gauge', part: part.part.id }, (so) =>
                changeSettings(so, { hooks: id }),
              )
            }
          />
        </Scroll>
        <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
          <MainAction
            label={said.state === 'good' ? say.use(foundWords(said.found, units)) : say.typeFirst}
            disabled={said.state !== 'good' || !writing}
            onPress={use}
          />
        </View>
      </View>
      {trying ? <YarnSheet part={part} gauge={named} onClose={() => setTrying(false)} /> : null}
    </View>
  );
}
