import { batch } from './batch';
import { bench } from './bench';
import { desk } from './desk';
import { diary } from './diary';
import { face } from './face';
import { frame } from './frame';
import { giving } from './giving';
import { maker } from './maker';
import { meanings } from './meanings';
import { gauge } from './gauge';
import { joins } from './joins';
import { make } from './make';
import { parts } from './parts';
import { plan } from './plan';
import { safety } from './safety';
import { stage } from './stage';
import { storage } from './storage';
import { patch } from './patch';
import { photo } from './photo';
import { stitching } from './stitching';
import { surface } from './surface';
import { trainer } from './trainer';
import { working } from './working';

/** What the screens say: labels, buttons, spoken names, empty states. What the core says of a toy stands in the core. */
export const screenWords = {
  app: 'Hoppla',
  stations: {
    parts: 'Parts',
    face: 'Face',
    joins: 'Joins',
    plan: 'Plan',
    make: 'Make',
    gauge: 'Gauge',
    safety: 'Safety',
    bench: 'Bench',
  },
  toBench: (toy: string) => `${toy}: back to the Bench`,
  undo: 'Undo',
  redo: 'Redo',
  undid: (name: string) => `Took back: ${name}`,
  redid: (name: string) => `Did again: ${name}`,
  close: 'Close',
  loading: 'Laying out the mat',
  settings: 'Settings',
  batch,
  trainer,
  working,
  bench,
  desk,
  diary,
  face,
  frame,
  giving,
  maker,
  meanings,
  gauge,
  joins,
  make,
  parts,
  plan,
  safety,
  stage,
  storage,
  patch,
  photo,
  stitching,
  surface,
};
