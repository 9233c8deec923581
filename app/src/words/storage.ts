/** What is said when a toy cannot be kept or read. */
export const storage = {
  full: 'This browser has no room left, so the last change is not kept. Download the toy, or delete another one.',
  broken:
    'This browser cannot keep the toy right now. What you see is still here: download it before you close the page.',
  gone: 'This toy is not in this browser any more. Import its file to go on.',
  reading: 'The toys of this browser cannot be read.',
  closed: 'This browser has closed or cleared what it keeps. Load the page again to see what is left of it.',
  closedNoted:
    'This browser has closed or cleared what it keeps. What you see is noted here: trying again loads the page anew and keeps it. To be sure, download it first.',
  silent:
    'This browser does not answer when it is asked to keep or read toys. What you see is still here: download it before you close the page.',
  overtaken:
    'This toy was changed in another window meanwhile, in the same place. What you see is not kept: keep it as a copy, or download it.',
  overtakenByNewer:
    'A newer Hoppla has changed this toy meanwhile. What you see is not kept: keep it as a copy, or download it; loading the page again brings the newer one.',
  goneElsewhere:
    'This toy was deleted in another window. What you see is not kept: keep it as a copy, or download it.',
  fromJournal: 'This browser had lost this toy; here is what was typed last. It is being kept again.',
  damaged: 'What is kept of this toy cannot be read. Its text can be downloaded as it is.',
  keepCopy: 'Keep it as a copy',
  damagedShort: 'cannot be read',
  download: 'Download this toy',
  again: 'Try again',
  readOnly: 'This toy is open for editing in another window. You are following it.',
  editHere: 'Edit here',
  newer: (schema: number) => `Made with a newer Hoppla (version ${schema}): it can be exported, not changed.`,
  crashed: 'Something in this screen broke.',
  stillKept: 'The toy is kept.',
  crashedWhy: 'That is a fault of the program, not yours. To be sure, take the toy as a file.',
  pieceMissing: 'A piece of this page is missing.',
  pieceWhy:
    'A newer Hoppla may have taken the place of the one in this window, or there is no network. Loading the page again brings the whole of it.',
  loadAgain: 'Load the page again',
  tryAgain: 'Try this screen again',
  report: 'Write a report',
  reportWhy:
    'A report says where in the program it broke and how large the toy is, nothing of what you wrote. It is a file on this device; nothing is sent.',
  reportToy: 'With my toy in the report',
  back: 'Back to the Bench',
};
