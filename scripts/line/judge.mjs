/**
 * How a line was read, held against what it must give: right, proper (doubtful, and rightly asked or shown), asked (not
 * read, but the user sees a question for it), misread (a wrong value beside a shown doubt), silent (a wrong value and
 * nothing shown).
 */
function isSame(got, want) {
  if (Array.isArray(want) && !Array.isArray(got)) return want.some((one) => isSame(got, one));
  if (typeof want === 'number') return Math.abs(got - want) <= 0.012 * want;
  if (Array.isArray(want))
    return Array.isArray(got) && want.every((one) => got.some((other) => isSame(other, one)));
  return got === want;
}

/** Slots of what was read that are not as they must be. */
export function misses(got, want) {
  return Object.entries(want)
    .filter(([slot, value]) => !isSame(got[slot], value))
    .map(([slot, value]) => `${slot}: want ${JSON.stringify(value)} got ${JSON.stringify(got[slot])}`);
}

function shownText(report, isStopped) {
  const { understood } = report;
  const noted = (report.noted ?? []).map((one) => (typeof one === 'string' ? one : JSON.stringify(one)));
  return [
    ...(understood.circumstances ?? []),
    ...(understood.sides ? ['both sides'] : []),
    ...noted,
    ...report.questions.map((question) => `${question.message} ${question.choices.join(' ')}`),
    ...report.notUnderstood,
    ...(isStopped ? report.refused.reasons : []),
  ]
    .join(' | ')
    .toLowerCase();
}

function refusalFaults(report, { refused }) {
  if (refused === false && report.refused) return [`refused ${report.refused.code}`];
  if (refused === true && !report.refused) return ['not refused'];
  if (typeof refused === 'string' && !(report.refused && new RegExp(refused).test(report.refused.code)))
    return [`want refusal ${refused}`];
  return [];
}

/** @returns {{ kind: string, bad: string[] }} */
export function judged(report, expect) {
  const { understood } = report;
  const isStopped = Boolean(report.refused && /thickness|gauge/.test(report.refused.code));
  if (expect.orRefused && report.refused && new RegExp(expect.orRefused).test(report.refused.code))
    return { kind: 'proper', bad: [] };
  const shown = shownText(report, isStopped);
  const isVisible = (text) => shown.includes(text.toLowerCase());
  const slots = misses(understood, expect.understood ?? {});
  const bad = [
    ...(expect.anyOf && !expect.anyOf.some((one) => misses(understood, one).length === 0)
      ? ['none of anyOf']
      : []),
    ...(slots.length > 0 && expect.orVisible?.every(isVisible) ? [] : slots),
    ...(expect.absent ?? [])
      .filter((slot) => understood[slot] !== undefined)
      .map((slot) => `${slot} should be unset, got ${JSON.stringify(understood[slot])}`),
    ...(expect.visible ?? []).filter((text) => !isVisible(text)).map((text) => `"${text}" not shown`),
    ...refusalFaults(report, expect),
  ];
  const isAsked =
    report.questions.some((question) => !/alloy\?/.test(question.message)) ||
    report.notUnderstood.length > 0 ||
    isStopped;
  const isWrong = bad.some(
    (fault) =>
      /should be unset|not refused|want refusal|refused /.test(fault) ||
      (/: want/.test(fault) && !/got undefined$/.test(fault)),
  );
  if (bad.length === 0) {
    const isProper = expect.visible || expect.orVisible || expect.orRefused || isAsked;
    return { kind: isProper ? 'proper' : 'right', bad };
  }
  if (isStopped || (isAsked && !isWrong)) return { kind: 'asked', bad };
  return { kind: isAsked ? 'misread' : 'silent', bad };
}
