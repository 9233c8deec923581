/** How every sheet is set on paper. */
export const SHEET_STYLE = `
.swatch{display:inline-block;width:4mm;height:4mm;border:.5pt solid #0b211d;margin-right:2mm;vertical-align:-.6mm;print-color-adjust:exact;-webkit-print-color-adjust:exact}
:root{color-scheme:light;background:#fff}
@page{margin:16mm}
*{box-sizing:border-box}
body{font:11pt/1.4 "Atkinson Hyperlegible Next","Atkinson Hyperlegible",Verdana,sans-serif;color:#0b211d;max-width:180mm;margin:0 auto;padding:8mm 4mm}
h1{font-size:26pt;margin:0}h2{font-size:14pt;margin:8mm 0 2mm;break-after:avoid}
header p{margin:0;color:#436058}
.totals{display:flex;flex-wrap:wrap;gap:4mm 8mm;border-block:1.5pt solid #0b211d;padding:3mm 0;margin-top:4mm}
.totals b{display:block;font-size:18pt;font-variant-numeric:tabular-nums}.totals span{color:#436058}
ol{list-style:none;padding:0;margin:0}
li{break-inside:avoid}
ol li{display:flex;gap:4mm;padding:1.6mm 0;border-top:.5pt solid #6c877e}
ol p{margin:0}
.box{flex:none;display:inline-block;width:4.4mm;height:4.4mm;border:1pt solid #0b211d;margin:.4mm .6mm 0 0}
small,.caution,footer{color:#436058;font-size:9.5pt}
table{border-collapse:collapse;width:100%}th,td{text-align:left;padding:1.2mm 3mm 1.2mm 0;border-top:.5pt solid #bfd0c9;vertical-align:top;font-variant-numeric:tabular-nums}
.tag{font-family:"Martian Mono",monospace;font-size:9.5pt;border:.75pt solid #1848b4;color:#1848b4;padding:0 1.2mm;white-space:nowrap}
pre{white-space:pre-wrap;font:10pt/1.45 "Martian Mono",monospace;border-left:2pt solid #e3b400;padding-left:4mm;break-inside:avoid-page}
.note{color:#a92414}
.stop b{color:#a92414}
.trouble{border:1.5pt solid #a92414;padding:0 4mm}
svg{display:block}
.label{border:1pt solid #0b211d;padding:4mm;max-width:90mm}.label p{margin:1.5mm 0}
footer{margin-top:8mm;border-top:1pt solid #0b211d;padding-top:2mm}
`;

/** How the pattern of a toy is set: boxes at the left, pauses in a band, the toy's name and the page number under each page. */
const PATTERN_STYLE = `
.picture{margin-top:5mm}.picture svg{margin:0 auto}.picture p{text-align:center;margin:1mm 0;color:#436058}.picture .bar{margin:0 auto}
.signs th{width:22mm;font-family:"Martian Mono",monospace;font-size:10pt;font-weight:600}
.lead{margin:0 0 2mm;color:#436058}
.boxes{flex:none;width:16mm;display:flex;flex-wrap:wrap;align-content:flex-start;gap:.6mm 2mm;line-height:1}
.round{font-family:"Martian Mono",monospace;font-size:10.5pt}
.rests{background:#e4ede8;padding-left:2mm;padding-right:2mm;print-color-adjust:exact;-webkit-print-color-adjust:exact}
.own p{color:#436058}.own span{flex:none;width:16mm}.many .boxes,.many .own span{width:40mm}
.sides{display:flex;gap:6mm;align-items:flex-end;margin:2mm 0}.sides figure{margin:0}.sides figcaption{text-align:center;color:#436058;font-size:9.5pt}
.seam-map{display:block;break-inside:avoid;margin:2mm 0}.seam-map svg{display:block;margin:0}.seam-map small{display:block}.seam{font-size:9.5pt;line-height:1.9}.seam>span{white-space:nowrap;margin-right:1.4mm}.seam .tag{border-width:.4pt;font-size:8.5pt}
.map{break-inside:avoid}.map svg{margin:2mm auto 0;max-width:none}
`;

/** Words as they stand between quotes in a style sheet; none of them can end it. */
const quoted = (words: string): string =>
  `"${words.replace(/[^\p{L}\p{N} ,.!?'&()-]/gu, (c) => `\\${c.codePointAt(0)!.toString(16)} `)}"`;

/** The style of a pattern; `foot` and the page number stand under every page, large letters and none but black and white where they are asked for. */
export const sheetStyle = ({
  foot,
  page,
  large = false,
  plain = false,
}: {
  foot: string;
  page: string;
  large?: boolean;
  plain?: boolean;
}): string =>
  [
    SHEET_STYLE,
    PATTERN_STYLE,
    `@page{@bottom-left{content:${quoted(foot)};font:9pt sans-serif;color:#436058}@bottom-right{content:${quoted(`${page} `)} counter(page) " / " counter(pages);font:9pt sans-serif;color:#436058}}`,
    large
      ? 'body{font-size:16pt}h2{font-size:20pt}small,.caution,.seam,.sides figcaption{font-size:13pt}.round,.signs th{font-size:15pt}.tag,.seam .tag{font-size:12pt}.boxes,.own span{width:22mm}.many .boxes,.many .own span{width:52mm}'
      : '',
    plain
      ? 'body,header p,.totals span,.lead,small,.caution,.picture p,.own p,.note,.stop b,.tag{color:#000}.tag,.trouble{border-color:#000}.rests{background:none;border:1pt solid #000}.swatch{background:none!important}.picture svg,.sides svg{filter:grayscale(1)}'
      : '',
  ].join('\n');
