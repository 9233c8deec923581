type Hazard = { small: string; older: string; mend: string };

const hazard = (small: string, older: string, mend: string): Hazard => ({ small, older, mend });

/** Was in Texten genannt wird und gefährlich sein kann, auf Deutsch. */
export const hazards: Record<string, Hazard> = {
  wire: hazard(
    'Draht und Pfeifenreiniger kommen durch die Maschen: nicht in eine Figur für ein kleines Kind.',
    'Draht ist nur zum Ansehen; seine Enden kommen durch die Maschen.',
    'Lass ihn weg; eine Stoffrolle oder festere Füllung hält einen schlanken Hals.',
  ),
  rod: hazard(
    'Stäbe, Glas und steife Einlagen brechen oder kommen durch: nicht in eine Figur für ein kleines Kind.',
    'Steife Einlagen sind nur zum Ansehen.',
    'Lass sie weg, oder mach sie aus Stoff.',
  ),
  glue: hazard(
    'Kleber ist nie der einzige Halt eines Teils; Sekundenkleber bildet harte scharfe Kanten.',
    'Kleber ist nie der einzige Halt eines Teils; Sekundenkleber bildet harte scharfe Kanten.',
    'Nähe es auch: ein paar Rückstiche halten ein winziges Teil.',
  ),
  magnet: hazard(
    'Magnete nie: zwei verschluckte klemmen den Darm ab.',
    'Magnete nie in einer Figur: zwei verschluckte klemmen den Darm ab.',
    'Lass sie weg.',
  ),
  battery: hazard(
    'Batterien und Knopfzellen nie: eine verschluckte verätzt.',
    'Batterien und Knopfzellen nie in einer weichen Figur ohne verschraubtes Gehäuse.',
    'Lass sie weg.',
  ),
  ring: hazard(
    'Ringe und Klammern sind Kleinteile.',
    'Ringe und Klammern sind Kleinteile; ein Schlüsselanhänger kann trotzdem als Spielzeug gelten.',
    'Lass es für ein kleines Kind weg; verankere es durch mehrere Maschen und protokolliere eine Zugprüfung.',
  ),
  bell: hazard(
    'Glocken, Rasseln und Quietscher sind Kleinteile, wenn das Gehäkelte nachgibt.',
    'Glocken, Rasseln und Quietscher sind Kleinteile, wenn das Gehäkelte nachgibt.',
    'Nähe es in einen eigenen Beutel, miss es, und zieh an der Naht.',
  ),
  button: hazard(
    'Knöpfe und gefädelte Gelenke: nicht für unter 36 Monaten.',
    'Was an einem Faden hängt, wird durchgezogen: sein Anker ist nicht geprüft.',
    'Nähe oder sticke es; protokolliere eine Zugprüfung.',
  ),
  bead: hazard(
    'Perlen, Granulat und Pompons sind Kleinteile.',
    'Perlen, Granulat und Pompons sind Kleinteile, wenn sie ab- oder herausgehen.',
    'Lass sie weg, oder halte sie in einem genähten Innenbeutel.',
  ),
  ribbon: hazard(
    'Bänder, Schnüre und Gummi sind Schnüre: ihre freie Länge ist hier nicht bekannt.',
    'Bänder, Schnüre und Gummi sind Schnüre: ihre freie Länge ist hier nicht bekannt.',
    'Miss sie, halte sie kurz, und nähe beide Enden fest.',
  ),
  loops: hazard(
    'Garnschlingen fangen kleine Finger und werden herausgezogen; wie lang diese sind, ist hier nicht bekannt.',
    'Garnschlingen können herausgezogen werden; wie lang diese sind, ist hier nicht bekannt.',
    'Halte die Schlingen kurz, zieh an einigen, und schneide keine auf, die ihre Masche nicht festhält.',
  ),
  hair: hazard(
    'Fäden und Quasten sind Schnüre und gehen heraus, wenn sie nur eingeschlungen sind.',
    'Fäden und Quasten gehen heraus, wenn sie nur eingeschlungen sind.',
    'Nähe jeden Faden fest, halte ihn kurz, und zieh daran.',
  ),
  fur: hazard(
    'Plüsch, Fell und gebürstetes Garn haaren nahe am Mund eines Babys.',
    'Plüsch, Fell und gebürstetes Garn haaren.',
    'Nimm ein glattes Garn, oder reibe und wasche zuerst eine Probe.',
  ),
};
