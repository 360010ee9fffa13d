import { expect, test } from './desk.mjs';

test('things are ticked by their labels, a case by its own, and stay so for whoever opens the list', async ({ desk: page }) => {
    const list = page.url().replace(/cameras.*/, 'pack?look=out');
    await page.goto(list);
    const label = page.getByLabel('Label');
    const sent = () => page.waitForResponse((answer) => answer.url().endsWith('/log') && answer.request().postDataJSON()?.marks.length > 0);
    const packed = page.getByText('1 of 22 packed, 0 back');
    let kept = sent();
    await label.fill('24–70 mm zoom');
    await label.press('Enter');
    await expect(page.getByLabel('24–70 mm zoom is packed')).toBeChecked();
    await expect(packed).toBeVisible();
    await kept;
    kept = sent();
    await label.fill('fine-frame:case/panel bag');
    await label.press('Enter');
    await expect(page.getByText('2 of 2 packed, 0 back')).toBeVisible();
    await kept;
    await label.fill('a hat');
    await label.press('Enter');
    await expect(page.getByText('No label “a hat” here.')).toBeVisible();
    await expect(page.getByText('All sent.')).toBeVisible();
    await page.goto(list);
    await expect(packed).toBeVisible();
    await page.locator('[data-pack-way]').selectOption('back');
    await label.fill('24–70 mm zoom');
    await page.getByRole('button', { name: 'Tick', exact: true }).click();
    await expect(page.getByText('1 of 22 packed, 1 back')).toBeVisible();
});

test('labels carry marks that are read', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'labels'));
    await expect(page.locator('.label svg')).toHaveCount(await page.locator('.label').count());
    await expect(page.locator('.label', { hasText: 'gimbal bag' })).toContainText('1 thing');
});
