import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './support/shop';

test('two people are pressed with the clock, a break in the line notwithstanding, and a spoiled one is cut again', async ({
    page,
}) => {
    test.slow();
    await page.goto('/jobs/crew-seats');
    await page.getByRole('radio', { name: 'To cut' }).click();
    await expect(page.getByRole('radio', { name: 'To cut' })).toBeChecked();
    await page.clock.install();
    await page.goto('/press/crew-shirt-names');
    const queue = page.getByRole('list', { name: 'To press' });
    const timer = page.getByRole('timer', { name: 'Seconds left' });
    await expect(queue.getByRole('button', { name: /^Marisol · S/ })).toHaveAttribute('aria-current', 'true');
    await expect(page.getByRole('img', { name: /measured from the collar/ })).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    /** Starts the step that is next by the space bar, and lets its seconds pass. */
    const press = async (seconds: number) => {
        await expect(timer).toHaveText(`0:${String(seconds).padStart(2, '0')}`);
        await page.keyboard.press(' ');
        await expect(page.getByRole('button', { name: 'Stop (space)' })).toBeVisible();
        await page.clock.runFor(1000 * seconds + 200);
    };
    for (const seconds of [3, 3, 12, 5]) {
        await press(seconds);
    }
    await expect(queue.getByRole('button', { name: /✓ Marisol · S pressed \d\d:\d\d/ })).toBeVisible();
    await expect(queue.getByRole('button', { name: /^Thaddeus · M/ })).toHaveAttribute('aria-current', 'true');
    await expect(page.getByRole('contentinfo')).toContainText('Pressed1 of 9');

    // The line breaks in the middle of a piece: the clock runs on, and the server is told when it is there again.
    await press(3);
    await page.route('**/api/designs/*/press', (route) =>
        route.request().method() === 'POST' ? route.abort() : route.continue(),
    );
    for (const seconds of [3, 12, 5]) {
        await press(seconds);
    }
    await expect(page.getByText(/1 not saved yet/)).toBeVisible();
    await expect(queue.getByRole('button', { name: /✓ Thaddeus · M/ })).toBeVisible();
    await page.unroute('**/api/designs/*/press');
    await page.clock.runFor(5000);
    await expect(page.getByText(/not saved yet/)).toBeHidden();
    await expect(page.getByRole('contentinfo')).toContainText('Pressed2 of 9');

    // The next one is spoiled.
    await queue.getByRole('button', { name: 'Spoiled: cut again' }).click();
    await expect(page.getByText('Laid out again.')).toBeVisible();
    await page.getByRole('link', { name: 'To the Cut room' }).click();
    await expect(page).toHaveURL(/cut-room/);
    const films = (await (await page.request.get('/api/layouts')).json()) as { pieces: { name: string }[] }[];
    expect(films.map(({ pieces }) => pieces.map(({ name }) => name))).toEqual([['Ines, S'], ['Ines, S']]);
    const list = (await (await page.request.get('/api/jobs/crew-seats/names')).json()) as {
        people: { state: string }[];
    };
    expect(list.people.slice(0, 3).map(({ state }) => state)).toEqual(['pressed', 'pressed', 'to cut']);
});
