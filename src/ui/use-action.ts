import { useEffect, useEffectEvent, useState } from 'react';
import { needsPassword, useAskPassword } from './password-first';

const UNREACHABLE = { status: 'unreachable' } as const;
/** The result if the server cannot be reached. */
export type Unreachable = typeof UNREACHABLE;

/**
 * A server action: calls it and tells whether a call is running. If it requires the password, asks for it and calls
 * again. The caller shows the result, or that the server could not be reached (see words/outcomes).
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
    const isTold = needsPassword(answer) && (await askPassword());
    const last = isTold ? await askOnce(given) : answer;
    setBusy(false);
    return last;
  };
  return { ask, isBusy };
}

/**
 * Asks once per name, and reports the answer unless another name is asked by then.
 * @param name what to ask; null: nothing
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
