import type { Said } from '../language';
import type { planWords } from '../plan';

type English = Said<typeof planWords>;

const wer = (by: 'text' | 'maker'): string => (by === 'text' ? 'der Text setzt sie' : 'du setzt sie');

/** Wann Augen und Nase hineinkommen, auf Deutsch. */
export const posts: English['posts'] = {
  eyes: {
    called: 'Augen',
    titles: {
      inTime: 'Jetzt die Augen',
      comfortable: 'Jetzt die Augen: zum letzten Mal bequem',
      possible: 'Jetzt die Augen: zum letzten Mal möglich, es wird eng',
      early: 'Jetzt die Augen, vor dem Füllen',
      late: 'Augen: das Loch ist schon zu klein',
      embroider: 'Die Augen sticken',
      notKnown: 'Augen: bis wann, ist nicht bekannt',
    },
    size: ([mm]) => `2 × ${mm} mm`,
  },
  nose: {
    called: 'Nase',
    titles: {
      inTime: 'Jetzt die Nase',
      comfortable: 'Jetzt die Nase: zum letzten Mal bequem',
      possible: 'Jetzt die Nase: zum letzten Mal möglich, es wird eng',
      early: 'Jetzt die Nase, vor dem Füllen',
      late: 'Nase: das Loch ist schon zu klein',
      embroider: 'Die Nase sticken',
      notKnown: 'Nase: bis wann, ist nicht bekannt',
    },
    size: ([width, height]) => `${width} × ${height} mm`,
  },
};

/** Warum der Plan sie anders setzt, als gesagt wurde. */
export const postsMoved: English['postsMoved'] = {
  late: (what, by, said, instead) =>
    `${what}: ${wer(by)} nach ${said} ein; dann ist das Loch zu klein oder zu tief. Der Plan macht es nach ${instead}.`,
  filled: (what, by, said, instead) =>
    `${what}: ${wer(by)} nach ${said} ein, und es ist vorher gefüllt. Der Plan macht es nach ${instead}.`,
  early: (what, by, said, instead) =>
    `${what}: ${wer(by)} nach ${said} ein, bevor Maschen um sie sind. Der Plan macht es nach ${instead}.`,
};
