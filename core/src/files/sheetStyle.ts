/** How sheets are set on paper. */
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
ol li{display:flex;gap:4mm;padding:2mm 0;border-top:.5pt solid #6c877e}
.box{flex:none;width:5mm;height:5mm;border:1pt solid #0b211d;margin-top:1mm}
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
