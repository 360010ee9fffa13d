import { expect, finding, test } from './desk.mjs';

test('blankets are hung and heard in the figures, by the mend and by hand', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=room'));
    const rings = async () => Number((await page.locator('.board-text p').first().textContent()).match(/Reverb for speech: ([\d.]+) s/)[1]);
    const bare = await rings();
    await page.getByText('Add a treatment').click();
    const form = page.locator('#sheet-treatments');
    await form.getByLabel('name').fill('two blankets');
    await form.getByLabel('material', { exact: true }).selectOption('curtain');
    await form.getByLabel('area').fill('7.2');
    await form.getByRole('button', { name: 'Keep' }).click();
    await expect.poll(rings).toBeLessThan(bare - 0.1);
    const two = await rings();
    await page.locator('#elsewhere-scout > summary').click();
    await finding(page, 'The room’s reverb is').getByRole('button', { name: /hang \d+ blankets/ }).click();
    await expect.poll(rings).toBeLessThan(two - 0.3);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(rings).toBeCloseTo(two, 2);
});

test('links are coordinated at once, one is locked, and the rest give way', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=radio&place=duo'));
    await expect(page.locator('.spectrum .carrier')).toHaveCount(6);
    await expect(page.locator('.spectrum .carrier.hit')).toHaveCount(0);
    const first = page.locator('#sheet-links .entry').first();
    await first.locator('summary').click();
    await first.getByLabel('frequency, MHz').fill('471.6');
    await first.getByLabel('locked').selectOption('1');
    await first.getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('.spectrum .carrier.hit')).not.toHaveCount(0);
    await page.getByRole('button', { name: 'Coordinate wireless' }).click();
    await expect(page.locator('.spectrum .carrier.hit')).toHaveCount(0);
    await expect(page.locator('#sheet-links')).toContainText('471.6');
});

test('the boom’s cable breaks on paper: what survives is seen, and the matrix is worked by keys', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=tracks'));
    const without = page.locator('tr', { has: page.getByRole('rowheader', { name: 'the cable of Boom' }) });
    await expect(without.locator('td')).toHaveText(['1']);
    const cell = (what) => page.getByRole('button', { name: what });
    await cell('Miller by Lavalier to camera A').focus();
    await page.keyboard.press('Space');
    await expect(without.locator('td')).toHaveText(['lost']);
    await expect(page.locator('#verdicts')).toContainText('Miller');
    await cell('Miller by Boom to recorder').focus();
    await page.keyboard.press('ArrowDown');
    await expect(cell('Miller by Lavalier to recorder')).toBeFocused();
    await page.keyboard.press('Space');
    await expect(cell('Miller by Lavalier to recorder')).toHaveAttribute('aria-pressed', 'true');
    await expect(without.locator('td')).toHaveText(['1']);
});

test('the frame that costs the boom most is lowered, and the boom comes nearer', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=mics'));
    const nearest = async () => Number((await page.locator('.boom-study h3').textContent()).match(/nearest (\d+) cm/)[1]);
    const before = await nearest();
    await expect(page.locator('.boom-study')).toContainText('B’s 30 mm costs');
    await page.getByRole('button', { name: /Lower B’s frame line/ }).click();
    await expect.poll(nearest).toBeLessThan(before);
});

test('a scan and a clap are taken by the instruments on site', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=room'));
    await page.getByTitle('Clap and record').click();
    await expect(page.getByRole('img', { name: 'Decay of the last clap' })).toBeVisible();
    await page.goto(page.url().replace(/look=room/, 'look=radio').replace(/sound.*/, 'sound?look=radio&place=duo'));
    await page.getByTitle('Scan with the scanner').click();
    await expect(page.locator('#sheet-occupied')).toContainText('heard at');
});

test('twelve links are coordinated, one is locked where it disturbs, and one other is repaired', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=radio&place=duo'));
    const six = Object.fromEntries([7, 8, 9, 10, 11, 12].map((n) => [`new${n}`, { id: '', name: `Link ${n}`, from_mhz: '470', to_mhz: '518', step_khz: '25' }]));
    await page.evaluate(async (rows) => {
        const form = document.querySelector('#sheet-links form');
        const data = new FormData(form);
        for (const [key, row] of Object.entries(rows)) for (const [name, value] of Object.entries(row)) data.set(`rows[${key}][${name}]`, value);
        await fetch(form.action, { method: 'POST', body: data });
    }, six);
    await page.reload();
    await expect(page.locator('#sheet-links')).toContainText('Link 12');
    await page.getByRole('button', { name: 'Coordinate wireless' }).click();
    await expect(page.locator('.spectrum .carrier')).toHaveCount(12);
    await expect(page.locator('.spectrum .carrier.hit')).toHaveCount(0);
    const link = (nth) => page.locator('#sheet-links .entry').nth(nth);
    const set = async (nth) => Number(await link(nth).getByLabel('frequency, MHz').inputValue());
    const near = (await set(0)) + 0.2;
    await link(2).locator('summary').click();
    await link(2).getByLabel('frequency, MHz').fill(near.toFixed(3));
    await link(2).getByLabel('locked').selectOption('1');
    await link(2).getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('.spectrum .carrier.hit')).not.toHaveCount(0);
    await page.getByRole('button', { name: /Mend: retune .* leave the rest/ }).first().click();
    await expect(page.locator('.spectrum .carrier.hit')).toHaveCount(0);
    expect(await set(2)).toBeCloseTo(near, 3);
});

test('a boom is heard nearer: its response is louder, and the next row goes on where the last one is', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=hear'));
    const rows = page.locator('[data-hear]');
    await expect(rows).toHaveCount(3);
    const peaks = await rows.evaluateAll((buttons) => Promise.all(buttons.map(async (button) => {
        const bytes = await (await fetch(button.dataset.hear)).arrayBuffer();
        const sound = await new OfflineAudioContext(1, 1, 48_000).decodeAudioData(bytes);
        return sound.getChannelData(0).reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
    })));
    // As placed it is nearer than the frames allow; on the chest it is nearer still.
    expect(peaks[0]).toBeGreaterThan(1.2 * peaks[1]);
    expect(peaks[2]).toBeGreaterThan(peaks[0]);
    await rows.nth(0).click();
    await expect(rows.nth(0)).toHaveAttribute('aria-pressed', 'true');
    await rows.nth(2).click();
    await expect(rows.nth(2)).toHaveAttribute('aria-pressed', 'true');
    await expect(rows.nth(0)).toHaveAttribute('aria-pressed', 'false');
    await rows.nth(2).click();
    await expect(rows.nth(2)).toHaveAttribute('aria-pressed', 'false');
});
