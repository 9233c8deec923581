import type { Loose } from './loose';

/**
 * Version 11 says when embroidery is done and what backs a washer, and may hold a picture. Before, the ends were tied inside, and a disc lay under each washer
 * where the fabric needed one.
 */
export function to11(file: Loose): Loose {
  const toy = file.toy as Loose;
  const features = (toy.features as Loose[]).map((f) => {
    if (f.kind === 'embroidery') return { ...f, when: 'before filling' };
    return f.kind === 'eyes' || f.kind === 'nose' ? { ...f, backing: 'as needed' } : f;
  });
  return { ...file, schema: 11, toy: { ...toy, schema: 11, features, photo: null } };
}
