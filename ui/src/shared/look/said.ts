import type { Schemas } from '../../api/client';

export type Lamp = Schemas['LampView'];
export type LampIs = Schemas['LampIs'];
export type LampKind = Schemas['LampKind'];

/** Whether a lamp counts for this person in this look. */
export const isKnown = (lamp: Lamp, look: string, me: string | undefined) =>
  lamp.stays || (lamp.look === look && lamp.byId === me);

/** Words under which something is under power or can turn: shown in tape. */
export const isLive = (lamp: LampKind, is: LampIs | null | undefined) =>
  is === 'connected' || is === 'live' || is === 'fullStick' || (lamp === 'propeller' && is === 'on');

/** The lamp a refusal leads to: `lamps.propeller.left`, or all of a kind. */
export const isAsked = (lamp: Lamp, where: string) => where === lamp.key || where === `lamps.${lamp.lamp}`;
