import { demoFile, expect, finding, tally, test } from './desk.mjs';

/** The demo without its second place: the glasshouse is scouted from nothing. */
async function millOnly(page) {
    const plan = JSON.parse(demoFile);
    plan.locations = plan.locations.filter((place) => place.id === 'stone-room');
    plan.setups = plan.setups.filter((setup) => setup.location === 'stone-room');
    await page.goto('/');
    await page.setInputFiles('input[type=file]', { name: 'mill.fineframe.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(plan)) });
    await page.getByRole('button', { name: 'Import' }).click();
    await page.waitForURL(/\/cameras/);
}

const tab = (page, name) => page.locator('.tabs').getByRole('button', { name, exact: true }).tap();

async function stage(page, name) {
    await tab(page, 'Stages');
    await page.getByRole('link', { name }).tap();
    await tab(page, 'Floor');
}

async function write(page, sheet, cells) {
    const form = page.locator(`#sheet-${sheet}`);
    const entry = form.locator('details').last();
    if (!(await entry.evaluate((el) => el.open))) await entry.locator('summary').tap();
    for (const [label, value] of Object.entries(cells)) {
        const cell = entry.getByLabel(label, { exact: true });
        await (await cell.evaluate((el) => el.tagName) === 'SELECT' ? cell.selectOption({ label: value }) : cell.fill(value));
    }
    await entry.getByRole('button', { name: 'Keep' }).tap();
    await expect(form.locator('summary', { hasText: Object.values(cells)[0] })).toBeVisible();
}

async function tape(page, from, to, length) {
    const line = page.locator('form[data-draft=tape]');
    await line.getByLabel('From', { exact: true }).selectOption({ label: from });
    await line.getByLabel('To', { exact: true }).selectOption({ label: to });
    await line.getByLabel('Length').fill(length);
    await line.getByRole('button', { name: 'Save reading' }).tap();
    await expect(page.locator('#said')).toContainText(`${from}–${to} is ${length}`);
}

test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'allow' });
    test.setTimeout(120_000);

    test('the glasshouse is scouted from nothing, taped with a blunder that is found, and weighed against the mill', async ({ page }) => {
        await millOnly(page);
        await stage(page, 'Scout');
        await page.locator('.add-place summary').tap();
        await page.getByLabel('Name', { exact: true }).first().fill('Fennhall glasshouse');
        await page.getByRole('button', { name: 'Add', exact: true }).tap();
        await expect(page.locator('.places [aria-current]')).toHaveText('Fennhall glasshouse');

        // Five readings.
        await write(page, 'light', { name: 'potting bench', 'illuminance, lx': '4100' });
        await write(page, 'noise', { name: 'vent fan', 'level, dB(A)': '46', who: 'the gardener' });
        await write(page, 'noise', { name: 'road', 'level, dB(A)': '39', 'can be stopped': 'no' });
        await write(page, 'colour', { name: 'strip light', 'colour temperature, K': '4000', 'Duv (green or magenta tint)': '0.009' });
        await write(page, 'circuits', { name: 'bench sockets', 'breaker rating, A': '13', 'voltage, V': '230' });

        // Eight tape readings; the north wall is read two metres short.
        await stage(page, 'Measure');
        await page.locator('.places a', { hasText: 'Fennhall' }).tap();
        await tab(page, 'Verdicts');
        await page.getByText('Sketch a different shape').tap();
        await page.getByLabel('Width').fill('8');
        await page.getByLabel('Depth').fill('5');
        await page.getByRole('button', { name: 'Sketch', exact: true }).tap();
        await expect(page.locator('.closure').last()).toContainText('40.0 m²');
        for (const [from, to, length] of [['A', 'B', '8.21 m'], ['B', 'C', '5.02 m'], ['C', 'D', '6.22 m'], ['D', 'A', '5.02 m'], ['A', 'C', '9.63 m'], ['B', 'D', '9.62 m']]) await tape(page, from, to, length);
        await page.locator('.card-head a').tap();
        await expect(finding(page, 'contradict each other')).toContainText('Tape those again');
        await tab(page, 'Floor');
        await page.locator('.adders').getByRole('link', { name: 'Tape', exact: true }).tap();
        await tape(page, 'C', 'D', '8.22 m');
        await tape(page, 'B', 'C', '5.02 m');
        await expect(page.locator('.residuals .again')).toContainText('wall C');
        await page.locator('.card-head a').tap();
        await expect(finding(page, 'Tape wall C again: it says 6.22 m, the others make it 8.2')).toBeVisible();
        await finding(page, 'Tape wall C again').locator('.mend').tap();
        await expect(finding(page, 'Tape wall C again')).toHaveCount(0);

        // Windows, the spot, and the sun.
        await tab(page, 'Floor');
        await page.getByRole('link', { name: 'Tape book', exact: true }).first().tap();
        await write(page, 'openings', { name: 'south lights', wall: 'A wall A', 'offset from corner': '0.2', width: '7.8', 'sill height': '0.7', 'head height': '2' });
        await stage(page, 'Scout');
        await page.locator('.places a', { hasText: 'Fennhall' }).tap();
        await tab(page, 'Verdicts');
        for (const [label, value] of [['Latitude', '52.21'], ['Longitude, east positive', '1.47'], ['Mark, across', '3.4'], ['Mark, up', '2.6']]) {
            await page.getByLabel(label, { exact: true }).fill(value);
            await page.getByLabel(label, { exact: true }).press('Tab');
        }
        await tab(page, 'Floor');
        await page.locator('.sun-table summary').tap();
        await expect(page.locator('.sun-table tr', { hasText: 'Sun on the chosen spot' })).toContainText(/\d\d:\d\d–\d\d:\d\d/);
        const before = await page.locator('#sun-floor').getAttribute('d');
        // The answer to what was done before may still come, and bring the slider back.
        await expect(async () => {
            await page.getByLabel('Time of day').fill('40');
            expect(await page.locator('#sun-floor').getAttribute('d')).not.toBe(before);
        }).toPass();

        // Side by side, and the decision with its reason.
        await page.getByRole('link', { name: 'Compare' }).tap();
        await expect(page.getByRole('row', { name: /^Quiet/ })).toContainText('47 dB(A)');
        await tab(page, 'Verdicts');
        await page.getByLabel('Chosen location').selectOption({ label: 'Sallow Tide Mill, stone room' });
        await page.getByLabel('Because').fill('quiet until the tide turns');
        await page.getByLabel('Because').press('Tab');
        await tab(page, 'Floor');
        await expect(page.locator('.decided')).toContainText('Sallow Tide Mill, stone room, because quiet until the tide turns');
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    });

    test('what is typed without a connection survives a reload and is sent when it is back', async ({ page, context }) => {
        await millOnly(page);
        await page.goto(page.url().replace('cameras', 'scout?look=notes'));
        await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
        await page.reload();
        await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
        await page.reload();
        await context.setOffline(true);
        const noise = page.locator('#sheet-noise');
        await noise.locator('summary', { hasText: /^Add / }).tap();
        await noise.locator('details[open]').getByLabel('name').fill('gulls on the ridge');
        await noise.locator('details[open]').getByLabel('level, dB(A)').fill('51');
        await page.reload();
        await expect(noise.locator('details[open]').getByLabel('name')).toHaveValue('gulls on the ridge');
        await noise.locator('details[open]').getByRole('button', { name: 'Keep' }).tap();
        await expect(page.locator('#waiting')).toContainText('1 entry waits here');
        await page.reload();
        await expect(page.locator('#waiting')).toContainText('1 entry waits here');
        await context.setOffline(false);
        await expect(noise.locator('summary', { hasText: 'gulls on the ridge' })).toBeVisible();
        await expect(page.locator('#waiting')).toBeHidden();
        await page.reload();
        await expect(noise.locator('summary', { hasText: 'gulls on the ridge' })).toContainText('51 dB(A)');
    });
});

test.describe('without a connection', () => {
    test.use({ serviceWorkers: 'allow' });

    async function ready(page) {
        await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
        await page.reload();
        await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
        await page.reload();
    }

    test('another place’s page is not shown in place of the one asked for, and what cannot be done says so', async ({ desk: page, context }) => {
        const at = page.url().replace(/cameras.*/, '');
        await page.goto(`${at}scout?look=notes`);
        await ready(page);
        await page.goto(`${at}cameras`);
        await context.setOffline(true);
        await page.locator('.mend').first().click();
        await expect(page.locator('#said')).toContainText('No connection: that was not done');
        await page.goto(`${at}scout?look=notes&select=none`);
        await expect(page.locator('#sheet-noise')).toBeVisible();
        await page.goto(`${at}scout?look=notes&place=glasshouse`);
        await expect(page.getByRole('heading', { name: 'No connection' })).toBeVisible();
        await expect(page.locator('#sheet-noise')).toHaveCount(0);
        await page.getByRole('link', { name: 'cameras' }).click();
        await expect(page.locator('#frames figure')).toHaveCount(2);
        await context.setOffline(false);
    });

    test('a row written offline lands beside one that somebody else added meanwhile', async ({ desk: page, context, browser }) => {
        const at = page.url().replace(/cameras.*/, 'scout?look=notes');
        await page.goto(at);
        await ready(page);
        await context.setOffline(true);
        const noise = page.locator('#sheet-noise');
        const write = async (form, what, level) => {
            await form.locator('summary', { hasText: /^Add / }).click();
            await form.locator('details[open]').last().getByLabel('name').fill(what);
            await form.locator('details[open]').last().getByLabel('level, dB(A)').fill(level);
            // Enter keeps; it does not take a reading.
            await form.locator('details[open]').last().getByLabel('level, dB(A)').press('Enter');
        };
        await write(noise, 'gulls on the ridge', '51');
        await expect(page.locator('#waiting')).toContainText('1 entry waits here');

        const other = await (await browser.newContext()).newPage();
        await other.goto(at);
        await write(other.locator('#sheet-noise'), 'a boat', '44');
        await expect(other.locator('#sheet-noise summary', { hasText: 'a boat' })).toContainText('44');
        await other.context().close();

        await context.setOffline(false);
        await expect(noise.locator('summary', { hasText: 'gulls on the ridge' })).toContainText('51');
        await expect(noise.locator('summary', { hasText: 'a boat' })).toContainText('44');
        await expect(page.locator('#waiting')).toBeHidden();
    });
});

test('a reading is taken from an instrument into the form', async ({ desk: page }) => {
    await page.goto(page.url().replace('cameras', 'scout?look=notes&place=glasshouse'));
    const noise = page.locator('#sheet-noise');
    await noise.locator('summary', { hasText: /^Add / }).click();
    await noise.locator('details[open]').getByLabel('name').fill('heater');
    await noise.locator('details[open]').locator('.take').click();
    await expect(noise.locator('details[open]').getByLabel('level, dB(A)')).toHaveValue(/^4[0-6]$/);
    await noise.locator('details[open]').getByRole('button', { name: 'Keep' }).click();
    await expect(noise.locator('summary', { hasText: 'heater' })).toContainText('level meter');
});

test('photos are sent one by one, with progress', async ({ desk: page }) => {
    await page.goto(page.url().replace('cameras', 'scout?look=photos'));
    const picture = Buffer.from(await page.evaluate(async () => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [320, 240];
        canvas.getContext('2d').fillRect(0, 0, 160, 240);
        return [...new Uint8Array(await (await new Promise((done) => canvas.toBlob(done, 'image/jpeg'))).arrayBuffer())];
    }));
    await page.setInputFiles('#photos', [1, 2, 3].map((n) => ({ name: `${n}.jpg`, mimeType: 'image/jpeg', buffer: Buffer.concat([picture, Buffer.from([n])]) })));
    await page.getByRole('button', { name: 'Send' }).click();
    await expect(page.locator('.photos img')).toHaveCount(3);
    await page.locator('#sheet-photos summary').first().click();
    await page.locator('#sheet-photos details[open]').getByLabel('focal length').fill('6.9');
    await page.locator('#sheet-photos details[open]').getByLabel('sensor width').fill('9.8');
    await page.locator('#sheet-photos details[open]').getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('.photos li').first()).toContainText('Same width as 17 mm on A');
    await expect(page.locator('.photos li').first().locator('.crop')).toHaveCount(1);
});

test('the day plays, and a school changes the limit in sight', async ({ desk: page }) => {
    await page.goto(page.url().replace('cameras', 'scout'));
    const now = page.locator('[data-sun-now] b');
    const opened = await now.textContent();
    await page.getByRole('button', { name: 'Play the day' }).click();
    await expect(now).not.toHaveText(opened);
    await page.getByRole('button', { name: 'Stop' }).click();
    await page.getByRole('link', { name: 'Brief' }).click();
    await page.getByRole('link', { name: 'Schools' }).click();
    await page.getByText('Toward profile and longer').click();
    await expect(page.getByLabel('Angle apart (school)')).toHaveValue('50');
    await expect(tally(page)).toContainText('break');
});

test('two phones tick the same lists without a connection, and meet with nothing lost', async ({ desk: page, browser }) => {
    const address = page.url().replace(/cameras.*/, 'scout?look=ticks');
    const phones = [];
    for (const who of ['Ida', 'Ole']) {
        const context = await browser.newContext();
        const phone = await context.newPage();
        await phone.goto(address);
        await phone.getByLabel('Your name').fill(who);
        await phone.getByLabel('Your name').blur();
        await expect(phone.locator('[data-log-state]')).toHaveText('All sent.');
        await context.setOffline(true);
        phones.push({ context, phone });
    }
    const [ida, ole] = phones;
    await ida.phone.getByLabel('tape and a laser').check();
    await ida.phone.getByLabel('light meter').check();
    await ole.phone.getByLabel('light meter').check();
    await ole.phone.getByLabel('light meter').uncheck();
    await expect(ida.phone.locator('[data-log-state]')).toHaveText('2 ticks wait here to be sent.');
    await ole.context.setOffline(false);
    await ida.context.setOffline(false);
    for (const { phone } of phones) {
        await expect(phone.locator('[data-log-state]')).toHaveText('All sent.');
        await expect(phone.getByLabel('tape and a laser')).toBeChecked();
        await expect(phone.getByLabel('light meter')).not.toBeChecked();
        await expect(phone.getByRole('listitem').filter({ hasText: 'light meter' })).toContainText('open again by Ole');
    }
    await ida.context.close();
    await ole.context.close();
});

test.describe('taken along', () => {
    test.use({ serviceWorkers: 'allow' });

    test('a shoot is taken along, and a page that was never opened opens without a connection', async ({ desk: page, context }) => {
        test.setTimeout(180_000);
        const take = page.locator('.pack');
        await take.getByRole('button', { name: 'Offline copy' }).click();
        await expect(take).toContainText(/\d+ pages on this device/, { timeout: 150_000 });
        await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
        await context.setOffline(true);
        await page.goto(page.url().replace(/cameras.*/, 'rig?look=grip'));
        await expect(page.getByRole('row', { name: /Clamp with a ball head/ }).first()).toBeVisible();
        await expect(page.locator('.pack')).toContainText('pages on this device');
        await context.setOffline(false);
    });
});
