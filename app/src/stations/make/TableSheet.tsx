import { Quiet, Sheet, Toggle } from '../../controls';
import { useDevice } from '../../documents';
import { screenWords } from '../../words';
import { useOwnVoice } from './useTable';

const say = screenWords.make;

/** How steps are ticked with yarn in both hands. */
export function TableSheet({ awake, onClose }: { awake: boolean; onClose: () => void }) {
  const { table, ticksBy } = useDevice();
  const voice = useOwnVoice();
  return (
    <Sheet title={say.table} onClose={onClose}>
      <Toggle
        label={say.anywhere}
        on={table.anywhere}
        onChange={(anywhere) => ticksBy({ ...table, anywhere })}
      />
      <Toggle label={say.spoken} on={table.spoken} onChange={(spoken) => ticksBy({ ...table, spoken })} />
      {table.spoken && !voice ? <Quiet role="alert">{say.spokenNone}</Quiet> : null}
      <Quiet>{say.keysHow}</Quiet>
      <Quiet>{awake ? say.awake : say.notAwake}</Quiet>
    </Sheet>
  );
}
