import { decimals } from '@hoppla/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { hookMm, hookName, type HookSystem } from '@hoppla/core/figures';
import { fromLabel } from '@hoppla/core/gauge';
import { addGauge, changeGauge, changePart, changeYarn, type NamedGauge } from '@hoppla/core/toy';
import { type PartModel } from '@hoppla/core/model';
import { Choice, Field, numberTyped, PlainButton, Quiet, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.gauge;

/** What a ball's label says: so many grams on so many metres. */
function Label({ gauge, part }: { gauge: NamedGauge; part: string }) {
  const [grams, setGrams] = useState('');
  const [metres, setMetres] = useState('');
  const number = (typed: string) => numberTyped(typed) ?? NaN;
  const found = fromLabel(number(grams), number(metres));
  const use = () => {
    if (found.fault !== undefined) return;
    edit(say.label, { station: 'gauge', part }, (so) => changeGauge(so, gauge.id, found.change));
    setGrams('');
    setMetres('');
  };
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">
        {gauge.gramsPerMetre === undefined
          ? say.label
          : `${say.label}: ${say.labelSays(decimals(gauge.gramsPerMetre, 2))}`}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Field
          label={`${say.label}, ${say.labelGrams}`}
          hideLabel
          numeric
          value={grams}
          onChange={setGrams}
          unit={say.labelGrams}
          most={6}
        />
        <Field
          label={`${say.label}, ${say.labelMetres}`}
          hideLabel
          numeric
          value={metres}
          onChange={setMetres}
          onDone={use}
          unit={say.labelMetres}
          most={6}
        />
        <PlainButton label={say.setLabel} disabled={found.fault !== undefined} onPress={use} />
      </View>
      {grams !== '' && metres !== '' && found.fault !== undefined ? (
        <Quiet role="alert">{say.notLabel}</Quiet>
      ) : null}
    </View>
  );
}

/** The hook of a part as it is known: said, only assumed, or said in words that are no one hook. */
function hookSaid(part: PartModel, gauge: NamedGauge, hooks: HookSystem): string {
  const { hookBy, hookMm: mm } = part.gauge;
  if (hookBy === 'not known') return say.hookNotKnown(part.reading.hookNotKnown ?? gauge.hookWords ?? '');
  return hookBy === 'assumed' ? say.hookNotSaid(hookName(mm, hooks)) : hookName(mm, hooks);
}

/** The yarn and hook this part is made with, and how its maker works. */
export function YarnAndHook({ part, gauge }: { part: PartModel; gauge: NamedGauge }) {
  const { toy } = useToy();
  const [hook, setHook] = useState('');
  const id = part.part.id;
  const change = (name: string, to: Partial<NamedGauge>) =>
    edit(name, { station: 'gauge', part: id }, (so) => changeGauge(so, gauge.id, to));
  const shown = (g: NamedGauge) =>
    g.name ||
    [g.yarn, say.unnamed(hookName(g.id === gauge.id ? part.gauge.hookMm : g.hookMm, toy.settings.hooks))]
      .filter(Boolean)
      .join(', ');
  const typed = hookMm(hook);
  const setTo = () => {
    if (typed === null) return;
    edit(`${say.hook}: ${hookName(typed, toy.settings.hooks)}`, { station: 'gauge', part: id }, (so) =>
      changeYarn(so, gauge.id, { hookMm: typed, yarn: gauge.yarn }, newId),
    );
    setHook('');
  };
  const own = part.part.pose;
  return (
    <View style={{ gap: 12 }}>
      {toy.gauges.length > 1 ? (
        <Choice
          label={say.which_}
          options={toy.gauges.map((g) => ({ id: g.id, label: shown(g) }))}
          chosen={gauge.id}
          onChoose={(g) =>
            edit(say.which_, { station: 'gauge', part: id }, (so) => changePart(so, id, { gauge: g }))
          }
        />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field
          label={`${say.hook}: ${hookSaid(part, gauge, toy.settings.hooks)}`}
          value={hook}
          onChange={setHook}
          onDone={setTo}
          placeholder={say.hookHint}
          most={12}
        />
        <PlainButton label={say.setHook} disabled={typed === null} onPress={setTo} />
      </View>
      {hook !== '' && typed === null ? <Quiet role="alert">{say.notHook}</Quiet> : null}
      <Label gauge={gauge} part={id} />
      <Choice
        label={say.hand}
        options={(['right', 'left'] as const).map((h) => ({ id: h, label: say.hands[h] }))}
        chosen={gauge.hand}
        onChoose={(hand) => change(say.hands[hand], { hand })}
      />
      <Choice
        label={say.pull}
        options={[
          { id: 'over', label: say.over },
          { id: 'under', label: say.under },
        ]}
        chosen={gauge.yarnUnder ? 'under' : 'over'}
        onChoose={(pull) => change(pull === 'under' ? say.under : say.over, { yarnUnder: pull === 'under' })}
      />
      <Choice
        label={say.out}
        options={(['right side', 'wrong side'] as const).map((s) => ({ id: s, label: say.sides[s] }))}
        chosen={own.out}
        onChoose={(out) =>
          edit(`${say.out}: ${out}`, { station: 'gauge', part: id }, (so) =>
            changePart(so, id, { pose: { ...own, out } }),
          )
        }
      />
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={say.another}
          grow
          onPress={() =>
            edit(say.another, { station: 'gauge', part: id }, (so) =>
              addGauge(so, id, say.anotherName(part.name), newId),
            )
          }
        />
      </View>
    </View>
  );
}
