// A shop of a thousand jobs, most of them done and archived: the rail's answer, the stamp, and a history of 500 steps on the screen.
import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { row, withBench } from './support/bench.mjs';

const database = join(mkdtempSync(join(tmpdir(), 'uvret-rail-')), 'shop.sqlite');
const JOBS = 1000;
const STEPS = 500;

/** Copies of the demo's jobs, each with a design, and a history of some length. */
const fill = `
    $db = new PDO('sqlite:' . $argv[1]);
    $db->beginTransaction();
    $designs = $db->query('SELECT d.id, d.document FROM job_design d')->fetchAll();
    $states = ['to design', 'to approve', 'to cut', 'to press'];
    for ($n = $db->query('SELECT count(*) FROM job')->fetchColumn(); $n < ${JOBS}; ++$n) {
        $design = $designs[$n % count($designs)];
        $hangs = 0 === $n % 4;
        $db->prepare('INSERT INTO job (id, title, customer, due, state, archived_at) VALUES (?, ?, ?, ?, ?, ?)')
            ->execute([
                "job-$n",
                "Job number $n",
                'Harbour Juniors',
                date('Y-m-d', time() + 86400 * ($n % 90)),
                $hangs ? $states[$n / 4 % 4] : 'done',
                $n % 4 > 1 ? '2026-06-01 10:00:00' : null,
            ]);
        $db->prepare('INSERT INTO item (job_id, position, blank, size, quantity) VALUES (?, 0, ?, ?, ?)')->execute(["job-$n", 'Crew tee', 'M', 1 + $n % 30]);
        $db->prepare('INSERT INTO job_design (id, job_id, position, document, saved_at, version, step, approval_step) VALUES (?, ?, 0, ?, ?, 1, 1, 0)')
            ->execute(["design-$n", "job-$n", $design['document'], '2026-06-01 10:00:00']);
        $db->prepare("INSERT INTO design_step (design_id, number, parent, change_of, document, made_at, hash) VALUES (?, 1, 0, '', ?, ?, ?)")
            ->execute(["design-$n", $design['document'], '2026-06-01 10:00:00', hash('xxh128', $design['document'])]);
    }
    $document = $db->query("SELECT document FROM job_design WHERE id = 'kit-bag-ottilie'")->fetchColumn();
    for ($n = 2; $n <= ${STEPS}; ++$n) {
        $own = str_replace('Ottilie', "Ottilie $n", $document);
        $db->prepare("INSERT INTO design_step (design_id, number, parent, change_of, document, made_at, hash) VALUES ('kit-bag-ottilie', ?, ?, '', ?, ?, ?)")
            ->execute([$n, $n - 1, $own, '2026-06-01 10:00:00', hash('xxh128', $own)]);
    }
    $db->exec("UPDATE job_design SET step = ${STEPS}, document = (SELECT document FROM design_step WHERE design_id = 'kit-bag-ottilie' AND number = ${STEPS}) WHERE id = 'kit-bag-ottilie'");
    $db->commit();
`;

const rail = [];
const stamp = [];
const opened = [];
let size = 0;
await withBench(
    async (page, address) => {
        execFileSync('php', ['-r', fill, database]);
        // What an earlier version worked out is worked out anew beside the served shop, as bin/start has it done.
        execFileSync('bin/console', ['uvret:summaries'], { env: { ...process.env, UVRET_DATABASE: database } });
        const timed = async (path, times) => {
            for (let round = 0; round < 40; round += 1) {
                const start = performance.now();
                const text = await (await fetch(address + path)).text();
                times.push(performance.now() - start);
                size = path === '/api/jobs' ? text.length : size;
            }
        };
        await timed('/api/jobs', rail);
        await timed('/api/stamp', stamp);
        await page.goto(`${address}/designs/kit-bag-ottilie`);
        await page.locator('[data-line]').first().waitFor();
        for (let round = 0; round < 12; round += 1) {
            const took = await page.evaluate(
                (steps) =>
                    new Promise((resolve) => {
                        const start = performance.now();
                        new MutationObserver((_, observer) => {
                            const name = document.querySelector(`[aria-label="Name of step ${steps}"]`);
                            if (name) {
                                observer.disconnect();
                                requestAnimationFrame(() => resolve(performance.now() - start));
                            }
                        }).observe(document.body, { subtree: true, childList: true });
                        document.querySelector('[aria-label="History"]').click();
                    }),
                STEPS,
            );
            opened.push(took);
            await page.keyboard.press('Escape');
            await page.getByLabel(`Name of step ${STEPS}`).waitFor({ state: 'hidden' });
        }
    },
    { UVRET_DATABASE: database },
);
// The first ones still compile the code in each of the server's processes.
console.log(
    JSON.stringify({
        'rail of 1,000 jobs': { ...row(rail.slice(10)), kB: Math.round(size / 100) / 10, goal: '150 ms, 200 kB' },
        'stamp of 1,000 jobs': { ...row(stamp.slice(10)), goal: '10 ms' },
        'history of 500 steps': { ...row(opened.slice(2)), goal: '400 ms' },
    }),
);
