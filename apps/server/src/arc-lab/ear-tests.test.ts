import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const answer = (more: object = {}) => ({
  card: 'level:cold:0.9',
  truth: 'cold',
  said: 'cold',
  at: '2026-03-01T09:30:00Z',
  ...more,
});
const keep = (body: object, status = 201) => asking(server).post('/api/ear-tests').send(body).expect(status);

it('tests are kept by learner, told in their order, and summed up', async () => {
  await keep({ learner: 'Wren', answers: [answer(), answer({ said: 'hot' })] });
  await keep({ learner: 'Wren', answers: [answer({ at: '2026-02-01T09:30:00Z' })] });
  await keep({ learner: 'Moss', answers: [answer({ at: '2026-03-02T09:30:00Z' })] });
  const { body } = await asking(server).get('/api/learners').expect(200);
  expect(body).toEqual([
    { learner: 'Moss', tests: 1, answers: 1, right: 1, lastAt: '2026-03-02T09:30:00Z' },
    { learner: 'Wren', tests: 2, answers: 3, right: 2, lastAt: '2026-03-01T09:30:00Z' },
  ]);
  const tests = await itemsAt<{ answers: unknown[] }>(server, '/api/ear-tests?learner=Wren');
  expect(tests.map(({ answers }) => answers.length)).toEqual([1, 2]);
  expect(await itemsAt(server, '/api/ear-tests?learner=nobody')).toEqual([]);
});

it('one that is put away is told no more, and comes back by what took it away', async () => {
  const { body } = await keep({ learner: 'Ash', answers: [answer()] });
  const { id } = body as { id: string };
  const command = '7b3c1f0e-1111-4222-8333-444455556666';
  await asking(server).delete(`/api/ear-tests/${id}`).set('Command-Id', command).expect(204);
  const learners = async (): Promise<string[]> =>
    ((await asking(server).get('/api/learners').expect(200)).body as { learner: string }[]).map(
      ({ learner }) => learner,
    );
  expect(await learners()).not.toContain('Ash');
  await asking(server).post(`/api/events/${command}/undo`).send({}).expect(200);
  expect(await learners()).toContain('Ash');
  await asking(server).delete(`/api/ear-tests/${id}`).expect(204);
  await asking(server).post(`/api/ear-tests/${id}/restore`).expect(200);
  expect(await learners()).toContain('Ash');
});

it.each([
  [{ answers: [answer()] }, 'learner', 'Whose ear is it?'],
  [{ learner: ' ', answers: [answer()] }, 'learner', 'Whose ear is it?'],
  [{ learner: 'x'.repeat(41), answers: [answer()] }, 'learner', 'at most 40 letters'],
  [{ learner: 'Wren', answers: [] }, 'answers', 'an answer at least'],
  [{ learner: 'Wren', answers: Array(61).fill(answer()) }, 'answers', 'at most 60 answers'],
  [
    { learner: 'Wren', answers: [answer({ card: 'level:lukewarm:0.9' })] },
    'answers.0.card',
    'no such question',
  ],
  [{ learner: 'Wren', answers: [answer({ said: 'sizzle' })] }, 'answers.0', 'one of cold, right, hot'],
  [{ learner: 'Wren', answers: [answer({ at: '2026-02-30T00:00:00Z' })] }, 'answers.0.at', 'date and a time'],
])('%j is refused at its field', async (body, field, message) => {
  const { body: told } = await keep(body, 400);
  expect(JSON.stringify(told)).toContain(message);
  expect(JSON.stringify(told)).toContain(field);
});

it('two learners at once are asked which, in words', async () => {
  const { status, body } = await asking(server).get('/api/ear-tests?learner=a&learner=b');
  expect([status, body]).toMatchObject([400, { message: 'Say one learner.', field: 'learner' }]);
});
