import { expect, finding, test } from './desk.mjs';

test('a breaker is overloaded, said, and solved by sharing out', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rig?look=power'));
    await page.getByText('Add a load').click();
    const load = page.locator('#entry-loads-new');
    await load.getByLabel('what').fill('Heater');
    await load.getByLabel('power, W').fill('2600');
    await load.getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await page.getByLabel('Circuit of Heater').selectOption({ label: 'wall sockets' });
    await expect(page.locator('#state')).toHaveAttribute('data-version', '3');
    await expect(finding(page, 'wall sockets carries')).toContainText('12.8 A may be drawn');
    await expect(page.locator('.power .is-over')).toContainText('wall sockets');
    await page.getByRole('button', { name: 'Share out, most room left' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '4');
    await expect(page.locator('.power .is-over')).toHaveCount(0);
    await expect(page.getByLabel('Circuit of Heater')).toHaveValue('circuits-1');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.power .is-over')).toContainText('wall sockets');
});
