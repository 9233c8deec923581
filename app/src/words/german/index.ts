import type { Said } from '@hoppla/core/words';
import type { screenWords as english } from '../index';
import { batch } from './batch';
import { bench } from './bench';
import { desk } from './desk';
import { diary } from './diary';
import { face } from './face';
import { frame } from './frame';
import { gauge } from './gauge';
import { giving } from './giving';
import { joins } from './joins';
import { make } from './make';
import { maker } from './maker';
import { meanings } from './meanings';
import { parts } from './parts';
import { patch } from './patch';
import { photo } from './photo';
import { plan } from './plan';
import { safety } from './safety';
import { stage } from './stage';
import { stitching } from './stitching';
import { storage } from './storage';
import { surface } from './surface';
import { trainer } from './trainer';
import { working } from './working';

/** Was die Bildschirme sagen, auf Deutsch. */
export const germanOfScreens: Said<typeof english> = {
  app: 'Hoppla',
  stations: {
    parts: 'Teile',
    face: 'Gesicht',
    joins: 'Verbinden',
    plan: 'Plan',
    make: 'Häkeln',
    gauge: 'Maschenprobe',
    safety: 'Sicherheit',
    bench: 'Werkbank',
  },
  toBench: (toy) => `${toy}: zurück zur Werkbank`,
  undo: 'Zurücknehmen',
  redo: 'Wieder tun',
  undid: (name) => `Zurückgenommen: ${name}`,
  redid: (name) => `Wieder getan: ${name}`,
  close: 'Schließen',
  loading: 'Die Matte wird ausgelegt',
  settings: 'Einstellungen',
  batch,
  bench,
  desk,
  diary,
  face,
  frame,
  gauge,
  giving,
  joins,
  make,
  maker,
  meanings,
  parts,
  patch,
  photo,
  plan,
  safety,
  stage,
  stitching,
  storage,
  surface,
  trainer,
  working,
};
