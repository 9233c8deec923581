import { bandOf, profileOf } from '@hoppla/core/safety';
import { RULES, setRule, type RuleId } from '@hoppla/core/toy';
import { safetyWords } from '@hoppla/core/words';
import { Amount, Quiet, Sheet, Title } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.safety;

/** The maker's own limits for the age that the toy is for; an empty one is the stricter of the profiles. */
export function OwnRules({ onClose }: { onClose: () => void }) {
  const { toy } = useToy();
  const band = bandOf(toy.settings.age);
  const usual = profileOf({ ...toy, safety: { ...toy.safety, own: {} } }).limits[band];
  const told = (rule: RuleId): string =>
    usual[rule] === null ? say.ruleNone : say.ruleAs(`${usual[rule]} ${say.ruleUnits[rule]}`);
  return (
    <Sheet title={say.rules} onClose={onClose}>
      <Title>{safetyWords.ages[band]}</Title>
      <Quiet>{say.rulesHow}</Quiet>
      {RULES.map((rule) => (
        <Amount
          key={rule}
          label={`${say.ruleNames[rule]} (${told(rule)})`}
          unit={say.ruleUnits[rule]}
          value={toy.safety.own[band]?.[rule] ?? null}
          note={say.noteIt}
          onSay={(value) =>
            edit(say.ruleSaid(say.ruleNames[rule]), { station: 'safety' }, (so) =>
              setRule(so, band, rule, value === 0 ? null : value),
            )
          }
        />
      ))}
    </Sheet>
  );
}
