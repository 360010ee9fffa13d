// Twenty people at once, as bin/load asks: each with a session of their own.
const [base, seconds] = [process.argv[2], Number(process.argv[3])];
const BUDGETS = { page: 1500, edit: 1500, drag: 250, 'what others did': 250 };
const PAGES = ['brief', 'scout', 'scout?look=ticks', 'measure', 'stage', 'cameras', 'cameras?look=settings', 'light', 'light?look=list', 'sound', 'sound?look=tracks', 'sound?look=radio', 'rig', 'rig?look=power', 'rig?look=safety', 'rundown', 'rundown?look=today', 'rundown?look=cues', 'rundown?look=live', 'pack', 'pack?look=cases', 'roll', 'roll?look=rolling', 'wrap', 'cameras?place=duo', 'sound?place=duo', 'rundown?look=cues&place=duo'];
const times = {};
const wrong = [];
const until = performance.now() + 1000 * seconds;
const rest = (ms) => new Promise((done) => { setTimeout(done, ms); });
const note = (kind, ms) => (times[kind] ??= []).push(ms);

class Person {
    jar = new Map();
    async ask(kind, path, options = {}) {
        const began = performance.now();
        const answer = await fetch(base + path, { redirect: 'manual', ...options, headers: { ...options.headers, Cookie: [...this.jar].map(([k, v]) => `${k}=${v}`).join('; ') } });
        const text = await answer.text();
        for (const line of answer.headers.getSetCookie()) { const [, name, value] = line.match(/^([^=]+)=([^;]*)/); this.jar.set(name, value); }
        if (kind) note(kind, performance.now() - began);
        if (answer.status >= 400) wrong.push(`${answer.status} ${path}`);
        return { answer, text };
    }
    async signIn() {
        const { text } = await this.ask(null, '/sign-in');
        const token = text.match(/name="_token" value="([^"]+)/)[1];
        await this.ask(null, '/sign-in', { method: 'POST', body: new URLSearchParams({ _token: token, name: 'Isolde', password: 'a tide of ten' }) });
        const home = await this.ask(null, '/');
        this.shoot = home.text.match(/shoots\/([0-9a-z]{26})/)[1];
        this.token = home.text.match(/csrf-token" content="([^"]+)/)[1];
    }
    async version() { return JSON.parse((await this.ask('what others did', `/shoots/${this.shoot}/version?since=0`, { headers: { Accept: 'application/json' } })).text).version; }
    change(kind, to, edit, version) {
        return this.ask(kind, `/shoots/${this.shoot}/${to}`, { method: 'POST', headers: { 'X-CSRF-TOKEN': this.token, 'HX-Request': 'true' }, body: new URLSearchParams({ version, stage: 'cameras', edit: JSON.stringify(edit) }) });
    }
}

const people = await Promise.all(Array.from({ length: 20 }, async () => { const one = new Person(); await one.signIn(); return one; }));
const [first] = people;
for (const page of PAGES) await first.ask('page, cold', `/shoots/${first.shoot}/${page}`);
const asks = people.map(async (one) => { while (performance.now() < until) { await one.version(); await rest(1500); } });
const opens = people.slice(0, 16).map(async (one, i) => {
    await rest(15000 * i / 16);
    for (let n = i; performance.now() < until; n += 7) { await one.ask('page', `/shoots/${one.shoot}/${PAGES[n % PAGES.length]}`); await rest(15000); }
});
const edits = people.slice(16, 18).map(async (one, i) => {
    for (let n = 1; performance.now() < until; n++) { await one.change('edit', 'edit', { [`/setups/talk/cameras/cam-${'ab'[i]}/x_m`]: 2 + i + n / 100 }, await one.version()); await rest(5000); }
});
const drags = people.slice(18).map(async (one, i) => {
    while (performance.now() < until) {
        const version = await one.version();
        for (let n = 1; n <= 15; n++) { await one.change('drag', 'preview', { [`/setups/talk/lights/${['key', 'back'][i]}/x_m`]: 1 + i + n / 100 }, version); await rest(16); }
        await rest(1000);
    }
});
await Promise.all([...asks, ...opens, ...edits, ...drags]);
for (const [kind, all] of Object.entries(times)) {
    all.sort((a, b) => a - b);
    const at = (share) => Math.round(all[Math.min(all.length - 1, Math.floor(share * all.length))]);
    console.log(`${kind.padEnd(18)} ${String(all.length).padStart(5)} answers   median ${String(at(0.5)).padStart(5)} ms   95 % ${String(at(0.95)).padStart(5)} ms${BUDGETS[kind] ? `   budget ${BUDGETS[kind]} ms` : ''}`);
}
console.log(wrong.length === 0 ? 'no answer failed' : `${wrong.length} answers failed: ${[...new Set(wrong)].slice(0, 5).join(', ')}`);
