import { demoFile, expect, finding, grab, onScreen, test } from './desk.mjs';

const lux = async (page) => Number((await page.locator('.face-light h3 .num').first().textContent()).replace(/\D.*/, ''));
const cheeks = async (page) => Number((await page.locator('.face-light .why').first().textContent()).match(/cheeks ([\d.]+)/)[1]);

test('each lamp goes off in turn and alone by its key, and frames and figures follow', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'light?place=duo'));
    const all = await lux(page);
    const frame = await page.locator('#frame-cam-b svg').innerHTML();
    await page.keyboard.press('1');
    await expect(page.locator('[data-lamp="1"]')).toContainText('switch on');
    expect(await lux(page)).toBeLessThan(all);
    expect(await page.locator('#frame-cam-b svg').innerHTML()).not.toBe(frame);
    await page.keyboard.press('1');
    await expect(page.locator('[data-lamp="1"]')).toContainText('off');
    await page.keyboard.press('Shift+1');
    await expect(page.locator('[data-lamp="2"]')).toContainText('switch on');
    await page.keyboard.press('Shift+1');
    await expect(page.locator('[data-lamp="2"]')).toContainText(': switch off');
    expect(await lux(page)).toBe(all);
    expect(await page.locator('#state').getAttribute('data-version')).toBe('1');
});

test('a black cloth dragged in beside the far cheek deepens the ratio', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'stage'));
    await page.getByRole('button', { name: 'Add furniture' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    const fill = async (label, value) => {
        const field = page.getByLabel(label, { exact: true });
        const version = await page.locator('#state').getAttribute('data-version');
        await field.fill(value);
        await field.press('Tab');
        await expect(page.locator('#state')).not.toHaveAttribute('data-version', version);
    };
    await fill('Width', '1.2');
    await fill('Depth', '0.02');
    await fill('Height', '1.4');
    await fill('Height off the floor', '0.5');
    await fill('Turned', '270');
    await fill('Light reflected', '3');
    await page.goto(page.url().replace(/stage.*/, 'light'));
    const before = await cheeks(page);
    const cloth = page.locator('[id^="thing-furniture"]');
    await grab(page, (await cloth.getAttribute('id')).replace('thing-', ''));
    await page.mouse.move(...(await onScreen(page, 3.7, 2.6)), { steps: 12 });
    await page.mouse.up();
    await expect.poll(() => cheeks(page)).toBeGreaterThan(before * 1.05);
});

test('an hour is looked at, and the stripe of sun arrives and goes', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'light?place=duo'));
    await page.getByLabel('Sky').selectOption('clear');
    await expect(page.locator('.bars').first()).toContainText('daylight by the gable window');
    const frame = async () => page.locator('#frame-cam-a svg').innerHTML();
    await page.getByLabel('Hour').selectOption('10:30');
    await expect(page.locator('.bars').first()).toContainText('the sun itself');
    const early = await frame();
    await page.getByLabel('Hour').selectOption('11:30');
    await expect(page.locator('.bars').first()).not.toContainText('the sun itself');
    expect(await frame()).not.toBe(early);
    await page.reload();
    await page.goto(page.url().replace(/\?.*/, '?place=duo'));
    await expect(page.locator('.bars').first()).toContainText('ambient');
});

test('a way to light is taken, and undo brings the lamps of before back', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'light?look=propose'));
    await page.getByRole('button', { name: 'Apply' }).first().click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await expect(page.locator('#side, .side').first()).not.toContainText('Key is in B’s frame');
    await page.goto(page.url().replace(/\?.*/, ''));
    expect(await lux(page)).toBeLessThan(300);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(() => lux(page)).toBeGreaterThan(600);
});

test('a person is lit from nothing by asking: key, edge, eyes', async ({ desk: page }) => {
    const plan = JSON.parse(demoFile);
    plan.setups[0].lights = [];
    await page.goto('/');
    await page.setInputFiles('input[type=file]', { name: 'dark.fineframe.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(plan)) });
    await page.getByRole('button', { name: 'Import' }).click();
    await page.waitForURL(/\/shoots\/.+\/cameras/);
    await page.goto(page.url().replace(/cameras.*/, 'light?look=build'));
    const now = (name) => page.locator('.now div').filter({ has: page.getByText(name, { exact: true }) }).locator('dd');
    const dim = await now('Face').textContent();
    expect(dim).toMatch(/under/);
    for (const [version, ask] of [['2', 'Exposure on target'], ['3', 'A back light'], ['4', 'Light in the eyes']]) {
        await page.getByRole('button', { name: ask, exact: true }).click();
        if (ask === 'Light in the eyes' && await now('Eyes').textContent() === 'a light in them') continue;
        await page.getByRole('button', { name: 'Do it' }).first().click();
        await expect(page.locator('#state')).toHaveAttribute('data-version', version);
    }
    expect(parseFloat(await now('Face').textContent())).toBeLessThan(1);
    await expect(now('Eyes')).toHaveText('a light in them');
    await page.goto(page.url().replace(/\?.*/, ''));
    await expect(page.locator('.switches')).toContainText('key for Miller');
});

test('another school turns verdicts and proposals, and the page says so before', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'brief?look=schools'));
    const contrast = page.locator('#school-contrast');
    await expect(contrast.locator('label', { hasText: 'as planned now' })).toContainText('shadow toward the lens');
    await contrast.getByText('What another choice would change').click();
    await expect(contrast.locator('.otherwise')).toContainText('you want 1.6 at most');
    await contrast.locator('label', { hasText: 'Even all round' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await expect(contrast.locator('.follows')).toHaveClass(/apart/);
    await page.locator('#school-lamps label', { hasText: 'One, moved about' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '3');
    await page.goto(page.url().replace(/brief.*/, 'light?look=propose'));
    await expect(page.locator('.proposal').first()).toContainText('1 lamp on');
    for (const proposal of await page.locator('.proposal').all()) await expect(proposal).toContainText(/\b[01] lamps? on/);
    await expect(finding(page, 'you want 1.6 at most')).toBeVisible();
});

test('a bar tells how far a slow answer is, and goes when the frames are there', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'light?place=duo'));
    let release;
    const held = new Promise((done) => (release = done));
    await page.route('**/light?**', async (route) => {
        await held;
        await route.continue();
    });
    const frame = await page.locator('#frame-cam-b svg').innerHTML();
    await page.keyboard.press('1');
    await expect(page.getByRole('progressbar', { name: 'Updating frames and checks' })).toBeVisible();
    expect(await page.locator('#making').evaluate((bar) => bar.value)).toBeGreaterThan(0);
    release();
    await expect(page.locator('#making')).toBeHidden();
    expect(await page.locator('#frame-cam-b svg').innerHTML()).not.toBe(frame);
});

test('a lamp goes outside, comes in by the window, and a walk is judged', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'light?select=key'));
    const set = async (label, value) => {
        const version = await page.locator('#state').getAttribute('data-version');
        const field = page.locator(`[name="fields[/setups/talk/lights/key/${label}]"]`);
        await field.fill(value);
        await field.press('Tab');
        await expect(page.locator('#state')).not.toHaveAttribute('data-version', version);
    };
    await set('x_m', '-1.5');
    await set('y_m', '3.5');
    await page.goto(page.url().split('?')[0] + '?look=list');
    await expect(page.locator('#verdicts')).toContainText('Key outside doesn’t reach its subject.');
    await expect(page.locator('.table-panel').first()).toContainText('outside, ');
    await page.getByText('Add a move').click();
    const walk = page.locator('#entry-walks-new');
    await walk.getByLabel('name').fill('to the door');
    await walk.getByLabel('person').selectOption({ label: 'Miller' });
    await walk.getByLabel(/to, across/).fill('4.9');
    await walk.getByLabel(/to, up/).fill('2.6');
    await walk.getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('.table-panel').first()).toContainText('to the door: Miller, no lamp carried.');
});
