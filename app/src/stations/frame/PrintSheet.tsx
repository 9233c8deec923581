import { useState } from 'react';
import { sheetHtml } from '@hoppla/core/files';
import type { Terms } from '@hoppla/core/notation';
import { daySaid } from '@hoppla/core/words';
import { Choice, MainAction, Quiet, Sheet, Toggle } from '../../controls';
import { printDocument } from '../../documents';
import { screenWords } from '../../words';
import { useToy } from './useToy';

const say = screenWords.frame;

/** The pattern on paper: in which terms, how large, with colours or without. */
export function PrintSheet({ onClose }: { onClose: () => void }) {
  const { model, toy } = useToy();
  const [terms, setTerms] = useState<Terms>(toy.settings.terms);
  const [large, setLarge] = useState(false);
  const [plain, setPlain] = useState(false);
  const print = () => {
    const day = daySaid(new Date().toISOString().slice(0, 10));
    printDocument(sheetHtml(model, { terms, large, plain, day }));
    onClose();
  };
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
