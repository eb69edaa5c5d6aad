export const thisCodeIsWrongOr = 'This code is wrong or was already used. Wait for the next one.';
export const tooManyTriesOrIt = 'Too many tries, or it took too long. Start again with your password.';
export const codeFromYourAuthenticatorApp = 'Code from your authenticator app, or a recovery code';
export const signIn = 'Sign in';
export const startAgain = 'Start again';
export const enterYourEmailAddressAnd = 'Enter your email address and password.';
export const wrongEmailAddressOrPassword = 'Wrong email address or password.';
export const email = 'Email';
export const enterThePasswordTwice = 'Enter the password twice.';
export const enterANameAnEmail = 'Enter a name, an email address and the password twice.';
export const passwordTooShort = (least: number) => `Use at least ${least} characters for the password.`;
export const anAccountWithThisAddress =
  'An account with this address was created meanwhile. Reload the page.';
export const repeatPassword = 'Repeat password';
export const setPassword = 'Set password';
export const signUp = 'Sign up';
