import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { closedButtOf } from '../bead/closed-butt.ts';
import { isButt } from '../bead/joint-section.ts';
import { gasVerdict } from '../../trade/family/gas-verdict.ts';
import { HANDBOOK, MODEL, PRACTICE } from '../../base/source.ts';
import type { Caution } from './caution.ts';
import type { SetupFacts } from './setup-facts.ts';

/** Share of metal over what is wanted from which it is said. Source: our model. */
export const OVERSIZE_WORTH_SAYING = 1.15;

function oversize({ bead }: SetupFacts): Caution[] {
  if (bead.oversize < OVERSIZE_WORTH_SAYING) return [];
  const times = bead.oversize.toFixed(1);
  const text = `At this wire speed even the fastest hand lays ${times} times the metal this joint wants. Weld it in stitches with cooling between, or take a thinner wire or a colder way.`;
  return [{ code: 'more-metal-than-wanted', level: 'warn', text, source: MODEL }];
}

function closedButt({ context, family }: SetupFacts): Caution[] {
  const { work, thickness } = context;
  const closed = closedButtOf(family, work, thickness.thicknessMm);
  if (closed?.verdict !== 'both-sides') return [];
  const one = work.sides === 1;
  const text = one ? words`${closed.text} You asked for one side: the root stays unfused.` : closed.text;
  return [{ code: 'closed-butt-depth', level: 'warn', text, source: PRACTICE }];
}

function rootCautions({ context, family, runs, gas }: SetupFacts): Caution[] {
  const list: Caution[] = [];
  const root = runs.find(({ role }) => role === 'root');
  if (root && root.family !== family.id) {
    const use = { family: root.family, wireClass: root.wireClass, leanMix: context.schools.leanMix };
    const verdict = gasVerdict(gas, use);
    const spool =
      root.wireClass === runs.at(-1)?.wireClass
        ? ''
        : words` with ${amount.wireSize(root.wireDiameterMm)} ${root.wireClass}`;
    const text = words`Two settings: the root in short-circuit${spool}, then the rest as planned.${verdict.status === 'fits' ? '' : words` ${verdict.reason} Use another gas for the root.`}`;
    list.push({ code: 'root-in-dip', level: 'warn', text, source: PRACTICE });
  }
  if (context.pair.weldMetal === 'stainless' && isButt(context.work.joint)) {
    const text = 'Back purge: argon behind the root until it is cool, or the underside sugars and rusts.';
    list.push({ code: 'back-purge', level: 'warn', text, source: HANDBOOK });
  }
  return list;
}

/** Cautions that the weld itself raises: its metal, its depth, its root. */
export function weldCautions(facts: SetupFacts): readonly Caution[] {
  return [...closedButt(facts), ...rootCautions(facts), ...oversize(facts)];
}
