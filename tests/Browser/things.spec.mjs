import { readFileSync } from 'node:fs';
import { blackout, expect, finding, grab, onScreen, tally, test } from './desk.mjs';

test('a camera is added, moved by keys, removed with Delete and brought back', async ({ desk: page }) => {
    await page.keyboard.press('a');
    await expect(page.getByRole('heading', { name: 'Camera C' })).toBeVisible();
    await expect(page.locator('.frame')).toHaveCount(3);
    const c = page.locator('#thing-camera-1');
    await c.focus();
    const before = Number(await c.getAttribute('data-y'));
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('#state')).toHaveAttribute('data-version', '3');
    expect(Number(await c.getAttribute('data-y'))).toBeCloseTo(before - 0.1, 3);
    await c.focus();
    await page.keyboard.press('Delete');
    await expect(page.locator('.frame')).toHaveCount(2);
    await expect(page.locator('#said')).toContainText('Removed C. Undo brings it back.');
    await page.keyboard.press('u');
    await expect(page.locator('.frame')).toHaveCount(3);
});

test('a lens is changed on the card and brings its focal length along', async ({ desk: page }) => {
    await page.keyboard.press('1');
    await page.getByLabel('Lens', { exact: true }).selectOption({ label: '85 mm prime' });
    await expect(page.getByLabel('Focal length')).toHaveValue('85');
    await expect(page.locator('.frame').first().locator('figcaption')).toContainText('85 mm · close-up');
    await page.getByLabel('Aims').selectOption({ label: 'freely' });
    await expect(page.getByLabel('Bearing')).toHaveValue(/^34\d/);
    const aim = page.locator('#thing-cam-a');
    await aim.focus();
    await page.keyboard.press(']');
    await expect(page.locator('#state')).toHaveAttribute('data-version', '4');
    await expect(page.getByLabel('Bearing')).toHaveValue(/^35\d|^34\d/);
});

test('a change of units is everywhere, and what is typed in either is understood', async ({ desk: page }) => {
    await page.keyboard.press('i');
    await page.waitForLoadState('networkidle');
    await expect(finding(page, 'inside B’s frame')).toContainText('3½″');
    await page.keyboard.press('1');
    await expect(page.getByLabel('Lens height')).toHaveValue('3\'11"');
    await page.getByLabel('Lens height').fill('4ft 2 1/2in');
    await page.getByLabel('Lens height').press('Tab');
    await expect(page.getByLabel('Lens height')).toHaveValue('4\'2 1/2"');
    await page.getByLabel('Lens height').fill('1.1 m');
    await page.getByLabel('Lens height').press('Tab');
    await expect(page.getByLabel('Lens height')).toHaveValue('3\'7 1/2"');
    await expect(page.locator('.figures')).toContainText('Lens to eyes');
});

test('undo goes on over the whole history after the page is opened anew', async ({ desk: page }) => {
    for (const [i, [x, y]] of [[5.2, 1.6], [5.1, 1.7], [5.0, 1.8]].entries()) {
        await grab(page, 'cam-b');
        const [sx, sy] = await onScreen(page, x, y);
        await page.mouse.move(sx, sy, { steps: 4 });
        await page.mouse.up();
        await expect(page.locator('#thing-cam-b')).not.toHaveAttribute('transform', /./);
        await expect(page.locator('#state')).toHaveAttribute('data-version', String(2 + i));
    }
    await page.goto(page.url());
    await expect(page.locator('#state')).toHaveAttribute('data-version', '4');
    for (let i = 0; i < 3; i++) {
        await page.keyboard.press('u');
        await expect(page.locator('#state')).toHaveAttribute('data-version', String(5 + i));
    }
    expect(await page.locator('#thing-cam-b').getAttribute('data-x')).toBe('5.3');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('every figure opens to its working', async ({ desk: page }) => {
    await page.keyboard.press('1');
    const figure = page.locator('.figures details', { hasText: 'Hyperfocal' });
    await figure.locator('summary').click();
    await expect(figure).toContainText('H = f²/(N·c) + f');
    await page.keyboard.press('Escape');
    const first = page.locator('.finding.breaks').first();
    await first.getByText('Working').click();
    await expect(first.locator('.sum')).toContainText('share');
});

test('floor, frames and sheet come out as files', async ({ desk: page }) => {
    const take = async (link) => {
        const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
        return readFileSync(await download.path(), 'utf8');
    };
    const floor = await take(page.getByRole('link', { name: 'Floor (SVG)' }));
    expect(floor).toContain('hearth wall 5.60 m');
    expect(floor).toMatch(/width="164\.\d+mm"/);
    const frame = await take(page.locator('.frame').nth(1).getByRole('link', { name: 'SVG' }));
    expect(frame).toContain('Key 4 %');
    for (const text of [floor, frame]) expect(await page.evaluate((svg) => new DOMParser().parseFromString(svg, 'image/svg+xml').querySelector('parsererror'), text)).toBeNull();
    for (const paper of ['Sheet, A4', 'Sheet, Letter']) {
        const answer = await page.request.get(await page.getByRole('link', { name: paper }).getAttribute('href'));
        expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
    }
});

test('a lost connection is told, and the next move is kept', async ({ desk: page }) => {
    await page.route('**/preview', (route) => route.abort());
    await page.route('**/edit', (route) => route.abort());
    await page.locator('#thing-cam-b').focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('#said')).toContainText('What you see may not be kept');
    await page.unroute('**/preview');
    await page.unroute('**/edit');
    await page.locator('#thing-cam-b').focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
});

test('a file that is none of ours is refused with a sentence', async ({ page }) => {
    await page.goto('/');
    for (const [content, sentence] of [['not a plan', 'The file is not JSON'], ['{"format":"fineframe-plan","version":7}', 'The plan is of version 7']]) {
        await page.setInputFiles('input[type=file]', { name: 'plan.fineframe.json', mimeType: 'application/json', buffer: Buffer.from(content) });
        await page.getByRole('button', { name: 'Import' }).click();
        await expect(page.getByRole('alert')).toContainText('Nothing was imported.');
        await expect(page.getByRole('alert')).toContainText(sentence);
    }
});

test('a plan is removed without a question and comes back by undo', async ({ desk: page }) => {
    await page.goto('/');
    const plans = page.locator('.plans li');
    const count = await plans.count();
    await plans.first().getByRole('button', { name: /Remove/ }).click();
    await expect(plans).toHaveCount(count - 1);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(plans).toHaveCount(count);
});

test('the blackout theme stays on the next page', async ({ desk: page }) => {
    await blackout(page);
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'blackout');
    await page.locator('#stages').getByRole('link', { name: 'Light' }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'blackout');
    await expect(tally(page)).toHaveText(/^3 break/);
});
