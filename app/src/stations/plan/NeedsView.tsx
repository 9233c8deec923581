import { own } from '@hoppla/core/own';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { shoppingHtml } from '@hoppla/core/files';
import { costOf, endLine, materialLines, materialsOf, type MaterialLine, type Plan } from '@hoppla/core/plan';
import { changePlan } from '@hoppla/core/toy';
import { decimals, materialWords } from '@hoppla/core/words';
import { Amount, Num, PlainButton, Quiet, Scroll, Title, Words } from '../../controls';
import { edit, printDocument } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { YarnLabel } from './YarnLabel';

const say = words.plan;

/** What the toy takes: the shopping list with what is at home and what it costs, and every end of yarn. */
export function NeedsView({ plan }: { plan: Plan }) {
  const { wide } = useRoom();
  const { model } = useToy();
  const materials = useMemo(() => materialsOf(model, plan), [model, plan]);
  const lines = materialLines(model, materials);
  const groups = [...new Set(lines.map((l) => l.group))];
  const cost = costOf(model, materials);
  return (
    <Scroll
      contentContainerStyle={{
        width: '100%',
        maxWidth: wide ? 860 : undefined,
        alignSelf: 'center',
        padding: 16,
        gap: 8,
      }}
    >
      {groups.map((group) => (
        <View key={group} style={{ gap: 2 }}>
          <Title role="heading" aria-level={2}>
            {materialWords.groups[group]}
          </Title>
          {lines
            .filter((l) => l.group === group)
            .map((line) => (
              <Line key={line.key} line={line} />
            ))}
        </View>
      ))}
      {cost ? (
        <Words fontWeight="600">
          {materialWords.cost(decimals(cost.sum, 2))}
          {cost.without > 0 ? `; ${materialWords.costWithout(cost.without)}` : ''}
        </Words>
      ) : null}
      <View style={{ flexDirection: 'row', paddingVertical: 8 }}>
        <PlainButton label={say.printShopping} onPress={() => printDocument(shoppingHtml(model))} />
      </View>
      <Ends plan={plan} />
    </Scroll>
  );
}

/** One thing, with its sample of colour and the number that matters. A press opens what is at home and its price. */
function Line({ line }: { line: MaterialLine }) {
  const c = usePalette();
  const [open, setOpen] = useState(false);
  const sold = line.group !== 'tools';
  return (
    <View style={{ borderBottomWidth: 1, borderColor: c.line, paddingVertical: 8, gap: 4 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        {line.colour ? (
          <View
            style={{
              width: 22,
              height: 22,
              borderRadius: 11,
              backgroundColor: line.colour,
              borderWidth: 1.5,
              borderColor: c.edge,
            }}
          />
        ) : null}
        <Words flex={1} fontWeight="600">
          {line.name}
        </Words>
        {sold ? (
          <PlainButton label={open ? say.closeLine : say.openLine} onPress={() => setOpen(!open)} />
        ) : null}
      </View>
      <Num fontSize={16}>{line.amount}</Num>
      {line.notes.map((note) => (
        <Quiet key={note}>{note}</Quiet>
      ))}
      {open ? <AtHome line={line} /> : null}
      {open && line.group === 'yarn' ? <YarnLabel line={line} /> : null}
    </View>
  );
}

/** What is at home of a yarn, and what one costs. */
function AtHome({ line }: { line: MaterialLine }) {
  const { toy, units } = useToy();
  const have = own(toy.plan.have, line.key);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, paddingVertical: 6 }}>
      {line.group === 'yarn' ? (
        <Amount
          label={say.atHome}
          unit={units.weightOf}
          value={have === undefined ? null : have / units.oneG}
          note={say.noteIt}
          onSay={(value) => noted('have', line.key, value === null ? null : value * units.oneG)}
        />
      ) : null}
      <Amount
        label={say.price(line.group)}
        unit=""
        value={own(toy.plan.prices, line.key) ?? null}
        note={say.noteIt}
        onSay={(value) => noted('prices', line.key, value)}
      />
    </View>
  );
}

const noted = (of: 'have' | 'prices', key: string, value: number | null): void =>
  edit(say.noted[of], { station: 'plan' }, (so) => {
    const { [key]: _, ...rest } = so.plan[of];
    return changePlan(so, { [of]: value === null ? rest : { ...rest, [key]: value } });
  });

/** Every end of yarn and thread: how long it is cut, what for, where it hangs. */
function Ends({ plan }: { plan: Plan }) {
  const c = usePalette();
  const { model } = useToy();
  return (
    <View style={{ gap: 2 }}>
      <Title role="heading" aria-level={2}>
        {say.ends}
      </Title>
      {plan.ends.map((end, i) => {
        const told = endLine(end, model, false);
        return (
          <View
            key={`${end.copy}:${end.what}:${i}`}
            style={{
              flexDirection: 'row',
              gap: 10,
              paddingVertical: 8,
              borderBottomWidth: 1,
              borderColor: c.line,
            }}
          >
            <View style={{ flex: 1, minWidth: 0 }}>
              <Words fontWeight="600">{told.what}</Words>
              <Quiet>{told.detail}</Quiet>
            </View>
            <Num fontSize={18}>{told.length}</Num>
          </View>
        );
      })}
    </View>
  );
}
