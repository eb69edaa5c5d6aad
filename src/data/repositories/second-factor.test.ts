import { generate } from 'otplib';
import { closeDatabase } from '../database';
import { models } from '../models/models';
import { NOW, PASSWORD, someCoach } from '../testing/coach';
import { digest } from '../token';
import { signIn } from './coaches';
import {
  awaitsCode,
  confirmFactor,
  confirmSignIn,
  createFactorSecret,
  factorState,
  removeFactor,
  requireFactor,
} from './second-factor';
import { findSessionCoach } from './sessions';

afterAll(closeDatabase);

const later = (seconds: number) => new Date(NOW.getTime() + seconds * 1000);
const codeAt = (secret: string, when: Date) => generate({ secret, epoch: Math.floor(when.getTime() / 1000) });

test('codes follow RFC 6238', async () => {
  // The secret of its appendix B, and the code at 59 s, in six digits.
  expect(await generate({ secret: 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', epoch: 59 })).toBe('287082');
});

/** A coach with a second factor. */
async function guarded() {
  const coach = await someCoach();
  const factor = await createFactorSecret(coach);
  if (factor === undefined) throw new Error('nobody');
  const codes = await confirmFactor(coach, factor.secret, await codeAt(factor.secret, NOW), NOW);
  if (codes === undefined) throw new Error('wrong code');
  return { ...coach, secret: factor.secret, codes };
}

async function waiting(email: string, now: Date): Promise<string> {
  const outcome = await signIn(email, PASSWORD, now);
  if (outcome.status !== 'code') throw new Error(outcome.status);
  return outcome.token;
}

test('is only set up with a code made from its secret; a wrong one stores nothing', async () => {
  const coach = await someCoach();
  const factor = await createFactorSecret(coach);
  expect(factor?.uri).toContain('otpauth://totp/');
  expect(await confirmFactor(coach, factor?.secret ?? '', '000000', NOW)).toBeUndefined();
  expect(await confirmFactor(coach, 'not base32!', '000000', NOW)).toBeUndefined();
  expect(await factorState(coach)).toEqual({ isOn: false, left: 0, isRequired: false });
  expect((await signIn(coach.email, PASSWORD, NOW)).status).toBe('signed in');
  const { codes, ...other } = await guarded();
  expect(new Set(codes).size).toBe(8);
  expect(await factorState(other)).toEqual({ isOn: true, left: 8, isRequired: false });
});

test('the password alone signs nobody in; a code does, under a new token, and only once', async () => {
  const { email, secret, coachId } = await guarded();
  const when = later(60);
  const token = await waiting(email, when);
  expect(await findSessionCoach(token, when)).toBeUndefined();
  expect(await awaitsCode(token, when)).toBe(true);
  expect(await confirmSignIn(token, '000000', when)).toEqual({ status: 'wrong' });
  const code = await codeAt(secret, when);
  const opened = await confirmSignIn(token, ` ${code.slice(0, 3)} ${code.slice(3)}`, when);
  if (opened.status !== 'signed in') throw new Error(opened.status);
  expect(opened.token).not.toBe(token);
  expect(await findSessionCoach(opened.token, when)).toMatchObject({ coachId, lacksFactor: false });
  expect(await awaitsCode(token, when)).toBe(false);
  // The same code again, or an earlier one, is refused.
  const again = await waiting(email, when);
  expect(await confirmSignIn(again, code, when)).toEqual({ status: 'wrong' });
  expect(await confirmSignIn(again, await codeAt(secret, later(30)), when)).toEqual({ status: 'wrong' });
  // A clock half a minute wrong is accepted, a minute and a half is not.
  expect((await confirmSignIn(again, await codeAt(secret, later(120)), when)).status).toBe('wrong');
  expect((await confirmSignIn(again, await codeAt(secret, later(90)), when)).status).toBe('signed in');
});

test('six wrong codes, or ten minutes, end it: the password is asked again', async () => {
  const { email, secret } = await guarded();
  const token = await waiting(email, later(60));
  for (let tried = 1; tried < 6; tried++)
    expect((await confirmSignIn(token, '111111', later(60))).status).toBe('wrong');
  expect((await confirmSignIn(token, '111111', later(60))).status).toBe('ended');
  expect((await confirmSignIn(token, await codeAt(secret, later(60)), later(60))).status).toBe('ended');
  const other = await waiting(email, later(60));
  expect(await confirmSignIn(other, await codeAt(secret, later(660)), later(660))).toEqual({
    status: 'ended',
  });
  // Passwords entered without a code still count as attempts.
  for (let tried = 0; tried < 6; tried++) await signIn(email, PASSWORD, later(61));
  expect((await signIn(email, PASSWORD, later(62))).status).toBe('wait');
});

test('a recovery code works once and is stored as a hash', async () => {
  const { email, codes, coachId, secret } = await guarded();
  const [code = ''] = codes;
  const kept = (await models().recoveryCodes.findAll({ where: { coachId } })).map(
    (row) => row.get().codeHash,
  );
  expect(kept.every((one) => one.startsWith('$argon2id$') && !one.includes(code))).toBe(true);
  const token = await waiting(email, later(60));
  expect((await confirmSignIn(token, code.toLowerCase(), later(60))).status).toBe('signed in');
  expect((await confirmSignIn(await waiting(email, later(61)), code, later(61))).status).toBe('wrong');
  expect((await factorState({ coachId })).left).toBe(7);
  expect(await removeFactor({ coachId }, '000000', later(120))).toBe(false);
  expect(await removeFactor({ coachId }, await codeAt(secret, later(120)), later(120))).toBe(true);
  expect((await signIn(email, PASSWORD, later(121))).status).toBe('signed in');
  expect(await factorState({ coachId })).toEqual({ isOn: false, left: 0, isRequired: false });
});

test('an older recovery code, stored as a digest, works once too', async () => {
  const { email, coachId } = await guarded();
  const { recoveryCodes } = models();
  await recoveryCodes.destroy({ where: { coachId } });
  await recoveryCodes.bulkCreate(
    ['ABCDE-FGHJK', 'MNPQR-STUVW'].map((code) => ({ coachId, codeHash: digest(code) })),
  );
  const tell = async (code: string) =>
    (await confirmSignIn(await waiting(email, later(60)), code, later(60))).status;
  expect(await tell('ABCDE-FGHJM')).toBe('wrong');
  expect(await tell('ABCDE-FGHJK')).toBe('signed in');
  expect(await tell('ABCDE-FGHJK')).toBe('wrong');
  expect((await factorState({ coachId })).left).toBe(1);
});

test('when the team requires it, coaches without one lack it', async () => {
  const coach = await someCoach();
  const outcome = await signIn(coach.email, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  expect(await requireFactor(coach, true)).toBe(true);
  expect(await findSessionCoach(outcome.token, NOW)).toMatchObject({ lacksFactor: true });
  const factor = await createFactorSecret(coach);
  await confirmFactor(coach, factor?.secret ?? '', await codeAt(factor?.secret ?? '', NOW), NOW);
  expect(await findSessionCoach(outcome.token, NOW)).toMatchObject({ lacksFactor: false });
});
