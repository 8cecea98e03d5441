/** Every colour of the product, light and dark, by what it is for. Meaning is never carried by colour alone. */
const light = {
  ground: '#f2f3f8',
  sheet: '#ffffff',
  ink: '#1d2145',
  soft: '#595e80',
  line: '#d8dbe8',
  control: '#7a7fa3',
  capacity: '#0d7568',
  'capacity-tint': '#cfeae4',
  'on-capacity-tint': '#0b6558',
  demand: '#c02a58',
  'demand-tint': '#fbe0e8',
  'on-demand-tint': '#9b1f46',
  now: '#fff0c9',
  'on-now': '#1d2145',
  rest: '#3a3f6e',
  'on-rest': '#ffffff',
} as const;

type Colours = Readonly<Record<keyof typeof light, string>>;

const dark: Colours = {
  ground: '#14162c',
  sheet: '#1e2143',
  ink: '#eef0fa',
  soft: '#a9afd6',
  line: '#3a3f6e',
  control: '#6a70a8',
  capacity: '#7fd6c6',
  'capacity-tint': '#1d4a4a',
  'on-capacity-tint': '#a9ece0',
  demand: '#ff7da2',
  'demand-tint': '#4a2140',
  'on-demand-tint': '#ffb3c8',
  now: '#ffd98a',
  'on-now': '#1d2145',
  rest: '#8b91c9',
  'on-rest': '#14162c',
};

export const colours: Readonly<Record<'light' | 'dark', Colours>> = { light, dark };

/** The colours as the custom properties that style sheets read. */
export const colourProperties = (scheme: 'light' | 'dark'): Readonly<Record<string, string>> => ({
  ...Object.fromEntries(Object.entries(colours[scheme]).map(([name, value]) => [`--${name}`, value])),
  colorScheme: scheme,
});
