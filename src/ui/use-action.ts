import { useEffect, useEffectEvent, useState } from 'react';
import { isPasswordFirst, useAskPassword } from './password-first';

const UNREACHABLE = { status: 'unreachable' } as const;
/** What comes of asking where the server is not reached. */
export type Unreachable = typeof UNREACHABLE;

/**
 * An action of the server: asks it, and says whether an answer is under way. Where it takes the password, that is asked
 * for, and the action once more. What it answers, or that the server was not reached, is for the caller to tell (see
 * words/outcomes).
 */
export function useAction<Given extends readonly unknown[], Answer>(
  action: (...given: Given) => Promise<Answer>,
) {
  const [isBusy, setBusy] = useState(false);
  const askPassword = useAskPassword();
  const askOnce = (given: Given) => action(...given).catch(() => UNREACHABLE);
  const ask = async (...given: Given): Promise<Answer | Unreachable> => {
    setBusy(true);
    const answer = await askOnce(given);
    const isTold = isPasswordFirst(answer) && (await askPassword());
    const last = isTold ? await askOnce(given) : answer;
    setBusy(false);
    return last;
  };
  return { ask, isBusy };
}

/**
 * Asks once for each name, and tells the answer unless another name is asked for by then.
 * @param name what is asked for; null: nothing
 */
export function useAnswer<Answer>(
  name: string | null,
  ask: (name: string) => Promise<Answer>,
  onAnswer: (answer: Answer | Unreachable, name: string) => void,
): void {
  const asked = useEffectEvent(ask);
  const told = useEffectEvent(onAnswer);
  useEffect(() => {
    if (name === null) return;
    let isLeft = false;
    void asked(name)
      .catch(() => UNREACHABLE)
      .then((answer) => {
        if (!isLeft) told(answer, name);
      });
    return () => {
      isLeft = true;
    };
  }, [name]);
}
