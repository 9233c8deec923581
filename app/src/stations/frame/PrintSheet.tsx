import { useState } from 'react';
import type { Terms } from '@hoppla/core/notation';
import { Choice, MainAction, Quiet, Sheet, Toggle } from '../../controls';
import { screenWords } from '../../words';
import { printPattern } from './printPattern';
import { useToy } from './useToy';

const say = screenWords.frame;

/** The pattern on paper: in which terms, how large, with colours or without. */
export function PrintSheet({ onClose }: { onClose: () => void }) {
  const { model, toy } = useToy();
  const [terms, setTerms] = useState<Terms>(toy.settings.terms);
  const [large, setLarge] = useState(false);
  const [plain, setPlain] = useState(false);
  const print = () => (printPattern(model, { terms, large, plain }), onClose());
  return (
    <Sheet title={say.print} onClose={onClose} foot={<MainAction label={say.printIt} onPress={print} />}>
      <Quiet>{say.printHow}</Quiet>
      <Choice
        label={say.printTerms}
        options={(['us', 'uk'] as const).map((id) => ({ id, label: say.terms[id] }))}
        chosen={terms}
        onChoose={setTerms}
      />
      <Toggle label={say.printLarge} on={large} onChange={setLarge} />
      <Toggle label={say.printPlain} on={plain} onChange={setPlain} />
    </Sheet>
  );
}
