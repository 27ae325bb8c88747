import type { Schemas } from '../api/client';

export type Family = 'receiver' | 'board' | 'stabiliser' | 'connector';
export type Taken = Schemas['ShopCatalogue'];
export type Receiver = Schemas['ReceiverKind'];
export type Device = Schemas['DeviceKind'];
export type Connector = Schemas['ConnectorKind'];
export type Kind = Receiver | Device | Connector;

export const FAMILIES: readonly [Family, string][] = [
  ['receiver', 'Receivers'],
  ['board', 'Distribution boards'],
  ['stabiliser', 'Stabilisers in line'],
  ['connector', 'Connectors, pack to controller'],
];

/** What is listed of a family. */
export const listOf = (shop: Schemas['ShopView'], family: Family): readonly Kind[] =>
  family === 'receiver'
    ? shop.receivers
    : family === 'board'
      ? shop.boards
      : family === 'stabiliser'
        ? shop.stabilisers
        : shop.connectors;

/** A file of one. */
export const kindOf = (family: Family, kind: Kind) =>
  family === 'receiver'
    ? { receivers: [kind as Receiver] }
    : family === 'board'
      ? { boards: [kind as Device] }
      : family === 'stabiliser'
        ? { stabilisers: [kind as Device] }
        : { connectors: [kind as Connector] };

const plug = (style: Schemas['PlugStyle'] | null | undefined) =>
  style ? `, ${style.signal}, ${style.plus}, ${style.minus}${style.keyed ? ', keyed' : ''}` : '';

/** One line of it. */
export const said = (family: Family, kind: Kind): string => {
  if (family === 'connector') {
    const c = kind as Connector;
    return `${c.amps} A${c.keyed ? ', keyed' : ', goes in either way round'}`;
  }
  if (family === 'receiver') {
    const r = kind as Receiver;
    return `${r.ports} ports, ${r.channels} channels${r.bindPort ? `, binds on ${r.bindPort}` : ''}${plug(r.plug)}`;
  }
  const d = kind as Device;
  return `${d.sockets.length} sockets${plug(d.plug)}`;
};
