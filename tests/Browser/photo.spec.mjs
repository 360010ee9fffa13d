import { readFileSync } from 'node:fs';
import { expect, test } from './desk.mjs';

// The stone room's edges from a known standpoint, and where points of the plan are seen on it, in shares of the picture.
const PICTURE = 'tests/Browser/stone-room.jpg';
const SEEN = JSON.parse(readFileSync('tests/Browser/stone-room.json', 'utf8'));

test('a photo is marked by tapping, the plan falls into place over it, and a length is read off it', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'scout?look=photos'));
    await page.setInputFiles('#photos', PICTURE);
    await page.getByRole('button', { name: 'Send' }).click();
    await page.getByRole('link', { name: 'Measure in it' }).click();
    await expect(page.locator('[data-photo-state]')).toContainText('0 marks are too few');
    const photo = page.locator('[data-photo-reads]');
    let version = Number(await page.locator('#state').getAttribute('data-version'));
    for (const [point, [x, y]] of Object.entries(SEEN)) {
        await page.locator('[data-photo-point]').selectOption(point);
        const box = await photo.boundingBox();
        await photo.click({ position: { x: x * box.width, y: y * box.height } });
        await expect(page.locator('#state')).toHaveAttribute('data-version', String(++version));
    }
    await expect(page.locator('[data-photo-state]')).toContainText(/^Taken 1\.[45]\d m across, \d+ cm|^Taken 1\.[45]\d m across, 0?\.?[89]/);
    expect(await page.locator('.plan-line').count()).toBeGreaterThan(3);
    await page.locator('[data-photo-plane]').selectOption('height');
    const box = await photo.boundingBox();
    const [foot, top] = [SEEN['corner/w5/floor'], SEEN['corner/w5/ceiling']];
    for (const [x, y] of [foot, top]) await photo.click({ position: { x: x * box.width, y: y * box.height } });
    await expect(page.locator('[data-photo-read]')).toContainText(/^\d\.\d\d m, to about/);
});
