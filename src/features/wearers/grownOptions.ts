/** Whether a wearer still grows, in the words of the page. */
export const grownOptions = [
  { value: 'adult', label: 'Adult' },
  { value: 'child', label: 'Child: grows' },
] as const;
