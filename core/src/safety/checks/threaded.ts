import { copyName, modelOf } from '../../model';
import { safetyWords as say } from '../../words';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Of check 5 what the toy itself says: limbs that hang on a yarn. Buttons are only known by words. */
export function threadedChecks({ model, age }: Checked): SafetyPoint[] {
  return model.drawn.flatMap(({ join }): SafetyPoint[] =>
    join.kind === 'threaded'
      ? [
          {
            id: `threaded:${join.id}`,
            check: 5,
            weight: isUnder36(age) ? 'stop' : 'open',
            part: join.guest.part,
            join: join.id,
            ...(isUnder36(age) ? {} : { tests: `join:${join.id}:${join.guest.copy}` }),
            title: say.threaded(
              modelOf(model, join.guest.part).name,
              copyName(modelOf(model, join.at.part), join.at.copy),
            ),
            reason: isUnder36(age) ? say.threadedSmall : say.threadedOlder,
            mend: isUnder36(age) ? say.threadedMend : say.threadedTest,
          },
        ]
      : [],
  );
}
