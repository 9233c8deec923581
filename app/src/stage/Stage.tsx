import { LittleRoom } from '../controls';
import { LooseStage, type StageProps } from './LooseStage';

/** The toy on the mat, stitch by stitch: turned, counted, touched and measured. Letters on the mat grow little: its room is the toy's. */
export function Stage(props: StageProps) {
  return (
    <LittleRoom>
      <LooseStage {...props} />
    </LittleRoom>
  );
}
