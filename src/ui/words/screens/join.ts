export const enterTheCode = 'Enter the code.';
export const thisLinkOrCodeIs = 'This link or code is not valid. Ask your coach for a new link.';
export const thisLinkOrCodeWas = 'This link or code was already used. Each works once: ask for a new one.';
export const thisLinkOrCodeHas = 'This link or code has expired. Ask for a new one.';
export const coachesHereOnThisPhone = (coachName: string, athleteName: string) =>
  `${coachName} coaches ${athleteName} here. On this phone you will see your own weeks and log your sets. It stays signed in for 90 days after each use.`;
export const iAm = (athleteName: string) => `I am ${athleteName}`;
export const iHaveACodeFrom = 'I have a code from my other phone';
export const openTheLinkYourCoach =
  'Open the link your coach sent you. If another phone of yours is signed in, create a code there under Phones and type it here.';
export const code = 'Code';
export const iAmACoach = 'I am a coach';
