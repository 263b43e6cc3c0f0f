import { type Shelf, placesWords, tickLine } from '@herrero/core';

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
/** Text as it stands between tags or in an attribute; nothing in it is read as markup. */
const escaped = (text: string): string => text.replaceAll(/[&<>"']/g, (character) => ENTITIES[character] ?? character);

const STYLE = `
:root{color-scheme:light;--paper:#efe7d6;--sheet:#fffefb;--ink:#1d1a15;--ink2:#514a3b;--hair:#bfb297;--brass:#d9a136;--wash:#f8e9c4}
*{box-sizing:border-box}body{margin:0;background:var(--paper);color:var(--ink);font:17px/1.3 system-ui,sans-serif}
header{position:sticky;top:0;background:var(--sheet);border-bottom:2px solid var(--ink);padding:10px 14px}
h1{font-size:19px;margin:0 0 6px}h2{font-size:16px;margin:0;padding:8px 14px;border-bottom:1px solid var(--hair);display:flex;justify-content:space-between}
h2 span,small{color:var(--ink2);font-weight:400;font-size:15px}.tally{display:flex;gap:2px;height:18px;margin-bottom:4px}
.tally i{flex:1;border:1.5px solid var(--ink)}.tally i.in{background:var(--ink)}
button{font:inherit;color:inherit;text-align:left;width:100%;min-height:76px;padding:8px 14px;border:0;border-bottom:1px solid var(--hair);background:none;display:flex;align-items:center;gap:14px}
button b{display:block}.what{flex:1}.count{font-size:24px;font-weight:650}.box{width:44px;height:44px;border:2px solid var(--ink);background:var(--sheet);flex:none;display:grid;place-items:center;font-size:30px}
button[aria-pressed=true]{min-height:52px}button[aria-pressed=true] .box{background:var(--ink);color:var(--sheet)}button[aria-pressed=true] small{display:none}
button:focus-visible{outline:3px solid #a86f0e;outline-offset:-3px}ul{margin:0;padding:8px 14px 8px 34px}.asked{border-bottom:2px solid var(--ink);background:var(--wash)}p{padding:8px 14px;margin:0;color:var(--ink2);font-size:15px}
#basket{border-top:2px solid var(--ink)}@media print{header{position:static}button{min-height:0;padding:4px 14px}.box{width:22px;height:22px}}
`;

/** Ticks are kept on the phone under the job; a line moves to the basket and back by a press. */
const SCRIPT = `
const key=document.body.dataset.key;const rows=[...document.querySelectorAll('button')];
let picked=new Set();try{picked=new Set(JSON.parse(localStorage.getItem(key)||'[]'))}catch{}
const home=new Map(rows.map((row)=>[row,row.parentElement]));const basket=document.getElementById('basket');
const tally=document.querySelector('.tally');rows.forEach(()=>tally.append(document.createElement('i')));
function show(){let done=0;for(const row of rows){const inside=picked.has(row.dataset.line);row.setAttribute('aria-pressed',inside);
row.querySelector('.box').textContent=inside?'\\u2713':'';(inside?basket:home.get(row)).append(row);if(inside)done++}
[...tally.children].forEach((cell,at)=>cell.className=at<done?'in':'');
for(const section of document.querySelectorAll('section.shelf'))section.hidden=!section.querySelector('button');
document.getElementById('done').textContent=done+' of '+rows.length+' in the basket';basket.hidden=done===0}
for(const row of rows)row.addEventListener('click',()=>{const line=row.dataset.line;picked.has(line)?picked.delete(line):picked.add(line);
try{localStorage.setItem(key,JSON.stringify([...picked]))}catch{}show()});show();
`;

/**
 * The list to pick from as one file that needs no server: big lines by shelf, ticks kept on the phone that opened it.
 * Names are text and nothing else; the page may load nothing.
 *
 * @param jobId tells the ticks of one job from those of another
 * @param questions what is not known, and therefore on no shelf
 * @param day   on which the list was made, as an ISO date
 */
export function pickListHtml(
  name: string,
  jobId: string,
  shelves: readonly Shelf[],
  questions: readonly string[],
  day: string,
): string {
  const total = shelves.reduce((sum, { lines }) => sum + lines.length, 0);
  const sections = shelves
    .map(
      ({ name: shelf, lines }) =>
        `<section class="shelf"><h2>${escaped(shelf)} <span>${lines.length} ${lines.length === 1 ? 'line' : 'lines'}</span></h2>${lines
          .map(
            ({ article, title, detail, buy, places }) =>
              `<button type="button" aria-pressed="false" data-line="${escaped(tickLine({ article, buy }))}"><span class="what"><b>${escaped(title)}</b><small>${escaped(detail)}${places.length > 0 ? `, ${escaped(placesWords(places))}` : ''}</small></span><span class="count">${buy}</span><span class="box" aria-hidden="true"></span></button>`,
          )
          .join('')}</section>`,
    )
    .join('\n');
  const asked =
    questions.length === 0
      ? ''
      : `<section class="asked"><h2>Not known yet, so not on this list</h2><ul>${questions.map((one) => `<li>${escaped(one)}</li>`).join('')}</ul></section>`;
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; script-src 'unsafe-inline'">
<title>Pick list: ${escaped(name)}</title><style>${STYLE}</style></head>
<body data-key="herrero-pick-${escaped(jobId)}">
<header><h1>Pick for ${escaped(name)}</h1><div class="tally" aria-hidden="true"></div><div id="done" role="status">${total} lines</div></header>
<main>
${asked}
${total === 0 ? '<p>Nothing is to be bought.</p>' : sections}
<section id="basket" hidden><h2>In the basket <span>press to put back</span></h2></section>
<p>Made ${escaped(day)}. Ticks are kept on this phone only. Prices are not shown: those of the catalogue are made up.</p>
</main>
<script>${SCRIPT}</script></body></html>
`;
}
