import { amount, joined, type Words, words } from '@hot-bead/core/base';
import { useWords } from '../../../units/index.ts';
import type { EarAnswer } from '@hot-bead/contract/arc-lab';
import { ARC_CLASS_WORDS, type EarCard, earQuestion } from '@hot-bead/core/arc-lab';
import { useMemo, useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { PlayButton, stopPlaying } from '../sound/index.ts';
import { choiceWord, KIND_ASKS } from './ear-words.ts';

interface Props {
  readonly cards: readonly EarCard[];
  /** Every question is drawn from this: another test, other sounds. */
  readonly seed: number;
  readonly onEnd: (answers: readonly EarAnswer[]) => void;
}

const QUESTION_SEED = 104_729;

function settingText(setting: ReturnType<typeof earQuestion>['sounds'][number]['setting']): Words {
  const { source, wireMm, wireFeedSpeedMPerMin } = setting;
  const driven = source.kind === 'volts' ? `${source.volts.toFixed(1)} V` : 'pulse';
  return words`${driven}, ${amount.wireFeedSpeed(wireFeedSpeedMPerMin, 1)} of ${amount.wireSize(wireMm)}`;
}

/** A test: hear, say, be told; a word on what it was. */
export function EarTestRun({ cards, seed, onEnd }: Props) {
  const say = useWords();
  const [answers, setAnswers] = useState<readonly EarAnswer[]>([]);
  const [said, setSaid] = useState<string>();
  const [heard, setHeard] = useState(false);
  const number = answers.length - (said === undefined ? 0 : 1);
  const card = cards[number];
  const question = useMemo(
    () => (card ? earQuestion(card.id, seed + QUESTION_SEED * (number + 1)) : undefined),
    [card, seed, number],
  );
  if (!question) return null;
  const { truth, sounds } = question;
  const isRight = said === truth;
  const answer = (choice: string): void => {
    setSaid(choice);
    setAnswers([...answers, { card: question.card.id, truth, said: choice, at: new Date().toISOString() }]);
  };
  const next = (): void => {
    stopPlaying();
    setSaid(undefined);
    setHeard(false);
    if (answers.length === cards.length) onEnd(answers);
  };
  return (
    <div className="grid grid-cols-1 gap-4">
      <p className="label-text">
        Question {number + 1} of {cards.length} · {say(question.card.about)}
      </p>
      <p className="text-xl font-semibold">{KIND_ASKS[question.card.kind]}</p>
      <PlayButton
        key={number}
        arcs={sounds}
        what={sounds.length === 1 ? 'the sound' : 'both sounds, one after the other'}
        word={heard ? 'Hear again' : 'Hear it'}
        tone={heard ? 'plain' : 'main'}
        className="min-h-14 justify-self-start px-8 text-xl"
        onHeard={() => setHeard(true)}
      />
      <div className="flex flex-wrap gap-3">
        {question.card.choices.map((choice) => (
          <Button
            key={choice}
            className="min-h-14 min-w-32 grow text-lg sm:grow-0"
            disabled={!heard || said !== undefined}
            onClick={() => answer(choice)}
          >
            {choiceWord(choice)}
          </Button>
        ))}
      </div>
      {!heard && <p className="text-sm text-ink-soft">Hear it first, then say.</p>}
      {said !== undefined && (
        <div
          role="status"
          className={`rounded-md border p-3 ${isRight ? 'border-good bg-good-tint' : 'border-straw bg-straw-tint'}`}
        >
          <p className="text-lg font-semibold">
            {isRight ? '✓ Yes' : `✕ It was: ${choiceWord(truth)}`}.{' '}
            {question.card.kind === 'level' && levelHint(truth)}
          </p>
          <p className="text-sm">
            {say(
              joined(
                sounds.map(({ setting }) => settingText(setting)),
                ' · ',
              ),
            )}
          </p>
          <Button tone="main" className="mt-2 min-h-14 px-8 text-lg" onClick={next}>
            {answers.length === cards.length ? 'See how it went' : 'Next'}
          </Button>
        </div>
      )}
      {said === undefined && answers.length > 0 && (
        <Button className="justify-self-start" onClick={() => onEnd(answers)}>
          Stop here and keep {answers.length} {answers.length === 1 ? 'answer' : 'answers'}
        </Button>
      )}
    </div>
  );
}

function levelHint(truth: string): string {
  if (truth === 'cold') return `Listen for ${ARC_CLASS_WORDS.stubbing.heard}.`;
  return truth === 'right'
    ? `Listen for ${ARC_CLASS_WORDS.steady.heard}.`
    : `Listen for ${ARC_CLASS_WORDS.long.heard}.`;
}
