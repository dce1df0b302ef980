import { chromium } from '@playwright/test';
import { readFileSync, writeFileSync } from 'node:fs';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await b.newPage({ viewport: { width: 1024, height: 768 } });
await page.goto('http://localhost:4180/');
await page.getByRole('heading', { name: 'ink and night' }).waitFor();
await page.goto('http://localhost:4180/parcels');
await page.getByRole('button', { name: 'Unpack a parcel' }).click();
const one = readFileSync('../shared/samples/list-70-lines.txt', 'utf8').split('\n');
const list = [...one, ...one, ...one].slice(0, 150).join('\n');
await page.getByLabel('The list').fill(list);
await page.waitForTimeout(2500);
await page.evaluate(() => {
  window.events = [];
  new PerformanceObserver((l) => { for (const e of l.getEntries()) if (['keydown','input','keypress','beforeinput'].includes(e.name)) window.events.push([e.name, Math.round(e.duration), Math.round(e.processingEnd - e.startTime), Math.round(e.processingStart-e.startTime)]); }).observe({ type: 'event', durationThreshold: 16 });
});
const t = page.getByLabel('The list');
await t.focus();
await t.evaluate((el) => el.setSelectionRange(600, 600));
const cdp = await page.context().newCDPSession(page);
await page.evaluate(() => { window.counts = {}; });
await cdp.send('Profiler.enable'); await cdp.send('Profiler.setSamplingInterval', { interval: 200 }); await cdp.send('Profiler.start');
for (const c of 'moth lantern') { await page.keyboard.press(c === ' ' ? 'Space' : c); await page.waitForTimeout(400); }
const { profile } = await cdp.send('Profiler.stop');
writeFileSync('/tmp/p.cpuprofile', JSON.stringify(profile));
console.log(JSON.stringify(await page.evaluate(() => window.events)));
console.log(await page.evaluate(() => window.counts));
await b.close();
// total per function
const byId = new Map(profile.nodes.map((n) => [n.id, n])); const self = new Map();
profile.samples.forEach((id, i) => self.set(id, (self.get(id) ?? 0) + profile.timeDeltas[i]));
const parent = new Map(); for (const n of profile.nodes) for (const c of n.children ?? []) parent.set(c, n.id);
const tot = new Map(), sf = new Map();
for (const [id, us] of self) { const seen = new Set(); const nm0 = byId.get(id).callFrame.functionName; sf.set(nm0, (sf.get(nm0) ?? 0) + us); for (let n = id; n; n = parent.get(n)) { const nm = byId.get(n).callFrame.functionName; if (seen.has(nm)) continue; seen.add(nm); tot.set(nm, (tot.get(nm) ?? 0) + us); } }
const show = (m, k) => [...m].sort((a, b) => b[1] - a[1]).slice(0, k).map(([n, v]) => `${(v / 12000).toFixed(1)}ms ${n}`).join('\n');
console.log('TOTAL per stroke\n' + show(tot, 75)); console.log('SELF\n' + show(sf, 25));
