import type { BodyMeasure } from '../facts/wearer';
import type { Explained } from './explained';

export type Body = Partial<Readonly<Record<BodyMeasure, Explained>>>;
