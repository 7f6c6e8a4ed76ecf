import { readFileSync, writeFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { expect, openPart, test, typeJob } from './fixtures.ts';

const knob = (page: Page, name: string) => page.getByRole('slider', { name });

/** The sound of the arc that the lab stands at, saved. */
async function savedSound(page: Page): Promise<Buffer> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as WAV' }).click(),
  ]);
  return readFileSync(await download.path());
}

const asFile = (buffer: Buffer, name: string) => ({ name, mimeType: 'audio/wav', buffer });
const pickSound = (page: Page) => page.getByLabel(/^WAV of 3 to 60 s/);

/** Samples of a plain WAV one after the other, so often: long enough to be read. */
function repeated(wav: Buffer, times: number): Buffer {
  const head = Buffer.from(wav.subarray(0, 44));
  const sound = wav.subarray(44);
  const body = Buffer.concat(Array.from({ length: times }, () => sound));
  head.writeUInt32LE(36 + body.length, 4);
  head.writeUInt32LE(body.length, 40);
  return Buffer.concat([head, body]);
}

test('the knobs are turned and the arc answers: in words, drawn, beside other gases, and with trouble put in', async ({
  page,
  open,
}) => {
  await open('/lab');
  const arc = page.getByRole('region', { name: 'What the arc does' });
  await expect(arc).toContainText('Steady');
  await expect(arc).toContainText(/7\d shorts a second, even/);
  const drop = arc.locator('[data-part=drop]');
  const before = await drop.getAttribute('d');
  await arc.getByRole('button', { name: '1 ms on' }).click();
  await expect(drop).not.toHaveAttribute('d', before ?? '');
  await knob(page, 'Volts, tip to work').fill('14.5');
  await expect(arc).toContainText('Stubbing');
  await expect(page).toHaveURL(/v=14.5/);
  await page.reload();
  await expect(knob(page, 'Volts, tip to work')).toHaveValue('14.5');
  await expect(arc).toContainText('More volts, or less wire');
  await page.getByRole('button', { name: 'Volts, tip to work up' }).click();
  await expect(knob(page, 'Volts, tip to work')).toHaveValue('14.6');
  await knob(page, 'Volts, tip to work').fill('18.5');
  await openPart(page, 'Four gases');
  const co2 = page.getByRole('listitem').filter({ hasText: 'CO₂' }).last();
  await expect(co2).toContainText(/shorts a second/);
  await openPart(page, 'Try this');
  const slip = page.getByRole('listitem').filter({ hasText: 'Wire slips' });
  await expect(slip).toContainText(/14\d A/);
  await slip.getByRole('button', { name: 'Set so' }).click();
  await expect(page).toHaveURL(/f=5.4/);
  await page.getByRole('radio', { name: 'Pulse' }).click();
  await expect(arc).toContainText('No drop comes off with each pulse here');
  await page.getByLabel('Gas').selectOption('ar-co2-10');
  await expect(arc).toContainText(/pulses a second, a drop with each/);
  await expect(knob(page, 'Volts, tip to work')).toBeDisabled();
});

test('the window map is drawn in the background, stopped, drawn whole and kept; a tap sets the knobs', async ({
  page,
  open,
}) => {
  await open('/lab?part=map');
  await page.getByRole('button', { name: /^Draw the map/ }).click();
  await expect(page.getByRole('progressbar', { name: 'Map drawn' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: /^Draw/ }).click();
  await expect(page.getByRole('button', { name: 'Draw it again' })).toBeVisible({ timeout: 60_000 });
  const map = page.getByRole('img', { name: /^Window map/ });
  await expect(map.locator('rect')).toHaveCount(await map.locator('g').count());
  // amid the steady ones: at the edge of the window the lab's own arc may fall to the other side
  const steady = map.locator('g').filter({ hasText: /^S$/ });
  await steady.nth(Math.floor((await steady.count()) / 2)).click();
  await expect(page.getByRole('region', { name: 'What the arc does' })).toContainText('Steady');
  await page.reload();
  // kept: it is there at once
  await expect(map.locator('rect').first()).toBeVisible();
});

test('a plan goes to the lab in one press; aluminium says that it is not modelled', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '3 mm steel lap flat 0.9 wire Ar+25');
  await page.getByRole('link', { name: 'See and hear this arc' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Arc lab' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What the arc does' })).toContainText('Steady');
  await open('/jobs');
  await typeJob(page, '3 mm 6061 lap flat');
  await expect(page.getByText('The arc of aluminium is not modelled', { exact: false })).toBeVisible();
});

test('the arc is heard while it is turned, and nothing is played before it is asked for', async ({
  page,
  open,
}) => {
  await open('/lab');
  const hear = page.getByRole('button', { name: 'Hear it', exact: true });
  await hear.click();
  await expect(page.getByRole('button', { name: 'Silence' })).toBeVisible();
  await expect
    .poll(() => page.evaluate(() => performance.getEntriesByName('arc sound begins').length))
    .toBe(1);
  for (const volts of ['17', '21', '15', '19']) await knob(page, 'Volts, tip to work').fill(volts);
  await page.getByRole('button', { name: 'Silence' }).click();
  await expect(hear).toBeVisible();
});

test('a recording is read, or refused with what to do; the answer goes into a bead’s report', async ({
  page,
  open,
}) => {
  await open('/lab?v=21.5');
  await expect(page.getByRole('region', { name: 'What the arc does' })).toContainText('Long arc');
  const hot = repeated(await savedSound(page), 2);
  await page.getByRole('link', { name: 'Read a recording' }).click();
  await pickSound(page).setInputFiles(asFile(hot, 'hot.wav'));
  const sound = page.getByRole('region', { name: 'How it sounds' });
  await expect(sound).toContainText('Too hot for short arc');
  await expect(sound).toContainText('Learnt on simulated sound');
  await expect(sound).toContainText(/The model at 21.5 V/);
  await expect(sound).toContainText(/Below: its \d+ clicks/);
  await pickSound(page).setInputFiles(asFile(hot.subarray(0, 44 + 2 * 44_100), 'short.wav'));
  await expect(sound.getByRole('alert')).toContainText(/too short|not a WAV/);
  await pickSound(page).setInputFiles(asFile(Buffer.from('no sound at all, but words'), 'words.wav'));
  await expect(sound).toContainText('not a WAV file');
  const silent = Buffer.from(hot);
  silent.fill(0, 44);
  await pickSound(page).setInputFiles(asFile(silent, 'silent.wav'));
  await expect(sound.getByRole('alert')).toContainText('Hold the phone closer');
  await open('/jobs');
  await typeJob(page, '2 mm steel lap flat 0.8 wire Ar+18 bead by its sound');
  await page.getByRole('navigation', { name: 'This job' }).getByRole('link', { name: 'Dial-in' }).click();
  await page.getByText('Read it from a recording of its sound').click();
  await pickSound(page).setInputFiles(asFile(hot, 'hot.wav'));
  await page.getByRole('button', { name: 'Put “hot” into the report' }).click();
  await expect(page.getByText(/coupon/i).first()).toBeVisible();
});

test('the microphone is listened to where it is allowed', async ({
  page,
  open,
  demo,
  launchOptions,
}, info) => {
  await open('/lab?v=14');
  await expect(page.getByRole('region', { name: 'What the arc does' })).toContainText('Stubbing');
  const file = info.outputPath('arc.wav');
  writeFileSync(file, repeated(await savedSound(page), 6));
  // a browser of its own, whose microphone hears the file
  const browser = await chromium.launch({
    ...launchOptions,
    args: [
      ...(launchOptions.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${file}`,
    ],
  });
  const heard = await browser.newPage();
  await heard.goto(`${demo.url}/lab/recording`);
  await heard.getByRole('button', { name: 'Listen now' }).click();
  await expect(heard.getByText(/^Listening, \d s left/)).toBeVisible();
  await expect(heard.getByText('Too cold for short arc', { exact: false })).toBeVisible();
  await browser.close();
});

test('a trace of volts and current tells its power, its shorts and its heat', async ({ page, open }) => {
  await open('/lab/recording');
  // 4 kHz for a second: 80 shorts of 3 ms at 2 V and 200 A, the arc between at 22 V and 150 A
  const rows = Array.from({ length: 4000 }, (_, i) => {
    const isShort = i % 50 < 12;
    return `${(i / 4000).toFixed(5)},${isShort ? 2 : 22},${isShort ? 200 : 150}`;
  });
  const csv = ['time s,volts,amps', ...rows].join('\n');
  const trace = page.getByRole('region', { name: 'A trace of volts and current' });
  await trace
    .getByLabel(/^CSV of time/)
    .setInputFiles({ name: 'arc.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  // 0.24 × 400 W + 0.76 × 3300 W
  await expect(trace).toContainText('2.60 kW');
  await expect(trace).toContainText(/Steady: 79 shorts a second, even/);
  await trace.getByLabel('Travel, mm/min').fill('300');
  // 0.8 × 2604 W × 60 / (1000 × 300)
  await expect(trace).toContainText('0.417 kJ/mm');
  await trace.getByLabel('Travel, mm/min').fill('0');
  await expect(trace).toContainText('20 to 3000, please.');
  await trace
    .getByLabel(/^CSV of time/)
    .setInputFiles({ name: 'no.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2') });
  await expect(trace).toContainText('It needs columns for time, volts and amps');
});

test('an ear is tested, what was answered is kept and comes back; lessons play', async ({ page, open }) => {
  await open('/lab/ear');
  await expect(page.getByRole('link', { name: /Wren Halloway/ })).toBeVisible();
  await page.getByRole('button', { name: 'Hear 18 V', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Stop 18 V', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('Whose ear is it? Any name will do.')).toBeVisible();
  await page.getByLabel('Somebody else').fill('Tansy');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Begin: ten questions' }).click();
  const test_ = page.getByRole('region', { name: 'By ear' });
  const asked = await test_.getByText(/^Question 1 of/).textContent();
  expect(asked).toMatch(/of \d+ ·/);
  const answers = test_.getByRole('button').filter({ hasText: /Cold|Stubbing|The first|Short-circuit/ });
  await expect(answers.first()).toBeDisabled();
  for (let i = 0; i < 2; i++) {
    await test_.getByRole('button', { name: /^Hear it/ }).click();
    await answers.first().click();
    await expect(test_.getByRole('status')).toContainText(/✓ Yes|✕ It was/);
    await test_.getByRole('button', { name: 'Next' }).click();
  }
  await test_.getByRole('button', { name: 'Stop here and keep 2 answers' }).click();
  await expect(test_).toContainText(/[012] of 2 right/);
  await expect(test_).toContainText('Kept.');
  await page.reload();
  await expect(page.getByRole('region', { name: 'How the ear gets on' })).toContainText(/of \d/);
  await page.getByRole('link', { name: 'Lessons and learners' }).click();
  await expect(page.getByRole('link', { name: /Tansy/ })).toContainText('1 test, 2 answers');
});

test('the booth’s arc is heard, and sounds are heard where a fault is looked for', async ({ page, open }) => {
  await open('/practice/dial-in?machine=3');
  await page.getByRole('button', { name: 'Weld it' }).click();
  await page.getByRole('button', { name: 'Hear its arc' }).click();
  await expect(page.getByRole('button', { name: 'Stop its arc' })).toBeVisible();
  await page.getByRole('radio', { name: '3 mm aluminium, lap' }).click();
  await page.getByRole('button', { name: 'Weld it' }).click();
  await expect(page.getByText('The arc of aluminium is not modelled', { exact: false })).toBeVisible();
  await open('/faults/new?machine=demo-old-tom');
  await page.getByRole('radio', { name: /^Sound/ }).click();
  await page.getByRole('button', { name: 'Hear steady sizzle' }).click();
  await expect(page.getByRole('button', { name: 'Stop steady sizzle' })).toBeVisible();
});
