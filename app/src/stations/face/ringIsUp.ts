import type { PartModel } from '@hoppla/core/model';

/** Whether the part stands with its ring above. */
export const ringIsUp = (part: PartModel): boolean => part.ringIs !== 'sole' && part.ringIs !== 'chin';
