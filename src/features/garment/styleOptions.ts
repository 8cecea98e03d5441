/** How a tee can be meant to sit, in the words of the page. */
export const styleOptions = [
  { value: 'loose', label: 'Loose' },
  { value: 'regular', label: 'Skims the body' },
  { value: 'fitted', label: 'Fitted' },
] as const;
