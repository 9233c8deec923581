/** Colours of the house by token, light and dark. Source: the visual direction, section 1. Yarn colours belong to toys. */
export interface Palette {
  mat: string; matDeep: string; matLine: string; matInk: string; matInk2: string;
  paper: string; sunk: string; raise: string; ink: string; ink2: string; line: string; edge: string;
  tape: string; tapeHi: string; tapeLo: string; tapeInk: string; tapeInk2: string;
  coral: string; onCoral: string; coralInk: string; coralWash: string;
  pin: string; pinInk: string; pinWash: string; pinMat: string;
  thread: string; threadInk: string; threadWash: string; threadMat: string;
  nav: string; navInk: string; navOn: string;
  /** opacity of grid lines at 5, 10 and 50 mm */
  grid5: string; grid10: string; grid50: string;
}

export const LIGHT: Palette = {
  mat: '#12524B', matDeep: '#0A3430', matLine: '#D5F0E4', matInk: '#EEF8F3', matInk2: '#B4D8CB',
  paper: '#F4F8F6', sunk: '#E4EDE8', raise: '#FFFFFF', ink: '#0B211D', ink2: '#436058', line: '#BFD0C9', edge: '#6C877E',
  tape: '#FFD426', tapeHi: '#FFE266', tapeLo: '#E3B400', tapeInk: '#1D1B05', tapeInk2: '#5A4B00',
  coral: '#FF6B57', onCoral: '#2A0803', coralInk: '#A92414', coralWash: '#FFE5E0',
  pin: '#2460E0', pinInk: '#1848B4', pinWash: '#DFE9FF', pinMat: '#93C1FF',
  thread: '#DB3F88', threadInk: '#A61C61', threadWash: '#FFE2EF', threadMat: '#FF9FCD',
  nav: '#0A2D29', navInk: '#C2DDD3', navOn: '#FFD426', grid5: '.10', grid10: '.24', grid50: '.52',
};

export const DARK: Palette = {
  mat: '#0B322D', matDeep: '#061F1C', matLine: '#A9D9C6', matInk: '#E6F3ED', matInk2: '#93BFAF',
  paper: '#0A1412', sunk: '#13211E', raise: '#1A2B27', ink: '#E9F3EE', ink2: '#A0BBB1', line: '#2B433C', edge: '#6F8C82',
  tape: '#F7CB1F', tapeHi: '#FFDB57', tapeLo: '#C99F00', tapeInk: '#1B1904', tapeInk2: '#544600',
  coral: '#FF7C69', onCoral: '#2A0803', coralInk: '#FF9A8A', coralWash: '#3A1712',
  pin: '#6FA5FF', pinInk: '#A9CAFF', pinWash: '#122A52', pinMat: '#93C1FF',
  thread: '#FF7DBB', threadInk: '#FFA6D0', threadWash: '#43142C', threadMat: '#FF9FCD',
  nav: '#050D0B', navInk: '#A3C0B6', navOn: '#F7CB1F', grid5: '.08', grid10: '.20', grid50: '.42',
};
