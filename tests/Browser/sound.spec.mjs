import { expect, finding, test } from './desk.mjs';

test('blankets are hung and heard in the figures, by the mend and by hand', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'sound?look=room'));
    const rings = async () => Number((await page.locator('.board-text p').first().textContent()).match(/rings ([\d.]+) s/)[1]);
    const bare = await rings();
    await page.getByText('Add a cloth').click();
    const form = page.locator('#sheet-treatments');
    await form.getByLabel('what').fill('two blankets');
    await form.getByLabel('of', { exact: true }).selectOption('curtain');
    await form.getByLabel('area').fill('7.2');
    await form.getByRole('button', { name: 'Keep' }).click();
    await expect.poll(rings).toBeLessThan(bare - 0.1);
    const two = await rings();
    await finding(page, 'The room rings for').getByRole('button', { name: /hang \d+ blankets/ }).click();
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
    await first.getByLabel('set to, MHz').fill('471.6');
    await first.getByLabel('stays').selectOption('1');
    await first.getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('.spectrum .carrier.hit')).not.toHaveCount(0);
    await page.getByRole('button', { name: 'Coordinate all links' }).click();
    await expect(page.locator('.spectrum .carrier.hit')).toHaveCount(0);
    await expect(page.locator('#sheet-links')).toContainText('471.6');
});
