export const glossary = 'Glossary';
export const shortcuts = (screen: string) => `Shortcuts: ${screen}`;
export const howTo = 'How to';
