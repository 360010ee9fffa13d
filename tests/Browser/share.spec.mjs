import { expect, test } from '@playwright/test';
import { DEMO } from './desk.mjs';

const CREW = 'http://127.0.0.1:8138';
test.use({ baseURL: CREW });

async function signedIn(browser, name) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: CREW });
    const page = await context.newPage();
    await page.goto('/');
    await page.getByLabel('Name').fill(name);
    await page.getByLabel('Password').fill('a tide of ten');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Shoots' })).toBeVisible();
    return page;
}

/** A shoot of an owner’s own, from the demo; its address. */
async function brought(page) {
    await page.setInputFiles('input[name=plan]', DEMO);
    await page.getByRole('button', { name: 'Import' }).click();
    await page.waitForURL(/\/shoots\/.+\/cameras/);
    return page.url().replace(/\/cameras.*/, '');
}

async function linked(page, shoot, name, role) {
    await page.goto(`${shoot}/share`);
    await page.getByLabel('For', { exact: true }).fill(name);
    await page.getByRole('radio', { name: role }).check();
    await page.getByRole('button', { name: 'Make the link' }).click();
    return page.getByLabel('The link', { exact: true }).inputValue();
}

const move = async (page, shoot, thing, arrow) => {
    await page.goto(`${shoot}/cameras`);
    const kept = page.waitForResponse((answer) => answer.url().endsWith('/edit'));
    await page.locator(`#thing-${thing}`).focus();
    await page.keyboard.press(arrow);
    await kept;
};

test('two plan at one time and a client looks on: each sees what the other did, and nothing is lost', async ({ browser }) => {
    const isolde = await signedIn(browser, 'Isolde');
    const shoot = await brought(isolde);
    const client = await (await browser.newContext({ baseURL: CREW })).newPage();
    await client.goto(await linked(isolde, shoot, 'The trust', 'Client'));
    await expect(client.getByText('Shown to The trust, as client')).toBeVisible();
    await expect(client.locator('#frames figure')).not.toHaveCount(0);
    await expect(client.locator('form:not(.settings)')).toHaveCount(0);
    const odo = await signedIn(browser, 'Odo');
    expect((await odo.goto(`${shoot}/cameras`)).status()).toBe(404);
    await isolde.getByRole('button', { name: 'plans it too' }).click();
    await odo.goto(`${shoot}/cameras`);
    const x = (page, thing) => page.locator(`#thing-${thing}`).getAttribute('data-x');
    const before = Number(await x(odo, 'cam-b'));

    await move(isolde, shoot, 'cam-b', 'ArrowRight');
    await expect(odo.getByText('Isolde: Move B.')).toBeVisible();
    await expect.poll(async () => Number(await x(odo, 'cam-b'))).toBeCloseTo(before + 0.05, 3);
    await expect.poll(async () => Number(await x(client, 'cam-b'))).toBeCloseTo(before + 0.05, 3);

    // While something is typed, it is said and not drawn over.
    await isolde.goto(`${shoot}/cameras?select=cam-a`);
    const height = isolde.getByLabel('Lens height');
    await height.fill('1.234');
    await move(odo, shoot, 'cam-b', 'ArrowLeft');
    await expect(isolde.getByRole('button', { name: 'Show it' })).toBeVisible();
    await expect(height).toHaveValue('1.234');
    const kept = isolde.waitForResponse((answer) => answer.url().endsWith('/card'));
    await height.press('Enter');
    expect((await kept).status()).toBe(200);
    // Made from an older version, it touches nothing that changed: both stand.
    await expect.poll(async () => Number(await x(isolde, 'cam-b'))).toBeCloseTo(before, 3);
    await expect.poll(async () => Number(await x(client, 'cam-b'))).toBeCloseTo(before, 3);
    for (const page of [isolde, odo, client]) await page.context().close();
});

test('a link that is taken back while its phone has no connection keeps what was ticked, and says so', async ({ browser }) => {
    const isolde = await signedIn(browser, 'Isolde');
    const shoot = await brought(isolde);
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: CREW, serviceWorkers: 'allow' });
    const phone = await context.newPage();
    await phone.goto(await linked(isolde, shoot, 'Ansel', 'Crew'));
    await phone.goto(`${shoot}/wrap`);
    await phone.evaluate(() => navigator.serviceWorker?.ready);
    await phone.goto(`${shoot}/wrap`);
    const boxes = phone.locator('[data-item]');
    await boxes.nth(0).check();
    await expect(phone.getByText('All sent.')).toBeVisible();
    await context.setOffline(true);
    await boxes.nth(1).check();
    await expect(phone.getByText('1 tick waits here to be sent.')).toBeVisible();
    await isolde.goto(`${shoot}/share`);
    await isolde.getByRole('button', { name: 'Take back the link for Ansel' }).click();
    await expect(isolde.getByText('taken back on')).toBeVisible();
    await context.setOffline(false);
    await expect(phone.getByText('Your link has ended: one tick waits here.')).toBeVisible();
    await phone.goto(await linked(isolde, shoot, 'Ansel again', 'Crew'));
    await phone.goto(`${shoot}/wrap`);
    await expect(phone.getByText('All sent.')).toBeVisible();
    await expect(boxes.nth(1)).toBeChecked();
    await isolde.goto(`${shoot}/share`);
    await expect(isolde.getByRole('row', { name: /Ansel again \(crew\) opened wrap, restore/ })).toBeVisible();
    for (const page of [isolde, phone]) await page.context().close();
});
