import { expect, finding, test } from './desk.mjs';

test('a breaker is overloaded, said, and solved by sharing out', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rig?look=power'));
    await page.getByText('Add a load').click();
    const load = page.locator('#entry-loads-new');
    await load.getByLabel('name').fill('Heater');
    await load.getByLabel('power, W').fill('2600');
    await load.getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await page.getByLabel('Circuit of Heater').selectOption({ label: 'wall sockets' });
    await expect(page.locator('#state')).toHaveAttribute('data-version', '3');
    await expect(finding(page, 'wall sockets carries')).toContainText('continuous limit is 12.8 A');
    await expect(page.locator('.power .is-over')).toContainText('wall sockets');
    await page.getByRole('button', { name: 'Spread, most headroom' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '4');
    await expect(page.locator('.power .is-over')).toHaveCount(0);
    await expect(page.getByLabel('Circuit of Heater')).toHaveValue('circuits-1');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.power .is-over')).toContainText('wall sockets');
});

const plugged = (page, lamp) => page.locator('#plug').evaluate((form, id) => JSON.parse(form.dataset.on)[id], lamp);
const version = (page, n) => expect(page.locator('#state')).toHaveAttribute('data-version', String(n));

test('a lamp dropped on an outlet is plugged in there and stays where it stands; c takes the next', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rig'));
    const laid = await page.locator('path.mains').evaluateAll((all) => all.map((one) => one.getAttribute('d')));
    const x = await page.locator('#thing-key').getAttribute('data-x');
    const lamp = await page.locator('#thing-key path.box').boundingBox();
    await page.mouse.move(lamp.x + lamp.width / 2, lamp.y + lamp.height / 2);
    await page.mouse.down();
    const outlet = await page.locator('circle[data-circuit=circuits-1]').first().boundingBox();
    await page.mouse.move(outlet.x + outlet.width / 2 - 60, outlet.y + 40, { steps: 4 });
    await page.mouse.move(outlet.x + outlet.width / 2, outlet.y + outlet.height / 2, { steps: 4 });
    await expect(page.locator('.outlet-reach.over')).toHaveCount(1);
    await page.mouse.up();
    await version(page, 2);
    expect(await plugged(page, 'key')).toBe('circuits-1');
    await expect(page.locator('#thing-key')).toHaveAttribute('data-x', x);
    expect(await page.locator('path.mains').evaluateAll((all) => all.map((one) => one.getAttribute('d')))).not.toEqual(laid);
    await page.locator('#thing-key').focus();
    await page.keyboard.press('c');
    await version(page, 3);
    expect(await plugged(page, 'key')).toBe('circuits-2');
});

test('a clamp is taken out of the stock, and the grip list says which is short', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'cameras?look=kit'));
    const entry = page.locator('#entry-stock-there-clamp');
    await entry.locator('summary').click();
    await entry.getByLabel('how many').fill('1');
    await entry.getByRole('button', { name: 'Keep' }).click();
    await version(page, 2);
    await page.goto(page.url().replace(/cameras.*/, 'rig?look=grip'));
    await expect(page.getByRole('row', { name: /Clamp with a ball head 2 2 1 1/ })).toBeVisible();
    await expect(page.locator('#f-stock-suffices_back_hearth_clamp')).toContainText('Clamp with a ball head');
});

test('the safety sheet names ways out and cautions, and opens as a file', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rig?look=safety'));
    await expect(page.getByRole('row', { name: /Miller yard door 50 cm/ })).toBeVisible();
    await expect(page.locator('.cautions').last()).toContainText('safety line');
    const sheet = await page.request.get(await page.getByRole('link', { name: 'Safety sheet (A4)' }).getAttribute('href'));
    expect(sheet.headers()['content-type']).toBe('application/pdf');
});
