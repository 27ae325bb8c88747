import type { Schemas } from '../api/client';

type Line = Pick<Schemas['LedgerLine'], 'standing' | 'verdict' | 'side'>;

/** The verdict in words; it always stands beside the mark. */
export function verdictWords(line: Line): string {
  switch (line.standing) {
    case 'notShown':
      return 'Not yet';
    case 'stale':
      return 'Stale';
    case 'conceded':
      return 'Conceded';
  }
  switch (line.verdict) {
    case 'in':
      return 'In';
    case 'inClose':
      return 'In, close';
    case 'outClose':
      return 'Out, close';
    case 'out':
      return 'Out';
  }
  return line.standing === 'notMet' ? 'Not met' : 'Met';
}

/**
 * Between the lugs: in. Touching inside: in, close. Touching outside: out, close. Beyond: too little or too much. None:
 * not yet. Struck: stale.
 */
export function Jaws({ line, size = 22 }: { line: Line; size?: number }) {
  const side = line.side === 'tooLittle' ? -1 : 1;
  const verdict =
    line.verdict ??
    (line.standing === 'met' || line.standing === 'conceded' ? 'in' : line.standing === 'notMet' ? 'out' : undefined);
  const at = { in: 0, inClose: 6.5, outClose: 14, out: 18 }[verdict ?? 'in'] * side;
  const bad = line.standing === 'notMet';
  return (
    <svg
      aria-hidden
      viewBox="-22 -12 44 24"
      width={(size * 44) / 24}
      height={size}
      className={`inline-block shrink-0 overflow-visible ${bad ? 'text-red' : ''}`}
    >
      <path d="M-7 -9H-11V9H-7M7 -9H11V9H7" fill="none" stroke="var(--ink)" strokeWidth="2.4" className="mark" />
      {line.standing !== 'notShown' && verdict && <circle cx={at} cy="0" r="4" fill="currentColor" />}
      {line.standing === 'stale' && <path d="M-16 8L16 -8" stroke="currentColor" strokeWidth="2.4" />}
      {line.standing === 'conceded' && <path d="M-11 12H11" stroke="currentColor" strokeWidth="2" />}
    </svg>
  );
}
