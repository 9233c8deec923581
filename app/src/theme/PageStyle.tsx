import { usePalette } from './index';

/** The few rules that only a style sheet can say: focus rings, page ground, no room for a scroll bar that the page never has, no movement for who wants none. */
export function PageStyle() {
  const c = usePalette();
  return (
    <style>{`
html,body,#root{height:100%;background:${c.matDeep};overscroll-behavior:none}
html{scrollbar-gutter:auto!important}
body{margin:0;overflow:hidden}
#root{display:flex}
:focus-visible{outline:3px solid ${c.pin};outline-offset:2px}
[role=banner] :focus-visible,[role=navigation] :focus-visible,[role=slider]:focus-visible,[role=radiogroup] :focus-visible{outline-color:${c.tape};outline-offset:-3px}
[role=slider]:focus-visible{outline-color:${c.pin}}
button{text-align:start}
textarea::placeholder{color:${c.ink2};opacity:1}
@media (prefers-reduced-motion:reduce){*{transition:none!important;animation:none!important}}
`}</style>
  );
}
